import { type Run, runList } from './runList.ts';
import { type Coding, gcd, type RingShape } from './types.ts';

/** A ring of one cord that can grow: by rows, each N rows of one kind. */
export type Size = Pick<RingShape, 'leads' | 'bights'> & { readonly n: number };

/** How a ring becomes a larger one: what is tied stays as it is, and more half cycles are tied. */
export interface Growth {
  /** Raise: follow, then split. Interweave: between every two rows. */
  readonly kind: 'raise' | 'interweave';
  readonly from: Size;
  readonly to: Size;
  /** How many left bights beside the standing end the small ring's last half cycle ends: ahead (+) or behind (−). */
  readonly ahead: number;
  /** Half cycles of the raising that follow; the same number split them. 0 for an interweave. */
  readonly follows: number;
}

/** One half cycle that is added, and how it relates to the cords already there. */
export interface AddedRun extends Run {
  readonly phase: 'last' | 'follow' | 'split' | 'interweave';
  /** The half cycles that it runs beside (follow) or between (split). */
  readonly beside: readonly number[];
}

export const shapeOf = ({ leads, bights, n }: Size, first: RingShape['first']): RingShape => ({
  leads,
  bights,
  coding: { by: 'row', n } satisfies Coding,
  first,
});

const sizeKey = ({ leads, bights, n }: Size): string => `${leads}x${bights}r${n}`;

/**
 * The Farey neighbours l/b of L/B, |L·b − B·l| = 1, with b up to `most`: a plain ring is raised by 2l leads and 2b bights.
 */
export function neighbours(
  { leads, bights }: Pick<Size, 'leads' | 'bights'>,
  most: number,
): { l: number; b: number }[] {
  const found: { l: number; b: number }[] = [];
  for (let b = 1; b <= most; b++)
    for (const off of [-1, 1]) {
      const l = (leads * b + off) / bights;
      if (Number.isInteger(l) && l >= 0) found.push({ l, b });
    }
  return found;
}

/** Every way to grow a ring by one step without going beyond a size. */
export function growthsFrom(from: Size, most: Pick<Size, 'leads' | 'bights'>): Growth[] {
  if (gcd(from.leads, from.bights) !== 1) return [];
  const isWithin = (to: Size) => to.leads <= most.leads && to.bights <= most.bights;
  const raised =
    from.n === 1
      ? neighbours(from, (most.bights - from.bights) / 2).map(({ l, b }) => raise(from, l, b))
      : [];
  return [...raised, ...interweaves(from)].filter((g) => isWithin(g.to));
}

function raise(from: Size, l: number, b: number): Growth {
  const to = { leads: from.leads + 2 * l, bights: from.bights + 2 * b, n: 1 };
  return { kind: 'raise', from, to, ahead: aheadOf(from, to), follows: 2 * b };
}

/** (L, B) with n rows alike becomes one with n + 1 rows alike, where its first plain ring has B = b·L ∓ 1 bights. */
function interweaves(from: Size): Growth[] {
  const { n } = from;
  const leads = (from.leads - 1) / n + 1;
  if (!Number.isInteger(leads) || leads < 2) return [];
  return [1, -1].flatMap((sign) => {
    // Bₙ = b·Lₙ ∓ n.
    const b = (from.bights + sign * n) / from.leads;
    if (!Number.isInteger(b) || b < 1) return [];
    const plain = b * leads - sign;
    if (plain < 2) return [];
    const to = { leads: (n + 1) * (leads - 1) + 1, bights: (n + 1) * (plain - b) + b, n: n + 1 };
    if (to.bights <= from.bights) return [];
    return [{ kind: 'interweave' as const, from, to, ahead: aheadOf(from, to), follows: 0 }];
  });
}

const aheadOf = (from: Size, to: Size): number => from.bights * to.leads - from.leads * to.bights;

/**
 * The half cycles that are tied: the small ring is the beginning of the large one's run list. Where the last one of the
 * small ring ends up ahead of the standing end, it first crosses that once more: it comes first, as `last`.
 */
export function addedRuns(growth: Growth, first: RingShape['first']): AddedRun[] {
  const runs = runList(shapeOf(growth.to, first));
  const done = 2 * growth.from.bights;
  const last: AddedRun[] = growth.ahead > 0 ? [{ ...runs[done - 1]!, phase: 'last', beside: [] }] : [];
  return [
    ...last,
    ...runs.slice(done).map((run, i): AddedRun => {
      if (growth.kind === 'interweave') return { ...run, phase: 'interweave', beside: [] };
      const t = i + 1;
      return t <= growth.follows
        ? { ...run, phase: 'follow', beside: [t] }
        : { ...run, phase: 'split', beside: [t - growth.follows, done + t - growth.follows] };
    }),
  ];
}

/** A row of steps from one ring to another. */
export type Chain = readonly Growth[];

const MOST_CHAINS = 12;
const MOST_STEPS = 8;

/**
 * All rows of steps from a small ring to the wanted one, the fewest steps first. Every row adds the same number of half cycles,
 * 2(B′ − B): what differs is how often the maker has to change from following to splitting. Empty where none leads there.
 */
export function chains(from: Size, to: Size): Chain[] {
  const found: Chain[] = [];
  const isDead = new Set<string>();
  const walk = (at: Size, steps: Chain): boolean => {
    if (sizeKey(at) === sizeKey(to)) {
      found.push(steps);
      return true;
    }
    if (steps.length >= MOST_STEPS || isDead.has(sizeKey(at))) return false;
    let leads = false;
    for (const g of growthsFrom(at, to)) leads = walk(g.to, [...steps, g]) || leads;
    if (!leads) isDead.add(sizeKey(at));
    return leads;
  };
  if (sizeKey(from) !== sizeKey(to)) walk(from, []);
  return found.sort((a, b) => a.length - b.length).slice(0, MOST_CHAINS);
}

/** Small rings that a wanted one can be grown from, the smallest first. */
export function beginnings(to: Size, leastLeads = 2): Size[] {
  const found: Size[] = [];
  for (let leads = leastLeads; leads <= to.leads; leads++)
    for (let bights = 2; bights < to.bights; bights++)
      if (gcd(leads, bights) === 1 && chains({ leads, bights, n: 1 }, to).length > 0)
        found.push({ leads, bights, n: 1 });
  return found.sort((a, b) => a.leads * a.bights - b.leads * b.bights);
}

/** For every half cycle that a row of steps adds, by its number: what it is, and what it runs beside or between. */
export function phasesOf(chain: Chain, first: RingShape['first']): ReadonlyMap<number, AddedRun> {
  return new Map(chain.flatMap((growth) => addedRuns(growth, first).map((run) => [run.k, run] as const)));
}

/** How many half cycles of a ring in hand stay as they are: where the next stage crosses the standing end once more, the last one goes on. */
export const keptOf = (chain: Chain): number => 2 * chain[0]!.from.bights - (chain[0]!.ahead > 0 ? 1 : 0);
