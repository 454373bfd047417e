import type { ShelfWay } from '../../core/plan/fromShelf.ts';
import type { ShelfMessage, ShelfRequest } from '../protocol.ts';

interface Heard {
  readonly onFound: (id: string, ways: readonly ShelfWay[]) => void;
  readonly onDone: () => void;
}

/** Looks off the page for what comes out of the shelf. Hands back how to stop it. */
export function findOnShelf(request: ShelfRequest, { onFound, onDone }: Heard): () => void {
  const worker = new Worker(new URL('../inside/shelf.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<ShelfMessage>) => {
    if (data.kind === 'found') return onFound(data.id, data.ways);
    worker.terminate();
    onDone();
  };
  worker.onerror = () => {
    worker.terminate();
    onDone();
  };
  worker.postMessage(request);
  return () => worker.terminate();
}
