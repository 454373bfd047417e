import { fail, ok, type Result } from '../../result.ts';
import type { Leg, Move, RowMoves, Target } from './moves.ts';

type Count = Pick<RowMoves, 'cores' | 'ends'>;

/** One end's move as a sentence: `Left end: over both cores, out at the right.` */
function moveText(move: Move, all: Count): string {
  const legs = move.legs.map((leg) => legText(leg, all));
  const note = upThrough(move) ? ' (up through its loop)' : '';
  const way = legs.length > 0 ? legs.join(', then ') : 'straight on';
  return `${capital(endName(move.end, all))}: ${way}${note}${outText(move, all)}.`;
}

/**
 * The same move as hands think of it: what lies in front of a core is behind it, and a loop is gone up through:
 * `Right end: over the left end, behind both cores, up through the left loop.`
 */
function shortMoveText(move: Move, all: Count): string {
  const loop = loopOf(move);
  const legs = loop ? withoutLoop(move.legs, loop) : move.legs;
  const parts = legs.map((leg) => {
    const isBehind = !leg.isOver && leg.targets.some((t) => t.kind === 'core');
    return `${leg.isOver ? 'over' : isBehind ? 'behind' : 'under'} ${targetsText(leg.targets, all)}`;
  });
  if (loop) parts.push(`up through ${loopName(loop, all)}`);
  const way = parts.length > 0 ? parts.join(', ') : 'straight on';
  return `${capital(endName(move.end, all))}: ${way}${loop ? '' : outText(move, all)}.`;
}

const isAlike = (a: Target, b: Target): boolean =>
  a.kind === b.kind && ('number' in a ? a.number : 0) === ('number' in b ? b.number : 0);

/** What the end comes up through: a cord that it ends over and has passed before, or its own way once it was under something. */
function loopOf({ legs }: Move): Target | undefined {
  const last = legs.at(-1);
  if (!last?.isOver || legs.length < 3) return undefined;
  const before = legs.slice(0, -1).flatMap((leg) => leg.targets);
  return last.targets.findLast(
    (t) => t.kind === 'own' || (t.kind !== 'core' && before.some((b) => isAlike(b, t))),
  );
}

/** Under and over the cord that makes the loop is going up through it. */
function withoutLoop(legs: readonly Leg[], loop: Target): Leg[] {
  const without = (leg: Leg): Leg => {
    const at = leg.targets.findLastIndex((t) => isAlike(t, loop));
    return { ...leg, targets: leg.targets.filter((_, i) => i !== at) };
  };
  const last = legs.length - 1;
  return legs.map((leg, i) => (i >= last - 1 ? without(leg) : leg)).filter((leg) => leg.targets.length > 0);
}

function loopName(loop: Target, all: Count): string {
  if (loop.kind === 'own') return 'its own loop';
  if (loop.kind === 'last row') return 'the loop before';
  if (loop.kind !== 'end') return 'its loop';
  if (all.ends === 2) return `the ${loop.number === 1 ? 'left' : 'right'} loop`;
  return `${endName(loop.number, all)}’s loop`;
}

/** All moves of a row, as hands think of them. */
export const shortRowText = (row: RowMoves): string[] => row.moves.map((m) => shortMoveText(m, row));

/** All moves of a row, crossing by crossing. */
export const rowText = (row: RowMoves): string[] => row.moves.map((m) => moveText(m, row));

const legText = (leg: Leg, all: Count): string =>
  `${leg.isOver ? 'over' : 'under'} ${targetsText(leg.targets, all)}`;

/** The last cord passed over was passed before: the end comes up through what that one leaves. */
function upThrough({ legs }: Move): boolean {
  const last = legs.at(-1);
  const target = last?.targets.at(-1);
  if (!last?.isOver || !target || target.kind === 'core' || legs.length < 3) return false;
  return legs.slice(0, -1).some((leg) => leg.targets.some((t) => t.kind === target.kind));
}

function outText(move: Move, all: Count): string {
  if (move.out) return `, out at the ${move.out}`;
  if (all.cores === 0 && all.ends > 2) return `, to lie as strand ${move.to}`;
  return '';
}

export function endName(number: number, { ends, cores }: Count): string {
  if (ends === 1) return 'working end';
  if (ends === 2) return number === 1 ? 'left end' : 'right end';
  return `${cores === 0 ? 'strand' : 'end'} ${number}`;
}

const THREE = ['left', 'middle', 'right'];

function targetsText(targets: readonly Target[], all: Count): string {
  const cores = targets.flatMap((t) => (t.kind === 'core' ? [t.number] : []));
  const ends = targets.flatMap((t) => (t.kind === 'end' ? [t.number] : []));
  const own = targets.filter((t) => t.kind === 'own').length;
  const last = targets.filter((t) => t.kind === 'last row').length;
  const below = targets.filter((t) => t.kind === 'below').length;
  return list([
    ...(cores.length > 0 ? [coresText(cores, all.cores)] : []),
    ...endsText(ends, all),
    ...(own > 0 ? [times('its own loop', own)] : []),
    ...(last > 0 ? [times('the loop before', last)] : []),
    ...(below > 0 ? [times('the first bar’s edge', below)] : []),
  ]);
}

function coresText(numbers: readonly number[], total: number): string {
  const sorted = numbers.toSorted((a, b) => a - b);
  if (new Set(sorted).size === total && sorted.length === total)
    return total === 1 ? 'the core' : total === 2 ? 'both cores' : `all ${total} cores`;
  const name = (n: number) =>
    total === 2
      ? `the ${n === 1 ? 'left' : 'right'} core`
      : total === 3
        ? `the ${THREE[n - 1]} core`
        : `core ${n}`;
  return list(sorted.map(name));
}

function endsText(numbers: readonly number[], all: Count): string[] {
  const unique = [...new Set(numbers)].sort((a, b) => a - b);
  return unique.map((n) => {
    const name = endName(n, all);
    return times(/\d/.test(name) ? name : `the ${name}`, numbers.filter((m) => m === n).length);
  });
}

const TIMES = ['', '', ' twice', ' three times', ' four times'];
const times = (text: string, n: number): string => `${text}${TIMES[n] ?? ` ${n} times`}`;

const list = (items: readonly string[]): string =>
  items.length < 2 ? (items[0] ?? '') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;

const capital = (text: string): string => text[0]!.toUpperCase() + text.slice(1);

/** What a sentence says, read back: which end, and how many crossings over and under in order. */
interface ToldMove {
  readonly end: string;
  /** O and U in the order of travel. */
  readonly word: string;
  /** What is passed, stretch by stretch, as it is named: cores and ends by number from the left. */
  readonly met: readonly (readonly string[])[];
}

/** Reads one move back from its words, for a weave with so many cores. */
export function parseMove(text: string, { cores }: Pick<Count, 'cores'>): Result<ToldMove> {
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
  const often = TIMES.findIndex((t) => t !== '' && item.endsWith(t));
  const many = /^(.*) (\d+) times$/.exec(item);
  const name = many ? many[1]! : often > 0 ? item.slice(0, -TIMES[often]!.length) : item;
  const known =
    /^(the (left |middle |right )?core|core \d+|the (left|right) end|(end|strand) \d+|its own loop|the loop before|the first bar’s edge|the working end)$/;
  return known.test(name) ? (many ? Number(many[2]) : Math.max(1, often)) : undefined;
}
