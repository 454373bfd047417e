import { findPattern } from '../patterns/index.ts';
import { SIDE_NAMES, type Side } from '../steps/rows/moves.ts';
import type { WayOfWorking } from '../steps/types.ts';
import type { Choice, DrillCard, Question } from './types.ts';
import { goodStretch, shuffled, turningRows } from './weaves.ts';

const SIDES: readonly Choice[] = [
  { value: 'left', name: 'Left' },
  { value: 'right', name: 'Right' },
];

/** Rows in the picture: never so few that one could count them from the start. */
const [LEAST_ROWS, MOST_ROWS] = [4, 11];

/** The work after some rows, loose: which side begins the next one? */
export function nextSide(card: DrillCard, uniform: () => number, way: WayOfWorking): Question {
  const tying = turningRows(card.weave, way)!;
  const rows = LEAST_ROWS + Math.floor(uniform() * (MOST_ROWS - LEAST_ROWS + 1));
  const next = tying.row(rows).from;
  const last = tying.row(rows - 1).from;
  const tells = findPattern(card.weave)?.tells;
  const seen = tells ? (tells.next === 'same' ? next : last) : last;
  return {
    card,
    rows,
    choices: SIDES,
    answer: next,
    why: tells
      ? `The ${tells.sign} is on the ${seen}: the next row begins ${tells.next === 'same' ? 'on that side' : 'on the other side'}, on the ${next}.`
      : `The last row began on the ${last}; sides alternate, so the next begins on the ${next}.`,
  };
}

/** The number of the last row in the picture is somewhere in a band. */
const [LEAST_LAST, MOST_LAST] = [9, 28];

/** A tight stretch whose last row has a number: which row is framed, and which side comes after it? Nothing where the weave has no sign to read. */
export function readBump(card: DrillCard, uniform: () => number, way: WayOfWorking): Question | undefined {
  const tying = turningRows(card.weave, way);
  const tells = findPattern(card.weave)?.tells;
  const stretch = goodStretch(card.weave, way);
  if (!tying || !tells || !stretch) return undefined;
  const count = stretch.spec.rows;
  // Row i of the stretch is a row of the diagram; the maker's rows begin at another one of them.
  const near = LEAST_LAST + Math.floor(uniform() * (MOST_LAST - LEAST_LAST + 1));
  const lastRow =
    near + ((((count - tying.frame.offset - near) % tying.cut.rows) + tying.cut.rows) % tying.cut.rows);
  const framed = 1 + Math.floor(uniform() * (count - 2));
  const number = lastRow - (count - 1 - framed);
  const next = tying.row(number).from;
  const other = next === 'left' ? 'right' : 'left';
  const isMore = uniform() < 0.5;
  const wrong = number + (isMore ? 1 : -1);
  const seen = tells.next === 'same' ? next : other;
  const choice = (row: number, side: Side): Choice => ({
    value: `${row} ${side}`,
    name: `Row ${row}, then ${SIDE_NAMES[side]}`,
  });
  return {
    card,
    stretch: { slip: { kind: 'none' }, at: 0 },
    framed,
    lastRow,
    choices: shuffled(
      [choice(number, next), choice(number, other), choice(wrong, next), choice(wrong, other)],
      uniform,
    ),
    answer: `${number} ${next}`,
    why: `Counted up from row ${lastRow}, it is row ${number}. The ${tells.sign} of that row is on the ${seen}: the next one begins ${tells.next === 'same' ? 'on that side' : 'on the other side'}, on the ${next}.`,
  };
}
