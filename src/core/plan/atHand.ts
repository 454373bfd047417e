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
function designsOf(patternId: string, kind: string, hand: AtHand, know: Knowledge): Design[] {
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
  };
  const usual = adapt(start, {}, know);
  return ORDER.flatMap((style) =>
    styleProblem(usual, style, know) === undefined ? [withStyle(usual, style, facts)] : [],
  );
}

/** Whether all cuts come out of so many pieces of one length: looked through piece by piece, the longest cut first. */
export function comeOutOf(cutsMm: readonly number[], pieces: number, lengthMm: number): boolean {
  const left = Array.from({ length: pieces }, () => lengthMm);
  const place = (index: number): boolean => {
    const cut = cutsMm[index];
    if (cut === undefined) return true;
    const tried = new Set<number>();
    for (let i = 0; i < left.length; i++) {
      // Pieces with as much left are alike.
      if (left[i]! < cut || tried.has(left[i]!)) continue;
      tried.add(left[i]!);
      left[i]! -= cut;
      if (place(index + 1)) return true;
      left[i]! += cut;
    }
    return false;
  };
  return place(0);
}
