import { findProduct } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import type { Why } from '../why/why.ts';
import { adapt, closuresFor, styleProblem, withStyle } from './adapt.ts';
import type { Knowledge } from './knowledge.ts';
import { plan } from './plan.ts';
import { ORDER } from './setups/index.ts';

/** What lies on the table: so many pieces of cord, each so long, in mm; and what is to be made of them. */
export interface AtHand {
  readonly pieces: number;
  readonly lengthMm: number;
  readonly cordId: string;
  readonly girthMm: number;
  /** Any that suits the weave, where none is asked for. */
  readonly closureId?: string;
}

/** A way to make a band of what there is: the design, and its cuts with their workings, the longest first. */
export interface Makeable {
  readonly design: Design;
  readonly cuts: readonly { readonly letter: string; readonly lengthMm: number; readonly why: Why }[];
}

/**
 * A bracelet in a weave from the cord at hand: the set-up and, unless one is asked for, the closure that need least cord
 * of those whose cuts come out of the pieces. Nothing where none does. The plan is the same as on the Bench.
 */
export function makeableOf(patternId: string, hand: AtHand, know: Knowledge): Makeable | undefined {
  const product = findProduct('bracelet')!;
  const facts = know.facts(patternId);
  if (facts?.kind !== 'weave') return undefined;
  const suited = closuresFor(product, facts);
  const kinds = hand.closureId ? suited.filter((id) => id === hand.closureId) : suited.slice(0, 1);
  let best: Makeable | undefined;
  for (const kind of kinds)
    for (const design of designsOf(patternId, kind, hand, know)) {
      const made = plan(design, know);
      if (!made.ok) continue;
      const cuts = made.value.cords
        .filter((c) => c.cordType === hand.cordId)
        .map(({ letter, cutLengthMm: lengthMm, why }) => ({ letter, lengthMm, why }))
        .sort((a, b) => b.lengthMm - a.lengthMm);
      if (!comeOutOf(lengthsOf({ cuts }), hand.pieces, hand.lengthMm)) continue;
      if (!best || sum(lengthsOf({ cuts })) < sum(lengthsOf(best))) best = { design, cuts };
    }
  return best;
}

const lengthsOf = ({ cuts }: Pick<Makeable, 'cuts'>): number[] => cuts.map((c) => c.lengthMm);

const sum = (list: readonly number[]): number => list.reduce((total, mm) => total + mm, 0);

/** The same band in every set-up that goes with its weave and closure. */
export function designsOf(
  patternId: string,
  kind: string,
  hand: Pick<AtHand, 'girthMm' | 'cordId'> & { readonly chance?: number },
  know: Knowledge,
): Design[] {
  const facts = know.facts(patternId)!;
  const start: Design = {
    format: 'warp-beam/design',
    version: 2,
    name: know.name(patternId)?.slice(0, 100) || 'Band',
    product: 'bracelet',
    wearer: { name: '', girthMm: hand.girthMm },
    ease: findProduct('bracelet')!.ease,
    pattern: { id: patternId },
    cord: hand.cordId,
    setup: { style: 'separate' },
    cords: [{ colour: 'dusk' }],
    closure: { kind },
    ...(hand.chance === undefined ? {} : { chance: hand.chance }),
  };
  const usual = adapt(start, {}, know);
  return ORDER.flatMap((style) =>
    styleProblem(usual, style, know) === undefined ? [withStyle(usual, style, facts)] : [],
  );
}

/** Whether all cuts come out of so many pieces of one length. */
export const comeOutOf = (cutsMm: readonly number[], pieces: number, lengthMm: number): boolean =>
  missingOf(
    cutsMm,
    Array.from({ length: pieces }, () => lengthMm),
    0,
  ) === 0;

/**
 * By how much the longest piece of cord would have to be longer for all cuts to come out of the pieces, in mm; 0 where they do. Looked through
 * piece by piece, the longest cut first. No more than `mostMm` is looked for: what is further off is infinite.
 */
export function missingOf(
  cutsMm: readonly number[],
  piecesMm: readonly number[],
  mostMm = Number.POSITIVE_INFINITY,
): number {
  const cuts = cutsMm.toSorted((a, b) => b - a);
  const left = piecesMm.map((mm) => Math.max(0, mm)).sort((a, b) => b - a);
  // With no piece at all, one of no length is there to be longer.
  if (left.length === 0) left.push(0);
  let best = Number.POSITIVE_INFINITY;
  const place = (index: number): void => {
    const short = Math.max(0, -left[0]!);
    if (short >= best || short > mostMm) return;
    const cut = cuts[index];
    if (cut === undefined) {
      best = short;
      return;
    }
    const tried = new Set<number>();
    for (let i = 0; i < left.length && best > 0; i++) {
      // Pieces with as much left are alike, but for the longest one, which may be longer.
      if (i > 0 && (left[i]! < cut || tried.has(left[i]!))) continue;
      if (i > 0) tried.add(left[i]!);
      left[i]! -= cut;
      place(index + 1);
      left[i]! += cut;
    }
  };
  place(0);
  return best;
}
