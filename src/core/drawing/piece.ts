import { STYLES } from '../plan/setups/index.ts';
import { strandSpans } from '../plan/spans.ts';
import type { Plan } from '../plan/types.ts';
import { cordEndTubes } from './cordEnds.ts';
import { withFocalKnots } from './focal.ts';
import { joinTubes } from './joins.ts';
import type { Pictures } from './pictures.ts';
import { bandTubes, type Tube } from './tubes.ts';

/** Every cord of one band, in the band's own places: the weave, its hitches and turns, its loops and running ends. */
export function pieceTubes(
  plan: Plan,
  pictures: Pictures,
  index: number,
  isClosed = false,
  detailMm = 0,
): Tube[] {
  const band = plan.bands[index]!;
  const d = plan.metrics.diameterMm;
  const plain = bandTubes({
    solved: pictures.weave,
    diameterMm: d,
    rows: band.rows,
    wovenMm: band.wovenMm,
    startMm: band.startMm,
    spans: strandSpans(plan, index),
    detailMm,
  });
  const knots = band.addons.filter((a) => a.knot);
  const weave = knots.length > 0 ? withFocalKnots(plain, knots, pictures, d) : plain;
  const extraCord = plan.cords.findIndex((x) => x.isExtra);
  const context = {
    start: band.start,
    end: band.end,
    diameterMm: d,
    startMm: band.startMm,
    endMm: band.startMm + band.wovenMm,
    tubes: weave,
    isClosed,
    isSideBySide: STYLES[plan.style].isSideBySide,
    isOneCord: STYLES[plan.style].turnsBack,
    extraCord: extraCord < 0 ? undefined : extraCord,
  };
  return [...weave, ...joinTubes(context), ...cordEndTubes(context, pictures)];
}

export const cordColours = (plan: Plan) => plan.cords.map((c) => c.look);
