import { fail, ok, type Result } from '../../../result.ts';
import type { RowMoves } from '../moves.ts';
import { OFTEN_NAMES } from '../words.ts';

/** What a sentence says, read back: which end, and how many crossings over and under in order. */
interface ToldMove {
  readonly end: string;
  /** O and U in the order of travel. */
  readonly word: string;
  /** What is passed, stretch by stretch, as it is named: cores and ends by number from the left. */
  readonly met: readonly (readonly string[])[];
}

/** Reads one move back from its words, for a weave with so many cores. */
export function parseMove(text: string, { cores }: Pick<RowMoves, 'cores'>): Result<ToldMove> {
  const bad = (message: string) => fail({ code: 'steps.words', path: '', message });
  const match = /^([A-Za-z0-9 ]+): (.+)\.$/.exec(text);
  if (!match) return bad(`“${text}” is not one end’s move.`);
  let word = '';
  const met: string[][] = [];
  const way = match[2]!.replace(/ \([^)]*\)/, '').replace(/, (out at the|to lie as) .*$/, '');
  if (way === 'straight on') return ok({ end: match[1]!.toLowerCase(), word, met });
  for (const leg of way.split(', then ')) {
    const part = /^(over|under) (.+)$/.exec(leg);
    if (!part) return bad(`“${leg}” says neither over nor under.`);
    const letter = part[1] === 'over' ? 'O' : 'U';
    const names: string[] = [];
    for (const item of part[2]!.split(/, | and /)) {
      const n = countOf(item, cores);
      if (n === undefined) return bad(`“${item}” is nothing that can be crossed.`);
      word += letter.repeat(n);
      names.push(item);
    }
    met.push(names);
  }
  return ok({ end: match[1]!.toLowerCase(), word, met });
}

function countOf(item: string, cores: number): number | undefined {
  const all = /^all (\d+) cores$/.exec(item);
  if (all) return Number(all[1]) === cores ? cores : undefined;
  if (item === 'both cores') return cores === 2 ? 2 : undefined;
  const often = OFTEN_NAMES.findIndex((t) => t !== '' && item.endsWith(t));
  const many = /^(.*) (\d+) times$/.exec(item);
  const name = many ? many[1]! : often > 0 ? item.slice(0, -OFTEN_NAMES[often]!.length) : item;
  const known =
    /^(the (left |middle |right )?core|core \d+|the (left|right) end|(end|strand) \d+|its own loop|the loop before|the first bar’s edge|the working end)$/;
  return known.test(name) ? (many ? Number(many[2]) : Math.max(1, often)) : undefined;
}
