import { describe, expect, it } from 'vitest';
import { onPlane, viewOf } from './camera.ts';
import { cornersMm } from './corners.ts';
import { photoOf } from './testing/pieces.ts';
import { cameraOf, referenceCorners } from './testing/scene.ts';
import { type Point, REFERENCES } from './types.ts';

const CARD = REFERENCES[0]!;
const distance = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]);

/** A card on the table from 28 cm, at some tilt. */
const setUp = (tiltDegrees: number, focal = 0.75) =>
  photoOf([], {
    distanceMm: 280,
    tilt: (tiltDegrees * Math.PI) / 180,
    focal,
    referenceAt: [0, 20],
    referenceZ: 0,
  });

/** What a stick of 200 mm at a height measures on the plane of that height, or on that of the card. */
function stick(tilt: number, z: number, corrected: boolean, focal = 0.75, told?: number): number {
  const scene = setUp(tilt, focal);
  const camera = cameraOf(scene);
  const facts = told === undefined ? {} : { focal35Mm: told };
  const view = viewOf(
    cornersMm(CARD),
    referenceCorners(scene),
    { width: scene.widthPx, height: scene.heightPx },
    facts,
  )!;
  const plane = corrected ? view.at(z) : view.plane;
  const ends = [camera.see(-100, -30, z), camera.see(100, -30, z)].map(([x, y]) => onPlane(plane, [x, y]));
  return distance(ends[0]!, ends[1]!);
}

describe('the camera from one card', () => {
  it('measures what lies in the plane of the card exactly', () => {
    for (const tilt of [0, 10, 25]) expect(stick(tilt, 0, false)).toBeCloseTo(200, 6);
  });

  it('shows what is 5.5 mm above it 2.0 % too long from 28 cm, as the theorem on intersecting lines says', () => {
    // 280 ÷ (280 − 5.5) = 1.0200, seen straight from above.
    expect(stick(0, 5.5, false) / 200).toBeCloseTo(1.02, 3);
  });

  it('puts that right to 0.15 % with the usual lens, at any tilt', () => {
    for (const tilt of [0, 10, 25]) {
      expect(stick(tilt, 5.5, true) / 200).toBeGreaterThan(0.9985);
      expect(stick(tilt, 5.5, true) / 200).toBeLessThan(1.0015);
    }
  });

  it('finds a lens that is 8 % off the usual one to 5 % at a tilt of 25°', () => {
    const scene = setUp(25, 0.81);
    const view = viewOf(cornersMm(CARD), referenceCorners(scene), { width: 2016, height: 1512 })!;
    expect(Math.abs(view.focalPx / (0.81 * 2016) - 1)).toBeLessThan(0.05);
  });

  it('believes a picture that tells its lens: 52 mm of film are 1.2 of the diagonal', () => {
    const scene = setUp(0, 1.5);
    const told = (1.5 * 2016 * 43.27) / Math.hypot(2016, 1512);
    const view = viewOf(
      cornersMm(CARD),
      referenceCorners(scene),
      { width: 2016, height: 1512 },
      { focal35Mm: told },
    )!;
    expect(view.focalPx / (1.5 * 2016)).toBeCloseTo(1, 2);
    expect(stick(0, 5.5, true, 1.5, told) / 200).toBeCloseTo(1, 3);
    // Taken for the usual lens it comes out short.
    expect(stick(0, 5.5, true, 1.5) / 200).toBeLessThan(0.985);
  });

  it('sees a point above the plane where the true camera sees it', () => {
    const scene = setUp(20);
    const camera = cameraOf(scene);
    const view = viewOf(
      cornersMm(CARD),
      referenceCorners(scene),
      { width: 2016, height: 1512 },
      { focal35Mm: (0.75 * 2016 * 43.27) / Math.hypot(2016, 1512) },
    )!;
    const [px, py] = camera.see(40, -35, 8);
    const on = onPlane(view.at(8), [px, py]);
    const ground = onPlane(view.plane, camera.see(40, -35, 0) as unknown as Point);
    expect(distance(on, ground)).toBeLessThan(0.15);
  });
});
