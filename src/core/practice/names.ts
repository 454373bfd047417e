import { findPattern } from '../patterns/index.ts';
import { rowText } from '../steps/rows/words.ts';
import type { WayOfWorking } from '../steps/types.ts';
import type { DrillCard, Question } from './types.ts';
import { crossingsARow, faced, keptByWeave, rowsOfWeave, shuffled } from './weaves.ts';

const CHOICES = 4;

/** A face: which weave is it? Those of its own family are the hardest to tell apart, so they are offered first. */
export function nameIt(card: DrillCard, uniform: () => number): Question {
  const right = findPattern(card.weave)!;
  const others = shuffled(
    faced().filter((p) => p.id !== card.weave),
    uniform,
  );
  const wrong = [
    ...others.filter((p) => p.family === right.family),
    ...others.filter((p) => p.family !== right.family),
  ];
  const choices = shuffled([right, ...wrong.slice(0, CHOICES - 1)], uniform).map((p) => ({
    value: p.id,
    name: p.name,
  }));
  return { card, choices, answer: card.weave, why: `It is ${right.name}. ${right.words}` };
}

/** What is told of a weave’s first row, crossing by crossing; nothing where it is not tied in rows, or one row tells too little. */
export const toldRow = keptByWeave((weave, way): readonly string[] | undefined => {
  const tying = rowsOfWeave(weave, way);
  if (!tying || crossingsARow(tying) > MOST_READ) return undefined;
  const told = rowText(tying.row(0));
  return told.length >= 2 && told.length <= MOST_MOVES ? told : undefined;
});

const MOST_MOVES = 4;
/** Nobody follows more crossings than these by words alone. */
const MOST_READ = 16;

/** Words of a row: which picture shows it? No two pictures are told in the same words. */
export function fromWords(card: DrillCard, uniform: () => number, way: WayOfWorking): Question | undefined {
  const told = toldRow(card.weave, way);
  if (!told) return undefined;
  const seen = new Set([told.join()]);
  const others = shuffled(
    faced().filter((p) => p.id !== card.weave),
    uniform,
  ).flatMap((p) => {
    const words = toldRow(p.id, way);
    return words ? [{ id: p.id, words, isNear: words.length === told.length }] : [];
  });
  const wrong: string[] = [];
  for (const o of [...others.filter((x) => x.isNear), ...others.filter((x) => !x.isNear)]) {
    if (wrong.length === CHOICES - 1) break;
    if (seen.has(o.words.join())) continue;
    seen.add(o.words.join());
    wrong.push(o.id);
  }
  const order = shuffled([card.weave, ...wrong], uniform);
  const letter = String.fromCharCode(65 + order.indexOf(card.weave));
  return {
    card,
    told,
    choices: order.map((value, i) => ({ value, name: String.fromCharCode(65 + i) })),
    answer: card.weave,
    why: `It is ${letter}, a row of ${findPattern(card.weave)!.name}. Follow each end once more with the words.`,
  };
}
