import { findPattern, PATTERNS, solvedFacts } from '../patterns/index.ts';
import type { Pattern } from '../patterns/types.ts';
import { alternates } from '../steps/reach/lostCount.ts';
import type { TyingOrder } from '../steps/rows/moves.ts';
import { tyings } from '../steps/rows/orders.ts';
import type { FaultyStretch } from '../steps/slips/faults.ts';
import { type SlipKind, slipsFor, stretchOf } from '../steps/slips/slips.ts';
import { USUAL_WAY, type WayOfWorking } from '../steps/types.ts';
import { parse } from '../weave/parse.ts';

/** Weaves that are known by their faces: plain bands and chains of one strand have none to speak of. */
export const faced = (): Pattern[] =>
  PATTERNS.filter((p) => !p.use && !p.isStraight && solvedFacts(p.id)?.kind === 'weave');

/** What is worked out of a weave for a way of working, kept: every question asks for it again. */
export function keptByWeave<T>(work: (weave: string, way: WayOfWorking) => T) {
  const kept = new WeakMap<WayOfWorking, Map<string, T>>();
  return (weave: string, way: WayOfWorking = USUAL_WAY): T => {
    const ofWay = kept.get(way) ?? new Map<string, T>();
    kept.set(way, ofWay);
    if (!ofWay.has(weave)) ofWay.set(weave, work(weave, way));
    return ofWay.get(weave)!;
  };
}

/** The rows of a library weave as they hang before the maker; nothing where it is not tied in rows, or in more passes than one. */
export const rowsOfWeave = keptByWeave((weave, way): TyingOrder | undefined => {
  const facts = solvedFacts(weave);
  const read = facts && facts.kind === 'weave' ? parse(facts.notation) : undefined;
  const pattern = findPattern(weave);
  return read?.ok && !pattern?.isStraight && !pattern?.tiedIn
    ? tyings(read.value, way, undefined)[0]
    : undefined;
});

/** The same, only where its sides go by turns. */
export function turningRows(weave: string, way: WayOfWorking = USUAL_WAY): TyingOrder | undefined {
  const tying = rowsOfWeave(weave, way);
  return tying && tying.row(0).from !== tying.row(1).from ? tying : undefined;
}

/** A slip that the engine can tie. */
export type TiedSlip = SlipKind & { readonly slip: Exclude<SlipKind['slip'], string> };

/** A stretch of so many crossings is pulled tight while one waits, some seconds: cores hold it straight, without them it takes longer. */
const MOST_CROSSINGS = { cores: 90, none: 50 };

/** Crossings of a weave for each of its rows. */
export const crossingsARow = ({ cut }: TyingOrder): number => cut.crossings.length / cut.spec.rows;

/** A stretch of a weave as it should be. */
export const goodStretch = keptByWeave((weave, way): FaultyStretch | undefined => {
  const tying = rowsOfWeave(weave, way);
  return tying && stretchOf(tying.cut, { kind: 'none' });
});

/** Whether its stretches are pulled tight while one waits; those of other weaves while something else is done. */
export function isQuick(weave: string): boolean {
  const tying = rowsOfWeave(weave);
  const stretch = goodStretch(weave);
  if (!tying || !stretch || (findPattern(weave)?.patience ?? 1) > 1) return false;
  const hasCores = tying.cut.spec.strands.some((s) => s.role === 'core');
  return stretch.spec.rows * crossingsARow(tying) <= MOST_CROSSINGS[hasCores ? 'cores' : 'none'];
}

/** What can be done wrong in a row of a weave so that it is seen in a tight picture. */
export const slipsOf = keptByWeave((weave, way): TiedSlip[] => {
  const tying = rowsOfWeave(weave, way);
  if (!tying) return [];
  const pattern = findPattern(weave);
  return slipsFor({
    cut: tying.cut,
    pattern,
    alternates: alternates({ tying, tells: pattern?.tells }),
    colours: 1,
    carriesLoad: false,
  }).filter((k): k is TiedSlip => typeof k.slip !== 'string');
});

export function shuffled<T>(list: readonly T[], uniform: () => number): T[] {
  const out = [...list];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(uniform() * (i + 1));
    [out[i], out[j]] = [out[j]!, out[i]!];
  }
  return out;
}
