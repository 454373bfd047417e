import { type Gallery, gallery } from '../../core/colour/arrangements.ts';
import { arrangedScene } from '../../core/drawing/arranged.ts';
import type { GalleryAsk, GalleryMessage, GalleryRequest } from '../protocol.ts';

const post = (message: GalleryMessage) => self.postMessage(message);

/** Diameters of band in one picture. */
const LENGTH_D = 9;

let shown: { readonly ask: GalleryAsk; readonly found: Gallery } | undefined;

/** Lists every distinct arrangement, then draws those that are asked for; the page stops it by ending the worker. */
self.onmessage = ({ data }: MessageEvent<GalleryRequest>) => {
  if (data.kind === 'list') {
    shown = { ask: data, found: gallery(data.solved, data.colours, data.isWithCores) };
    post({ kind: 'found', gallery: shown.found });
    return;
  }
  if (!shown) return;
  const { solved, colours } = shown.ask;
  const rows = Math.max(2, Math.round(LENGTH_D / (solved.periodD / solved.rowsPerPeriod)));
  for (const index of data.indices) {
    const item = shown.found.items[index];
    if (!item) continue;
    const draw = (view: 'front' | 'back') => arrangedScene(solved, item.strands, colours, view, rows);
    post({ kind: 'picture', index, front: draw('front'), back: draw('back') });
  }
};
