import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { PATTERNS, solvedFacts } from '../core/patterns/index.ts';

const dir = mkdtempSync(join(tmpdir(), 'warp-beam-cli-'));
afterAll(() => rmSync(dir, { recursive: true }));

/** As it is documented: builds the commands where they are not fresh. */
const byNpm = (...args: string[]) =>
  spawnSync('npm', ['run', '--silent', 'warp', '--', ...args], { encoding: 'utf8' });

/** The built commands, without npm's own second. */
const warp = (...args: string[]) => {
  const done = spawnSync(process.execPath, ['.cache/warp/main.js', ...args], { encoding: 'utf8' });
  return { status: done.status, out: done.stdout, err: done.stderr };
};

beforeAll(() => {
  expect(byNpm('patterns').status).toBe(0);
});

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

  it('plans a design that carries a weave of its own', () => {
    const design = JSON.parse(readFileSync('examples/okoro-guide-band.json', 'utf8'));
    const { notation, squash } = solvedFacts('solomon-bar')!;
    const file = join(dir, 'own.json');
    writeFileSync(
      file,
      JSON.stringify({ ...design, pattern: { id: 'own-1', name: 'Mine', notation, squash, load: 0 } }),
    );
    const mine = JSON.parse(warp('plan', file).out);
    const library = JSON.parse(warp('plan', 'examples/okoro-guide-band.json').out);
    expect(mine.rows).toBe(library.rows);
    expect(mine.cords[0].cutLengthMm).toBe(library.cords[0].cutLengthMm);
    writeFileSync(file, JSON.stringify({ ...design, pattern: { id: 'own-1', notation: 'weave x period' } }));
    expect(warp('plan', file)).toMatchObject({ status: 2, out: '' });
    expect(warp('plan', file).err).toContain('/pattern/notation line 1');
  });

  it('reads a file that begins with a byte-order mark', () => {
    const file = join(dir, 'bom.json');
    writeFileSync(file, `\ufeff${readFileSync('examples/pavel-first-band.json', 'utf8')}`);
    expect(warp('plan', file)).toMatchObject({ status: 0, err: '' });
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

describe('warp closures', () => {
  it('compares every closure of the product, refused ones with their reason', () => {
    const { status, out } = warp('closures', 'examples/okoro-cinch-band.json');
    expect(status).toBe(0);
    const { closures } = JSON.parse(out) as {
      closures: {
        id: string;
        chosen?: boolean;
        closedInnerMm?: number;
        openInnerMm?: number;
        refused?: string;
      }[];
    };
    expect(closures.filter((c) => c.chosen).map((c) => c.id)).toEqual(['cinch']);
    expect(closures.find((c) => c.id === 'braid-loop')!.refused).toContain('braid');
    for (const c of closures) {
      if (c.openInnerMm !== undefined && c.openInnerMm !== null)
        expect(c.openInnerMm).toBeGreaterThanOrEqual(c.closedInnerMm!);
    }
  });

  it('plans every product of the examples', () => {
    for (const file of [
      'halley-collar',
      'pavel-night-watch-strap',
      'lin-horizon-cuff',
      'ines-slip-knot-band',
    ]) {
      const { status, out } = warp('plan', `examples/${file}.json`);
      expect(status, file).toBe(0);
      const plan = JSON.parse(out);
      expect(plan.bands.length).toBe(file.includes('watch') ? 2 : 1);
      expect(
        plan.checks.every((c: { ok: boolean }) => c.ok),
        file,
      ).toBe(true);
    }
  });

  it('refuses what no closure can put right', () => {
    const file = join(dir, 'tiny.json');
    const design = JSON.parse(readFileSync('examples/okoro-cinch-band.json', 'utf8'));
    writeFileSync(file, JSON.stringify({ ...design, wearer: { name: 'x', girthMm: 3 } }));
    expect(warp('closures', file)).toMatchObject({ status: 2, out: '' });
    expect(warp('closures', file).err).toContain('/wearer/girthMm');
  });
});

describe('warp faces and warp arrangements', () => {
  it('tell the share of every cord on every face, and the order on the bar', () => {
    const { status, out } = warp('faces', 'examples/okoro-cinch-band.json');
    expect(status).toBe(0);
    const faces = JSON.parse(out);
    for (const shares of Object.values(faces.faces) as Record<string, number>[])
      expect(Object.values(shares).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 2);
    // Two ends of Ember go round two cores of Dusk.
    expect(
      faces.bar
        .map((p: { cord: string }) => p.cord)
        .sort()
        .join(''),
    ).toBe('AABB');
  });

  it('list arrangements as often as necklaces that may be turned over: 6 of four strands in three cords', () => {
    const found = JSON.parse(warp('arrangements', 'flat-braid-4', '--cords', '3').out);
    expect(found).toMatchObject({ total: 6, listed: 6, symmetries: 8 });
    expect(warp('arrangements', 'nonsense')).toMatchObject({ status: 2, out: '' });
    expect(warp('arrangements', 'flat-braid-4', '--cords', '9').err).toContain('whole number from 1 to 6');
  });
});

describe('warp tighten and warp patterns', () => {
  it('solves a closed knot from a file and tells its ropelength', () => {
    const file = join(dir, 'trefoil.txt');
    writeFileSync(file, 'knot trefoil\nwork T: 0,5 3,-4 -5,2 5,2 -3,-4 | OUOUOUOUOU\n');
    const { status, out } = warp('tighten', file, '--h', '0.3');
    expect(status).toBe(0);
    const result = JSON.parse(out);
    // The five-pointed star, over and under by turns, is the five-crossing torus knot.
    expect(Math.abs(result.ropelength / 47.2 - 1)).toBeLessThan(0.01);
    expect(result.topology.unchanged).toBe(true);
    expect(result.convergence.restart).toBeLessThan(0.02);
  });

  it('tells of straight strands that they are as long as the band', () => {
    const plain = JSON.parse(warp('tighten', 'plain-band-2').out);
    expect(plain.strands.map((s: { usagePerLength: number }) => s.usagePerLength)).toEqual([1, 1]);
    expect(plain.widthD).toBe(2);
  });

  it('lists the library', () => {
    const list = JSON.parse(warp('patterns').out) as { id: string }[];
    expect(list.map((p) => p.id)).toEqual(PATTERNS.map((p) => p.id));
  });

  it('names line and column of a mistake, an unknown name, and a number out of range', () => {
    const file = join(dir, 'bad.txt');
    writeFileSync(file, 'weave x period 6\nwork A 0,0\n');
    expect(warp('tighten', file)).toMatchObject({ status: 2, out: '' });
    expect(warp('tighten', file).err).toContain('line 2, column 8: Expected');
    expect(warp('tighten', 'no-such-thing').err).toContain('neither a pattern');
    expect(warp('tighten', 'solomon-bar', '--h', '9').err).toContain(
      '--h: “9” is not a number from 0.08 to 0.6',
    );
  });
});

describe('warp steps', () => {
  it('prints every step as JSON, rows with their places', () => {
    const { status, out } = warp('steps', 'examples/pavel-first-band.json');
    expect(status).toBe(0);
    const steps = JSON.parse(out);
    expect(steps.rows).toBe(29);
    const row = steps.steps.find((s: { id: string }) => s.id === 'row-2');
    expect(row).toMatchObject({ phase: 'tie', row: 2, band: 0, pass: 0 });
    expect(row.lines[0]).toBe('Right end: over both cores, out at the left.');
  });

  it('prints a list to tick off, started from the other side, and refuses options that are none', () => {
    const { status, out } = warp('steps', 'examples/pavel-first-band.json', '--text', '--right');
    expect(status).toBe(0);
    expect(out).toContain('[ ] Row 1 of 29\n    Right end: over both cores, out at the left.');
    const bad = warp('steps', 'examples/pavel-first-band.json', '--sideways');
    expect(bad.status).toBe(2);
    expect(bad.err).toContain('--sideways');
  });
});

describe('warp ring, ring-grow and ring-check', () => {
  it('print the run list and sizes of a ring', () => {
    const { status, out } = warp(
      'ring',
      '5',
      '16',
      '--coding',
      'row1',
      '--passes',
      '2',
      '--girth',
      '210',
      '--cord',
      'nylon-4',
      '--width',
      '40',
    );
    expect(status).toBe(0);
    const ring = JSON.parse(out);
    expect(ring).toMatchObject({ leads: 5, bights: 16, strands: 1, coding: 'row1', first: 'O' });
    expect(ring.runs).toHaveLength(32);
    expect(ring.runs[22]).toEqual({ k: 23, strand: 1, from: 'L8', to: 'R10', seq: 'O1 U1 O1' });
    expect(ring.sizes.ringMm).toBeCloseTo(2 * ring.sizes.onePassMm, 0);
    // 4 mm nylon is 3.68 mm in a tight knot: (210 + 2π · 3.68)/16.
    expect(ring.sizes.pitchMm).toBeCloseTo(14.6, 1);
    expect(warp('ring', '6', '9', '--one-cord').err).toContain('6 × 7, 6 × 11, 5 × 9, 7 × 9');
    expect(warp('ring', '5', '7', '--coding', 'col2')).toMatchObject({ status: 2, out: '' });
    expect(warp('ring', '5').status).toBe(2);
  });

  it('lead from a ring in hand to a larger one, and say where no way leads', () => {
    const grown = JSON.parse(warp('ring-grow', '3x5', '9x16', '--first', 'U').out);
    expect(grown.chains[0].steps.map((s: { kind: string; to: string }) => `${s.kind} ${s.to}`)).toEqual([
      'raise 5x9',
      'interweave 9x16',
    ]);
    expect(grown.chains[0].steps[0].added[0]).toEqual({
      k: 11,
      phase: 'follow',
      from: 'L8',
      to: 'R1',
      seq: 'U1 O1',
    });
    expect(warp('ring-grow', '5x8', '9x16').err).toContain('does not grow into');
  });

  it('check a list, with or without a heading, as text and as JSON', () => {
    const file = join(dir, 'runs.json');
    const { out } = warp('ring', '4', '5');
    writeFileSync(file, out);
    expect(JSON.parse(warp('ring-check', file).out)).toMatchObject({
      ok: true,
      crossings: 15,
      coding: 'row1',
    });
    const text = (JSON.parse(out).runs as { k: number; from: string; to: string; seq: string }[])
      .map((r) => `${r.k} ${r.from}->${r.to} ${r.seq}`)
      .join('\n');
    writeFileSync(file, text);
    expect(warp('ring-check', file).status).toBe(0);
    writeFileSync(file, text.replace('8 R5->L2 U1 O1 U1', '8 R5->L2 U1 U1 U1'));
    expect(warp('ring-check', file)).toMatchObject({ status: 2, out: '' });
    expect(warp('ring-check', file).err).toContain('Half cycle 8: Letter 2: it goes over half cycle');
  });
});
