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
    return isBehind ? `behind ${targetsText(leg.targets, all)}` : legText(leg, all);
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
  if (all.ends === 2) return loop.number === 1 ? 'the left loop' : 'the right loop';
  return `${endName(loop.number, all)}’s loop`;
}

/** All moves of a row, as hands think of them. */
export const shortRowText = (row: RowMoves): string[] => row.moves.map((m) => shortMoveText(m, row));

/** All moves of a row, crossing by crossing. */
export const rowText = (row: RowMoves): string[] => row.moves.map((m) => moveText(m, row));

function legText(leg: Leg, all: Count): string {
  const passed = targetsText(leg.targets, all);
  return leg.isOver ? `over ${passed}` : `under ${passed}`;
}

/** The last cord passed over was passed before: the end comes up through what that one leaves. */
function upThrough({ legs }: Move): boolean {
  const last = legs.at(-1);
  const target = last?.targets.at(-1);
  if (!last?.isOver || !target || target.kind === 'core' || legs.length < 3) return false;
  return legs.slice(0, -1).some((leg) => leg.targets.some((t) => t.kind === target.kind));
}

const OUT_NAMES = { left: ', out at the left', right: ', out at the right' } as const;

function outText(move: Move, all: Count): string {
  if (move.out) return OUT_NAMES[move.out];
  if (all.cores === 0 && all.ends > 2) return `, to lie as strand ${move.to}`;
  return '';
}

export function endName(number: number, { ends, cores }: Count): string {
  if (ends === 1) return 'working end';
  if (ends === 2) return number === 1 ? 'left end' : 'right end';
  return cores === 0 ? `strand ${number}` : `end ${number}`;
}

const TWO_NAMES = ['the left core', 'the right core'];
const THREE_NAMES = ['the left core', 'the middle core', 'the right core'];

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
  const names = [TWO_NAMES, THREE_NAMES][total - 2];
  const name = (n: number) => names?.[n - 1] ?? `core ${n}`;
  return list(sorted.map(name));
}

function endsText(numbers: readonly number[], all: Count): string[] {
  const unique = [...new Set(numbers)].sort((a, b) => a - b);
  return unique.map((n) => {
    const name = endName(n, all);
    return times(/\d/.test(name) ? name : `the ${name}`, numbers.filter((m) => m === n).length);
  });
}

/** How often, after what it is that is passed. */
export const OFTEN_NAMES = ['', '', ' twice', ' three times', ' four times'];
const times = (text: string, n: number): string => `${text}${OFTEN_NAMES[n] ?? ` ${n} times`}`;

const list = (items: readonly string[]): string =>
  items.length < 2 ? (items[0] ?? '') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;

const capital = (text: string): string => text[0]!.toUpperCase() + text.slice(1);
