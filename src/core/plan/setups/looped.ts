import { counted, len, why } from '../../why/why.ts';
import type { CordPart } from '../types.ts';
import { endOf, lanesOf, type SetUp, type SetupContext, startOf } from './context.ts';
import { bareEnd, startLeg, weave } from './parts.ts';

/** Turns of the tail round the foot of the loop. */
const WRAPS = 3;

/**
 * A braid of three from one cord. It begins at the stopper: from there down one leg of a long loop, round its far end and up
 * the other leg, over the start, and down once more as the tail; the three are braided together. What is left of the loop
 * closes the band, and the tail is wrapped round its foot: three turns round two cords side by side, 2·d + 2π·d each
 * along the middle of the cord.
 */
export function setUpLooped(setup: SetupContext): SetUp {
  const [first, second, tail] = lanesOf(setup.metrics, 'work') as [
    ReturnType<typeof lanesOf>[0],
    ReturnType<typeof lanesOf>[0],
    ReturnType<typeof lanesOf>[0],
  ];
  const d = setup.metrics.diameterMm;
  const turn: CordPart = {
    what: 'attach',
    lengthMm: (Math.PI * d) / 2 + d,
    why: why`over the start and down again: half a turn round one cord, and a diameter across`,
    fromMm: endOf(setup),
    toMm: endOf(setup),
  };
  const wrap: CordPart = {
    what: 'closure',
    lengthMm: WRAPS * (2 + 2 * Math.PI) * d,
    why: why`wrapped round the foot of the loop: ${counted(WRAPS, 'turn')} of (2 + 2π) × ${len(d)}`,
    fromMm: startOf(setup),
    toMm: startOf(setup),
  };
  const hand = setup.resolved.handMm('knot', d);
  const held: CordPart = {
    what: 'tail',
    lengthMm: hand,
    why: why`hand length: ${len(hand)} to draw the last turn under the others; then it is snipped off`,
  };
  // From the loop's middle, two ways: up one leg to the stopper, and up the other, over, and down again as the tail.
  const toStopper = [...startLeg(setup, 0), ...weave(setup, first), ...bareEnd(setup, 0, first)];
  const toTail = [...startLeg(setup, 1), ...weave(setup, second), turn, ...weave(setup, tail), wrap, held];
  return {
    marks: [],
    cords: [
      {
        index: 0,
        role: 'one cord: a loop and its tail',
        parts: [toStopper, toTail],
        isUneven: true,
        fold: why`off its middle: the far end of the loop, which closes the band; the longer way is the second leg and the tail`,
      },
    ],
  };
}
