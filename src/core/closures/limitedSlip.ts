import { len, sold, why } from '../why/why.ts';
import { roundBar } from './attach.ts';
import { barEnd } from './buckled.ts';
import { knotSize } from './knots.ts';
import { numberOf, openOption, sizes } from './options.ts';
import { opening } from './slide.ts';
import type { Closure } from './types.ts';

/** Rings by their inner width; the rod is their wire. */
const RINGS = [
  { sizeMm: 15, depthMm: 12, rodMm: 3 },
  { sizeMm: 20, depthMm: 16, rodMm: 3.5 },
  { sizeMm: 25, depthMm: 20, rodMm: 4 },
  { sizeMm: 32, depthMm: 26, rodMm: 5 },
] as const;
const LEASH_RING_MM = 30;

const SIZE = sizes(
  'Rings',
  RINGS.map((r) => ({ sizeMm: r.sizeMm, note: why`${len(r.depthMm)} deep, wire ${len(r.rodMm)}` })),
  25,
);

/** Two rings at the ends, and a control loop through both that carries the leash ring. */
export const limitedSlip: Closure = {
  id: 'limited-slip',
  name: 'control loop through two rings',
  family: 'sliding',
  phrase: (spec) => why`a control loop through two ${sold(numberOf(spec, SIZE))} rings`,
  words:
    'The band ends in a ring at each side. A loop of doubled cord runs through both and carries a third ring: pulled, it draws the two together until they touch, and no further; let go, it lets the collar over the head.',
  difficulty: 3,
  minutes: 15,
  options: [SIZE, openOption],
  close: (context) => {
    const d = context.metrics.diameterMm;
    const ring = RINGS.find((r) => r.sizeMm === numberOf(context.spec, SIZE))!;
    const open = opening(context);
    const travel = open.flatMm - context.finishedMm;
    // Spread flat between the rings the loop's two sides lie side by side: it spans half its perimeter.
    const loop = 2 * travel;
    const lock = knotSize('overhand-two', d);
    const bar = roundBar(ring.rodMm);
    const end = (name: string, controlMm?: number) =>
      barEnd(name, ring.depthMm, bar, ring.sizeMm, {
        shape: 'frame',
        lengthMm: ring.depthMm,
        widthMm: ring.sizeMm,
        wireMm: ring.rodMm,
        hasPin: false,
        ...(controlMm === undefined ? {} : { controlMm }),
      });
    return {
      start: { ...end('first ring', loop), standoffMm: d },
      end: { ...end('second ring'), attach: 'returned' },
      finishedMm: context.finishedMm,
      openMm: open.flatMm,
      danglesMm: travel + LEASH_RING_MM,
      dangles: 'the control loop with its ring',
      extra: [
        {
          role: 'control loop, doubled',
          cordType: context.cord.id,
          fold: why`its middle holds the leash ring`,
          parts: [
            {
              what: 'closure',
              lengthMm: 2 * loop,
              why: why`twice round a loop of ${len(loop)}: ${len(travel)} of travel, there and back`,
            },
            { what: 'closure', lengthMm: 2 * lock.cordMm, why: lock.cordWhy },
            {
              what: 'tail',
              lengthMm: 2 * context.tailMm,
              why: why`two ends of ${len(context.tailMm)} to tie it with`,
            },
          ],
        },
      ],
      checks: [
        {
          id: 'slip.stops',
          ok: context.finishedMm >= context.girthMm,
          message: why`pulled shut, the rings touch at ${len(context.finishedMm)} flat: it stops before it squeezes`,
        },
      ],
      figures: [
        {
          label: 'control loop, round',
          value: loop,
          unit: 'mm',
          why: why`twice the travel ${len(travel)}: ${open.why}`,
        },
      ],
      hardware: why`two rings ${len(ring.depthMm)} deep, touching`,
    };
  },
};
