import { readDesign } from '../formats/design.ts';
import type { Make } from '../formats/make.ts';
import { findPattern } from '../patterns/index.ts';
import type { Knowledge } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { workingEnds } from '../steps/list/ends.ts';
import type { WeaveMetrics } from '../usage/metrics.ts';
import { type Swatch, workPerLength } from '../usage/swatch.ts';
import type { Evidence, EvidenceEnd } from './evidence.ts';

/** Weaves of one's own are of no family of the library. */
const OWN_FAMILY = 'own';

export const familyOf = (weave: string): string => findPattern(weave)?.family ?? OWN_FAMILY;

/** What is known of weaves without what the maker's own pieces and swatches say: what they are compared with. */
const calculated = (know: Knowledge): Knowledge => {
  const { learned: _gone, ...rest } = know;
  return { ...rest, swatch: () => undefined };
};

/**
 * What a finished piece says of the hand: cord that each working end used in its rows is its share of the cut, less what the closure took, less what was left over. Nothing
 * where the piece has no rows, is of several bands or passes, or its design can't be planned any more.
 */
export function evidenceOf(make: Make, know: Knowledge): Evidence | undefined {
  const design = readDesign(make.design);
  if (!design.ok) return undefined;
  const made = plan(design.value, calculated(know));
  if (!made.ok || made.value.bands.length !== 1 || made.value.metrics.isPlain || made.value.mixed)
    return undefined;
  const { metrics } = made.value;
  const rows = make.rows[0];
  const [band] = made.value.bands;
  if (!rows || !band || band.addons.length > 0) return undefined;
  const ends = workingEnds(made.value, 0);
  const countOf = (letter: string) => ends.filter((e) => e.letter === letter).length;
  const evidence = ends.map((e): EvidenceEnd => {
    const cord = made.value.cords[e.cord]!;
    const plain = { perMm: e.wovenMm(band.rows) / band.wovenMm, letter: e.letter, colour: cord.look.id };
    const left = make.leftovers.find(
      (l) => l.letter === e.letter && l.strand === e.strand && l.lane === e.lane,
    );
    const cut = make.cuts.find((c) => c.letter === e.letter);
    if (!left || !cut) return plain;
    // The cut was planned with what was known then: each end of the cord was longer or shorter by its share.
    const startMm = e.startMm + (cut.cutMm - cord.cutLengthMm) / countOf(e.letter);
    const otherMm = e.usedMm(band.rows) - e.wovenMm(band.rows);
    const usedMm = startMm - e.closureMm - otherMm - left.leftMm;
    return { ...plain, leftMm: left.leftMm, ...(usedMm > 0 ? { usedMm } : {}) };
  });
  if (evidence.every((e) => e.usedMm === undefined) && make.wovenMm === undefined) return undefined;
  return {
    id: make.id,
    at: make.finishedAt,
    weave: design.value.pattern.id,
    family: familyOf(design.value.pattern.id),
    cord: design.value.cord,
    rowMm: metrics.rowHeightMm,
    rows,
    ends: evidence,
    ...(make.lot === undefined ? {} : { batch: make.lot.trim().toLowerCase() }),
    ...(make.wovenMm === undefined ? {} : { wovenMm: make.wovenMm }),
  };
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
