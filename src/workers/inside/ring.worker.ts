import { letGo, ringRope } from '../../core/rings/rope.ts';
import { DEFAULTS, run } from '../../core/tighten/run.ts';
import type { RingMessage, RingRequest } from '../protocol.ts';

const post = (message: RingMessage) => self.postMessage(message);

/** Pulls one ring tight on its mandrel, or lets it go free of it, and ends; the page stops it by ending the worker. */
self.onmessage = ({ data }: MessageEvent<RingRequest>) => {
  const options = { ...DEFAULTS, h: data.h };
  const parts = data.isFree ? 2 : 1;
  const watch = (part: number) => (progress: { readonly done: number }) => {
    post({ kind: 'progress', done: (part + progress.done) / parts });
    return true;
  };
  const onMandrel = run(ringRope(data.ring, data.pinnedWidth), options, watch(0));
  if (!onMandrel.ok) return post({ kind: 'failed', issues: onMandrel.issues });
  const tight = data.isFree ? run(letGo(onMandrel.value.rope), options, watch(1)) : onMandrel;
  if (!tight.ok) return post({ kind: 'failed', issues: tight.issues });
  const { rope, lengths, convergence } = tight.value;
  return post({
    kind: 'tight',
    tight: {
      strands: rope.strands.map((s) => s.points),
      lengths: [...lengths],
      leastEver: convergence.leastEver,
    },
  });
};
