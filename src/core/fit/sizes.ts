import { CORDS, type CordType } from '../cord/cords.ts';
import { findPattern, solvedFacts, WEAVES } from '../patterns/index.ts';
import { weaveMetrics } from '../usage/metrics.ts';

/** What a weave measures in a cord. */
export interface BandSize {
  readonly patternId: string;
  readonly name: string;
  readonly family: string;
  readonly cord: CordType;
  readonly widthMm: number;
  readonly thicknessMm: number;
  /** Cords that its strands come from at least: two ends of one cord each. */
  readonly strands: number;
}

/** Every weave of the library in every cord given. */
function bandSizes(cords: readonly CordType[] = CORDS): BandSize[] {
  return WEAVES.filter((w) => w.use !== 'slider').flatMap((w) => {
    const facts = solvedFacts(w.id)!;
    const strands = facts.strands.reduce((n, s) => n + s.periods, 0);
    return cords.map((cord) => {
      const { widthMm, thicknessMm } = weaveMetrics(facts, cord);
      return {
        patternId: w.id,
        name: findPattern(w.id)!.name,
        family: w.family,
        cord,
        widthMm,
        thicknessMm,
        strands,
      };
    });
  });
}

/** Weaves as wide as wanted or nearly so, the nearest first. */
export const nearWidth = (widthMm: number, cords?: readonly CordType[]): BandSize[] =>
  bandSizes(cords).toSorted((a, b) => Math.abs(a.widthMm - widthMm) - Math.abs(b.widthMm - widthMm));

/** A strap narrower than this share of the lugs slides about between them. */
const LEAST_FILL = 0.72;

/**
 * Weaves that go between lugs, the widest first: not lost between them (`fill`, a share of the lugs), and thin enough
 * where they pass a gap.
 */
export const fittingLugs = (
  lugMm: number,
  cords?: readonly CordType[],
  { gapMm = Number.POSITIVE_INFINITY, fill = LEAST_FILL }: { gapMm?: number; fill?: number } = {},
): BandSize[] =>
  bandSizes(cords)
    .filter((s) => s.widthMm <= lugMm && s.widthMm >= lugMm * fill && s.thicknessMm <= gapMm)
    .toSorted((a, b) => b.widthMm - a.widthMm);
