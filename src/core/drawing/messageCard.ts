import { findClosure } from '../closures/index.ts';
import { findProduct } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import type { Plan } from '../plan/types.ts';
import { formatLength, type UnitSystem } from '../units/index.ts';
import { whyText } from '../why/why.ts';
import type { Scene } from './shape.ts';
import { escapeXml, shapeSvg } from './svg.ts';

/** Size of the picture in px: what messages show whole. */
export const CARD = { width: 1200, height: 630 } as const;
const SIDE = 60;
/** The Beam's part of it. */
const BEAM = { top: 150, height: 270 } as const;
/** Corners of a square of the mat, in px. */
const GRID = 30;
/** More cords than these are summed up. */
const MOST_CUTS = 4;
const MAT = '#1c4a42';
const LINE = '#2b6257';

/** What the card says beside its picture. */
export interface CardWords {
  readonly title: string;
  readonly what: string;
  /** A line for each cord: its colour, its letter, and what to cut. */
  readonly cuts: readonly { readonly colour: string; readonly text: string }[];
}

/** The words of the card: no wearer's name, for it is sent around. */
export function cardWords(design: Design, plan: Plan, weaveName: string, units: UnitSystem): CardWords {
  const product = findProduct(design.product);
  const closure = findClosure(design.closure.kind);
  const girth = formatLength(design.wearer.girthMm, { system: units, kind: 'body' });
  const cut = (mm: number) => formatLength(mm, { system: units, kind: 'cut', rounding: 'up' });
  const cuts = plan.cords.map((c) => ({
    colour: c.look.base,
    text: `${c.letter}  ${c.look.name}  ${cut(c.cutLengthMm)}`,
  }));
  const rest = cuts.length - MOST_CUTS;
  return {
    title: design.name,
    what: `${weaveName}, ${product?.name ?? design.product} for ${girth}, closed by ${closure ? whyText(closure.phrase(design.closure), units) : design.closure.kind}`,
    cuts:
      rest > 0
        ? [...cuts.slice(0, MOST_CUTS - 1), { colour: LINE, text: `and ${rest + 1} more cords` }]
        : cuts,
  };
}

/**
 * A picture for messages: the piece to scale on the mat, what it is, and what to cut. `fontCss` may hold the faces that it is
 * lettered in.
 */
export function messageCardSvg(scene: Scene, words: CardWords, fontCss = ''): string {
  const { width, height } = CARD;
  const wide = width - 2 * SIDE;
  const scale = Math.min(wide / scene.widthMm, BEAM.height / scene.heightMm);
  const [w, h] = [scene.widthMm * scale, scene.heightMm * scale];
  const x = (width - w) / 2;
  const y = BEAM.top + (BEAM.height - h) / 2;
  // Shapes are in hundredths of a millimetre.
  const place = `translate(${(x - scene.minX * scale).toFixed(2)} ${(y - scene.minY * scale).toFixed(2)}) scale(${(scale / 100).toFixed(5)})`;
  const grid = [
    ...Array.from({ length: Math.floor(width / GRID) }, (_, i) => `M${(i + 1) * GRID} 0V${height}`),
    ...Array.from({ length: Math.floor(height / GRID) }, (_, i) => `M0 ${(i + 1) * GRID}H${width}`),
  ].join('');
  const cuts = words.cuts.map((cut, i) => {
    const left = SIDE + (i % 2) * (wide / 2);
    const base = 490 + Math.floor(i / 2) * 56;
    return `<circle cx="${left + 16}" cy="${base - 11}" r="16" fill="${escapeXml(cut.colour)}" stroke="#ffffff" stroke-width="2"/><text x="${left + 46}" y="${base}" class="cut">${escapeXml(cut.text)}</text>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">
<title>${escapeXml(words.title)}</title>
<style>${fontCss}text{fill:#ffffff;font-family:"Atkinson Hyperlegible Next Variable",sans-serif}.title{font:700 58px "Bricolage Grotesque Variable",sans-serif}.what{font-size:27px}.cut{font:600 32px "Atkinson Hyperlegible Mono Variable",monospace;white-space:pre}.by{font:700 22px "Bricolage Grotesque Variable",sans-serif;opacity:.75}</style>
<rect width="${width}" height="${height}" fill="${MAT}"/>
<path d="${grid}" stroke="${LINE}" fill="none"/>
<text x="${SIDE}" y="84" class="title">${escapeXml(fitted(words.title, 34))}</text>
<text x="${SIDE}" y="128" class="what">${escapeXml(fitted(words.what, 88))}</text>
<g transform="${place}">
${scene.shapes.map(shapeSvg).join('\n')}
</g>
${cuts.join('\n')}
<text x="${width - SIDE}" y="${height - 26}" class="by" text-anchor="end">Warp Beam</text>
</svg>
`;
}

/** No longer than there is room for. */
const fitted = (text: string, most: number): string => {
  const letters = [...text];
  return letters.length <= most
    ? text
    : `${letters
        .slice(0, most - 1)
        .join('')
        .trimEnd()}…`;
};
