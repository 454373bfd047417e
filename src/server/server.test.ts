import { type ChildProcess, spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { connect, createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { afterAll, describe, expect, it } from 'vitest';
import { compressBuild } from '../../scripts/compress.ts';
import { createApp } from './app.ts';
import { DEFAULT_PORT, readOptions } from './options.ts';

const dist = mkdtempSync(join(tmpdir(), 'warp-beam-dist-'));
mkdirSync(join(dist, 'assets'));
writeFileSync(join(dist, 'index.html'), '<!doctype html><title>x</title>');
writeFileSync(join(dist, 'assets/a-1234.js'), `export default ${JSON.stringify('x'.repeat(5000))};`);
compressBuild(dist);
afterAll(() => rmSync(dist, { recursive: true }));

describe('options', () => {
  const value = (args: string[], env = {}) => readOptions(args, env);
  it('prefers flags to the environment, and is local by default', () => {
    expect(value([])).toEqual({ ok: true, value: { host: '127.0.0.1', port: DEFAULT_PORT } });
    expect(value([], { PORT: '81', WARP_BEAM_PORT: '82' })).toMatchObject({ value: { port: 82 } });
    expect(value(['--port', '83'], { PORT: '81' })).toMatchObject({ value: { port: 83 } });
  });
  it.each([['abc'], ['-1'], ['70000'], ['1.5']])('refuses port %s in plain words', (port) => {
    expect(value([`--port=${port}`])).toMatchObject({ ok: false, issues: [{ code: 'server.port' }] });
  });
  it('refuses an unknown flag', () => expect(value(['--prot', '1']).ok).toBe(false));
});

describe('the server', () => {
  it('sends the strict policy, compresses, and caches hashed files for a year only', async () => {
    const app = await createApp(dist);
    const page = await app.inject({ url: '/d/some-design' });
    expect(page.statusCode).toBe(200);
    expect(page.headers['content-security-policy']).toContain("default-src 'none'");
    expect(page.headers['content-security-policy']).toContain("style-src-attr 'none'");
    expect(page.headers['content-security-policy']).not.toContain('unsafe-inline');
    expect(page.headers['cache-control']).toBe('no-cache');
    const script = await app.inject({ url: '/assets/a-1234.js', headers: { 'accept-encoding': 'gzip' } });
    expect(script.headers['cache-control']).toContain('immutable');
    expect(script.headers['content-encoding']).toBe('gzip');
    expect(gunzipSync(script.rawPayload).toString()).toContain('export default');
    const brotli = await app.inject({ url: '/assets/a-1234.js', headers: { 'accept-encoding': 'br, gzip' } });
    expect(brotli.headers['content-encoding']).toBe('br');
    expect((await app.inject({ url: '/assets/a-1234.js' })).headers['content-encoding']).toBeUndefined();
    expect((await app.inject({ url: '/assets/missing.js' })).statusCode).toBe(404);
    await app.close();
  });

  it('answers HEAD like GET, without the body', async () => {
    const app = await createApp(dist);
    for (const url of ['/', '/d/some-design', '/assets/a-1234.js']) {
      const [head, get] = [await app.inject({ method: 'HEAD', url }), await app.inject({ url })];
      expect(head.statusCode).toBe(200);
      expect(head.body).toBe('');
      expect(head.headers['content-type']).toBe(get.headers['content-type']);
      expect(head.headers['cache-control']).toBe(get.headers['cache-control']);
    }
    await app.close();
  });

  it('sends its strict headers with refusals, too, and takes no large or slow bodies', async () => {
    const app = await createApp(dist);
    const bad = await app.inject({ url: '/%E0%A4%A' });
    expect(bad.statusCode).toBe(400);
    const missing = await app.inject({ method: 'POST', url: '/nothing.json', payload: { a: 1 } });
    expect(missing.statusCode).toBe(404);
    for (const r of [bad, missing, await app.inject({ url: '/' })]) {
      expect(r.headers['content-security-policy']).toContain("default-src 'none'");
      expect(r.headers['permissions-policy']).toContain('camera=()');
      expect(r.headers['x-content-type-options']).toBe('nosniff');
    }
    const address = new URL(await app.listen({ port: 0, host: '127.0.0.1' }));
    expect(await spoken(address, 'NONSENSE\r\n\r\n')).toMatch(/^HTTP\/1.1 400[\s\S]*permissions-policy/);
    expect(app.server.requestTimeout).toBeLessThanOrEqual(10_000);
    await app.close();
  });

  it('serves two hundred readers at once from files that were compressed before', async () => {
    const app = await createApp(dist);
    const address = await app.listen({ port: 0, host: '127.0.0.1' });
    const answers = await Promise.all(
      Array.from({ length: 200 }, () => fetch(`${address}/assets/a-1234.js`).then((r) => r.text())),
    );
    expect(answers.every((t) => t.startsWith('export default'))).toBe(true);
    await app.close();
  });

  it('says in plain words that a port is taken', async () => {
    const blocker = createServer().listen(0, '127.0.0.1');
    await new Promise((resolve) => blocker.once('listening', resolve));
    const { port } = blocker.address() as { port: number };
    const taken = await ended(start(port));
    expect(taken.code).toBe(1);
    expect(taken.output).toContain(`Port ${port} is taken. Choose another: npm start -- --port ${port + 1}`);
    blocker.close();
  });

  it('prints its address and stops cleanly when told to', async () => {
    const child = start(0);
    const done = ended(child);
    await new Promise((resolve) => child.stdout.once('data', resolve));
    child.kill('SIGTERM');
    const { code, output } = await done;
    expect(output).toMatch(/http:\/\/127\.0\.0\.1:\d+/);
    expect(code).toBe(0);
  });
});

/** What the server says to raw bytes on the wire. */
const spoken = (address: URL, text: string): Promise<string> =>
  new Promise((resolve) => {
    let heard = '';
    const socket = connect(Number(address.port), address.hostname, () => socket.write(text));
    socket.on('data', (d) => (heard += d));
    socket.on('close', () => resolve(heard));
  });

const start = (port: number) =>
  spawn(process.execPath, ['--import', 'tsx', 'src/server/main.ts', '--port', String(port)]);

function ended(child: ChildProcess): Promise<{ code: number | null; output: string }> {
  let output = '';
  child.stdout?.on('data', (d) => (output += d));
  child.stderr?.on('data', (d) => (output += d));
  return new Promise((resolve) => child.on('exit', (code) => resolve({ code, output })));
}
