import { type Cap, generate, Pool } from './columns.ts';
import { cutsOf } from './cuts.ts';
import { fitDecreasing } from './fitting.ts';
import { type Merged, type Pattern, type Stage, totalCost } from './model.ts';
import type { Solver } from './solver.ts';

const MOST_DEPTH = 400;
/** Dives that are begun, and how often one may leave the way of the relaxed program. Counted, not timed: the same job ends alike everywhere. */
const MOST_DIVES: Readonly<Record<Stage, number>> = { cost: 40, waste: 40, opened: 15, tidy: 10 };
const MOST_DISCREPANCIES = 4;

/** How far a dive has come: what is fixed, what is left, and what its relaxed program says; and what is not to be taken next. */
interface Node {
  readonly fixed: readonly Pattern[];
  readonly left: Merged;
  readonly patterns: readonly Pattern[];
  readonly x: readonly number[];
  readonly discrepancies: number;
  readonly banned: ReadonlySet<string>;
}

/**
 * A plan by diving: what the relaxed program cuts whole times is fixed, or else what it cuts nearest to once; what is left is a smaller problem, whose
 * patterns are found again. At every depth the rest is also filled by the longest-first rules. Where a dive ends above the goal others are begun
 * from its nodes, each leaving out a pattern that it took (limited discrepancy search, fewest discrepancies first). The best plan within
 * the caps; nothing where none came out.
 */
export function dive(
  m: Merged,
  pool: Pool,
  stage: Stage,
  caps: readonly Cap[],
  solver: Solver,
  first: { readonly x: readonly number[] },
  goal = Number.NEGATIVE_INFINITY,
  most = MOST_DIVES[stage],
): Pattern[] | undefined {
  let best: Pattern[] | undefined;
  const total = (list: readonly Pattern[], of: Stage) => totalCost(m, list, of);
  const offer = (list: readonly Pattern[]) => {
    const isWithin = caps.every((cap) => total(list, cap.stage) <= cap.most + 1e-6);
    if (isWithin && (!best || total(list, stage) < total(best, stage))) best = [...list];
  };
  const isThere = () => best !== undefined && total(best, stage) <= goal + 1e-6;
  const waiting: Node[] = [
    { fixed: [], left: m, patterns: pool.patterns, x: first.x, discrepancies: 0, banned: new Set() },
  ];
  for (let dives = 0; dives < most && waiting.length > 0 && !isThere(); dives++) {
    const least = Math.min(...waiting.map((n) => n.discrepancies));
    descend(
      waiting.splice(
        waiting.findLastIndex((n) => n.discrepancies === least),
        1,
      )[0]!,
    );
  }
  return best;

  /** One dive from a node to its end. */
  function descend(from: Node): void {
    let node = from;
    for (let depth = 0; depth < MOST_DEPTH && !isThere(); depth++) {
      for (const isBest of [true, false]) {
        const rest = fitDecreasing(node.left, isBest);
        if (rest) offer([...node.fixed, ...rest]);
      }
      if (node.left.items.every((i) => i.count === 0)) {
        offer(node.fixed);
        return;
      }
      const { chosen, rounded } = choose(node);
      if (chosen.length === 0) return;
      if (rounded && node.discrepancies < MOST_DISCREPANCIES)
        waiting.push({
          ...node,
          discrepancies: node.discrepancies + 1,
          banned: new Set([...node.banned, cutsOf(rounded).key]),
        });
      const next = below(node, chosen);
      if (!next) return;
      node = next;
    }
  }

  /** What is left once patterns are fixed, solved again; nothing where it can't be cut any more, or not better than what is known. */
  function below(node: Node, chosen: readonly Pattern[]): Node | undefined {
    const fixed = [...node.fixed, ...chosen];
    const left = chosen.reduce(without, node.left);
    const smaller = new Pool(left, pool);
    for (const p of node.patterns) if (isProper(left, p)) smaller.add(p);
    const rest = caps.map((cap): Cap => ({ ...cap, most: cap.most - total(fixed, cap.stage) }));
    const relaxed = generate(left, smaller, stage, rest, solver);
    if (!relaxed || relaxed.isUncut) return undefined;
    const bound = Math.ceil(total(fixed, stage) + relaxed.value - 1e-5);
    if (best && bound >= total(best, stage) && left.items.some((i) => i.count > 0)) return undefined;
    return { ...node, fixed, left, patterns: smaller.patterns, x: relaxed.x };
  }
}

/** Patterns that are cut whole times, as far as they still go; else the one that is cut nearest to once, and which it is. */
function choose({ left: m, patterns, x, banned }: Node): {
  readonly chosen: readonly Pattern[];
  readonly rounded: Pattern | undefined;
} {
  let left = m;
  const chosen: Pattern[] = [];
  const order = patterns
    .map((pattern, i) => ({ pattern, x: x[i] ?? 0 }))
    .filter((p) => p.x > 1e-6 && !banned.has(cutsOf(p.pattern).key))
    .sort((a, b) => b.x - Math.floor(b.x) - (a.x - Math.floor(a.x)));
  const take = (pattern: Pattern, times: number) => {
    for (let done = 0; done < times && isProper(left, pattern); done++) {
      left = without(left, pattern);
      chosen.push(pattern);
    }
  };
  for (const p of order) take(p.pattern, Math.floor(p.x + 1e-6));
  if (chosen.length > 0) return { chosen, rounded: undefined };
  for (const p of order) {
    take(p.pattern, 1);
    if (chosen.length > 0) return { chosen, rounded: p.pattern };
  }
  return { chosen, rounded: undefined };
}

/** A pattern that cuts no more than is wanted, from a bin that is there. */
const isProper = (m: Merged, pattern: Pattern): boolean => {
  const { of } = cutsOf(pattern);
  return m.bins[pattern.bin]!.count > 0 && of.length > 0 && of.every(([i, n]) => n <= m.items[i]!.count);
};

function without(m: Merged, pattern: Pattern): Merged {
  const [items, bins] = [[...m.items], [...m.bins]];
  for (const [i, n] of cutsOf(pattern).of) items[i] = { ...items[i]!, count: items[i]!.count - n };
  const bin = bins[pattern.bin]!;
  bins[pattern.bin] = { ...bin, count: bin.count - 1 };
  return { ...m, items, bins };
}
