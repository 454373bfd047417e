/** Cord or hardware that came in together and is told apart on the shelf: one hank, one spool, one offcut, or a box of buckles. */
export interface Lot {
  readonly id: string;
  readonly kind: 'cord' | 'hardware';
  /** Cord: its type and colour by id. Hardware: nothing. */
  readonly cord?: string;
  readonly colour?: string;
  /** Hardware: what it is, as it is sold. */
  readonly name?: string;
  /** Hardware: which part it is, by key. */
  readonly part?: string;
  readonly form: Form;
  readonly place?: string;
  /** What was paid for all of it, in hundredths. */
  readonly priceCents?: number;
}

export type Form = 'hank' | 'spool' | 'offcut' | 'box';

/** How an amount is known, which says how far it may be off. */
export type Known = 'tape' | 'weight' | 'spans' | 'pack' | 'count';

/** One dated line of the ledger. Amounts in mm of cord, or pieces of hardware. */
export type Entry = { readonly id: string; readonly at: number } & (
  | { readonly what: 'add'; readonly lot: Lot; readonly amount: number; readonly known: Known }
  | { readonly what: 'take'; readonly lotId: string; readonly amount: number; readonly purpose: string }
  | { readonly what: 'put-back'; readonly lotId: string; readonly lot: Lot; readonly amount: number }
  | { readonly what: 'measure'; readonly lotId: string; readonly amount: number; readonly known: Known }
  | { readonly what: 'move'; readonly lotId: string; readonly place: string }
  | { readonly what: 'undo'; readonly entryId: string }
);

/** What is left of a lot. */
export interface Holding {
  readonly lot: Lot;
  readonly amount: number;
  /** What was taken of it and not put back as an offcut. */
  readonly out: number;
  /** Standard deviation of the amount, in the same unit. */
  readonly sd: number;
  readonly known: Known;
  readonly since: number;
}

/** Standard deviation of a length over the length, by how it is known; a count is a count. */
export const SPREAD: Readonly<Record<Known, number>> = {
  tape: 0.002,
  weight: 0.03,
  spans: 0.04,
  pack: 0.01,
  count: 0,
};

/** Finger-to-finger reach of an adult, in mm: a prior until the maker measures it. */
export const ARM_SPAN_MM = 1650;

/** Length from weight: what the scale shows, less the empty spool, over grams a metre. In mm; nothing where that is no length. */
export function lengthByWeight(grams: number, spoolGrams: number, gramsPerMetre: number): number | undefined {
  const mm = ((grams - spoolGrams) / gramsPerMetre) * 1000;
  return Number.isFinite(mm) && mm > 0 ? mm : undefined;
}
