import { gallery } from '../../core/colour/arrangements.ts';
import { arrangedScene } from '../../core/drawing/arranged.ts';
import type { GalleryMessage, GalleryRequest } from '../protocol.ts';

const post = (message: GalleryMessage) => self.postMessage(message);

/** Diameters of band in one picture. */
const LENGTH_D = 9;

/** Lists every distinct arrangement, then draws them one by one; the page stops it by ending the worker. */
self.onmessage = ({ data }: MessageEvent<GalleryRequest>) => {
  const { solved, colours, isWithCores, pictures } = data;
  const found = gallery(solved, colours, isWithCores);
  post({ kind: 'found', gallery: found });
  const rows = Math.max(2, Math.round(LENGTH_D / (solved.periodD / solved.rowsPerPeriod)));
  for (const [index, item] of found.items.slice(0, pictures).entries()) {
    const draw = (view: 'front' | 'back') => arrangedScene(solved, item.strands, colours, view, rows);
    post({ kind: 'picture', index, front: draw('front'), back: draw('back') });
  }
  post({ kind: 'done' });
};
