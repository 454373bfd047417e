import { findColour } from '../../../core/colour/palette.ts';
import { findCord } from '../../../core/cord/cords.ts';
import type { Holding, Known } from '../../../core/stash/types.ts';

/** What a lot is called on the shelf. */
export function lotName({ lot }: Pick<Holding, 'lot'>): string {
  if (lot.kind === 'hardware') return lot.name ?? 'hardware';
  return `${findColour(lot.colour ?? '')?.name ?? lot.colour} ${lot.form}`;
}

export const groupName = (cord: string, colour: string): string =>
  `${findColour(colour)?.name ?? colour} · ${findCord(cord)?.name ?? cord}`;

/** How an amount is known, in words. */
export const KNOWN: Readonly<Record<Known, string>> = {
  tape: 'by tape',
  weight: 'by weight',
  spans: 'by arm spans',
  pack: 'full pack',
  count: 'counted',
};
