import type { Stash } from './ledger.ts';
import type { Entry, Lot } from './types.ts';

/** Cord that is left over of a piece, by the ids of its type and colour. */
export interface Leftover {
  readonly cord: string;
  readonly colour: string;
  readonly lengthMm: number;
}

type Written<K extends Entry['what']> = Omit<Extract<Entry, { what: K }>, 'id' | 'at'>;

/**
 * What the ledger is told of leftovers that are worth keeping: an offcut put back of the hank of its kind that most was taken from, for there it came from; cord that no hank of
 * the shelf accounts for comes in as new. Shorter ones are left out.
 */
export function leftoversBack(
  stash: Stash,
  leftovers: readonly Leftover[],
  keepMm: number,
  newId: () => string,
): (Written<'put-back'> | Written<'add'>)[] {
  const out = new Map([...stash.values()].map((h) => [h.lot.id, h.out]));
  return leftovers
    .filter((l) => l.lengthMm >= keepMm)
    .map(({ cord, colour, lengthMm }) => {
      const from = [...stash.values()]
        .filter((h) => h.lot.cord === cord && h.lot.colour === colour && out.get(h.lot.id)! >= lengthMm)
        .toSorted((a, b) => out.get(b.lot.id)! - out.get(a.lot.id)!)[0];
      const lot: Lot = {
        id: newId(),
        kind: 'cord',
        cord,
        colour,
        form: 'offcut',
        ...(from?.lot.place ? { place: from.lot.place } : {}),
      };
      if (!from) return { what: 'add', lot, amount: lengthMm, known: 'tape' };
      out.set(from.lot.id, out.get(from.lot.id)! - lengthMm);
      return { what: 'put-back', lotId: from.lot.id, lot, amount: lengthMm };
    });
}
