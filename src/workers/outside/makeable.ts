import type { MakeableMessage, MakeableRequest } from '../protocol.ts';

/** Finds off the page what can be made of the cord at hand. Hands back how to stop it. */
export function findMakeable(
  request: MakeableRequest,
  onFound: (found: MakeableMessage) => void,
): () => void {
  const worker = new Worker(new URL('../inside/makeable.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<MakeableMessage>) => {
    worker.terminate();
    onFound(data);
  };
  worker.postMessage(request);
  return () => worker.terminate();
}
