import type { DeliveryNote } from '../formats/supply.ts';
import { fail, ok, type Result } from '../result.ts';
import type { Stash } from './ledger.ts';
import { partName } from './parts.ts';
import type { Known, Lot } from './types.ts';

/** A lot that is to come onto the shelf. */
export interface Incoming {
  readonly lot: Lot;
  readonly amount: number;
  readonly known: Known;
}

const lotId = (note: DeliveryNote, number: number): string => `delivery-${note.id}-${number}`;

/** Whether a delivery was put on the shelf before. */
export const isOnShelf = (note: DeliveryNote, stash: Stash): boolean => stash.has(lotId(note, 1));

/** The lots of a delivery, each under an id of its own that says where it came from. A delivery that is on the shelf already is refused. */
export function lotsOfDelivery(note: DeliveryNote, stash: Stash): Result<readonly Incoming[]> {
  const lots: Incoming[] = [];
  for (const line of note.lines) {
    const { cord, colour, part, amount, priceCents, packs } = line;
    const isCord = cord !== undefined && colour !== undefined;
    if (!isCord && part === undefined)
      return fail({
        code: 'delivery.line',
        path: `/lines/${note.lines.indexOf(line)}`,
        message: 'This line names no cord with its colour, and no hardware.',
      });
    for (let i = 0; i < packs; i++) {
      const id = lotId(note, lots.length + 1);
      lots.push(
        isCord
          ? { lot: { id, kind: 'cord', cord, colour, form: 'hank', priceCents }, amount, known: 'pack' }
          : {
              lot: { id, kind: 'hardware', name: partName(part!), part: part!, form: 'box', priceCents },
              amount,
              known: 'count',
            },
      );
    }
  }
  return lots.some((l) => stash.has(l.lot.id))
    ? fail({
        code: 'delivery.twice',
        path: '/id',
        message: `The delivery ${note.id} of ${note.shop} is on the shelf already; it was not put there twice.`,
      })
    : ok(lots);
}
