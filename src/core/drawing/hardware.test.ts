import { describe, expect, it } from 'vitest';
import { CLOSURES } from '../closures/index.ts';
import { offeredFor } from '../closures/offered.ts';
import type { EndShape } from '../closures/types.ts';
import { PRODUCTS } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import { adapt, asProduct } from '../plan/adapt.ts';
import { ADDON_KINDS, type AddonPlace } from '../plan/addons.ts';
import { LIBRARY_ONLY } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { addonShapes } from './addons.ts';
import { caseShapes, hardwareReach, hardwareShapes, ringShapes } from './hardware.ts';
import { placeAlong, placesOf, placeTube } from './place.ts';
import { PER_MM, type Shape } from './shape.ts';
import { along, circle, roundedBox } from './shapes.ts';

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Hardware',
  product: 'bracelet',
  wearer: { name: 'Ines', girthMm: 165 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-3',
  setup: { style: 'folded' },
  cords: [{ colour: 'ember' }],
  closure: { kind: 'side-release' },
};

const points = (shapes: readonly Shape[]): [number, number][] =>
  shapes.flatMap((s) =>
    [...s.d.matchAll(/(-?\d+) (-?\d+)/g)].map((m): [number, number] => [
      Number(m[1]) / PER_MM,
      Number(m[2]) / PER_MM,
    ]),
  );

/** Every end of every closure that is drawn as something stiff. */
const ENDS: readonly (readonly [string, EndShape])[] = CLOSURES.flatMap((c) => {
  const product = PRODUCTS.find((p) => offeredFor(p).includes(c.id))!;
  const pattern = { id: c.unsuited ? 'plain-band-2' : 'solomon-bar' };
  const made = plan(
    adapt(
      { ...asProduct(BASE, product.id, LIBRARY_ONLY), pattern, closure: { kind: c.id } },
      {},
      LIBRARY_ONLY,
    ),
  );
  if (!made.ok) return [];
  return made.value.bands
    .flatMap((b) => [b.start, b.end])
    .map((e) => [`${c.id}: ${e.name}`, e.shape] as const);
});

describe('boxes and circles', () => {
  it('lie outwards from their bar, whichever way that is', () => {
    const box = (dir: 1 | -1) => points([{ d: roundedBox(along(10, dir), 0, 6, 3, 1) }]).map((p) => p[0]);
    expect([Math.min(...box(1)), Math.max(...box(1))]).toEqual([10, 16]);
    expect([Math.min(...box(-1)), Math.max(...box(-1))]).toEqual([4, 10]);
  });

  it('are as large as they are said to be', () => {
    const c = points([{ d: circle(along(0, 1), 5, 2, 3) }]);
    expect(Math.min(...c.map((p) => p[0]))).toBeCloseTo(2, 2);
    expect(Math.max(...c.map((p) => p[1]))).toBeCloseTo(5, 2);
  });
});

describe('hardware', () => {
  it.each(ENDS)('%s keeps within its reach, and turns round as a whole', (_name, shape) => {
    const reach = hardwareReach(shape);
    for (const view of ['front', 'edge'] as const) {
      const [right, left] = ([1, -1] as const).map((dir) =>
        points(hardwareShapes(shape, along(0, dir), view)),
      );
      if (shape.shape !== 'run') {
        for (const [x, y] of right!) {
          expect(x).toBeLessThanOrEqual(reach.out + 4);
          expect(Math.abs(y)).toBeLessThanOrEqual(Math.max(reach.half, 6) + 4);
        }
      }
      expect(left!.length).toBe(right!.length);
      const far = (list: [number, number][]) => Math.max(0, ...list.map((p) => Math.abs(p[0])));
      expect(far(left!)).toBeCloseTo(far(right!), 2);
    }
  });

  it('opens its slot to the mat: buckles are drawn with a hole', () => {
    for (const [name, shape] of ENDS) {
      if (shape.shape !== 'buckle') continue;
      expect(
        hardwareShapes(shape, along(0, 1), 'front').some((s) => s.rule === 'evenodd'),
        name,
      ).toBe(true);
    }
  });

  it('hangs a ring as wide as its flat side and below the band', () => {
    const ring = points(ringShapes(50, 24, 3.5, 20));
    expect(Math.min(...ring.map((p) => p[0]))).toBeCloseTo(50 - 12 - 1.75, 2);
    expect(Math.max(...ring.map((p) => p[0]))).toBeCloseTo(50 + 12 + 1.75, 2);
    expect(Math.max(...ring.map((p) => p[1]))).toBeGreaterThan(10);
  });

  it('draws a watch between its lugs', () => {
    const watch = points(caseShapes(0, 46, 20, 'front'));
    expect(Math.min(...watch.map((p) => p[0]))).toBeGreaterThan(-2);
    expect(Math.max(...watch.map((p) => p[0]))).toBeLessThan(48);
  });
});

describe('add-ons', () => {
  // A knot in the band is cord, and drawn as cord (see plan/focalKnots.test.ts).
  it.each((Object.keys(ADDON_KINDS) as (keyof typeof ADDON_KINDS)[]).filter((kind) => kind !== 'knot'))(
    'a %s is drawn at its place, as long as it is',
    (kind) => {
      const place: AddonPlace = {
        kind,
        name: kind,
        key: 'addon-0',
        index: 0,
        atMm: 60,
        sizeMm: 14,
        fromRow: 1,
        toRow: 2,
        weightG: 1,
        holeMm: undefined,
      };
      const xs = points(addonShapes(place, 18)).map((p) => p[0]);
      expect((Math.min(...xs) + Math.max(...xs)) / 2).toBeCloseTo(60, 0);
      expect(Math.max(...xs) - Math.min(...xs)).toBeGreaterThan(12);
      expect(Math.max(...xs) - Math.min(...xs)).toBeLessThan(14 + 4);
    },
  );
});

describe('two halves on the mat', () => {
  it('lie on either side of the case, the first one turned by half', () => {
    const made = plan(
      adapt(asProduct({ ...BASE, cord: 'nylon-2' }, 'watch-two-piece', LIBRARY_ONLY), {}, LIBRARY_ONLY),
    );
    if (!made.ok) throw new Error('strap');
    const [a, b] = placesOf(made.value);
    expect(placeAlong(a!, 10)).toBe(-10);
    expect(placeAlong(b!, 10)).toBe(made.value.caseMm + 10);
    const tube = {
      points: Float64Array.from([1, 10, 2]),
      radiusMm: 1,
      strand: 'A',
      role: 'work' as const,
      lane: 0,
      cord: 0,
      arcMm: 0,
    };
    expect([...placeTube(tube, a!).points]).toEqual([-1, -10, 2]);
  });
});
