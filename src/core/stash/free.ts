import type { Holding } from './types.ts';

/** Free cord of one kind, in pieces by colour, mm. */
export interface FreePiece {
  readonly colour: string;
  readonly lengthMm: number;
}

/** Standard deviations that are held back of a length that nobody taped: it suffices in nineteen of twenty. */
const Z = 1.645;

/** What of a hank is surely there, in whole mm. */
export const surelyMm = ({ amount, sd, known }: Pick<Holding, 'amount' | 'sd' | 'known'>): number =>
  Math.max(0, Math.floor(known === 'tape' ? amount : amount - Z * sd));

/**
 * What is free of a kind of cord: every hank as long as it surely is, less what orders have put aside, which is taken off the longest hanks first, for orders
 * are cut from those. `reserved` by `cord|colour`, in mm.
 */
export function freePieces(
  holdings: readonly Holding[],
  cord: string,
  reserved: ReadonlyMap<string, number>,
): FreePiece[] {
  const mine = holdings
    .filter((h) => h.lot.kind === 'cord' && h.lot.cord === cord && h.lot.colour && h.amount > 0)
    .toSorted((a, b) => b.amount - a.amount);
  const aside = new Map(reserved);
  return mine.flatMap((h) => {
    const key = `${cord}|${h.lot.colour}`;
    const sure = surelyMm(h);
    const taken = Math.min(sure, aside.get(key) ?? 0);
    aside.set(key, (aside.get(key) ?? 0) - taken);
    const lengthMm = Math.floor(sure - taken);
    return lengthMm > 0 ? [{ colour: h.lot.colour!, lengthMm }] : [];
  });
}
