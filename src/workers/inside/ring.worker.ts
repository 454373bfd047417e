import { ringRope } from '../../core/rings/rope.ts';
import { DEFAULTS, run } from '../../core/tighten/run.ts';
import type { RingMessage, RingRequest } from '../protocol.ts';

const post = (message: RingMessage) => self.postMessage(message);

/** Pulls one ring tight on its mandrel, or lets it go free of it, and ends; the page stops it by ending the worker. */
self.onmessage = ({ data }: MessageEvent<RingRequest>) => {
  const options = { ...DEFAULTS, h: data.h };
  const onMandrel = run(ringRope(data.ring, data.pinnedWidth), options, ({ done }) => {
    post({ kind: 'progress', done });
    return true;
  });
  if (!onMandrel.ok) return post({ kind: 'failed', issues: onMandrel.issues });
  const { rope, lengths, convergence } = onMandrel.value;
  return post({
    kind: 'tight',
    tight: {
      strands: rope.strands.map((s) => s.points),
      lengths: [...lengths],
      leastEver: convergence.leastEver,
    },
  });
};
