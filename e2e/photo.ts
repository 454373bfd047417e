import { readFileSync } from 'node:fs';
import { crc32, deflateSync } from 'node:zlib';
import type { Page } from '@playwright/test';
import { effectiveDiameterMm, findCord } from '../src/core/cord/cords.ts';
import { solvedFacts } from '../src/core/patterns/index.ts';
import type { SolvedWeave } from '../src/core/patterns/types.ts';
import { arc, bandPiece, cordPiece, marksFor, photoOf } from '../src/core/photo/testing/pieces.ts';
import { renderPhoto } from '../src/core/photo/testing/scene.ts';
import { type Marks, type Point, type Raster, WORKING_PX } from '../src/core/photo/types.ts';
import { normals, seeded } from '../src/core/random.ts';
import { expect } from './help.ts';

/** A made-up photo as a file, and where a careful maker presses. */
export interface MadePhoto {
  readonly file: { name: string; mimeType: string; buffer: Buffer };
  readonly presses: readonly Point[];
}

/** Smaller than a camera’s, so that it is rendered at once. */
const SIZE = { widthPx: 1512, heightPx: 1134 };
const D_MM = effectiveDiameterMm(findCord('nylon-4')!);
const pressesOf = (m: Marks, isBand: boolean): Point[] => [
  ...m.corners,
  ...m.ends.flatMap((e) => (isBand ? e : [e[0]])),
  ...m.between,
];

function solomonBar(): SolvedWeave {
  const file = readFileSync('src/core/patterns/solved/solomon-bar.gen.json', 'utf8');
  return { ...solvedFacts('solomon-bar')!, ...(JSON.parse(file) as Pick<SolvedWeave, 'points'>) };
}

/** A Solomon bar of so many rows, each this much longer than calculated, beside a card. */
export function bandPhoto(rows: number, stretch: number): MadePhoto & { lengthMm: number } {
  const piece = bandPiece(solomonBar(), rows, D_MM, (l) => arc(l, 0.002, 0.1), {
    stretch,
  });
  const scene = photoOf(piece.tubes, { ...SIZE, referenceAt: [0, piece.widthMm / 2 + 42] });
  const marks = marksFor(scene, piece, piece.widthMm, piece.thicknessMm, normals(seeded(6)));
  return {
    file: { name: 'band.png', mimeType: 'image/png', buffer: png(renderPhoto(scene, seeded(2))) },
    presses: pressesOf(marks, true),
    lengthMm: piece.lengthMm,
  };
}

/** A loose end of cord beside a card. */
export function cordPhoto(lengthMm: number): MadePhoto {
  const piece = cordPiece(lengthMm, D_MM, arc(lengthMm, 0.004, 0.1));
  const scene = photoOf(piece.tubes, { ...SIZE, distanceMm: 400, referenceAt: [0, 75] });
  const marks = marksFor(scene, piece, D_MM, D_MM, normals(seeded(7)), { between: 1 });
  return {
    file: { name: 'end.png', mimeType: 'image/png', buffer: png(renderPhoto(scene, seeded(3))) },
    presses: pressesOf(marks, false),
  };
}

/** As a camera of twelve megapixels keeps it when it is held upright: sideways, with a note how to turn it (EXIF orientation 6). */
export async function turnedPhoto(page: Page, { file, presses }: MadePhoto): Promise<MadePhoto> {
  const jpeg = await page.evaluate(async (png) => {
    const bytes = Uint8Array.from(atob(png), (c) => c.charCodeAt(0));
    const image = await createImageBitmap(new Blob([bytes], { type: 'image/png' }));
    const canvas = new OffscreenCanvas(3024, 4032);
    const context = canvas.getContext('2d')!;
    context.translate(0, 4032);
    context.rotate(-Math.PI / 2);
    context.drawImage(image, 0, 0, 4032, 3024);
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.92 });
    // As text: a list of millions of numbers takes ten seconds on its way out of the page.
    return await new Promise<string>((done) => {
      const reader = new FileReader();
      reader.onload = () => done(String(reader.result).split(',')[1]!);
      reader.readAsDataURL(blob);
    });
  }, file.buffer.toString('base64'));
  const taken = Buffer.from(jpeg, 'base64');
  const note = Buffer.from([
    ...[0xff, 0xe1, 0, 34, ...Buffer.from('Exif\0\0MM'), 0, 42, 0, 0, 0, 8, 0, 1],
    ...[1, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0],
  ]);
  const scale = WORKING_PX / SIZE.widthPx;
  return {
    file: {
      name: 'turned.jpg',
      mimeType: 'image/jpeg',
      buffer: Buffer.concat([taken.subarray(0, 2), note, taken.subarray(2)]),
    },
    presses: presses.map(([x, y]) => [x * scale, y * scale]),
  };
}

/** Chooses the picture in the open sheet, presses every mark in it, and waits for what comes out. */
export async function markPhoto(page: Page, { file, presses }: MadePhoto): Promise<void> {
  await page.getByLabel('Picture', { exact: true }).setInputFiles(file);
  const picture = page.getByTestId('photo');
  await expect(picture).toBeVisible();
  for (const [x, y] of presses) {
    const [a, d, e, f] = await picture.evaluate((node) => {
      const m = (node as unknown as SVGGraphicsElement).getScreenCTM()!;
      return [m.a, m.d, m.e, m.f];
    });
    await page.mouse.click(x * a! + e!, y * d! + f!);
  }
  await expect(page.getByTestId('photo-found')).toBeVisible();
}

/** A picture as a PNG file, after its specification: one filtered block of eight-bit colour. */
function png({ width, height, data }: Raster): Buffer {
  const rows = Buffer.alloc(height * (3 * width + 1));
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      for (let n = 0; n < 3; n++) rows[y * (3 * width + 1) + 1 + 3 * x + n] = data[4 * (y * width + x) + n]!;
  const chunk = (name: string, body: Buffer) => {
    const [size, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
    const named = Buffer.concat([Buffer.from(name), body]);
    size.writeUInt32BE(body.length);
    sum.writeUInt32BE(crc32(named));
    return Buffer.concat([size, named, sum]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 2], 8);
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows, { level: 1 })),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}
