import { laneKey } from '../../colour/lanes.ts';
import type { CordColour } from '../../colour/palette.ts';
import { paintTubes } from '../../drawing/paint.ts';
import type { Scene } from '../../drawing/shape.ts';
import { bandTubes, type Tube } from '../../drawing/tubes.ts';
import type { SolvedWeave } from '../../patterns/types.ts';
import type { StrandSpan } from '../../plan/spans.ts';
import { type Frame, shownX } from '../rows/moves.ts';
import type { FaultyStretch } from './faults.ts';

/** How far a loose row stands out, and over how many rows it fades. */
const BULGE = 0.42;
const PAD_MM = 2;

interface Ask {
  readonly stretch: FaultyStretch;
  readonly solved: SolvedWeave;
  readonly frame: Frame;
  /** Looks, and which one a core or the end that starts in a slot has. */
  readonly looks: readonly CordColour[];
  readonly coreCord: (strand: string) => number;
  readonly slotCord: (slot: number) => number;
  readonly diameterMm: number;
  readonly change?: 'loose' | 'colours';
  /** Its front, or its back as the work turned over sideways. */
  readonly view?: 'front' | 'back';
}

/** A tight stretch as it hangs before the maker, in the piece's own colours, with what is wrong in it. */
export function slipScene(ask: Ask): Scene {
  const { stretch, solved, diameterMm: d, looks, frame } = ask;
  const rows = solved.rowsPerPeriod;
  const rowMm = (solved.periodD / rows) * d;
  const at = (stretch.row < 0 ? Math.floor(rows / 2) : stretch.row) * rowMm;
  const tubes = bandTubes({
    solved,
    diameterMm: d,
    rows,
    wovenMm: rows * rowMm,
    startMm: 0,
    spans: spansOf(ask, at, rows * rowMm),
  });
  const hung = tubes
    .map((t) => hang(ask.change === 'loose' ? loosen(t, at, rowMm) : t, frame))
    .map((t) => (ask.view === 'back' ? turnOver(t) : t));
  const { shapes } = paintTubes(hung, looks, 'front');
  // Screen x is a hung tube's y, screen y its x.
  const [x0, x1] = bounds(hung, 1);
  const [y0, y1] = bounds(hung, 0);
  return {
    minX: x0 - PAD_MM,
    minY: y0 - PAD_MM,
    widthMm: x1 - x0 + 2 * PAD_MM,
    heightMm: y1 - y0 + 2 * PAD_MM,
    shapes,
  };
}

/** Cords by passage; where colours changed places, the two outermost slots trade theirs from the row on. */
function spansOf(ask: Ask, at: number, end: number): Map<string, StrandSpan[]> {
  const { stretch, solved, coreCord, slotCord, change } = ask;
  const slots = Object.values(stretch.slots).flat();
  const cords = [...new Set(slots.map(slotCord))];
  const other = (cord: number) =>
    cord === cords[0] ? cords.at(-1)! : cord === cords.at(-1) ? cords[0]! : cord;
  return new Map(
    solved.strands.flatMap((s) =>
      Array.from({ length: s.periods }, (_, lane): [string, StrandSpan[]] => {
        const cord = s.role === 'core' ? coreCord(s.name) : slotCord(stretch.slots[s.name]?.[lane] ?? 0);
        const whole = { cord, fromMm: 0, toMm: end };
        const swapped = s.role !== 'core' && change === 'colours';
        return [
          laneKey(s.name, lane),
          swapped
            ? [
                { ...whole, toMm: at },
                { cord: other(cord), fromMm: at, toMm: end },
              ]
            : [whole],
        ];
      }),
    ),
  );
}

/** One row drawn out and standing off, those below it pushed on. */
function loosen(tube: Tube, at: number, rowMm: number): Tube {
  if (tube.role === 'core') return tube;
  const points = tube.points.slice();
  for (let i = 0; i < points.length; i += 3) {
    const w = Math.exp(-(((points[i + 1]! - at - rowMm / 2) / (0.7 * rowMm)) ** 2));
    points[i] = points[i]! * (1 + BULGE * w);
    points[i + 2] = points[i + 2]! * (1 + 2 * BULGE * w);
  }
  return { ...tube, points };
}

function hang(tube: Tube, frame: Frame): Tube {
  const points = tube.points.slice();
  for (let i = 0; i < points.length; i += 3) {
    const [x, y] = [points[i]!, points[i + 1]!];
    points[i] = y;
    points[i + 1] = shownX(frame, x);
  }
  const side = shownX(frame, 1) - shownX(frame, 0);
  const flat = tube.flat?.map((v, i, all) =>
    i % 3 === 0 ? all[i + 1]! : i % 3 === 1 ? side * all[i - 1]! : v,
  );
  return { ...tube, points, ...(flat ? { flat } : {}) };
}

/** Turned over about the line along which the work hangs: rows stay where they are, left and right change places. */
function turnOver(tube: Tube): Tube {
  const turned = (v: number, i: number) => (i % 3 === 0 ? v : -v);
  return {
    ...tube,
    points: tube.points.map(turned),
    ...(tube.flat ? { flat: tube.flat.map(turned) } : {}),
  };
}

function bounds(tubes: readonly Tube[], axis: 0 | 1): [number, number] {
  let [lo, hi] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const t of tubes)
    for (let i = axis; i < t.points.length; i += 3) {
      lo = Math.min(lo, t.points[i]! - t.radiusMm);
      hi = Math.max(hi, t.points[i]! + t.radiusMm);
    }
  return [lo, hi];
}
