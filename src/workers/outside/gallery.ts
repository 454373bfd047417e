import type { GalleryMessage, GalleryRequest } from '../protocol.ts';

/** Lists and draws arrangements off the page. Returns what stops it; nothing arrives after that. */
export function openGallery(
  request: GalleryRequest,
  onMessage: (message: GalleryMessage) => void,
): () => void {
  const worker = new Worker(new URL('../inside/gallery.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<GalleryMessage>) => {
    onMessage(data);
    if (data.kind === 'done') worker.terminate();
  };
  worker.postMessage(request);
  return () => worker.terminate();
}
