import type { ColourStretch } from '../../colour/sequence.ts';
import type { Way } from '../types.ts';
import type { WayMade } from './changes.ts';
import type { SetupContext } from './context.ts';
import { exchange } from './exchange.ts';
import { splice } from './splice.ts';

export const WAY_NAMES: Readonly<Record<Way, string>> = {
  swap: 'working cord and cores change places',
  carry: 'the other colour is carried inside',
  splice: 'splices on the back',
};

/** Every way to make these stretches of colour, the cheapest that can be done first. */
export function ways(setup: SetupContext, stretches: readonly ColourStretch[]): WayMade[] {
  const made = [
    exchange(setup, stretches, 'swap'),
    exchange(setup, stretches, 'carry'),
    splice(setup, stretches),
  ];
  const cost = (w: WayMade) => (w.ok ? w.cordMm + 40 * w.splices : Number.POSITIVE_INFINITY);
  return made.toSorted((a, b) => cost(a) - cost(b));
}
