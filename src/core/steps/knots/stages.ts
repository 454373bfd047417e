import { ok, type Result } from '../../result.ts';
import { findCrossings, outline } from '../../weave/crossings.ts';
import type { Crossing, WeaveSpec } from '../../weave/types.ts';

/** A meeting that comes about while an end is led: how it passes what is there already. */
export interface Meet {
  readonly crossing: Crossing;
  /** Over what is there, or under it. */
  readonly isOver: boolean;
  /** What is there: a cord that others are tied round, the end's own cord, or another one that was led before. */
  readonly what: 'inside' | 'own' | 'other';
  /** The other strand, and for its own cord or another one the stage in which that part of it was laid. */
  readonly strand: number;
  readonly stage: number;
}

/** One thing to do: ends are led from one place of their way to another. */
export interface KnotStage {
  /** Strands that move together. */
  readonly strands: readonly number[];
  /** Along their way: way-point plus fraction. */
  readonly from: number;
  readonly to: number;
  /** In the order in which they come about. */
  readonly meets: readonly Meet[];
}

/** A knot as it is tied by hand, stage by stage; drawing it tight comes last and is no stage of its own here. */
export interface KnotTying {
  readonly spec: WeaveSpec;
  readonly crossings: readonly Crossing[];
  /** Cords that only pass through: they are there from the beginning. */
  readonly inside: readonly number[];
  readonly stages: readonly KnotStage[];
}

/** So many stages are shown, laying the cord and drawing tight included. */
const MOST_STAGES = 8;
/** About so many meetings are one thing to do. */
const MEETS_A_STAGE = 2;

interface Event {
  readonly at: number;
  readonly crossing: Crossing;
  readonly isOver: boolean;
  readonly strand: number;
  readonly otherAt: number;
}

/**
 * Cuts an open knot's diagram into things to do. Ends are led one after the other in the order of the strands, or all
 * together where the knot is tied in several cords as one. A crossing is made when the later of its two parts comes into place;
 * stages are cut where the way between two of them is longest. Fails for a diagram that contradicts itself.
 */
export function knotStages(spec: WeaveSpec, isTiedAsOne = false): Result<KnotTying> {
  const found = findCrossings(spec);
  if (!found.ok) return found;
  const works = spec.strands.flatMap((s, i) => (s.role === 'core' ? [] : [i]));
  const inside = spec.strands.flatMap((s, i) => (s.role === 'core' ? [i] : []));
  const groups = isTiedAsOne ? [works] : works.map((w) => [w]);
  const events = groups.map((group, g) =>
    eventsOf(found.value, group, new Set([...inside, ...groups.slice(0, g).flat()])),
  );
  const total = events.reduce((sum, list) => sum + list.length / groups[0]!.length, 0);
  const wanted = Math.max(
    groups.length,
    Math.min(MOST_STAGES - 1 - groups.length, Math.round(total / MEETS_A_STAGE)),
  );
  const stages: KnotStage[] = [];
  for (const [g, group] of groups.entries()) {
    const mine = events[g]!;
    const share = Math.max(1, Math.round((wanted * mine.length) / Math.max(1, total * group.length)));
    const length = lengthAlong(spec, group[0]!);
    const end = spec.strands[group[0]!]!.path.length - 1;
    const cuts = cutsBetween(mine, share, length, end);
    for (const [k, from] of cuts.slice(0, -1).entries()) {
      const to = cuts[k + 1]!;
      const here = stages.length;
      const meets = mine
        .filter((e) => e.at > from && e.at <= to)
        .map((e): Meet => {
          const isOwn = group.includes(e.strand);
          const stage = stages.findIndex(
            (s) => s.strands.includes(e.strand) && e.otherAt > s.from && e.otherAt <= s.to,
          );
          return {
            crossing: e.crossing,
            isOver: e.isOver,
            what: inside.includes(e.strand) ? 'inside' : isOwn ? 'own' : 'other',
            strand: e.strand,
            stage: stage < 0 ? here : stage,
          };
        });
      stages.push({ strands: group, from, to, meets });
    }
  }
  return ok({ spec, crossings: found.value, inside, stages });
}

/** Crossings that come about while these strands are led, in that order; `laid` are the strands that are in place already. */
function eventsOf(
  crossings: readonly Crossing[],
  group: readonly number[],
  laid: ReadonlySet<number>,
): Event[] {
  const events = crossings.flatMap((crossing): Event[] => {
    const { over, under } = crossing;
    const [o, u] = [group.includes(over.strand), group.includes(under.strand)];
    // Of two parts that move, the later one makes the crossing.
    if (o && (u ? over.at >= under.at : laid.has(under.strand)))
      return [{ at: over.at, crossing, isOver: true, strand: under.strand, otherAt: under.at }];
    if (u && (o || laid.has(over.strand)))
      return [{ at: under.at, crossing, isOver: false, strand: over.strand, otherAt: over.at }];
    return [];
  });
  return events.sort((a, b) => a.at - b.at);
}

/** Way along a strand in the plane up to a place on it, in diameters. */
function lengthAlong(spec: WeaveSpec, strand: number): (at: number) => number {
  const path = outline(spec.strands[strand]!, spec);
  const sums = [0];
  for (let i = 1; i < path.length; i++)
    sums.push(sums[i - 1]! + Math.hypot(path[i]![0] - path[i - 1]![0], path[i]![1] - path[i - 1]![1]));
  return (at) => {
    const i = Math.min(path.length - 2, Math.floor(at));
    return sums[i]! + (sums[i + 1]! - sums[i]!) * (at - i);
  };
}

/** How much a long way between two meetings speaks for a cut there, against stages of unlike many meetings. */
const GAP_WEIGHT = 0.7;

/**
 * Where stages end: before the first meeting, between meetings, and at the strand's end. Of all ways to cut, the one with
 * the least sum of squared meetings a stage, less the ways that are cut through (dynamic programming, meetings × stages).
 */
function cutsBetween(
  events: readonly Event[],
  stages: number,
  length: (at: number) => number,
  end: number,
): number[] {
  if (events.length === 0) return [-1, end];
  const n = events.length;
  const gap = (i: number) => length(events[i]!.at) - length(events[i - 1]!.at);
  // cost[k][i]: the first i meetings in k stages; cut[k][i]: where the last of those stages begins.
  const cost = [[0, ...Array<number>(n).fill(Number.POSITIVE_INFINITY)]];
  const cut: number[][] = [[]];
  for (let k = 1; k <= Math.min(stages, n); k++) {
    cost.push(Array<number>(n + 1).fill(Number.POSITIVE_INFINITY));
    cut.push(Array<number>(n + 1).fill(0));
    for (let i = k; i <= n; i++)
      for (let j = k - 1; j < i; j++) {
        const sum = cost[k - 1]![j]! + (i - j) ** 2 - (j > 0 ? GAP_WEIGHT * gap(j) : 0);
        if (sum < cost[k]![i]!) [cost[k]![i], cut[k]![i]] = [sum, j];
      }
  }
  const cuts: number[] = [];
  for (let [k, i] = [Math.min(stages, n), n]; k > 1; k--) {
    i = cut[k]![i]!;
    // Nearer to the next one, so that the end is seen to come up to it.
    cuts.unshift(events[i - 1]!.at + (events[i]!.at - events[i - 1]!.at) * 0.7);
  }
  return [-1, events[0]!.at * 0.85, ...cuts, end];
}
