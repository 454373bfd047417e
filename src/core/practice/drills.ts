import { USUAL_WAY, type WayOfWorking } from '../steps/types.ts';
import { fromWords, nameIt, toldRow } from './names.ts';
import { nextHalfCycle, ringCards } from './rings.ts';
import { nextSide, readBump } from './sides.ts';
import { spotSlip } from './spotSlip.ts';
import type { DrillCard, DrillKind, Question } from './types.ts';
import { faced, slipsOf, turningRows } from './weaves.ts';

/** The seed with which it is tried whether a drill can be asked of a weave at all. */
const always = () => 0;

/** Every drill that can be asked, in the order of the library. */
export function drillCards(): DrillCard[] {
  const ofWeaves = faced().flatMap(({ id, name }) => {
    const card = (kind: DrillKind): DrillCard => ({ id: `${kind} ${id}`, kind, weave: id, name });
    const turns = turningRows(id) !== undefined;
    return [
      ...(turns ? [card('next-side')] : []),
      ...(turns && readBump(card('read-bump'), always, USUAL_WAY) ? [card('read-bump')] : []),
      ...(slipsOf(id).length > 0 ? [card('spot-slip')] : []),
      ...(toldRow(id) ? [card('from-words')] : []),
      card('name-it'),
    ];
  });
  return [...ofWeaves, ...ringCards()];
}

/** A question of a card; the same one for the same seed. Throws for a card that can't be asked. */
export function questionOf(card: DrillCard, uniform: () => number, way: WayOfWorking = USUAL_WAY): Question {
  const made = {
    'next-side': nextSide,
    'read-bump': readBump,
    'spot-slip': spotSlip,
    'next-half-cycle': nextHalfCycle,
    'from-words': fromWords,
    'name-it': nameIt,
  }[card.kind](card, uniform, way);
  if (!made) throw new Error(`${card.id} can’t be asked.`);
  return made;
}
