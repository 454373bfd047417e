import { findColour } from '../../../core/colour/palette.ts';
import { findCord } from '../../../core/cord/cords.ts';
import type { Form, Holding, Known } from '../../../core/stash/types.ts';

/** What a lot is called on the shelf. */
export function lotName({ lot }: Pick<Holding, 'lot'>): string {
  if (lot.kind === 'hardware') return lot.name ?? 'hardware';
  return `${findColour(lot.colour ?? '')?.name ?? lot.colour} ${FORM_NAMES[lot.form]}`;
}

export const groupName = (cord: string, colour: string): string =>
  `${findColour(colour)?.name ?? colour} · ${findCord(cord)?.name ?? cord}`;

/** What cord comes in. */
export const FORM_NAMES: Readonly<Record<Form, string>> = {
  hank: 'hank',
  spool: 'spool',
  offcut: 'offcut',
  box: 'box',
};

/** How an amount is known, in words. */
export const KNOWN: Readonly<Record<Known, string>> = {
  tape: 'by tape',
  weight: 'by weight',
  spans: 'by arm spans',
  pack: 'full pack',
  count: 'counted',
};
