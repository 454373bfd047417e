import { describe, expect, it } from 'vitest';
import { type CordColour, findColour } from '../colour/palette.ts';
import { holeForMm } from '../cord/packed.ts';
import { beamScene } from '../drawing/beam.ts';
import { lookStrokes } from '../drawing/looks.ts';
import { PER_MM } from '../drawing/shape.ts';
import { bandTubes } from '../drawing/tubes.ts';
import type { Design } from '../formats/design.gen.ts';
import { formatPalette, parsePalette } from '../formats/palette.ts';
import { loadWeave, solvedFacts } from '../patterns/index.ts';
import { adapt } from './adapt.ts';
import { nearestRow, placeAddon } from './addons.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { strandSpans } from './spans.ts';
import { strandsOf, withCord, withStrands } from './strands.ts';
import { evenEnds, isMirrored, mirror } from './symmetryHelp.ts';
import type { Plan } from './types.ts';

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Coloured',
  product: 'bracelet',
  wearer: { name: 'Sade', girthMm: 170 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'separate' },
  cords: [{ colour: 'dusk' }, { colour: 'sodium' }],
  closure: { kind: 'side-release' },
};
const planned = (changes: Partial<Design> = {}): Plan => {
  const result = plan({ ...BASE, ...changes });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};
const check = (p: Plan, id: string) => p.checks.find((c) => c.id === id)!;

describe('strands with cords of their own', () => {
  const braid = { pattern: { id: 'flat-braid-4' } };

  it('are cut strand by strand: pairs of one cord folded, single ones by themselves', () => {
    const p = planned({
      ...braid,
      cords: [{ colour: 'ember' }, { colour: 'dusk' }, { colour: 'aurora' }],
      setup: { style: 'separate', strands: { 'S/0': 0, 'S/1': 1, 'S/2': 2, 'S/3': 1 } },
    });
    expect(p.cords.map((c) => c.letter)).toEqual(expect.arrayContaining(['A', 'B', 'C']));
    expect(p.cords.find((c) => c.letter === 'B')!.marks.map((m) => m.what)).toEqual(['fold']);
    const spans = strandSpans(p);
    const cordOf = (key: string) => p.cords[spans.get(key)![0]!.cord]!.letter;
    expect(['S/0', 'S/1', 'S/2', 'S/3'].map(cordOf)).toEqual(['A', 'B', 'C', 'B']);
  });

  it('are refused at their place when strand or cord does not exist, or a cord is idle', () => {
    const issue = (strands: Record<string, number>) => {
      const r = plan({ ...BASE, ...braid, setup: { style: 'separate', strands } });
      return r.ok ? undefined : r.issues[0]!;
    };
    expect(issue({ 'X/0': 0 })!.message).toContain('no strand “X/0”');
    expect(issue({ 'S/0': 5 })!.message).toContain('no cord F');
    expect(issue({ 'S/0': 0 })!.message).toContain('Cord B is not used');
  });

  it('take a cord more for a strand that shares one, and drop a cord that no strand is left with', () => {
    const facts = solvedFacts('flat-braid-4')!;
    const two = withCord({ ...BASE, ...braid, cords: [{ colour: 'ember' }] }, facts, 'dusk')!;
    expect(strandsOf(two, facts)).toEqual({ 'S/0': 0, 'S/1': 0, 'S/2': 0, 'S/3': 1 });
    // Each strand has a cord of its own: there is none to be given another.
    const four = ['ember', 'dusk', 'aurora', 'comet'].map((colour) => ({ colour }));
    const own = { 'S/0': 0, 'S/1': 1, 'S/2': 2, 'S/3': 3 };
    expect(
      withCord(
        { ...BASE, ...braid, cords: four, setup: { style: 'separate', strands: own } },
        facts,
        'sodium',
      ),
    ).toBeUndefined();
    const bar = solvedFacts('solomon-bar')!;
    const cores = (cords: number) =>
      Object.entries(strandsOf({ ...BASE, cords: BASE.cords.slice(0, cords) }, bar)).filter(
        ([, cord]) => cord === 1,
      ).length;
    // A bar’s two cores are of the second cord, where there is one.
    expect([cores(1), cores(2)]).toEqual([0, 2]);
    const one = withStrands(two, facts, { 'S/0': 1, 'S/1': 1, 'S/2': 1, 'S/3': 1 });
    expect(one.cords).toEqual([{ colour: 'dusk' }]);
    expect(plan(one).ok).toBe(true);
  });

  it('fall back to the usual cords when another weave is taken', () => {
    const four = {
      ...BASE,
      ...braid,
      cords: [{ colour: 'a' }, { colour: 'b' }, { colour: 'c' }],
      setup: { style: 'separate' as const, strands: { 'S/0': 0, 'S/1': 1, 'S/2': 2, 'S/3': 0 } },
    };
    const bar = adapt(four, { pattern: { id: 'ladder-4' } }, LIBRARY_ONLY);
    expect(bar.setup.strands).toBeUndefined();
    expect(bar.cords).toHaveLength(2);
  });
});

describe('colours along the length', () => {
  it('change places with the cores: every row is woven in its colour, every cord is all there (by hand)', () => {
    const p = planned({ sequence: { text: '6A 4B 19A' } });
    expect(p.sequence!.way).toBe('swap');
    const row = p.wovenLengthMm / p.rows;
    const spans = strandSpans(p).get('A/0')!;
    const start = p.bands[0]!.startMm;
    expect(
      spans.map((s) => [
        p.cords[s.cord]!.letter,
        Math.round((s.fromMm - start) / row),
        Math.round((s.toMm - start) / row),
      ]),
    ).toEqual([
      ['A', 0, 6],
      ['B', 6, 10],
      ['A', 10, p.rows],
    ]);
    // While it does not work, a cord runs inside: as long as four rows and no more.
    const inside = p.cords[0]!.parts.filter((x) => x.what === 'core run');
    const core = p.metrics.strands.find((s) => s.role === 'core')!.perLength;
    for (const part of inside) expect(part.lengthMm / (4 * row * core)).toBeCloseTo(1, 3);
  });

  it('lie from bar to bar where they are inside, and from row to row where they work', () => {
    const p = planned({ sequence: { text: '6A 4B 19A' } });
    const row = p.wovenLengthMm / p.rows;
    const { startMm } = p.bands[0]!;
    const places = (cord: number) =>
      p.cords[cord]!.parts.slice(0, p.cords[cord]!.parts.length / 2)
        .filter((x) => x.what === 'weave' || x.what === 'core run')
        .map(
          (x) =>
            [x.what, Math.round((x.fromMm! - startMm) / row), Math.round((x.toMm! - startMm) / row)] as const,
        );
    const ways = (cord: number) => places(cord).map((x) => x.join(' '));
    expect(new Set(ways(0))).toEqual(new Set(['weave 0 6', 'core run 6 10', `weave 10 ${p.rows}`]));
    const second = p.cords[1]!.parts.filter((x) => x.what === 'core run' || x.what === 'weave');
    // The one that starts inside comes from the bar itself, 0 mm; the one that works from the first row on.
    expect(Math.min(...second.map((x) => x.fromMm!))).toBe(0);
    const first = p.cords[0]!.parts.filter((x) => x.what === 'weave');
    expect(Math.min(...first.map((x) => x.fromMm!))).toBeCloseTo(startMm, 9);
    for (const x of second.filter((y) => y.fromMm! > 0.01))
      expect([6, 10].some((r) => Math.abs(x.fromMm! - startMm - r * row) < 1e-6)).toBe(true);
  });

  it('use as much working cord in all as a band of one colour', () => {
    const woven = (p: Plan) =>
      p.cords
        .flatMap((c) => c.parts)
        .filter((x) => x.what === 'weave')
        .reduce((sum, x) => sum + x.lengthMm, 0);
    expect(woven(planned({ sequence: { text: '(3A 2B)*' } }))).toBeCloseTo(woven(planned()), 6);
  });

  it('are spliced where the strand lies under, each splice in a row of its own, clear of closures', () => {
    const p = planned({ sequence: { text: '9A 9B 12A', way: 'splice' } });
    const { splices } = p.sequence!;
    expect(splices).toHaveLength(4);
    expect(new Set(splices.map((s) => s.row)).size).toBe(4);
    for (const s of splices) {
      expect(s.atMm - p.bands[0]!.startMm).toBeGreaterThanOrEqual(25);
      expect(p.bands[0]!.startMm + p.wovenLengthMm - s.atMm).toBeGreaterThanOrEqual(25);
    }
  });

  it('fall on the cord where a walk along the drawn strand finds them', async () => {
    const p = planned({ sequence: { text: '9A 9B 12A', way: 'splice' } });
    const solved = (await loadWeave('solomon-bar'))!;
    const band = p.bands[0]!;
    const tubes = bandTubes({
      solved,
      diameterMm: p.metrics.diameterMm,
      rows: band.rows,
      wovenMm: band.wovenMm,
      startMm: band.startMm,
      spans: new Map(),
    });
    for (const s of p.sequence!.splices) {
      const { points } = tubes.find((t) => t.strand === s.strand)!;
      // The strand comes this far along more than once where it curls: walk to where it lies lowest.
      let best = { off: Number.POSITIVE_INFINITY, walked: 0, z: 0 };
      let walked = 0;
      for (let i = 3; i < points.length; i += 3) {
        walked += Math.hypot(
          points[i]! - points[i - 3]!,
          points[i + 1]! - points[i - 2]!,
          points[i + 2]! - points[i - 1]!,
        );
        const off = Math.abs(points[i + 1]! - s.atMm) + (points[i + 2]! > 0 ? 3 : 0);
        if (off < best.off) best = { off, walked, z: points[i + 2]! };
      }
      expect(best.z, `${s.strand} row ${s.row}`).toBeLessThan(0);
      // Drawn rows are spread a little along the band only, so a walk differs by less than a row's spread.
      expect(Math.abs(best.walked - s.cordMm) / s.cordMm).toBeLessThan(0.03);
    }
  });

  it('are never spliced in a collar, in cotton, or where they come too close', () => {
    const way = (changes: Partial<Design>) => {
      const r = plan({ ...BASE, sequence: { text: '9A 9B 12A', way: 'splice' }, ...changes });
      return r.ok ? 'made' : r.issues[0]!.message;
    };
    const collar = {
      product: 'collar',
      wearer: { name: 'Halley', girthMm: 400 },
      ease: { school: 'fingers', fingers: 2 } as const,
      measures: { ringAt: 60, ringFlat: 20 },
    };
    expect(way(collar)).toContain('carries a load');
    expect(way({ cord: 'cotton-4' })).toContain('does not melt');
    expect(way({ sequence: { text: '9A 1B 1A 1B 20A', way: 'splice' } })).toContain('in one row');
    expect(way({ sequence: { text: '1A 9B 16A', way: 'splice' } })).toContain('nearer than 25 mm');
  });

  it('carry a cord inside only where there is room for it', () => {
    const four = planned({
      pattern: { id: 'solomon-bar-4' },
      cords: [...BASE.cords, { colour: 'graphite' }],
      sequence: { text: '6A 4B 19A', way: 'carry' },
    });
    expect(four.cords).toHaveLength(3);
    expect(strandSpans(four).get('C2/0')!.length).toBeGreaterThan(1);
    expect(strandSpans(four).get('C1/0')!.length).toBe(1);
    const two = plan({ ...BASE, sequence: { text: '6A 4B 19A', way: 'carry' } });
    expect(!two.ok && two.issues[0]!.message).toContain('no room for another cord');
  });

  it('say how they come out: over, cut off, or alike from both ends', () => {
    expect(check(planned({ sequence: { text: '6A 4B' } }), 'sequence.rows').ok).toBe(true);
    expect(check(planned({ sequence: { text: '60A 4B' } }), 'sequence.rows')?.ok ?? true).toBe(false);
    const { rows } = planned();
    const p = planned({ sequence: { text: `5A ${rows - 10}B 5A` } });
    expect(isMirrored(p.sequence!.stretches, rows)).toBe(true);
    expect(check(p, 'sequence.even').fix).toBeUndefined();
  });

  it('show in the drawn band: sampled at the middle of rows, the front has the colour asked for', async () => {
    const design: Design = { ...BASE, sequence: { text: '6A 6B 20A' } };
    const p = planned(design);
    const scene = beamScene(p, { weave: (await loadWeave('solomon-bar'))!, knots: new Map() }, 'front');
    const row = p.wovenLengthMm / p.rows;
    const onTop = (x: number) => {
      let top: number | undefined;
      for (const shape of scene.shapes) {
        if (shape.part !== 'outline' || shape.strand !== 'A') continue;
        const near = [...shape.d.matchAll(/(-?\d+) (-?\d+)/g)].some(
          (m) => Math.abs(Number(m[1]) / PER_MM - x) < row / 2 && Math.abs(Number(m[2]) / PER_MM) < 4,
        );
        if (near) top = shape.cord;
      }
      return top === undefined ? undefined : p.cords[top]!.letter;
    };
    for (const [r, letter] of [
      [3, 'A'],
      [9, 'B'],
      [16, 'A'],
    ] as const)
      expect(onTop(p.bands[0]!.startMm + (r - 0.5) * row), `row ${r}`).toBe(letter);
  });
});

describe('symmetry', () => {
  const s = (text: string) =>
    [...text].reduce<{ cord: number; from: number; to: number }[]>((out, ch, i) => {
      const cord = ch.charCodeAt(0) - 65;
      const last = out.at(-1);
      if (last?.cord === cord) last.to = i + 1;
      else out.push({ cord, from: i, to: i + 1 });
      return out;
    }, []);

  it('is made by running the first half back, an odd middle row once', () => {
    expect(mirror(s('AABBB'), 5)).toBe('2A 1B 2A');
    expect(mirror(s('AABAAA'), 6)).toBe('2A 2B 2A');
  });

  it('evens out the first and last stretch and leaves what is between', () => {
    expect(evenEnds(s('ABBBAAA'), 7)).toBe('2A 3B 2A');
    expect(evenEnds(s('ABBAAA'), 6)).toBe('2A 2B 2A');
  });

  it('is told apart from what only looks like it', () => {
    expect(isMirrored(s('ABBA'), 4)).toBe(true);
    expect(isMirrored(s('ABBAA'), 5)).toBe(false);
  });
});

describe('add-ons', () => {
  const on = { startMm: 4, wovenMm: 100, rows: 20, firstRow: 'start' as const };

  it('lie at a row, a length or the exact centre, counted in bumps (by hand)', () => {
    // Rows of 5 mm from 4 mm on: row 9 has its middle at 46.5.
    expect(placeAddon({ kind: 'charm', at: { row: 9 }, sizeMm: 4 }, 0, on)).toMatchObject({
      atMm: 46.5,
      fromRow: 9,
      toRow: 9,
    });
    expect(placeAddon({ kind: 'bead', at: { centre: true }, sizeMm: 12 }, 0, on)).toMatchObject({
      atMm: 54,
      fromRow: 9,
      toRow: 12,
    });
    expect(placeAddon({ kind: 'tag', at: { mm: 24 }, sizeMm: 10 }, 0, on)).toMatchObject({
      fromRow: 4,
      toRow: 5,
    });
    expect(
      placeAddon({ kind: 'charm', at: { row: 1 }, sizeMm: 4 }, 0, { ...on, firstRow: 'end' }).atMm,
    ).toBeCloseTo(101.5, 9);
  });

  it('snap to the nearest row', () => {
    for (const [mm, row] of [
      [4, 1],
      [46, 9],
      [49.1, 10],
      [500, 20],
    ] as const)
      expect(nearestRow(mm, on)).toBe(row);
  });

  it('take rows out for a bead and lead the ends past it', () => {
    const [plain, bead] = [
      planned(),
      planned({ addons: [{ kind: 'bead', at: { centre: true }, sizeMm: 12 }] }),
    ];
    expect(bead.rows).toBe(Math.round((plain.wovenLengthMm - 12) / plain.metrics.rowHeightMm));
    expect(bead.rows).toBeLessThan(plain.rows);
    const past = bead.cords[0]!.parts.filter((x) => x.lengthMm === 12);
    expect(past).toHaveLength(2);
    const weight = bead.figures.weight.why.filter((x) => typeof x === 'string' && x.includes('add-ons'));
    expect(weight).toHaveLength(1);
  });

  it('let cores through a bead’s hole: two need twice their thickness, pressed', () => {
    expect(holeForMm(2, 4)).toBeCloseTo(2 * 4 * 0.85, 9);
    expect(holeForMm(3, 4)).toBeGreaterThan(holeForMm(2, 4));
    const tight = planned({ addons: [{ kind: 'bead', at: { centre: true }, holeMm: 4 }] });
    expect(check(tight, 'addon.0.hole').ok).toBe(false);
  });

  it('are looked at: beyond the rows, or on each other', () => {
    const p = planned({
      addons: [
        { kind: 'tag', at: { row: 1 } },
        { kind: 'ring', at: { centre: true } },
        { kind: 'charm', at: { centre: true } },
      ],
    });
    expect(check(p, 'addon.0.place').ok).toBe(false);
    expect(check(p, 'addon.1.place').ok).toBe(true);
    expect(check(p, 'addon.2.place').ok).toBe(false);
    const fixed = planned(check(p, 'addon.0.place').fix!.patch);
    expect(fixed.bands[0]!.addons[0]!.atMm).toBeCloseTo(fixed.bands[0]!.startMm + fixed.wovenLengthMm / 2, 9);
  });
});

describe('rows apart', () => {
  it('are higher by their share of a cord, fewer, and take as much more of each end', () => {
    const [packed, apart] = [planned(), planned({ setup: { style: 'separate', spacing: 0.5 } })];
    const d = packed.metrics.diameterMm;
    expect(apart.metrics.rowHeightMm).toBeCloseTo(packed.metrics.rowHeightMm + d / 2, 9);
    expect(apart.rows).toBeLessThan(packed.rows);
    const perRow = (p: Plan) =>
      p.metrics.strands.find((s) => s.name === 'A')!.perLength * p.metrics.rowHeightMm;
    expect(perRow(apart) - perRow(packed)).toBeCloseTo(d / 2, 9);
  });
});

describe('looks of cord', () => {
  const own: CordColour = {
    id: 'own-moss',
    name: 'Moss',
    letter: 'M',
    base: '#4f6b3a',
    look: 'camouflage',
    accents: ['#27333a', '#8a7a4a', '#c9c3a0'],
  };

  it('of one’s own go with the design, and out and in as a palette', () => {
    const p = planned({
      looks: [{ ...own, accents: [...own.accents] }],
      cords: [{ colour: 'own-moss' }, { colour: 'dusk' }],
    });
    expect(p.cords[0]!.look).toMatchObject({ name: 'Moss', look: 'camouflage' });
    expect(parsePalette(formatPalette([own]))).toEqual({ ok: true, value: [own] });
    const bad = parsePalette(formatPalette([{ ...own, base: 'green' }]));
    expect(!bad.ok && bad.issues[0]!.path).toBe('/looks/0/base');
  });

  it('are the same marks at the same places of the cord, however it is cut into runs', () => {
    const tube = {
      points: new Float64Array(),
      radiusMm: 2,
      strand: 'A',
      role: 'work' as const,
      lane: 0,
      cord: 0,
      arcMm: 0,
    };
    const line = (from: number, to: number) => ({
      tube,
      slice: 0,
      share: 1,
      xs: [from, to],
      ys: [0, 0],
      arcMm: from,
    });
    for (const id of ['comet', 'meridian']) {
      const colour = findColour(id)!;
      const whole = lookStrokes([line(0, 80)], colour, 4);
      const halves = lookStrokes([line(0, 40), line(40, 80)], colour, 4);
      const count = (list: typeof whole) => list.map((s) => s.d.split('M').length);
      if (colour.look === 'flecked') expect(count(halves)).toEqual(count(whole));
      expect(halves.map((s) => s.stroke)).toEqual(whole.map((s) => s.stroke));
    }
    for (const look of ['camouflage', 'two-tone'] as const)
      expect(lookStrokes([line(0, 80)], { ...own, look }, 4).length).toBeGreaterThan(0);
  });
});
