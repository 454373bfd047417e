import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';

const dir = mkdtempSync(join(tmpdir(), 'warp-beam-cli-'));
afterAll(() => rmSync(dir, { recursive: true }));

const warp = (...args: string[]) => {
  const done = spawnSync('npm', ['run', '--silent', 'warp', '--', ...args], { encoding: 'utf8' });
  return { status: done.status, out: done.stdout, err: done.stderr };
};

describe('warp plan', () => {
  it('prints the plan as JSON and nothing else', () => {
    const { status, out } = warp('plan', 'examples/ines-dome-night.json');
    expect(status).toBe(0);
    const plan = JSON.parse(out);
    expect(plan.finishedLengthMm).toBeGreaterThan(165);
    expect(plan.rows).toBeGreaterThan(20);
    for (const cord of plan.cords) {
      expect(Object.keys(cord)).toEqual(
        expect.arrayContaining(['name', 'role', 'cutLengthMm', 'usedLengthMm', 'parts']),
      );
      expect(cord.parts[0]).toMatchObject({
        what: expect.any(String),
        lengthMm: expect.any(Number),
        why: expect.any(String),
      });
    }
    expect(plan.checks[0]).toMatchObject({
      id: expect.any(String),
      ok: expect.any(Boolean),
      message: expect.any(String),
    });
  });

  it('names path and reason on stderr and exits 2 for bad input', () => {
    const file = join(dir, 'bad.json');
    writeFileSync(file, '{"format":"warp-beam/design","version":1}');
    const bad = warp('plan', file);
    expect(bad).toMatchObject({ status: 2, out: '' });
    expect(bad.err).toContain('/wearer: This is missing.');
    expect(warp('plan', join(dir, 'none.json'))).toMatchObject({ status: 2, out: '' });
    expect(warp('nonsense').status).toBe(2);
  });
});
