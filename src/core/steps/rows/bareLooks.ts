import type { CordColour } from '../../colour/palette.ts';

/** Greys that stay apart on paper, lightest first; cords are told apart by letters beside them all the same. */
const GREYS = ['#f4f4f4', '#9a9a9a', '#4a4a4a', '#d0d0d0', '#727272', '#262626'];

/** The cords of a plan as they are printed in black and white. */
export const bareLooks = (
  cords: readonly { readonly look: CordColour; readonly cord: number }[],
): CordColour[] =>
  cords.map(({ look, cord }) => ({ ...look, look: 'solid', base: GREYS[cord % GREYS.length]!, accents: [] }));
