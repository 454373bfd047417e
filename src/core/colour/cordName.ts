import { findCord } from '../cord/cords.ts';
import { findColour } from './palette.ts';

/** A cord in its colour, in words: `Dusk, 4 mm nylon`. */
export const cordName = ({ cord, colour }: { readonly cord: string; readonly colour: string }): string =>
  `${findColour(colour)?.name ?? colour}, ${findCord(cord)?.name ?? cord}`;
