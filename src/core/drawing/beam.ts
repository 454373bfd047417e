import type { BandEnd } from '../closures/types.ts';
import type { Band, Plan } from '../plan/types.ts';
import { addonShapes } from './addons.ts';
import { cropTube, type Stretch } from './crop.ts';
import { caseShapes, hardwareReach, hardwareShapes } from './hardware.ts';
import { paintTubes, project, type View } from './paint.ts';
import type { Pictures } from './pictures.ts';
import { cordColours, pieceTubes } from './piece.ts';
import { type Place, placeAlong, placesOf, placeTube } from './place.ts';
import type { Scene, Shape } from './shape.ts';
import { along } from './shapes.ts';
import type { Tube } from './tubes.ts';

/** Room round the piece, in mm. */
const PAD = 3;

/** A piece laid out, before it is painted: what it is made of, and how large it is. */
export interface LaidOut {
  readonly tubes: readonly Tube[];
  readonly frame: Omit<Scene, 'shapes'>;
  readonly paint: (tubes: readonly Tube[]) => Shape[];
}

/**
 * The whole piece laid out flat to scale, open: x = 0 is the first bar's band-side edge (of two halves, the case's).
 * What is smaller than `detailMm` (half a pixel on the screen that it is drawn for) is left out.
 */
export function layOut(plan: Plan, pictures: Pictures, view: View, detailMm = 0): LaidOut {
  const places = placesOf(plan);
  const tubes = plan.bands.flatMap((_, i) =>
    pieceTubes(plan, pictures, i, false, detailMm).map((t) => placeTube(t, places[i]!)),
  );
  const hardware = plan.bands.flatMap((band, i) => bandHardware(band, places[i]!, view));
  const lug = plan.measures.lug?.mm ?? 0;
  const caseAt = plan.bands.length > 1 ? 0 : -plan.caseMm;
  const watch = plan.caseMm > 0 ? caseShapes(caseAt, plan.caseMm, lug, view) : [];
  const addons = plan.bands[0]!.addons.flatMap((p) =>
    addonShapes({ ...p, atMm: placeAlong(places[0]!, p.atMm) }, plan.metrics.widthMm),
  );
  const spread = extents(tubes, plan, places, view);
  const rings = plan.bands[0]!.addons.filter((p) => p.kind === 'ring');
  const hangs = Math.max(0, ...rings.map((p) => Math.max(plan.metrics.widthMm / 2 + 12, p.sizeMm)));
  const half = Math.max(spread.half, watch.length > 0 && view !== 'edge' ? lug : 0) + PAD;
  return {
    tubes,
    frame: {
      minX: spread.from - PAD,
      minY: -half,
      widthMm: spread.to - spread.from + 2 * PAD,
      heightMm: half + Math.max(half, hangs),
    },
    paint: (some) => {
      const { shapes, middle } = paintTubes(some, cordColours(plan), view, detailMm);
      const [below, above] = [shapes.slice(0, middle), shapes.slice(middle)];
      return [...below, ...hardware, ...above, ...watch, ...(view === 'edge' ? [] : addons)];
    },
  };
}

/** A picture of the whole piece, laid out. */
export function beamScene(plan: Plan, pictures: Pictures, view: View, detailMm = 0): Scene {
  const { tubes, frame, paint } = layOut(plan, pictures, view, detailMm);
  return { ...frame, shapes: paint(tubes) };
}

/** A picture of one stretch of it: of the cords, only what can be seen there is painted. */
export function stretchScene({ tubes, frame, paint }: LaidOut, { fromMm, toMm }: Stretch): Scene {
  return {
    ...frame,
    minX: fromMm,
    widthMm: toMm - fromMm,
    shapes: paint(tubes.flatMap((tube) => cropTube(tube, { fromMm, toMm }))),
  };
}

const barOf = (band: Band, at: 'start' | 'end'): number =>
  at === 'start' ? 0 : band.startMm + band.wovenMm + band.end.standoffMm;

function bandHardware(band: Band, place: Place, view: View): Shape[] {
  const shapes = (end: BandEnd, at: 'start' | 'end') => {
    const outwards = (at === 'start' ? -place.dir : place.dir) as 1 | -1;
    return hardwareShapes(end.shape, along(placeAlong(place, barOf(band, at)), outwards), view);
  };
  return [...shapes(band.start, 'start'), ...shapes(band.end, 'end')];
}

/** How far the piece reaches along the mat, and to each side. */
function extents(tubes: Parameters<typeof paintTubes>[0], plan: Plan, places: readonly Place[], view: View) {
  let [from, to, half] = [
    plan.caseMm > 0 ? -plan.caseMm : Number.POSITIVE_INFINITY,
    Number.NEGATIVE_INFINITY,
    0,
  ];
  for (const t of tubes) {
    for (let i = 0; i < t.points.length; i += 3) {
      const [x, y] = project(view, t.points[i]!, t.points[i + 1]!, t.points[i + 2]!);
      from = Math.min(from, x - t.radiusMm);
      to = Math.max(to, x + t.radiusMm);
      half = Math.max(half, Math.abs(y) + t.radiusMm);
    }
  }
  for (const [i, band] of plan.bands.entries()) {
    for (const at of ['start', 'end'] as const) {
      const reach = hardwareReach(band[at].shape);
      const out = at === 'start' ? -reach.out : reach.out;
      const x = placeAlong(places[i]!, barOf(band, at) + out);
      from = Math.min(from, x);
      to = Math.max(to, x);
      half = Math.max(half, view === 'edge' ? 0 : reach.half);
    }
  }
  return { from, to, half };
}

/** Where the closed length is measured on the open piece: as much beyond each end as the closure takes there. */
export function closedSpan(plan: Pick<Plan, 'bands' | 'caseMm'>): { fromMm: number; toMm: number } {
  const places = placesOf(plan);
  const far = (i: number, at: 'start' | 'end') => {
    const band = plan.bands[i]!;
    const out = band[at].takesMm;
    return placeAlong(places[i]!, barOf(band, at) + (at === 'start' ? -out : out));
  };
  // A case that closes one piece lies before its first bar.
  if (plan.bands.length < 2) return { fromMm: far(0, 'start') - plan.caseMm, toMm: far(0, 'end') };
  return { fromMm: far(0, 'end'), toMm: far(1, 'end') };
}
