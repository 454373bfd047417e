import { bead } from './bead.ts';
import { beadShackle } from './beadShackle.ts';
import { braidLoop } from './braidLoop.ts';
import { chainLoop } from './chainLoop.ts';
import { cinch } from './cinch.ts';
import { doubleSliding } from './doubleSliding.ts';
import { hook } from './hook.ts';
import { knotLoop } from './knotLoop.ts';
import { limitedSlip } from './limitedSlip.ts';
import { magnetic } from './magnetic.ts';
import { pinBuckle } from './pinBuckle.ts';
import { runTogether } from './runTogether.ts';
import { shackle } from './shackle.ts';
import { sideReleases } from './sideRelease.ts';
import { singleSlidings } from './singleSliding.ts';
import { slider } from './slider.ts';
import { springBars } from './springBars.ts';
import { toggle } from './toggle.ts';
import type { Closure } from './types.ts';
import { openCuff, slipOn } from './wornOn.ts';
import { wrappedBand } from './wrappedBand.ts';

/** Every way to close a band, in the order in which it is offered. A new closure is one file and one line here. */
export const CLOSURES: readonly Closure[] = [
  ...sideReleases,
  shackle,
  magnetic,
  hook,
  toggle,
  bead,
  beadShackle,
  pinBuckle,
  springBars,
  knotLoop,
  braidLoop,
  chainLoop,
  doubleSliding,
  ...singleSlidings,
  runTogether,
  slider,
  wrappedBand,
  cinch,
  limitedSlip,
  slipOn,
  openCuff,
];

export const findClosure = (id: string): Closure | undefined => CLOSURES.find((c) => c.id === id);
