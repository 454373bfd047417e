import { escapeXml } from '../drawing/svg.ts';

/** Sheets of paper, upright, in mm: ISO 216 and the Letter size of the United States. */
export const SHEETS = {
  a4: { name: 'A4', widthMm: 210, heightMm: 297 },
  letter: { name: 'Letter', widthMm: 215.9, heightMm: 279.4 },
} as const;
export type SheetSize = keyof typeof SHEETS;

/** What no printer leaves white. */
const MARGIN_MM = 12;
const STRIP_MM = 22;
/** From the head of the strip to its slit, and the slit itself. */
const HEAD_MM = 14;
const SLIT_MM = 18;
/** The line by which a printer is checked. */
export const CHECK_MM = 100;
const INCH_MM = 25.4;
/** Where the strip is cut in two so that it fits on a sheet, the second one is glued on with a tab. */
const TAB_MM = 10;

export interface StripPiece {
  /** What it reads from and to, in mm. */
  readonly fromMm: number;
  readonly toMm: number;
}

/** The pieces of a strip that reads up to a girth: as long each as a sheet is high. */
export function stripPieces(mostMm: number, size: SheetSize): StripPiece[] {
  const room = SHEETS[size].heightMm - 2 * MARGIN_MM - HEAD_MM - TAB_MM;
  const pieces: StripPiece[] = [];
  for (let from = 0; from < mostMm; from += room)
    pieces.push({ fromMm: from, toMm: Math.min(mostMm, from + room) });
  return pieces;
}

/** Height of the words, and how wide a letter is for its height. */
const WORDS_MM = 4;
const LETTER_WIDTH = 0.5;

/**
 * A paper strip at full size as one SVG sheet: wrapped round, its tail goes through the slit, and the girth is read there. One edge
 * counts millimetres, the other quarters of an inch. The upright line beside it is 100 mm long.
 */
export function wristStripSvg(what: string, mostMm: number, size: SheetSize): string {
  const { widthMm, heightMm, name } = SHEETS[size];
  const pieces = stripPieces(mostMm, size);
  const strips = pieces.map((piece, i) => {
    const x = MARGIN_MM + 4 + i * (STRIP_MM + 14);
    return `<g transform="translate(${x} ${MARGIN_MM})">${stripShapes(piece, i, i === pieces.length - 1)}</g>`;
  });
  const textX = MARGIN_MM + 8 + pieces.length * (STRIP_MM + 14);
  const words = [
    `Paper strip for the ${what}`,
    `${name}, printed at 100 %: the upright line`,
    'is 100 mm long. If it is not, print again.',
    '',
    '1. Cut the strip out, and the slit open.',
    ...(pieces.length > 2 ? ['   Glue each next piece on its tab.'] : []),
    ...(pieces.length === 2 ? ['   Glue the second piece on its tab.'] : []),
    '2. Lay it round, printed side out, and put',
    '   its tail through the slit from inside.',
    '3. Draw it up until it touches without',
    '   squeezing. Read it at the slit.',
    '',
    'Good to about 2 mm.',
  ];
  // Beside three strips there is less room: the longest line ends at the margin.
  const longest = Math.max(...words.map((w) => w.length));
  const room = (widthMm - MARGIN_MM - textX) / (LETTER_WIDTH * longest);
  const fontMm = Math.floor(10 * Math.min(WORDS_MM, room)) / 10;
  const text = words
    .map(
      (w, i) =>
        `<text x="${textX}" y="${MARGIN_MM + 10 + 6 * i}" font-size="${fontMm}">${escapeXml(w)}</text>`,
    )
    .join('');
  const [lineX, lineY] = [widthMm - MARGIN_MM - 6, MARGIN_MM + 14 + 6 * words.length];
  const line = `<path d="M${lineX} ${lineY}h4m-2 0v${CHECK_MM}m-2 0h4" fill="none" stroke="#000" stroke-width="0.3"/>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}" font-family="sans-serif">${strips.join('')}${text}${line}</svg>\n`;
}

/** One piece, upright: the head with its slit on top of the first, a tab at the foot of each but the last. */
function stripShapes({ fromMm, toMm }: StripPiece, index: number, isLast: boolean): string {
  const head = index === 0 ? HEAD_MM : 0;
  const length = toMm - fromMm;
  const out: string[] = [
    `<rect x="0" y="0" width="${STRIP_MM}" height="${head + length}" fill="none" stroke="#000" stroke-width="0.3"/>`,
  ];
  if (index === 0) {
    const x = (STRIP_MM - SLIT_MM) / 2;
    // The scale counts from the slit.
    out.push(
      `<path d="M${x} ${head}h${SLIT_MM}" stroke="#000" stroke-width="0.6" stroke-dasharray="1.5 0.8"/>`,
    );
    out.push(`<text x="${STRIP_MM / 2}" y="${head - 4}" font-size="3" text-anchor="middle">slit</text>`);
  }
  if (!isLast)
    out.push(
      `<rect x="0" y="${head + length}" width="${STRIP_MM}" height="${TAB_MM}" fill="none" stroke="#000" stroke-width="0.3" stroke-dasharray="1.5 1"/>`,
      `<text x="${STRIP_MM / 2}" y="${head + length + 6}" font-size="3" text-anchor="middle">glue</text>`,
    );
  const y = (mm: number) => Number((head + mm - fromMm).toFixed(3));
  for (let mm = Math.ceil(fromMm); mm <= toMm; mm++) {
    if (mm === 0) continue;
    const long = mm % 10 === 0 ? 5 : mm % 5 === 0 ? 3.5 : 2;
    out.push(`<path d="M0 ${y(mm)}h${long}" stroke="#000" stroke-width="0.2"/>`);
    if (mm % 10 === 0 && mm >= 20) out.push(`<text x="5.6" y="${y(mm) + 1}" font-size="3">${mm / 10}</text>`);
  }
  for (let q = Math.ceil((4 * fromMm) / INCH_MM); (q * INCH_MM) / 4 <= toMm; q++) {
    if (q === 0) continue;
    const at = y((q * INCH_MM) / 4);
    out.push(`<path d="M${STRIP_MM} ${at}h${q % 4 === 0 ? -4 : -2}" stroke="#000" stroke-width="0.2"/>`);
    if (q % 4 === 0)
      out.push(
        `<text x="${STRIP_MM - 4.4}" y="${at + 1}" font-size="2.6" text-anchor="end">${q / 4}″</text>`,
      );
  }
  return out.join('');
}
