import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { doubleCell } from '../../../scripts/doubledCell.ts';
import { findPattern, solvedFacts } from '../patterns/index.ts';
import { solveWeave } from '../patterns/solve.ts';
import { seeded } from '../random.ts';
import { build } from '../weave/build.ts';
import { type DrawnStrand, draw } from '../weave/draw.ts';
import { parse } from '../weave/parse.ts';
import type { Rope, RopeStrand } from '../weave/types.ts';
import { wind } from '../weave/wind.ts';
import { createContacts } from './contacts.ts';
import { evaluate } from './forces.ts';
import { pressOf } from './press.ts';
import { resample } from './resample.ts';
import { DEFAULTS, run, tighten } from './run.ts';
import { closestIn, createSegments, P0, Q0, SQUARE, U, V } from './segments.ts';
import { createState } from './state.ts';
import { twist } from './twisted.ts';

const around = (n: number, f: (t: number) => readonly [number, number, number]) =>
  Array.from({ length: n }, (_, i) => f((2 * Math.PI * (i + 0.137)) / n));
/**
 * A closed braid: strands on rings about the origin, neighbours i and i + 1 changing places where the word says ±i,
 * the outer-going one on top for +. Every knot and link is one (Alexander).
 */
function closedBraid(strands: number, word: readonly number[]): DrawnStrand[] {
  const out: DrawnStrand[] = [];
  const seen = new Set<number>();
  for (let start = 0; start < strands; start++) {
    if (seen.has(start)) continue;
    const path: [number, number, number][] = [];
    let place = start;
    do {
      seen.add(place);
      word.forEach((letter, k) => {
        const i = Math.abs(letter) - 1;
        const to = place === i ? i + 1 : place === i + 1 ? i : place;
        const z = (to - place) * Math.sign(letter);
        for (const [t, done] of [
          [0.05, 0],
          [0.35, 0.45],
          [0.65, 1],
        ] as const) {
          const angle = (2 * Math.PI * (k + t + 0.013)) / word.length;
          const ring = 4 + 2.4 * (place + (to - place) * done);
          path.push([ring * Math.cos(angle), ring * Math.sin(angle), z]);
        }
        place = to;
      });
    } while (place !== start);
    out.push({ name: `K${out.length}`, path });
  }
  return out;
}

/** Published lengths of tight knots and links over the cord's radius (ideal-knot literature). */
const PUBLISHED: readonly (readonly [string, number, readonly number[], number])[] = [
  ['Hopf link', 2, [1, 1], 8 * Math.PI],
  ['trefoil', 2, [1, 1, 1], 32.743],
  ['chain of three rings', 3, [1, 1, 2, 2], 41.7],
  ['Solomon’s link, off its even saddle', 2, [1, 1, 1, 1], 40.012],
  ['figure eight, off its even saddle', 3, [1, -2, 1, -2], 42.088],
  ['five-crossing torus knot', 2, [1, 1, 1, 1, 1], 47.2],
  ['three-twist knot', 3, [1, 1, 1, 2, -1, 2], 49.47],
  ['Whitehead link', 3, [1, -2, 1, -2, -2], 49.77],
  ['six-crossing knot, second', 3, [-1, 2, -1, 2, 2, 2], 57.03],
  ['six-crossing knot, third', 3, [-1, 2, 2, -1, -1, 2], 57.84],
  ['Borromean rings', 3, [1, -2, 1, -2, 1, -2], 58.006],
];

describe('how hard a cord is squeezed', () => {
  it('in a tight Hopf link is tension over the ring’s radius, one diameter, towards its middle', () => {
    const spec = draw({ kind: 'knot', id: 'k', strands: closedBraid(2, [1, 1]) });
    const tight = tighten(spec, DEFAULTS);
    if (!tight.ok) throw new Error(tight.issues[0]!.message);
    const { rope, press } = tight.value;
    rope.strands.forEach((s, k) => {
      const n = s.points.length / 3;
      const at = (list: Float64Array, i: number) =>
        [...list.slice(3 * i, 3 * i + 3)] as [number, number, number];
      const middle = [0, 1, 2].map(
        (c) => Array.from({ length: n }, (_, i) => s.points[3 * i + c]!).reduce((a, b) => a + b, 0) / n,
      );
      const hard: number[] = [];
      const inwards: number[] = [];
      for (let i = 0; i < n; i++) {
        const squeeze = at(press[k]!, i);
        const radial = at(s.points, i).map((v, c) => v - middle[c]!);
        const [p, r] = [Math.hypot(...squeeze), Math.hypot(...radial)];
        hard.push(p);
        inwards.push(Math.abs(squeeze.reduce((sum, v, c) => sum + v * radial[c]!, 0)) / (p * r));
      }
      const median = (list: number[]) => list.toSorted((a, b) => a - b)[n >> 1]!;
      // Edges of a fifth of a diameter: two or three of the other ring press at once, a little aslant.
      expect(median(hard)).toBeGreaterThan(0.85);
      expect(median(hard)).toBeLessThan(1.03);
      expect(median(inwards)).toBeGreaterThan(0.97);
    });
  });

  it('is nothing where strands lie free of each other, and along y grows with the squash’s own lever', () => {
    const straight = (x: number, y: number): RopeStrand => ({
      name: 'S',
      role: 'work',
      kind: 'open',
      periods: 1,
      radius: 0.5,
      weight: 1,
      points: Float64Array.from([0, 1, 2, 3, 4].flatMap((t) => [x, y, t * 0.5])),
    });
    const squeezed = (x: number, y: number, squash: number) =>
      pressOf({ period: 0, strands: [straight(0, 0), straight(x, y)] }, { stiffness: 300, squash })[0]!.slice(
        6,
        9,
      );
    expect(Math.hypot(...squeezed(1.01, 0, 1))).toBe(0);
    const [side] = squeezed(0.99, 0, 1);
    expect(Math.abs(side!)).toBeGreaterThan(1);
    // In the stretched metric the gap closes by as much; the force there is that over the squash.
    const [x, y] = squeezed(0, 0.99 * 0.8, 0.8);
    expect(Math.abs(x!)).toBeLessThan(1e-9);
    expect(Math.abs(y!)).toBeCloseTo(Math.abs(side!) / 0.8, 6);
  });
});

describe('published tight lengths, within 0.5 %', () => {
  it.each(PUBLISHED)('%s', (id, strands, word, published) => {
    const solved = solveWeave('k', draw({ kind: 'knot', id: 'k', strands: closedBraid(strands, word) }));
    if (!solved.ok) throw new Error(`${id}: ${solved.issues[0]!.message}`);
    expect(Math.abs(solved.value.ropelength! / published - 1)).toBeLessThan(0.005);
  });
});

/** Pitch at which neighbouring turns of a helix of radius 1 touch: min over δ of 2 − 2cos δ + p²(1 + δ/2π)² is 1. */
function touchingPitch(): number {
  const gap = (p: number) => {
    let least = Number.POSITIVE_INFINITY;
    for (let d = -1; d <= 1; d += 1e-4)
      least = Math.min(least, 2 - 2 * Math.cos(d) + (p * (1 + d / (2 * Math.PI))) ** 2);
    return Math.sqrt(least);
  };
  let [low, high] = [0.9, 1.5];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (gap(middle) < 1) low = middle;
    else high = middle;
  }
  return low;
}

describe('closed forms', () => {
  it('a strand wound on a straight core with touching turns', () => {
    const spec = draw({
      kind: 'weave',
      id: 'wound',
      period: 4,
      strands: [
        { name: 'C', role: 'core', weight: 60, path: [[0, 0, 0]] },
        {
          name: 'W',
          path: [
            [-2, -1, 0],
            [0, 0, 1],
            [2, 1, 0],
            [0, 2, -1],
          ],
        },
      ],
    });
    const tight = tighten(spec, DEFAULTS);
    if (!tight.ok) throw new Error(tight.issues[0]!.message);
    const pitch = touchingPitch();
    expect(tight.value.rope.period / pitch).toBeCloseTo(1, 2);
    expect(Math.abs(tight.value.lengths[1]! / Math.hypot(2 * Math.PI, pitch) - 1)).toBeLessThan(0.005);
  });

  it('a ring drawn up on a hard cylinder: 2π(R + r)', () => {
    const points = around(60, (t) => [6 * Math.cos(t), 0.4 * Math.sin(3 * t), 5 * Math.sin(t)]).flat();
    const ring: RopeStrand = {
      name: 'R',
      role: 'work',
      kind: 'closed',
      periods: 0,
      radius: 0.5,
      weight: 1,
      points: Float64Array.from(points),
    };
    const tight = run({ period: 0, mandrel: 3, strands: [ring] }, DEFAULTS);
    if (!tight.ok) throw new Error(tight.issues[0]!.message);
    expect(Math.abs(tight.value.lengths[0]! / (2 * Math.PI * 3.5) - 1)).toBeLessThan(0.005);
  });
});

describe('segments', () => {
  it('are as near as the nearest of many sampled points', () => {
    const point = fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: -300, max: 300 }).map((v) => v / 100)));
    fc.assert(
      fc.property(point, point, point, point, (p, p2, q, q2) => {
        const io = createSegments();
        const u = p.map((v, i) => p2[i]! - v);
        const v = q.map((x, i) => q2[i]! - x);
        io.set(p, P0);
        io.set(u, U);
        io.set(q, Q0);
        io.set(v, V);
        closestIn(io);
        const exact = Math.sqrt(io[SQUARE]!);
        let least = Number.POSITIVE_INFINITY;
        for (let s = 0; s <= 1.0001; s += 0.05) {
          for (let t = 0; t <= 1.0001; t += 0.05) {
            least = Math.min(least, Math.hypot(...p.map((x, i) => x + s * u[i]! - q[i]! - t * v[i]!)));
          }
        }
        // A sample lies within half a step of every point, on each of the two.
        const slack = 0.025 * (Math.hypot(...u) + Math.hypot(...v));
        expect(exact).toBeLessThanOrEqual(least + 1e-9);
        expect(exact).toBeGreaterThanOrEqual(least - slack - 1e-9);
      }),
    );
  });
});

describe('forces', () => {
  const strand = (name: string, points: number[]): RopeStrand => ({
    name,
    role: 'work',
    kind: 'periodic',
    periods: 1,
    radius: 0.5,
    weight: 1e-9,
    points: Float64Array.from(points),
  });
  // Two nearly straight strands that overlap, alone and across the period; tension as good as none.
  const rope: Rope = {
    period: 2,
    strands: [
      strand('A', [0, 0, 0, 0.1, 0.7, 0, 0, 1.4, 0.05]),
      strand('B', [0.6, 0.3, 0.3, 0.5, 0.9, 0.4, 0.6, 1.7, 0.3]),
    ],
  };
  const energyAt = (change: (x: Float64Array) => void, period = 2) => {
    const state = createState(rope);
    change(state.x);
    state.period = period;
    const out = { energy: 0, closest: 1 };
    evaluate(state, createContacts(state.count), { stiffness: 100, squash: 0.8, load: 0.7 }, out);
    return { energy: out.energy, state };
  };

  it('of a weave that could wind are those of a flat one while it does not, to 1e-12', () => {
    // Two loops over the same contacts and edges: a turn of nothing must change nothing.
    const forces = (turn: number | undefined) => {
      const state = createState(turn === undefined ? rope : { ...rope, turn });
      const out = { energy: 0, closest: 1 };
      evaluate(state, createContacts(state.count), { stiffness: 100, squash: 0.8, load: 0.7 }, out);
      return { ...out, f: [...state.f], strain: state.strainF };
    };
    const [flat, winding] = [forces(undefined), forces(0)];
    expect(flat.f.some((v) => Math.abs(v) > 0.1)).toBe(true);
    for (const [i, v] of flat.f.entries()) expect(Math.abs(winding.f[i]! - v)).toBeLessThan(1e-12);
    expect(Math.abs(winding.energy - flat.energy)).toBeLessThan(1e-12);
    expect(Math.abs(winding.strain - flat.strain)).toBeLessThan(1e-12);
    expect(winding.closest).toBeCloseTo(flat.closest, 12);
  });

  it('on points are the slope of the energy', () => {
    const { state } = energyAt(() => undefined);
    for (const i of [0, 1, 2, 4, 9, 13]) {
      const h = 1e-6;
      const [up, down] = [h, -h].map((d) => energyAt((x) => (x[i]! += d)).energy) as [number, number];
      expect(state.f[i]!).toBeCloseTo(-(up - down) / (2 * h), 3);
    }
  });

  it('on the period is the slope of the energy under an affine strain', () => {
    const { state } = energyAt(() => undefined);
    const h = 1e-6;
    const strained = (e: number) =>
      energyAt(
        (x) => {
          for (let i = 1; i < x.length; i += 3) x[i]! *= 1 + e;
        },
        2 * (1 + e),
      ).energy;
    expect(state.strainF).toBeCloseTo(-(strained(h) - strained(-h)) / (2 * h), 3);
  });
});

describe('a weave that winds', () => {
  it('has a twist whose force is the slope of the energy', () => {
    const built = build(findPattern('spiral-bar')!.draw(), seeded(4));
    if (!built.ok) throw new Error('spiral');
    const rope = wind(resample(built.value.rope, 0.5), 0.3);
    // Tension as good as none, so that only contacts count; the mean edge stays what it is.
    const light = { ...rope, strands: rope.strands.map((s) => ({ ...s, weight: 1e-9, radius: 0.7 })) };
    const at = (angle: number) => {
      const state = createState(light);
      twist(state, angle);
      const out = { energy: 0, closest: 1 };
      evaluate(state, createContacts(state.count), { stiffness: 50, squash: 0.8, load: 0 }, out);
      return { energy: out.energy, force: state.turnF };
    };
    const h = 1e-5;
    const slope = -(at(h).energy - at(-h).energy) / (2 * h);
    expect(at(0).force / slope).toBeCloseTo(1, 1);
  });

  it('winds the other way, as far, when the same side is tied the other way round', () => {
    const turns = [1, -1].map((hand) => {
      const spec = findPattern('spiral-bar')!.draw();
      const mirrored = {
        ...spec,
        strands: spec.strands.map((s) => ({ ...s, path: s.path.map(([x, y]) => [hand * x, y] as const) })),
      };
      const tight = tighten(mirrored, { ...DEFAULTS, h: 0.3, squash: 0.8 });
      if (!tight.ok) throw new Error(tight.issues[0]!.message);
      return tight.value.rope.turn!;
    });
    expect(turns[0]! / -turns[1]!).toBeCloseTo(1, 1);
    // Makers count about six half knots for half a turn.
    expect(Math.PI / Math.abs(turns[0]!)).toBeGreaterThan(5);
    expect(Math.PI / Math.abs(turns[0]!)).toBeLessThan(8);
  });
});

describe('a solve', () => {
  const spec = findPattern('solomon-bar')!.draw();
  const options = { ...DEFAULTS, squash: 0.8, h: 0.3 };

  it('is the same to the last digit under one seed, and to half a per cent under any', () => {
    const periods = [1, 1, 2, 3].map((seed) => {
      const tight = tighten(spec, { ...options, seed });
      if (!tight.ok) throw new Error(tight.issues[0]!.message);
      return tight.value.rope.period;
    });
    expect(periods[0]).toBe(periods[1]);
    for (const p of periods) expect(Math.abs(p / periods[0]! - 1)).toBeLessThan(0.005);
  });

  it.each(['solomon-bar', 'spiral-bar', 'flat-braid-4'])('of %s stays as it is in a doubled cell', (id) => {
    const pattern = findPattern(id)!;
    const built = build(pattern.draw(), seeded(9));
    if (!built.ok) throw new Error(id);
    const twice = run(doubleCell(built.value.rope), { ...options, h: 0.3, squash: pattern.squash });
    if (!twice.ok) throw new Error(twice.issues[0]!.message);
    expect(Math.abs(twice.value.rope.period / (2 * solvedFacts(id)!.periodD) - 1)).toBeLessThan(0.01);
  });

  it('never lets strands pass through each other, from any of a few seeds', () => {
    for (const id of ['ladder-two-5', 'double-bar', 'clove-hitch']) {
      const pattern = findPattern(id)!;
      for (const seed of [11, 12]) {
        const tight = tighten(pattern.draw(), {
          ...options,
          h: 0.4,
          seed,
          squash: pattern.squash,
          load: pattern.load,
        });
        expect(tight.ok, `${id} ${seed}`).toBe(true);
      }
    }
  });

  it('stops when it is told to', () => {
    let calls = 0;
    const stopped = tighten(spec, options, () => ++calls < 3);
    expect(!stopped.ok && stopped.issues[0]!.code).toBe('tighten.cancelled');
    expect(calls).toBe(3);
  });

  it('remembers the least distance ever, though strands have long come apart', () => {
    const ring = (x: number, name: string): RopeStrand => ({
      name,
      role: 'work',
      kind: 'closed',
      periods: 0,
      radius: 0.5,
      weight: 1,
      points: Float64Array.from(around(40, (t) => [x + 2 * Math.cos(t), 2 * Math.sin(t), 0]).flat()),
    });
    // Two rings side by side whose edges overlap by four fifths of a diameter; they push each other off and shrink.
    const tight = run({ period: 0, strands: [ring(-2.1, 'A'), ring(2.1, 'B')] }, { ...options, squash: 1 });
    if (!tight.ok) throw new Error(tight.issues[0]!.message);
    expect(tight.value.convergence.leastEver).toBeLessThan(0.3);
    expect(tight.value.convergence.overlap).toBeLessThan(0.02);
  });

  it('gives an error, not a number, when strands were drawn too close to tell them apart', () => {
    const read = parse('weave bad period 1\ncore C: 0,0\nwork W: -0.1,0 0.1,0.1 0.1,0.2 -0.1,0.3 | OU');
    if (!read.ok) throw new Error(read.issues[0]!.message);
    const tight = tighten(read.value, options);
    expect(!tight.ok && tight.issues[0]!.code).toMatch(/^tighten\.(passed|changed|unstable)$/);
  });
});
