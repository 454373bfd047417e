import { fromShelf } from '../../core/plan/fromShelf.ts';
import { knowledgeOf } from '../../core/plan/knowledge.ts';
import type { ShelfMessage, ShelfRequest } from '../protocol.ts';

const post = (message: ShelfMessage) => self.postMessage(message);

/** Looks through the weaves one by one and hands each out as soon as it is known; the page stops it by ending the worker. */
self.onmessage = ({ data }: MessageEvent<ShelfRequest>) => {
  const know = knowledgeOf(
    data.own,
    data.swatches,
    [],
    (weave, cord) => (cord === data.ask.cordId ? data.learned[weave]?.forecast : undefined),
    (weave) => data.learned[weave]?.minutes,
  );
  for (const id of data.ids) {
    const ways = fromShelf(id, data.ask, know);
    if (ways.length > 0) post({ kind: 'found', id, ways });
  }
  post({ kind: 'done' });
};
