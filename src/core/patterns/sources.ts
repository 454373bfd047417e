import { chainSinnet } from './chainSinnet.ts';
import { diamond } from './diamond.ts';
import { doubleBar } from './doubleBar.ts';
import { fishtail } from './fishtail.ts';
import { flatBraids } from './flatBraid.ts';
import { hitchBar } from './hitchBar.ts';
import { knots } from './knots.ts';
import { ladders } from './ladder.ts';
import { plainBands } from './plainBand.ts';
import { sliderBars, solomonBars, spiralBar } from './solomonBar.ts';
import { toggleKnot } from './toggle.ts';
import type { Pattern } from './types.ts';
import { wideBars } from './wideBar.ts';

/** Every pattern of the library, in the order in which it is shown. */
export const PATTERN_SOURCES: readonly Pattern[] = [
  ...solomonBars,
  spiralBar,
  doubleBar,
  ...wideBars,
  ...ladders,
  fishtail,
  hitchBar,
  ...flatBraids,
  chainSinnet,
  ...sliderBars,
  ...plainBands,
  ...knots,
  diamond,
  toggleKnot,
];
