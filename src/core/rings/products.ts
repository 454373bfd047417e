import { HAND, HEEL, type Measure } from '../fit/measures.ts';
import type { RingDesign } from '../formats/ring.gen.ts';

/** What a ring is made for: a record. Rings that pass a body are sized by it, the others by what they sit on. */
export interface RingProduct {
  readonly id: string;
  readonly name: string;
  readonly girth: RingDesign['girth']['by'];
  /** What is measured, as it is called in the sentence. */
  readonly measured: string;
  readonly how: string;
  readonly usualMm: number;
  readonly leastMm: number;
  readonly mostMm: number;
  /** Usual room over what it must pass. */
  readonly easeMm: number;
  readonly cautions: readonly string[];
}

const NOT_ON_CHILDREN = 'Not for infants, and never on a sleeping child: it does not come undone.';
const CATCHES = 'It does not come undone when it catches: take it off near machines.';

const body = (id: string, name: string, measure: Measure, usualMm: number, easeMm: number): RingProduct => ({
  id,
  name,
  girth: 'body',
  measured: measure.name,
  how: measure.how,
  usualMm,
  leastMm: measure.leastMm,
  mostMm: measure.mostMm,
  easeMm,
  cautions: [NOT_ON_CHILDREN, CATCHES],
});

const on = (
  id: string,
  name: string,
  measured: string,
  how: string,
  usualMm: number,
  mostMm: number,
  cautions: readonly string[] = [],
): RingProduct => ({
  id,
  name,
  girth: 'mandrel',
  measured,
  how,
  usualMm,
  leastMm: 15,
  mostMm,
  easeMm: 0,
  cautions,
});

export const RING_PRODUCTS: readonly RingProduct[] = [
  body('ring-bracelet', 'ring bracelet', HAND, 205, 6),
  body('ring-cuff', 'ring cuff', HAND, 205, 10),
  body('ring-anklet', 'ring anklet', HEEL, 320, 8),
  on(
    'key-sleeve',
    'key-ring sleeve',
    'core',
    'Measure round the cord or rod that the sleeve sits on.',
    45,
    200,
  ),
  on(
    'handle-wrap',
    'handle wrap',
    'handle',
    'Lay a tape round the handle where the wrap will sit.',
    100,
    600,
    ['On a tool that carries you or a load: follow its maker’s rules. A wrap hides cracks.'],
  ),
  on('bottle-neck', 'neck wrap', 'neck', 'Lay a tape round the neck of the bottle or lamp.', 95, 600),
  on(
    'scarf-slide',
    'scarf slide',
    'rolled scarf',
    'Roll the scarf as it is worn and lay a tape round it.',
    70,
    250,
  ),
  on(
    'napkin-ring',
    'napkin ring',
    'tube',
    'Measure round the tube that it is tied on; about 13 cm suits a rolled napkin.',
    130,
    300,
  ),
];

export const findRingProduct = (id: string): RingProduct | undefined =>
  RING_PRODUCTS.find((p) => p.id === id);

/** Round things in a household to tie on, by their typical girth in mm: measure yours. */
export const HOUSEHOLD: readonly { readonly name: string; readonly girthMm: number }[] = [
  { name: 'broom handle', girthMm: 75 },
  { name: 'kitchen roll tube', girthMm: 135 },
  { name: 'spice jar', girthMm: 150 },
  { name: 'rolling pin', girthMm: 160 },
  { name: 'narrow tin', girthMm: 170 },
  { name: 'drinks can', girthMm: 208 },
  { name: 'food tin', girthMm: 235 },
  { name: 'jam jar', girthMm: 250 },
  { name: 'wine bottle', girthMm: 240 },
  { name: 'wide drain pipe', girthMm: 345 },
].sort((a, b) => a.girthMm - b.girthMm);
