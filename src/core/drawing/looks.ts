import type { CordColour } from '../colour/palette.ts';
import { type DrawnRun, polyline, stations } from './runs.ts';
import { fix } from './shape.ts';

/** Something drawn on a cord over its base colour, along its own length, so that it runs with the cord. */
interface LookStroke {
  readonly d: string;
  readonly stroke: string;
  readonly width: number;
  readonly cap?: 'round';
}

/** What a cord's look adds to its base: a stripe, flecks, patches, or the other half. */
export function lookStrokes(runs: readonly DrawnRun[], colour: CordColour, d: number): LookStroke[] {
  const { accents } = colour;
  const scale = colour.scale ?? 1;
  if (accents.length === 0) return [];
  switch (colour.look) {
    case 'striped':
      return [
        {
          d: runs.map((r) => polyline(r, 0.16 * d)).join(''),
          stroke: accents[0]!,
          width: d * 0.17 * Math.min(2, scale),
        },
      ];
    case 'flecked':
      return accents.flatMap((stroke, i) =>
        drawn(
          runs.map((r) => flecks(r, d, scale, i)),
          stroke,
          d * 0.2 * Math.min(1.6, scale),
        ),
      );
    case 'camouflage':
      return accents.flatMap((stroke, i) =>
        drawn(
          runs.map((r) => patches(r, d, scale, i)),
          stroke,
          d * 0.44,
        ),
      );
    case 'two-tone':
      return drawn(
        runs.map((r) => otherHalf(r, d, scale)),
        accents[0]!,
        d * 0.42,
      );
    default:
      return [];
  }
}

function drawn(paths: readonly string[], stroke: string, width: number): LookStroke[] {
  const d = paths.join('');
  return d ? [{ d, stroke, width, cap: 'round' }] : [];
}

/** The same irregular number between 0 and 1 for the same place on the cord. */
const hash = (k: number, series: number): number =>
  Math.abs(Math.sin((k + series * 57) * 12.9898) * 43758.5453) % 1;

/** Flecks at fixed but irregular places along the cord. */
function flecks(run: DrawnRun, d: number, scale: number, series: number): string {
  let out = '';
  for (const [x, y, tx, ty, k] of stations(run, d * 0.5 * scale)) {
    const h = hash(k, series);
    if (h > 0.42) continue;
    const off = (h / 0.42 - 0.5) * 0.5 * d;
    out += stroke(x - ty * off, y + tx * off, tx, ty, 0.2 * d * scale);
  }
  return out;
}

/** Patches wider than flecks, about as long as the cord is thick, some to each side. */
function patches(run: DrawnRun, d: number, scale: number, series: number): string {
  let out = '';
  for (const [x, y, tx, ty, k] of stations(run, d * 0.9 * scale)) {
    const h = hash(k, series + 3);
    if (h > 0.5) continue;
    const off = (h * 4 - 1) * 0.28 * d;
    out += stroke(x - ty * off, y + tx * off, tx, ty, (0.25 + h * 0.9) * d * scale);
  }
  return out;
}

/** Half of the sheath in the other colour: it winds once round the cord in a few diameters. */
function otherHalf(run: DrawnRun, d: number, scale: number): string {
  let out = '';
  for (const [x, y, tx, ty, k] of stations(run, d * 0.25)) {
    const turn = Math.sin((k * 0.25 * 2 * Math.PI) / (6 * scale));
    const off = 0.24 * d * turn;
    out += stroke(x - ty * off, y + tx * off, tx, ty, 0.3 * d);
  }
  return out;
}

const stroke = (x: number, y: number, tx: number, ty: number, length: number): string =>
  `M${fix(x)} ${fix(y)}L${fix(x + tx * length)} ${fix(y + ty * length)}`;
