import { makeableOf } from '../../core/plan/atHand.ts';
import { knowledgeOf } from '../../core/plan/knowledge.ts';
import type { MakeableMessage, MakeableRequest } from '../protocol.ts';

/** Plans every weave in every set-up from the cord at hand, and ends; the page stops it by ending the worker. */
self.onmessage = ({ data }: MessageEvent<MakeableRequest>) => {
  const know = knowledgeOf(
    data.own,
    data.swatches,
    [],
    (weave, cord) => (cord === data.hand.cordId ? data.learned[weave]?.forecast : undefined),
    (weave) => data.learned[weave]?.minutes,
  );
  const found: MakeableMessage = data.ids.flatMap((id) => {
    const made = makeableOf(id, data.hand, know);
    return made ? [[id, made] as const] : [];
  });
  self.postMessage(found);
};
