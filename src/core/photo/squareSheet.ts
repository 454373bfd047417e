import { SHEETS, type SheetSize } from '../fit/wristStrip.ts';
import { REFERENCES } from './types.ts';

/** Width of the frame, drawn inwards: its outer edge is what counts. */
const FRAME_MM = 2;

/** A sheet with the square that goes beside a piece to measure it in a photo, at full size. */
export function squareSheetSvg(size: SheetSize): string {
  const { widthMm, heightMm, name } = SHEETS[size];
  const [side] = REFERENCES.find((r) => r.id === 'square')!.sidesMm;
  const [x, y] = [(widthMm - side) / 2, 40];
  const words = [
    `${name}, printed at 100 %: the square is ${side} mm wide, from outer edge to outer edge.`,
    'Measure it once. If it is not, print again. Cut it out with some white around it.',
    'Lay it beside the middle of the piece, flat, and photograph both from 30 to 40 cm away.',
  ];
  const text = words
    .map((w, i) => `<text x="20" y="${y + side + 16 + 7 * i}" font-size="4">${w}</text>`)
    .join('');
  const inner = side - FRAME_MM;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}" font-family="sans-serif"><rect x="${x + FRAME_MM / 2}" y="${y + FRAME_MM / 2}" width="${inner}" height="${inner}" fill="none" stroke="#000" stroke-width="${FRAME_MM}"/>${text}</svg>\n`;
}
