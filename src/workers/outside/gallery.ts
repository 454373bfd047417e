import type { GalleryAsk, GalleryMessage, GalleryRequest } from '../protocol.ts';

export interface OpenGallery {
  /** Asks for pictures; they arrive in this order. */
  readonly draw: (indices: readonly number[]) => void;
  /** Nothing arrives after that. */
  readonly close: () => void;
}

/** Lists and draws arrangements off the page. */
export function openGallery(ask: GalleryAsk, onMessage: (message: GalleryMessage) => void): OpenGallery {
  const worker = new Worker(new URL('../inside/gallery.worker.ts', import.meta.url), { type: 'module' });
  const post = (request: GalleryRequest) => worker.postMessage(request);
  worker.onmessage = ({ data }: MessageEvent<GalleryMessage>) => onMessage(data);
  post({ kind: 'list', ...ask });
  return { draw: (indices) => post({ kind: 'draw', indices }), close: () => worker.terminate() };
}
