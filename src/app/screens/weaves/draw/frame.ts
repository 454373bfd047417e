import { outline } from '../../../../core/weave/crossings.ts';
import type { WeaveSpec } from '../../../../core/weave/types.ts';

/** Where a drawing in cord diameters is on the screen, in pixels: x to the right, y upwards, as the work grows. */
export interface Frame {
  readonly scale: number;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly x: (d: number) => number;
  readonly y: (d: number) => number;
  /** Back from pixels to diameters. */
  readonly place: (xPx: number, yPx: number) => readonly [number, number];
  /** Numbers of the periods that are in sight, this one being 0. */
  readonly images: readonly number[];
  readonly leastY: number;
  readonly mostY: number;
  readonly leastX: number;
  readonly mostX: number;
}

const [MOST_WIDTH, MOST_HEIGHT] = [460, 470];
const [LEAST_SCALE, MOST_SCALE] = [9, 36];
/** Room beside the outermost strands, in diameters. */
const ROOM = 2;

/** The whole drawing with room to draw beside it, and as much of its neighbours as shows how it goes on. */
export function frameOf(spec: WeaveSpec): Frame {
  const points = spec.strands.flatMap((s) => outline(s, spec));
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => p[1]);
  const beyond = spec.kind === 'weave' ? Math.min(spec.period / 3, 4) : ROOM;
  const [leastX, mostX] = [Math.floor(Math.min(...xs, -2) - ROOM), Math.ceil(Math.max(...xs, 2) + ROOM)];
  const [leastY, mostY] = [
    Math.floor(Math.min(...ys) - beyond),
    Math.ceil(Math.max(...ys, Math.min(...ys) + spec.period) + beyond),
  ];
  const fit = Math.min(MOST_WIDTH / (mostX - leastX), MOST_HEIGHT / (mostY - leastY));
  const scale = Math.max(LEAST_SCALE, Math.min(MOST_SCALE, fit));
  const images =
    spec.kind === 'weave'
      ? around(
          Math.ceil((Math.max(...ys) - leastY) / spec.period),
          Math.ceil((mostY - Math.min(...ys)) / spec.period),
        )
      : [0];
  return {
    scale,
    widthPx: (mostX - leastX) * scale,
    heightPx: (mostY - leastY) * scale,
    x: (d) => (d - leastX) * scale,
    y: (d) => (mostY - d) * scale,
    place: (xPx, yPx) => [xPx / scale + leastX, mostY - yPx / scale],
    images,
    leastX,
    mostX,
    leastY,
    mostY,
  };
}

const around = (before: number, behind: number): number[] =>
  Array.from({ length: before + behind + 1 }, (_, i) => i - before);

/** Half a diameter: where points are put by a click. */
const SNAP = 0.5;
export const snapped = ([x, y]: readonly [number, number]): [number, number] => [
  Math.round(x / SNAP) * SNAP,
  Math.round(y / SNAP) * SNAP,
];
