import { why } from '../why/why.ts';
import { roundBar } from './attach.ts';
import { barEnd } from './buckled.ts';
import type { BandEnd, Closure, ClosureContext } from './types.ts';

/** An end at one of the watch case's spring bars. */
export function springBarEnd(context: Pick<ClosureContext, 'measures' | 'metrics'>, name: string): BandEnd {
  const bar = context.measures.springBar!.mm;
  const lug = context.measures.lug!.mm;
  return {
    ...barEnd(name, 0, roundBar(bar), lug, { shape: 'spring-bar', lengthMm: lug, barMm: bar }),
    attach: 'returned',
  };
}

/** One piece from bar to bar: the case itself closes it, and it opens by pressing a bar out. */
export const springBars: Closure = {
  id: 'spring-bars',
  name: 'two spring bars',
  family: 'buckled',
  phrase: () => why`the case’s own two spring bars`,
  words:
    'One piece from lug to lug. It is put on by seating the second spring bar on the wrist, or, made loose enough, over the hand. Try both bars by pulling.',
  difficulty: 3,
  minutes: 8,
  options: [],
  close: (context) => ({
    start: { ...springBarEnd(context, 'spring bar'), standoffMm: context.metrics.diameterMm },
    end: springBarEnd(context, 'spring bar'),
    spansCase: true,
    finishedMm: context.finishedMm,
    hardware: why`none but the case`,
  }),
};
