import { describe, expect, it } from 'vitest';
import { PALETTE } from '../../colour/palette.ts';
import { PER_MM } from '../../drawing/shape.ts';
import type { RingDesign } from '../../formats/ring.ts';
import { layRing } from '../lays.ts';
import { leadPoints } from '../lead.ts';
import { planRing } from '../plan.ts';
import { meanGirth, narrowestWidth, type RingOnMandrel } from '../sizes.ts';
import { mod } from '../types.ts';
import { bightPlaces, crossingPlace, mapScene, wayParts } from './map.ts';
import { roundScene, turnTo } from './round.ts';
import { stripOf, stripSvg } from './strip.ts';

const ring = (leads: number, bights: number, passes: number, girth: number, n = 1): RingOnMandrel => ({
  shape: { leads, bights, coding: { by: 'row', n }, first: 'O' },
  passes,
  girth,
  d: 2,
});

/** Where two half cycles of any lanes cross on the unrolled ring, and which is higher there. */
function meetings(r: RingOnMandrel, lanes: number[]) {
  const width = narrowestWidth(r);
  const girth = meanGirth(r);
  const lays = layRing(r.shape, lanes);
  const found: { later: number; row: number; column: number; isOver: boolean }[] = [];
  const leads = lays.map((lay) => leadPoints(r, width, lay, lay.lane));
  for (const [i, lay] of lays.entries())
    for (const [j, other] of lays.slice(0, i).entries()) {
      if (other.way === lay.way) continue;
      for (let turn = -2; turn <= 2; turn++) {
        const hit = crossing(leads[i]!, leads[j]!, turn * girth);
        // A half cycle begins where the one before ends: that is a bight, no crossing.
        const isBight = hit && [leads[i]![0]!, leads[i]!.at(-3)!].some((u) => Math.abs(hit.u - u) < 1e-6);
        if (!hit || isBight) continue;
        const column = mod(Math.round((hit.u / girth) * 2 * r.shape.bights), 2 * r.shape.bights);
        found.push({ later: lay.n, row: hit.v, column, isOver: hit.za > hit.zb });
      }
    }
  return { lays, found };
}

/** Two ways on the map cross once at most: one climbs where the other falls. */
function crossing(a: Float64Array, b: Float64Array, shift: number) {
  for (let i = 3; i < a.length; i += 3)
    for (let j = 3; j < b.length; j += 3) {
      const [p, q] = [
        [a[i - 3]!, a[i - 2]!],
        [a[i]!, a[i + 1]!],
      ] as const;
      const [s, t] = [
        [b[j - 3]! + shift, b[j - 2]!],
        [b[j]! + shift, b[j + 1]!],
      ] as const;
      const d = (q[0]! - p[0]!) * (t[1]! - s[1]!) - (q[1]! - p[1]!) * (t[0]! - s[0]!);
      if (Math.abs(d) < 1e-12) continue;
      const x = ((s[0]! - p[0]!) * (t[1]! - s[1]!) - (s[1]! - p[1]!) * (t[0]! - s[0]!)) / d;
      const y = ((s[0]! - p[0]!) * (q[1]! - p[1]!) - (s[1]! - p[1]!) * (q[0]! - p[0]!)) / d;
      if (x < 0 || x >= 1 || y < 0 || y >= 1) continue;
      return {
        u: p[0]! + (q[0]! - p[0]!) * x,
        v: p[1]! + (q[1]! - p[1]!) * x,
        za: a[i - 1]! + (a[i + 2]! - a[i - 1]!) * x,
        zb: b[j - 1]! + (b[j + 2]! - b[j - 1]!) * y,
      };
    }
  return undefined;
}

describe('the map of a ring', () => {
  it.each([
    [3, 4, [0], 60, 1],
    [5, 9, [0], 90, 1],
    [5, 7, [0], 90, 2],
    [4, 6, [0], 90, 1],
    [5, 8, [0, 1, 0], 200, 1],
    [3, 5, [0, 0], 90, 1],
  ] as const)('is drawn as the run list reads: %i × %i', (leads, bights, lanes, girth, n) => {
    const { lays, found } = meetings(ring(leads, bights, lanes.length, girth, n), [...lanes]);
    // Every cord that a step is said to meet is crossed in the picture, over or under as said.
    for (const lay of lays) {
      const drawn = found.filter((m) => m.later === lay.n);
      const said = lay.tucks.reduce((sum, t) => sum + t.count, 0);
      expect(drawn.length, `step ${lay.n}`).toBe(said);
      const over = lay.tucks.filter((t) => t.isOver).reduce((sum, t) => sum + t.count, 0);
      expect(drawn.filter((m) => m.isOver).length, `step ${lay.n}`).toBe(over);
    }
    expect(found.length).toBe(lanes.length ** 2 * (leads - 1) * bights);
  });

  it('has the left edge at the top, L1 at the seam and R1 half a bight further on with an odd number of leads', () => {
    const r = ring(5, 8, 1, 100);
    const places = bightPlaces({ ring: r, widthMm: 20 });
    const pitch = meanGirth(r) / 8;
    const at = (name: string) => places.find((p) => p.name === name)!;
    expect([at('L1').x, at('L1').y]).toEqual([0, -10]);
    expect([at('R1').x, at('R1').y]).toEqual([pitch / 2, 10]);
    expect(at('L3').x).toBeCloseTo(2 * pitch, 9);
    expect(bightPlaces({ ring: ring(4, 6, 1, 90), widthMm: 20 }).find((p) => p.name === 'R1')!.x).toBe(0);
    expect(crossingPlace({ ring: r, widthMm: 20 }, 1, 1)[0]).toBeCloseTo(pitch / 2, 9);
  });

  it('begins at another pin when asked: pins, crossings and cords move on together, round the seam', () => {
    const r = ring(5, 8, 1, 100);
    const moved = { ...r, startColumn: 2 * 5 };
    const girth = meanGirth(r);
    const pitch = girth / 8;
    const on = (mm: number) => (mm + 5 * pitch) % girth;
    const places = bightPlaces({ ring: r, widthMm: 20 });
    for (const [i, p] of bightPlaces({ ring: moved, widthMm: 20 }).entries())
      expect(p.x).toBeCloseTo(on(places[i]!.x), 9);
    const [x] = crossingPlace({ ring: r, widthMm: 20 }, 3, 5);
    expect(crossingPlace({ ring: moved, widthMm: 20 }, 3, 5)[0]).toBeCloseTo(on(x), 9);
    for (const lay of layRing(r.shape, [0])) {
      const [a, b] = [r, moved].map((one) => leadPoints(one, 20, lay, 0));
      expect(b![0]).toBeCloseTo(on(a![0]!), 9);
      // Over stays over.
      for (let i = 2; i < a!.length; i += 3) expect(b![i]).toBe(a![i]);
    }
  });

  it('marks the way of a half cycle as under exactly where it goes under', () => {
    const r = ring(5, 9, 1, 90);
    const lays = layRing(r.shape, [0]);
    for (const lay of lays) {
      const parts = wayParts({ ring: r, widthMm: narrowestWidth(r) }, lay);
      // Crossings under that are no neighbours are stretches of their own.
      expect(parts.filter((p) => p.isUnder).length).toBe(lay.tucks.filter((t) => !t.isOver).length);
      expect(parts[0]!.isUnder).toBe(false);
    }
  });

  it('grows with every step, and shows the cord beyond the seam at the other end', () => {
    const r = ring(3, 5, 1, 60);
    const lays = layRing(r.shape, [0]);
    const ask = {
      ring: r,
      widthMm: narrowestWidth(r),
      lays,
      colours: PALETTE,
      cordOf: () => 0,
      beyondMm: 5,
    };
    const sizes = [0, 1, 5, 10].map((n) =>
      mapScene(ask, lays.slice(0, n)).shapes.reduce((s, x) => s + x.d.length, 0),
    );
    expect(sizes[0]).toBe(0);
    expect(sizes[1]).toBeGreaterThan(0);
    expect(sizes[3]).toBeGreaterThan(sizes[2]!);
    const whole = mapScene(ask, lays);
    const xs = whole.shapes.flatMap((s) => [...s.d.matchAll(/M(-?\d+) /g)].map((m) => Number(m[1]) / PER_MM));
    expect(Math.min(...xs)).toBeLessThan(0);
    expect(Math.max(...xs)).toBeGreaterThan(meanGirth(r));
    expect(whole.widthMm).toBeCloseTo(meanGirth(r) + 10, 9);
  });
});

describe('the strip for the mandrel', () => {
  const made = (patch: Partial<RingDesign> = {}) => {
    const plan = planRing({
      wearer: 'Okoro',
      format: 'warp-beam/ring',
      version: 1,
      name: 'Dome <strip>',
      product: 'ring-bracelet',
      girth: { by: 'mandrel', mm: 200 },
      leads: 5,
      bights: 16,
      coding: 'row1',
      first: 'O',
      cord: 'nylon-2',
      cords: [{ colour: 'dusk' }],
      lanes: [0],
      ends: 'buried',
      ...patch,
    });
    if (!plan.ok) throw new Error(plan.issues[0]!.message);
    return plan.value;
  };

  it('is as long as the mandrel is round, its pins 200/16 mm apart', () => {
    const strip = stripOf(made());
    expect(strip.lengthMm).toBe(200);
    const at = new Map(strip.pins.map((p) => [p.name, p.x]));
    expect(strip.pins).toHaveLength(32);
    for (let n = 1; n <= 16; n++) {
      expect(at.get(`L${n}`)).toBeCloseTo(12.5 * (n - 1), 9);
      expect(at.get(`R${n}`)).toBeCloseTo(12.5 * (n - 0.5), 9);
    }
    // The cords' map is longer by a diameter all round, and pressed together to the paper's length.
    const [, by] = strip.transform.match(/^scale\(([\d.]+) /)!;
    expect(Number(by) * PER_MM * (200 + 2 * Math.PI * 1.84)).toBeCloseTo(200, 6);
  });

  it('runs the other way for a left-handed maker, pins and cords alike', () => {
    const at = new Map(stripOf(made({ hand: 'left' })).pins.map((p) => [p.name, p.x]));
    expect(at.get('L1')).toBe(0);
    expect(at.get('L2')).toBeCloseTo(187.5, 9);
    expect(at.get('R1')).toBeCloseTo(193.75, 9);
    expect(stripOf(made({ hand: 'left' })).transform).toMatch(/^translate\(200 0\) scale\(-/);
  });

  it('is a file at full size with every pin’s name and a tab of 10 mm', () => {
    const svg = stripSvg(made(), 'Dome <strip>');
    expect(svg).toContain('width="213.00mm"');
    expect(svg).toContain('<title>Dome &lt;strip&gt;</title>');
    expect([...svg.matchAll(/<text [^>]*>([LR]\d+)</g)].map((m) => m[1])).toHaveLength(32);
    expect(svg).not.toMatch(/NaN|undefined/);
  });
});

describe('the ring in the round', () => {
  it('is as wide as the ring across, whichever way it is turned', () => {
    const r = ring(5, 8, 1, 100);
    const lays = layRing(r.shape, [0]);
    const across = meanGirth(r) / Math.PI + 3 * r.d;
    for (const turn of [0, 1, 2]) {
      const scene = roundScene(
        { ring: r, widthMm: narrowestWidth(r), colours: PALETTE, cordOf: () => 0, turn, tilt: 0.4 },
        lays,
      );
      expect(scene.widthMm).toBeCloseTo(across + 4, 6);
      const xs = scene.shapes.flatMap((s) =>
        [...s.d.matchAll(/[ML](-?\d+) /g)].map((m) => Number(m[1]) / PER_MM),
      );
      expect(Math.max(...xs)).toBeLessThan(across / 2);
      expect(Math.min(...xs)).toBeGreaterThan(-across / 2);
      expect(Math.max(...xs)).toBeGreaterThan(0.8 * (across / 2));
    }
  });

  it('is turned so that the middle of the next half cycle faces the eye', () => {
    const r = ring(3, 8, 1, 100);
    const lays = layRing(r.shape, [0]);
    const width = narrowestWidth(r);
    for (const lay of lays) {
      const scene = roundScene(
        { ring: r, widthMm: width, colours: PALETTE, cordOf: () => 0, turn: turnTo(lay, r), tilt: 0.4 },
        [lay],
      );
      const at = (index: 1 | 2) =>
        scene.shapes.flatMap((s) =>
          [...s.d.matchAll(/[ML](-?\d+) (-?\d+)/g)].map((m) => Number(m[index]) / PER_MM),
        );
      const [xs, ys] = [at(1), at(2)];
      expect(Math.abs(Math.max(...xs) + Math.min(...xs)), `half cycle ${lay.k}`).toBeLessThan(2);
      // Tilted towards the eye, the near side is the lower one.
      expect(ys.reduce((a, b) => a + b, 0) / ys.length).toBeGreaterThan(2);
    }
  });
});
