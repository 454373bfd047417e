import { describe, expect, it } from 'vitest';
import { CLOSURES } from '../closures/index.ts';
import { offeredFor } from '../closures/offered.ts';
import { fingerHullMm } from '../fit/fingers.ts';
import { PRODUCTS } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import { loadWeave } from '../patterns/index.ts';
import { adapt, asProduct } from '../plan/adapt.ts';
import { LIBRARY_ONLY } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/types.ts';
import { beamScene, closedSpan } from './beam.ts';
import { closedScene } from './closed.ts';
import { wornOutline } from './outline.ts';
import { knotsOf, type Pictures } from './pictures.ts';
import { pieceTubes } from './piece.ts';
import { PER_MM, type Shape } from './shape.ts';

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Drawn',
  product: 'bracelet',
  wearer: { name: 'Ines', girthMm: 165 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-3',
  setup: { style: 'folded' },
  cords: [{ colour: 'ember' }, { colour: 'dusk' }],
  closure: { kind: 'side-release' },
};

const PATTERN: Record<string, string> = {
  'braid-loop': 'flat-braid-5',
  'chain-loop': 'chain-sinnet',
  'wrapped-band': 'plain-band-2',
  'spring-bars': 'flat-braid-7',
};

async function drawn(kind: string): Promise<{ design: Design; plan: Plan; pictures: Pictures }> {
  const product = PRODUCTS.find((p) => offeredFor(p).includes(kind))!;
  const pattern = { id: PATTERN[kind] ?? 'solomon-bar' };
  const design = adapt(
    { ...asProduct(BASE, product.id, LIBRARY_ONLY), pattern, closure: { kind } },
    {},
    LIBRARY_ONLY,
  );
  const made = plan(design);
  if (!made.ok) throw new Error(`${kind}: ${made.issues[0]!.message}`);
  const knots = await Promise.all(
    knotsOf(made.value).map(async (id) => [id, (await loadWeave(id))!] as const),
  );
  return {
    design,
    plan: made.value,
    pictures: { weave: (await loadWeave(pattern.id))!, knots: new Map(knots) },
  };
}

const points = (shape: Shape): [number, number][] =>
  [...shape.d.matchAll(/(-?\d+) (-?\d+)/g)].map((m) => [Number(m[1]) / PER_MM, Number(m[2]) / PER_MM]);

describe('the line of a closed band', () => {
  it.each([
    [165, 173, 9],
    [165, 195, 3],
    [400, 418, 11],
    [165, 160, 6],
    [165, 300, 4],
  ])('round %d mm, %d inside, %d thick, is inner girth + π·t long', (girth, inner, t) => {
    const { midline } = wornOutline(girth, inner, t);
    expect(midline.lengthMm / (inner + Math.PI * t)).toBeCloseTo(1, 4);
  });

  it('leaves room for exactly the finger that it was made for', () => {
    for (const finger of [6, 12, 15]) {
      const worn = wornOutline(165, fingerHullMm(165, 1, finger), 5);
      expect(worn.roomMm).toBeCloseTo(finger, 4);
      expect(Math.hypot(...worn.finger)).toBeCloseTo(165 / (2 * Math.PI) + finger / 2, 4);
    }
    expect(wornOutline(165, 165, 5).roomMm).toBe(0);
  });

  it('runs clockwise from its lowest point, and its normal points outwards', () => {
    const { midline } = wornOutline(165, 180, 5);
    const [low, left] = [midline.at(0), midline.at(midline.lengthMm / 4)];
    expect(left.x).toBeLessThan(low.x);
    for (let s = 0; s < midline.lengthMm; s += 7) {
      const p = midline.at(s);
      expect(p.x * p.nx + p.y * p.ny).toBeGreaterThan(0);
      expect(p.y).toBeGreaterThanOrEqual(low.y - 1e-6);
    }
    expect(midline.at(midline.lengthMm + 5).x).toBeCloseTo(midline.at(5).x, 6);
  });
});

describe.each(CLOSURES.map((c) => c.id))('%s', (kind) => {
  it('is drawn whole: knots in place, nothing outside its frame, closed length to scale', async () => {
    const { plan: p, pictures } = await drawn(kind);
    for (const id of knotsOf(p)) expect(pictures.knots.get(id), id).toBeDefined();
    for (const view of ['front', 'edge'] as const) {
      const scene = beamScene(p, pictures, view);
      for (const shape of scene.shapes.filter((x) => x.part === 'outline' || x.strand === undefined)) {
        for (const [x] of points(shape)) {
          if (x > scene.minX - 4 && x < scene.minX + scene.widthMm + 4) continue;
          expect.fail(`${view}: something at ${x} mm, outside the frame`);
        }
      }
    }
    const span = closedSpan(p);
    expect(Math.abs(span.toMm - span.fromMm)).toBeCloseTo(p.finishedLengthMm, 6);
  });

  it('closes round the body: the weave lies on the closed line, outside the body', async () => {
    const { design, plan: p, pictures } = await drawn(kind);
    const scene = closedScene(design, p, pictures);
    const R = scene.bodyRadiusMm;
    expect(R).toBeCloseTo(design.wearer.girthMm / (2 * Math.PI), 6);
    const cord = scene.shapes.filter((s) => s.part === 'outline' && s.strand !== undefined).flatMap(points);
    const nearest = Math.min(...cord.map(([x, y]) => Math.hypot(x, y)));
    expect(nearest).toBeGreaterThan(R - 0.6 * p.metrics.thicknessMm);
    expect(cord.every(([x, y]) => Number.isFinite(x) && Number.isFinite(y))).toBe(true);
  });
});

describe('working ends', () => {
  it.each(['folded', 'separate'] as const)(
    'of a %s bar never stop in the open: another piece of the cord takes on',
    async (style) => {
      const cords = style === 'folded' ? [{ colour: 'ember' }] : BASE.cords;
      const made = plan({ ...BASE, setup: { style }, cords });
      if (!made.ok) throw new Error(made.issues[0]!.message);
      const pictures: Pictures = { weave: (await loadWeave('solomon-bar'))!, knots: new Map() };
      const tubes = pieceTubes(made.value, pictures, 0);
      const tips = tubes.map((t) => [t.points.slice(0, 3), t.points.slice(-3)] as const);
      const apart = (a: Float64Array, b: Float64Array) => Math.hypot(...a.map((v, k) => v - b[k]!));
      const weave = tubes.filter((t) => t.role !== 'core' && t.points.length > 300);
      expect(weave.length).toBeGreaterThan(1);
      for (const tube of weave) {
        const mine = tubes.indexOf(tube);
        for (const tip of tips[mine]!) {
          const nearest = Math.min(
            ...tips.flatMap((other, i) => (i === mine ? [] : other.map((p) => apart(tip, p)))),
          );
          expect(nearest, `${tube.strand} at ${tip[1]}`).toBeLessThan(0.1);
        }
      }
    },
  );
});

describe('a knot at an end', () => {
  it('starts where its mark says, and is as long as the table says', async () => {
    const { plan: p, pictures } = await drawn('knot-loop');
    const mark = p.bands[0]!.marks.find((m) => m.label === 'stopper starts here')!;
    const end = p.bands[0]!.startMm + p.bands[0]!.wovenMm;
    const beyond = pieceTubes(p, pictures, 0).flatMap((t) =>
      Array.from({ length: t.points.length / 3 }, (_, i) => t.points[3 * i + 1]!).filter((y) => y > end + 1),
    );
    const d = p.metrics.diameterMm;
    const body = pictures.knots.get('diamond')!.bodyD * d;
    expect(Math.max(...beyond)).toBeGreaterThan(mark.atMm + body - d);
    expect(Math.max(...beyond)).toBeLessThan(mark.atMm + body + 2 * d);
  });

  it('lets a running end leave the band by what dangles', async () => {
    const { plan: p } = await drawn('single-sliding');
    const { shape } = p.bands[0]!.end;
    if (shape.shape !== 'run') throw new Error('no running end');
    expect(shape.lengthMm - shape.leaves!.outMm).toBeCloseTo(p.closed.danglesMm, 6);
  });
});

describe('a bead on the spine', () => {
  it('is drawn on the spine’s own cord, beyond the last row', async () => {
    const design = adapt(
      { ...BASE, pattern: { id: 'laced-bar-spine' }, closure: { kind: 'bead-shackle' } },
      {},
      LIBRARY_ONLY,
    );
    const made = plan(design);
    if (!made.ok) throw new Error(made.issues[0]!.message);
    const band = made.value.bands[0]!;
    const weave = (await loadWeave('laced-bar-spine'))!;
    const tubes = pieceTubes(made.value, { weave, knots: new Map() }, 0);
    const reach = (points: Float64Array) => Math.max(...points.filter((_, i) => i % 3 === 1));
    const farthest = tubes.toSorted((a, b) => reach(b.points) - reach(a.points))[0]!;
    // Past the shackle's rod, 5 mm, and a diameter and a half.
    expect(reach(farthest.points) - band.startMm - band.wovenMm).toBeGreaterThan(5);
    expect(farthest.role).toBe('spine');
  });
});

describe('a loop of two colours', () => {
  it('is the fold of one cord: both its legs are in that colour', async () => {
    const design: Design = {
      ...BASE,
      pattern: { id: 'flat-braid-4' },
      setup: { style: 'separate', strands: { 'S/0': 0, 'S/1': 1, 'S/2': 0, 'S/3': 1 } },
      closure: { kind: 'knot-loop' },
    };
    const made = plan(design);
    if (!made.ok) throw new Error(made.issues[0]!.message);
    const knots = await Promise.all(
      knotsOf(made.value).map(async (id) => [id, (await loadWeave(id))!] as const),
    );
    const pictures = { weave: (await loadWeave('flat-braid-4'))!, knots: new Map(knots) };
    const beyond = made.value.bands[0]!.startMm - 2 * made.value.metrics.diameterMm;
    const legs = pieceTubes(made.value, pictures, 0).filter((t) => {
      const ys = Array.from(t.points).filter((_, i) => i % 3 === 1);
      return Math.min(...ys) < beyond;
    });
    expect(legs.map((t) => t.cord)).toEqual([0, 0]);
  });
});
