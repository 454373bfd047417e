import { chainSinnet } from './chainSinnet.ts';
import { cloveHitchBar } from './cloveHitchBar.ts';
import { coresThrough } from './coresThrough.ts';
import { diamond } from './diamond.ts';
import { doubleBar, doubleSlider } from './doubleBar.ts';
import { eternities } from './eternity.ts';
import { fishtail } from './fishtail.ts';
import { flatBraids } from './flatBraid.ts';
import { hitchBar } from './hitchBar.ts';
import { knots } from './knots.ts';
import { lacedBars } from './lacedBar.ts';
import { ladders } from './ladder.ts';
import { plainBands } from './plainBand.ts';
import { snakes } from './snake.ts';
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
  cloveHitchBar,
  coresThrough,
  ...lacedBars,
  ...snakes,
  ...flatBraids,
  chainSinnet,
  ...sliderBars,
  doubleSlider,
  ...plainBands,
  ...knots,
  diamond,
  toggleKnot,
  ...eternities,
];
