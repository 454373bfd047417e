import { findColour, PALETTE } from '../colour/palette.ts';
import type { RingLook } from '../rings/drawing/look.ts';
import { layRing, type Tuck } from '../rings/lays.ts';
import { narrowestWidth } from '../rings/sizes.ts';
import { bightName, PLAIN, type RingShape } from '../rings/types.ts';
import { tucksText } from '../rings/words.ts';
import { plural } from '../words.ts';
import type { DrillCard, Question } from './types.ts';
import { shuffled } from './weaves.ts';

const plain = (leads: number, bights: number): RingShape => ({ leads, bights, coding: PLAIN, first: 'O' });

/** Rings to practise on, all of one strand, from the smallest to one with two rows alike. */
const RINGS: readonly RingShape[] = [
  plain(3, 4),
  plain(3, 5),
  plain(4, 5),
  plain(5, 4),
  plain(4, 7),
  plain(5, 7),
  { ...plain(5, 8), coding: { by: 'row', n: 2 } },
];

/** One card a ring. */
export const ringCards = (): DrillCard[] =>
  RINGS.map((ring) => {
    const { leads, bights, coding } = ring;
    const alike = coding.n > 1 ? `, ${coding.n} rows alike` : '';
    return {
      id: `next-half-cycle ${leads}x${bights} ${coding.by}${coding.n}`,
      kind: 'next-half-cycle',
      weave: '',
      ring,
      name: `Ring of ${leads} leads and ${bights} bights${alike}`,
    };
  });

/** The map before some half cycle: where to, and over and under what? */
export function nextHalfCycle(card: DrillCard, uniform: () => number): Question | undefined {
  if (!card.ring) return undefined;
  const lays = layRing(card.ring, [0]);
  const meeting = lays.filter((lay) => lay.tucks.length > 0);
  const lay = meeting[Math.floor(uniform() * meeting.length)]!;
  const right = lay.tucks.map((t) => t.isOver);
  const wrong = [right.map((over) => !over), right.slice(0, -1), [...right, !right.at(-1)]];
  const text = (overs: readonly boolean[]) =>
    tucksText(overs.map((isOver): Pick<Tuck, 'isOver' | 'count'> => ({ isOver, count: 1 })));
  const [from, to] = [bightName(lay.from), bightName(lay.to)];
  const turns = card.ring.coding.n === 1 ? ' Over and under alternate along every cord of this ring.' : '';
  return {
    card,
    laid: lay.n - 1,
    way: { from, to },
    choices: shuffled([right, ...wrong], uniform).map((overs) => ({ value: text(overs), name: text(overs) })),
    answer: text(right),
    why: `From ${from} to ${to} it meets ${right.length} ${plural(right.length, 'cord')} already there: ${text(right)}.${turns}`,
  };
}

/** Cords, in mm. */
const DIAMETER_MM = 4;
/** Room along an edge from bight to bight, and across beyond the narrowest ring, so that each crossing is seen. */
const PITCH_D = 3.4;
const WIDER = 2;

/** What the map of a ring is drawn from: open enough that every crossing is seen. */
export function practiceLook(shape: RingShape): RingLook {
  const d = DIAMETER_MM;
  const girth = shape.bights * PITCH_D * d - 2 * Math.PI * d;
  const ring = { shape, passes: 1, girth, d };
  return {
    ring,
    widthMm: WIDER * narrowestWidth(ring),
    lays: layRing(shape, [0]),
    colours: [findColour('ember') ?? PALETTE[0]!],
    cordOf: () => 0,
  };
}
