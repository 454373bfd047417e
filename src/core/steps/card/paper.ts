import type { Scene } from '../../drawing/shape.ts';
import { escapeXml, shapeSvg } from '../../drawing/svg.ts';

/** A4, in mm. */
export const PAGE = { width: 210, height: 297, margin: 12 };
export const WIDTH = PAGE.width - 2 * PAGE.margin;
/** Average width of a letter, as a share of the type's size. */
const LETTER = 0.5;

/** A page that is filled from top to bottom; everything is written at its place in mm. */
export class Page {
  y = PAGE.margin;
  /** What is drawn, by sheet. */
  readonly sheets: string[][] = [[]];

  /** Puts elements on the sheet on which the pen is. */
  push(...elements: string[]): void {
    const sheet = Math.floor(this.y / PAGE.height);
    while (this.sheets.length <= sheet) this.sheets.push([]);
    this.sheets[sheet]!.push(...elements);
  }

  text(words: string, size: number, bold = false, x = PAGE.margin, width = WIDTH): void {
    for (const line of wrap(words, Math.floor(width / (size * LETTER)))) {
      this.room(size * 1.3);
      this.y += size * 1.3;
      this.push(label(line, x, this.y - size * 0.25, size, bold));
    }
  }

  /** Goes on at the top of the next page where so much does not fit on this one. */
  room(height: number): void {
    const left = PAGE.height - PAGE.margin - (this.y % PAGE.height);
    if (height > left) this.y += left + 2 * PAGE.margin;
  }

  heading(words: string): void {
    this.room(16);
    this.y += 3;
    this.text(words, 4.6, true);
    this.y += 1;
  }

  scene(scene: Scene, x: number, y: number, scale: number): void {
    const shapes = scene.shapes.map(shapeSvg).join('');
    this.push(
      `<g transform="translate(${n(x - scene.minX * scale)} ${n(y - scene.minY * scale)}) scale(${n(scale / 100, 5)})">${shapes}</g>`,
    );
  }
}

/** A number as it stands in a drawing. */
export const n = (value: number, digits = 2): string => String(Number(value.toFixed(digits)));

/** A line of text at its place. */
export const label = (
  text: string,
  x: number,
  y: number,
  size: number,
  bold = false,
  middle = false,
): string =>
  `<text x="${n(x)}" y="${n(y)}" font-size="${n(size)}"${bold ? ' font-weight="700"' : ''}${middle ? ' text-anchor="middle"' : ''}>${escapeXml(text)}</text>`;

/** Lines of at most so many letters, broken between words. */
function wrap(words: string, most: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of words.split(' ')) {
    if (line && line.length + 1 + word.length > most) {
      lines.push(line);
      line = word;
    } else line = line ? `${line} ${word}` : word;
  }
  if (line) lines.push(line);
  return lines;
}
