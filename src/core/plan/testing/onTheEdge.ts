import type { Design } from '../../formats/design.gen.ts';
import { bandsOf } from '../bands.ts';
import { type CheckContext, checkContextOf } from '../checks/context.ts';
import { LIBRARY_ONLY } from '../knowledge.ts';
import { plan } from '../plan.ts';
import { closeSuited } from '../suited.ts';
import type { Plan } from '../types.ts';

/** Well under what any tape can tell: each threshold is tried so far on both its sides, in mm. */
export const HAIR = 0.02;

/** A usual bracelet, to be put on the edge of one threshold or another. */
export const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'On the edge',
  product: 'bracelet',
  wearer: { name: 'Okoro', girthMm: 170 },
  measures: { hand: 200 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'separate' },
  cords: [{ colour: 'ember' }, { colour: 'dusk' }],
  closure: { kind: 'side-release', sizeMm: 15 },
};

/** What the checks of a design look at. Throws where it can't be planned. */
export function contextOf(design: Design): CheckContext {
  const closed = closeSuited(design, LIBRARY_ONLY);
  if (!closed.ok) throw new Error(closed.issues[0]!.message);
  const made = bandsOf(closed.value);
  if (!made.ok) throw new Error(made.issues[0]!.message);
  return checkContextOf(closed.value, made.value);
}

/** The same as a doubled plain band, whose ends can slide. */
export const PLAIN = {
  pattern: { id: 'plain-band-2' },
  cords: [{ colour: 'dusk' }],
} satisfies Partial<Design>;

/** The bracelet with some parts replaced, planned. Throws where it can't be. */
export function planned(changes: Partial<Design> = {}): Plan {
  const made = plan({ ...BASE, ...changes });
  if (!made.ok) throw new Error(made.issues[0]!.message);
  return made.value;
}
