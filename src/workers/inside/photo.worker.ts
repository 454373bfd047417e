import { focal35Of } from '../../core/photo/exif.ts';
import { measureBand, measureCord } from '../../core/photo/measure.ts';
import { checkPicture } from '../../core/photo/pictureFile.ts';
import { type PictureFacts, type Raster, WORKING_PX } from '../../core/photo/types.ts';
import type { PhotoMessage, PhotoRequest } from '../protocol.ts';

/** The copy that is kept in the log: its long side in pixels, how well it is packed, and its longest data URL. */
const SMALL_PX = 400;
const SMALL_QUALITY = 0.7;
const MOST_SMALL_CHARS = 200_000;

let opened: { readonly raster: Raster; readonly facts: PictureFacts } | undefined;

const say = (message: PhotoMessage) => self.postMessage(message);
const refuse = (code: string, message: string) =>
  say({ kind: 'failed', round: 0, issues: [{ code, path: '', message }] });

/** Holds one picture, and measures in it until it is ended. Nothing of it leaves the browser. */
self.onmessage = async ({ data }: MessageEvent<PhotoRequest>) => {
  if (data.kind === 'open') return open(data.file);
  if (!opened) return refuse('picture.none', 'There is no picture yet.');
  const facts = { ...opened.facts, isCropped: data.isCropped };
  const { round } = data;
  if ('band' in data.piece) {
    const made = measureBand(opened.raster, data.marks, data.piece.band, facts);
    return say(
      made.ok
        ? { kind: 'band', round, measured: made.value }
        : { kind: 'failed', round, issues: made.issues },
    );
  }
  const made = measureCord(opened.raster, data.marks, data.piece.cordMm, facts);
  return say(
    made.ok ? { kind: 'cord', round, measured: made.value } : { kind: 'failed', round, issues: made.issues },
  );
};

async function open(file: Blob): Promise<void> {
  const bytes = await file.arrayBuffer();
  const checked = checkPicture(bytes);
  if (!checked.ok) return say({ kind: 'failed', round: 0, issues: checked.issues });
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return refuse('picture.broken', 'The picture can’t be opened: the file is damaged or of another kind.');
  }
  const scale = Math.min(1, WORKING_PX / Math.max(bitmap.width, bitmap.height));
  const drawn = draw(bitmap, scale);
  const { width, height, data } = drawn.getImageData(0, 0, drawn.canvas.width, drawn.canvas.height);
  const small = await smallCopy(bitmap);
  bitmap.close();
  opened = { raster: { width, height, data }, facts: { focal35Mm: focal35Of(bytes) } };
  say({ kind: 'open', width, height, small });
}

function draw(bitmap: ImageBitmap, scale: number): OffscreenCanvasRenderingContext2D {
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(bitmap.width * scale)),
    Math.max(1, Math.round(bitmap.height * scale)),
  );
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.imageSmoothingQuality = 'high';
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return context;
}

/** A data URL of a small JPEG; empty where even that is too long to be kept. */
async function smallCopy(bitmap: ImageBitmap): Promise<string> {
  const { canvas } = draw(bitmap, Math.min(1, SMALL_PX / Math.max(bitmap.width, bitmap.height)));
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: SMALL_QUALITY });
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = '';
  for (const b of bytes) text += String.fromCharCode(b);
  const url = `data:image/jpeg;base64,${btoa(text)}`;
  return url.length <= MOST_SMALL_CHARS ? url : '';
}
