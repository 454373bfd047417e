import { findColour } from '../../../core/colour/palette.ts';
import { findCord } from '../../../core/cord/cords.ts';

/** `Dusk, 4 mm nylon`. */
export const cordName = ({ cord, colour }: { readonly cord: string; readonly colour: string }): string =>
  `${findColour(colour)?.name ?? colour}, ${findCord(cord)?.name ?? cord}`;
