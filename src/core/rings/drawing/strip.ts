import { PER_MM, type Shape } from '../../drawing/shape.ts';
import { escapeXml, shapeSvg } from '../../drawing/svg.ts';
import type { RingPlan } from '../planned.ts';
import { meanGirth } from '../sizes.ts';
import { lookOf } from './look.ts';
import { bightPlaces, mapScene } from './map.ts';

/** Where a pin goes, and where its name is written; mm from the strip's left end and from its middle. */
interface PinMark {
  readonly name: string;
  readonly x: number;
  readonly y: number;
  readonly nameY: number;
}

/** The map as a strip of paper for the mandrel. Lengths in mm; y = 0 is the middle. */
export interface Strip {
  readonly lengthMm: number;
  readonly heightMm: number;
  readonly shapes: readonly Shape[];
  /** How the shapes come onto the strip: made as much shorter as the mandrel is, and turned about for a left-handed maker. */
  readonly transform: string;
  readonly pins: readonly PinMark[];
}

const MARGIN_MM = 9;
/** From the cords' edge to a pin, and to the foot of its name above and below. */
const PIN_MM = 1.5;
const ABOVE_MM = 3.4;
const BELOW_MM = 6.4;
/** Paper at the strip's end that the other end is glued on, and what is left at the left for the first pin's name. */
export const TAB_MM = 10;
export const NAME_MM = 3;

/**
 * A finished ring on a strip as long as the mandrel is round. The cords run a diameter further out than the paper, so that
 * their map is that much longer and has to be pressed together.
 */
export function stripOf(plan: RingPlan): Strip {
  const { girth } = plan.ring;
  const shrink = girth / meanGirth(plan.ring);
  const isLeft = plan.design.hand === 'left';
  const x = (mm: number) => (isLeft ? girth - mm * shrink : mm * shrink);
  return {
    lengthMm: girth,
    heightMm: plan.widthMm + 2 * MARGIN_MM,
    shapes: mapScene({ ...lookOf(plan), beyondMm: 0 }, plan.lays).shapes,
    transform: `${isLeft ? `translate(${girth} 0) ` : ''}scale(${(isLeft ? -shrink : shrink) / PER_MM} ${1 / PER_MM})`,
    pins: bightPlaces(plan).map((p): PinMark => {
      const out = p.bight.edge === 'L' ? -1 : 1;
      return {
        name: p.name,
        // The strip's two ends are one place.
        x: x(p.x) % girth,
        y: p.y + out * PIN_MM,
        nameY: p.y + (p.bight.edge === 'L' ? -ABOVE_MM : BELOW_MM),
      };
    }),
  };
}

/** The strip as a file of its own, in one piece, with a tab to glue. */
export function stripSvg(plan: RingPlan, title: string): string {
  const { lengthMm, heightMm, shapes, transform, pins } = stripOf(plan);
  const width = NAME_MM + lengthMm + TAB_MM;
  const top = -heightMm / 2;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width.toFixed(2)}mm" height="${heightMm.toFixed(2)}mm" viewBox="${-NAME_MM} ${top} ${width} ${heightMm}">`,
    `<title>${escapeXml(title)}</title>`,
    `<g transform="${transform}">`,
    ...shapes.map(shapeSvg),
    '</g>',
    `<rect x="0" y="${top}" width="${lengthMm}" height="${heightMm}" fill="none" stroke="black" stroke-width="0.3"/>`,
    `<path d="M${lengthMm} ${top}h${TAB_MM}v${heightMm}h${-TAB_MM}" fill="none" stroke="black" stroke-dasharray="1.5 1" stroke-width="0.3"/>`,
    `<g font-family="sans-serif" font-size="3.6" text-anchor="middle">`,
    ...pins.map(
      (p) =>
        `<circle cx="${p.x.toFixed(2)}" cy="${p.y.toFixed(2)}" r="0.8"/><text x="${p.x.toFixed(2)}" y="${p.nameY.toFixed(2)}">${p.name}</text>`,
    ),
    '</g>',
    '</svg>\n',
  ].join('\n');
}
