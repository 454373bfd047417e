import { type ChildProcess, spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { connect, createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { afterAll, describe, expect, it } from 'vitest';
import { compressBuild } from '../../scripts/compress.ts';
import { readDelivery, readPriceList } from '../core/formats/supply.ts';
import { seeded } from '../core/random.ts';
import { dayNumber, isoDay } from '../core/stall/dates.ts';
import { createApp } from './app.ts';
import { DEFAULT_PORT, readOptions } from './options.ts';
import { shown } from './standins/scale.ts';
import { deliveryOf, priceListAt } from './standins/supplier.ts';

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

describe('the stand-in scale', () => {
  it('shows what lies on the pan once it has swung out, and never quite the same', () => {
    const uniform = seeded(1);
    const pan = { grams: 102, beforeGrams: 0, changedAt: 1000 };
    const at = (ms: number) => shown(pan, 1000 + ms, uniform);
    // It begins with a swing of 0.4 × 102, cut at 40 g.
    expect(Math.abs(at(0) - 142)).toBeLessThan(0.4);
    const late = Array.from({ length: 50 }, (_, i) => at(5000 + i));
    expect(Math.max(...late.map((g) => Math.abs(g - 102)))).toBeLessThan(0.35);
    expect(new Set(late).size).toBeGreaterThan(1);
  });

  it('takes a weight and sends it on as events; impossible weights are refused', async () => {
    const app = await createApp(dist);
    const address = await app.listen({ port: 0, host: '127.0.0.1' });
    const put = (grams: unknown) =>
      fetch(`${address}/stand-ins/scale/pan`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ grams }),
      });
    expect((await put(-1)).status).toBe(400);
    expect((await put(1e9)).status).toBe(400);
    expect((await put(250)).status).toBe(200);
    const live = await fetch(`${address}/stand-ins/scale/live`);
    expect(live.headers.get('content-type')).toBe('text/event-stream');
    expect(live.headers.get('content-security-policy')).toContain("default-src 'none'");
    const { value } = await live.body!.getReader().read();
    const event = JSON.parse(new TextDecoder().decode(value).replace('data: ', ''));
    expect(Math.abs(event.grams - 250)).toBeLessThan(41);
    expect((await fetch(`${address}/stand-ins/scale/`)).headers.get('content-type')).toContain('text/html');
    await app.close();
  });
});

describe('the stand-in shop', () => {
  const NOON = Date.UTC(2026, 10, 27, 12);
  it('has the same list for six hours, then changes some prices by a tenth at most', () => {
    const [first, same, next] = [
      priceListAt(NOON),
      priceListAt(NOON + 3_600_000),
      priceListAt(NOON + 6 * 3_600_000),
    ];
    expect(readPriceList(first).ok).toBe(true);
    expect(same).toEqual(first);
    const moves = first.items.map((i, k) => next.items[k]!.priceCents / i.priceCents);
    expect(moves.some((m) => m !== 1)).toBe(true);
    expect(Math.max(...moves)).toBeLessThan(1.25);
    expect(Math.min(...moves)).toBeGreaterThan(0.8);
  });

  it('sends what was ordered at its own price, once the slowest is there, and refuses what it does not sell', async () => {
    const [dusk] = priceListAt(NOON).items;
    const line = { cord: dusk!.cord!, colour: dusk!.colour!, amount: dusk!.amount, packs: 2, priceCents: 1 };
    const note = deliveryOf([line], '1', NOON)!;
    expect(note.lines[0]!.priceCents).toBe(dusk!.priceCents);
    expect(note.arrives).toBe(isoDay(dayNumber('2026-11-27')! + dusk!.days));
    expect(deliveryOf([{ ...line, amount: 7 }], '2', NOON)).toBeUndefined();
    const app = await createApp(dist);
    const answer = await app.inject({
      method: 'POST',
      url: '/stand-ins/supplier/orders',
      payload: { lines: [{ part: 'bead/10', amount: 20, packs: 1 }] },
    });
    expect(readDelivery(answer.json()).ok).toBe(true);
    expect((await app.inject({ url: '/stand-ins/supplier/deliveries' })).json()).toHaveLength(1);
    await app.close();
  });
});
