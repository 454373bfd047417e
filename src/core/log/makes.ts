import type { Design } from '../formats/design.ts';
import { readDesign } from '../formats/design.ts';
import type { Make } from '../formats/make.ts';
import { findPattern } from '../patterns/index.ts';
import type { Knowledge } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { rowMinutes } from '../plan/time.ts';
import type { Plan } from '../plan/types.ts';
import { type WorkingEnd, workingEnds } from '../steps/list/ends.ts';
import type { WeaveMetrics } from '../usage/metrics.ts';
import { type Swatch, workPerLength } from '../usage/swatch.ts';
import type { Evidence, EvidenceEnd } from './evidence.ts';
import type { Timed } from './minutes.ts';

/** Weaves of one's own are of no family of the library. */
const OWN_FAMILY = 'own';

export const familyOf = (weave: string): string => findPattern(weave)?.family ?? OWN_FAMILY;

/** What is known of weaves without what the maker's own pieces and swatches say: what they are compared with. */
const calculated = (know: Knowledge): Knowledge => {
  const { learned: _gone, minutes: _neither, ...rest } = know;
  return { ...rest, swatch: () => undefined };
};

/**
 * What a finished piece says of the hand: cord that each working end used in its rows is its share of the cut, less what the closure took, less what was left over. Nothing
 * where the piece has no rows, is of several bands or passes, or its design can't be planned any more.
 */
export const evidenceOf = (make: Make, know: Knowledge): Evidence | undefined => {
  const again = plannedAgain(make, know);
  return again && evidenceIn(make, again);
};

/** A finished piece's design with its plan as it is calculated, without what the log says. */
export interface PlannedAgain {
  readonly design: Design;
  readonly plan: Plan;
}

/** A finished piece planned again; nothing where its design can't be planned any more. */
export function plannedAgain(make: Make, know: Knowledge): PlannedAgain | undefined {
  const design = readDesign(make.design);
  const made = design.ok ? plan(design.value, calculated(know)) : undefined;
  return design.ok && made?.ok ? { design: design.value, plan: made.value } : undefined;
}

/**
 * How long an end really was before its first row, in mm. The cut was planned with what was known then: each end of the cord was
 * longer or shorter than it is planned now by its share.
 */
export function startedWith(make: Make, plan: Plan, ends: readonly WorkingEnd[], end: WorkingEnd): number {
  const cut = make.cuts.find((c) => c.letter === end.letter);
  const count = ends.filter((e) => e.letter === end.letter).length;
  return end.startMm + (cut ? (cut.cutMm - plan.cords[end.cord]!.cutLengthMm) / count : 0);
}

/** The same of a piece that was planned again. */
export function evidenceIn(make: Make, { design, plan: planned }: PlannedAgain): Evidence | undefined {
  if (planned.bands.length !== 1 || planned.metrics.isPlain || planned.mixed) return undefined;
  const { metrics } = planned;
  const rows = make.rows[0];
  const [band] = planned.bands;
  if (!rows || !band || band.addons.length > 0) return undefined;
  const ends = workingEnds(planned, 0);
  const evidence = ends.map((e): EvidenceEnd => {
    const cord = planned.cords[e.cord]!;
    const plain = { perMm: e.wovenMm(band.rows) / band.wovenMm, letter: e.letter, colour: cord.look.id };
    const left = make.leftovers.find(
      (l) => l.letter === e.letter && l.strand === e.strand && l.lane === e.lane,
    );
    const cut = make.cuts.find((c) => c.letter === e.letter);
    if (!left || !cut) return plain;
    const startMm = startedWith(make, planned, ends, e);
    const otherMm = e.usedMm(band.rows) - e.wovenMm(band.rows);
    const usedMm = startMm - e.closureMm - otherMm - left.leftMm;
    return { ...plain, leftMm: left.leftMm, ...(usedMm > 0 ? { usedMm } : {}) };
  });
  if (evidence.every((e) => e.usedMm === undefined) && make.wovenMm === undefined) return undefined;
  return {
    id: make.id,
    at: make.finishedAt,
    weave: design.pattern.id,
    family: familyOf(design.pattern.id),
    cord: design.cord,
    rowMm: metrics.rowHeightMm,
    rows,
    ends: evidence,
    // Folded off its middle, where each end began is known only from the calculation: their sum tells, their difference doesn’t.
    ...(design.setup.uneven ? { areEndsAlike: true } : {}),
    ...(make.lot === undefined ? {} : { batch: make.lot.trim().toLowerCase() }),
    ...(make.wovenMm === undefined ? {} : { wovenMm: make.wovenMm }),
  };
}

/** Less than this on the clock was no tying, in ms. */
const LEAST_MS = 60_000;

/** How long its rows took; nothing where no clock ran, or there are no rows. */
export function timedIn(
  make: Make,
  { design, plan: planned }: PlannedAgain,
  know: Knowledge,
): Timed | undefined {
  const rows = make.rows.reduce((sum, n) => sum + n, 0);
  const weave = design.pattern.id;
  const priorARow = rowMinutes(planned.metrics, know.difficulty(weave));
  if (make.spent.tie < LEAST_MS || !(rows > 0) || !(priorARow > 0)) return undefined;
  const minutes = make.spent.tie / 60_000;
  return { id: make.id, at: make.finishedAt, weave, family: familyOf(weave), rows, minutes, priorARow };
}

/** A gauge swatch is a short piece like any other, with all its working ends read as one. */
export const evidenceOfSwatch = (swatch: Swatch, engine: WeaveMetrics): Evidence => ({
  id: `swatch ${swatch.patternId} ${swatch.cordId}`,
  at: 0,
  weave: swatch.patternId,
  family: familyOf(swatch.patternId),
  cord: swatch.cordId,
  rowMm: engine.rowHeightMm,
  rows: swatch.rows,
  wovenMm: swatch.wovenMm,
  ends: [{ perMm: workPerLength(engine), usedMm: swatch.workUsedMm }],
});
