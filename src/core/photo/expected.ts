import { laneKey } from '../colour/lanes.ts';
import { effectiveDiameterMm, findCord } from '../cord/cords.ts';
import type { SolvedFacts } from '../patterns/types.ts';
import { strandSpans } from '../plan/spans.ts';
import type { Plan } from '../plan/types.ts';
import type { WeaveMetrics } from '../usage/metrics.ts';
import { colourRepeats } from './repeats.ts';
import type { BandExpected } from './types.ts';

/** What a photo of a weave in one colour should show. */
export const expectedOf = (metrics: WeaveMetrics, facts: SolvedFacts | undefined): BandExpected => ({
  widthMm: metrics.widthMm,
  thicknessMm: metrics.thicknessMm,
  rowMm: metrics.isPlain ? 0 : metrics.rowHeightMm,
  rowsPerRepeat: facts?.rowsPerPeriod ?? 1,
  colourRepeats: 1,
});

/** How thick a cord of a plan is as it lies, in mm. */
export function cordMmOf(plan: Plan, letter: string): number {
  const type = plan.cords.find((c) => c.letter === letter)?.cordType;
  const cord = type === undefined ? undefined : findCord(type);
  return cord ? effectiveDiameterMm(cord) : plan.metrics.diameterMm;
}

/** What a photo of a planned band should show: its colours, as they are at its beginning, may come again later than its weave. */
export function expectedOfPlan(plan: Plan, facts: SolvedFacts | undefined, band = 0): BandExpected {
  const spans = strandSpans(plan, band);
  const colourOf = (lane: number, strand: number): string => {
    const cord = spans.get(laneKey(facts!.strands[strand]!.name, lane))?.[0]?.cord ?? 0;
    return plan.cords[cord]?.look.id ?? '';
  };
  return {
    ...expectedOf(plan.metrics, facts),
    colourRepeats: facts ? colourRepeats(facts, colourOf) : 1,
  };
}
