import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { loadWeave } from '../patterns/index.ts';
import { plan } from '../plan/plan.ts';
import { beamScene, layOut, stretchScene } from './beam.ts';
import { cropTube } from './crop.ts';
import { PER_MM, type Scene } from './shape.ts';
import type { Tube } from './tubes.ts';

/** A cord of 2 mm with a point every millimetre of the way. */
const tubeAlong = (ys: readonly number[]): Tube => ({
  points: Float64Array.from(ys.flatMap((y) => [0, y, 0])),
  flat: Float64Array.from(ys.flatMap((y) => [0, 0, y])),
  radiusMm: 1,
  strand: 'A',
  role: 'work',
  lane: 0,
  cord: 0,
  arcMm: 100,
});
const ysOf = (tube: Tube) => Array.from(tube.points).filter((_, i) => i % 3 === 1);
const upTo = (n: number) => Array.from({ length: n + 1 }, (_, i) => i);

describe('a cord on a stretch of the mat', () => {
  it('reaches its own thickness and one point beyond it on either side', () => {
    // From 20 to 30: two radii of 1 mm beyond, 18 to 32, and a point more.
    const [one, ...more] = cropTube(tubeAlong(upTo(50)), { fromMm: 20, toMm: 30 });
    expect(more).toEqual([]);
    expect(ysOf(one!)).toEqual(Array.from({ length: 17 }, (_, i) => 17 + i));
    // So far along the cord it begins, after the 100 mm at which the whole did.
    expect(one!.arcMm).toBe(117);
    // How it is pressed is cut alike.
    expect(one!.flat!.filter((_, i) => i % 3 === 2)).toEqual(one!.points.filter((_, i) => i % 3 === 1));
  });

  it('that comes back to it is drawn twice, and where it is never there not at all', () => {
    const there = upTo(40);
    const back = tubeAlong([...there, ...there.toReversed().slice(1)]);
    const twice = cropTube(back, { fromMm: 4, toMm: 6 });
    expect(twice.map(ysOf)).toEqual([
      [1, 2, 3, 4, 5, 6, 7, 8, 9],
      [9, 8, 7, 6, 5, 4, 3, 2, 1],
    ]);
    // 40 there and 31 back.
    expect(twice.map((t) => t.arcMm)).toEqual([101, 171]);
    expect(cropTube(back, { fromMm: 60, toMm: 80 })).toEqual([]);
  });

  it('that lies all in it is as it was', () => {
    const tube = tubeAlong(upTo(9));
    expect(cropTube(tube, { fromMm: -5, toMm: 20 })).toEqual([tube]);
  });
});

const design: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Dome night band',
  product: 'bracelet',
  wearer: { name: 'Ines', girthMm: 165 },
  ease: { school: 'thickness', slackMm: 6 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'separate' },
  cords: [{ colour: 'ember' }, { colour: 'dusk' }],
  closure: { kind: 'side-release' },
};

describe('a picture of a stretch', () => {
  const xs = (scene: Scene) =>
    scene.shapes
      .filter((s) => s.part === 'outline')
      .flatMap((s) => [...s.d.matchAll(/[ML](-?\d+) /g)].map((m) => Number(m[1]) / PER_MM));

  it('is as high as the whole, and draws the cords there and no others', async () => {
    const made = plan(design);
    if (!made.ok) throw new Error(made.issues[0]!.message);
    const pictures = { weave: (await loadWeave('solomon-bar'))!, knots: new Map() };
    const whole = beamScene(made.value, pictures, 'front');
    const part = stretchScene(layOut(made.value, pictures, 'front'), { fromMm: 60, toMm: 90 });
    expect([part.minX, part.widthMm]).toEqual([60, 30]);
    expect([part.minY, part.heightMm]).toEqual([whole.minY, whole.heightMm]);
    // Cords of 4 mm: four millimetres beyond, and no more than a point and a stroke’s overlap further.
    expect(Math.min(...xs(part))).toBeGreaterThan(60 - 4 - 2);
    expect(Math.max(...xs(part))).toBeLessThan(90 + 4 + 2);
    for (const cord of [0, 1]) expect(part.shapes.some((s) => s.cord === cord)).toBe(true);
    // As many turns of the cords lie there in both: a stroke begins where one comes up.
    const inside = (scene: Scene) => xs(scene).filter((x) => x > 62 && x < 88).length;
    expect(Math.abs(inside(part) / inside(whole) - 1)).toBeLessThan(0.05);
  });
});
