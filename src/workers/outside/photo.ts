import type { Issue } from '../../core/result.ts';
import type { PhotoMessage, PhotoRequest } from '../protocol.ts';

type Ask = Omit<Extract<PhotoRequest, { kind: 'measure' }>, 'kind' | 'round'>;

/** A picture that a worker holds open. */
export interface OpenPhoto {
  /** Measures again; answers to earlier marks are dropped. */
  readonly measure: (ask: Ask) => void;
  readonly close: () => void;
}

/** Opens a picture off the page; everything that comes of it is heard. */
export function openPhoto(file: Blob, hear: (message: PhotoMessage) => void): OpenPhoto {
  const worker = new Worker(new URL('../inside/photo.worker.ts', import.meta.url), { type: 'module' });
  let round = 0;
  const failed = (message: string): readonly Issue[] => [{ code: 'worker.error', path: '', message }];
  worker.onmessage = ({ data }: MessageEvent<PhotoMessage>) => {
    const isLate = data.kind !== 'open' && data.round !== 0 && data.round !== round;
    if (!isLate) hear(data);
  };
  worker.onerror = (event) =>
    hear({ kind: 'failed', round, issues: failed(`The picture can’t be worked on: ${event.message}`) });
  worker.postMessage({ kind: 'open', file } satisfies PhotoRequest);
  return {
    measure: (ask) => {
      round++;
      worker.postMessage({ kind: 'measure', round, ...ask } satisfies PhotoRequest);
    },
    close: () => worker.terminate(),
  };
}
