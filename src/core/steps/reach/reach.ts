import { allReach } from '../../chance/joint.ts';
import type { Estimate } from '../../chance/normal.ts';
import { type Measuring, type PieceState, type PlannedPiece, pieceState } from '../../chance/piece.ts';
import { PRIOR, TAPE } from '../../chance/spread.ts';
import { len, num, percent, why } from '../../why/why.ts';
import { type WorkingEnd, workingEnds } from '../list/ends.ts';
import { rowMmOf } from '../list/events.ts';
import { lastOf } from './learn.ts';
import { remediesOf } from './remedies.ts';
import { type EndReach, handsOf, type Reach, type ReachAsk, type Verdict } from './types.ts';

export type { EndReach, Reach, ReachAsk, ReachRemedy, Verdict } from './types.ts';

/** 95 % are below this many standard deviations. */
const Z95 = 1.645;
/** Below these chances it is doubtful, or said to be short. */
const SURE = 0.95;
const EVEN = 0.5;

/**
 * How far the cord goes: the plan's own model of what a piece may use, narrowed by every measuring in this one. A fresh
 * cut has exactly the chance that it was cut for (and a little more, from rounding up).
 */
export function willItReach(ask: ReachAsk): Reach {
  const { plan, band, rowsDone } = ask;
  const ends = workingEnds(plan, band, ask.strands);
  const b = plan.bands[band]!;
  const state = pieceState(plannedPiece(ask, ends), measuringsOf(ask, ends));
  const rowMm = estimateOf(rowMmOf(b), state.row);
  const hasLength = ask.woven.some((w) => w.rows > 0);
  const rowsTotal = hasLength ? state.rows : { mean: b.rows, sd: 0 };
  const total = ask.rowsOf ?? (hasLength ? Math.max(rowsDone, Math.round(state.rows.mean)) : b.rows);
  const rowsNeeded = Math.max(0, total - rowsDone);
  const z = ends.map((end, i) =>
    rowsNeeded > 0 && isUsedUp(end, i, ask) ? NEVER : marginOf(end, i, ask, state),
  );
  const reached = ends.map((end, i) => reachOf(end, i, ask, state, rowsNeeded, z[i]!));
  const worst =
    reached.length > 0
      ? reached.reduce((a, e) => (e.chance < a.chance || (e.chance === a.chance && e.rows < a.rows) ? e : a))
      : undefined;
  const chance =
    rowsNeeded === 0 ? 1 : allReach(z, { loadings: loadingsOf(state), nu: state.nu }, state.scale);
  // A cut for fewer than 95 % is as good as it was meant to be.
  const sure = Math.min(SURE, plan.chance - 0.02);
  const verdict: Verdict = chance >= sure ? 'reaches' : chance >= EVEN ? 'doubtful' : 'short';
  const tension = estimateOf(1, state.perRow);
  const base = { ends: reached, worst, rowsNeeded, rowsTotal, chance, verdict, tension, rowMm };
  return {
    ...base,
    remedies: verdict === 'reaches' || !worst ? [] : remediesOf(ask, base, worst, willItReach),
  };
}

const estimateOf = (planned: number, log: Estimate): Estimate => {
  const mean = planned * Math.exp(log.mean);
  return { mean, sd: mean * log.sd };
};

function plannedPiece({ plan, band, rowsOf, woven }: ReachAsk, ends: readonly WorkingEnd[]): PlannedPiece {
  const b = plan.bands[band]!;
  // Once the maker counts rows instead of measuring, rows decide.
  const isSettled = rowsOf !== undefined && rowsOf !== b.rows && !woven.some((w) => w.rows > 0);
  return {
    ends,
    rows: b.rows,
    rowMm: rowMmOf(b),
    shared: plan.metrics.shared,
    tiring: plan.metrics.tiring,
    rowSd: Math.max(0.005, plan.metrics.spread / 2),
    settledRows: isSettled ? rowsOf : undefined,
  };
}

/** The last measuring of every end and of the length at each row. */
function measuringsOf({ left, woven }: ReachAsk, ends: readonly WorkingEnd[]): Measuring[] {
  return [
    ...left
      .filter((l) => l.rows > 0 && ends[l.end])
      .map((l) => ({ rows: l.rows, end: l.end, usedMm: ends[l.end]!.startMm - l.leftMm })),
    ...woven.filter((w) => w.rows > 0).map((w) => ({ rows: w.rows, wovenMm: w.wovenMm })),
  ];
}

/** So many standard deviations short: no chance at all. */
const NEVER = -1000;

/** As it was measured last, nothing of the end is left beyond closure and hands. */
function isUsedUp(end: WorkingEnd, i: number, ask: ReachAsk): boolean {
  const last = lastOf(ask.left, i);
  return last !== undefined && last.leftMm <= end.closureMm + handsOf(end, ask);
}

/** By how many standard deviations an end is longer than what it will have used: lognormal, like the cut. */
function marginOf(end: WorkingEnd, i: number, ask: ReachAsk, state: PieceState): number {
  const available = end.startMm - end.closureMm - handsOf(end, ask);
  const sd = Math.sqrt(Math.max(1e-6, state.covariance[i]![i]!));
  const rows = ask.plan.bands[ask.band]!.rows;
  const toUse = Math.max(5 * sd, end.wovenMm(rows) - end.wovenMm(Math.min(rows, ask.rowsDone)));
  const over = 1 + (available - state.totalMm[i]!) / toUse;
  return over <= 0 ? NEVER : (Math.log(over) * toUse) / sd;
}

/** What the ends have in common, as one share for all of them. */
function loadingsOf({ covariance }: PieceState): number[] {
  const K = covariance.length;
  if (K < 2) return covariance.map(() => 0);
  let [sum, count] = [0, 0];
  for (let i = 0; i < K; i++)
    for (let j = 0; j < i; j++) {
      sum += covariance[i]![j]! / Math.sqrt(covariance[i]![i]! * covariance[j]![j]!);
      count++;
    }
  return covariance.map(() => Math.max(0, sum / count));
}

function reachOf(
  end: WorkingEnd,
  index: number,
  ask: ReachAsk,
  state: PieceState,
  rowsNeeded: number,
  z: number,
): EndReach {
  const { plan, band, rowsDone, left } = ask;
  const last = lastOf(
    left.filter((l) => l.rows <= rowsDone),
    index,
  );
  const fromRows = last?.rows ?? 0;
  const known = last?.leftMm ?? end.startMm;
  const planRows = plan.bands[band]!.rows;
  // By rows: what one uses as it has turned out.
  const factor = Math.exp(state.perRow.mean);
  const average = (end.usedMm(planRows) - end.usedMm(0)) / planRows;
  const at = (rows: number) => end.usedMm(Math.min(rows, planRows)) + Math.max(0, rows - planRows) * average;
  const since = at(rowsDone) - at(fromRows);
  const leftMm = known - factor * since;
  const hands = handsOf(end, ask);
  const spare = leftMm - hands - end.closureMm;
  const perRow = rowsNeeded > 0 ? (at(rowsDone + rowsNeeded) - at(rowsDone)) / rowsNeeded : average;
  const { scale = 1 } = plan.metrics.shared;
  const sd = Math.hypot(
    state.perRow.sd,
    PRIOR.pieceWalk * Math.sqrt((scale * rowsNeeded) / Math.max(1, planRows) / 3),
  );
  const rows = Math.max(0, spare / (factor * perRow));
  const surely = Math.max(0, (spare - Z95 * TAPE.limpMm) / (factor * Math.exp(Z95 * sd) * perRow));
  const share = percent(round(factor));
  return {
    end,
    leftMm,
    rows: Math.floor(rows + 1e-6),
    surelyRows: Math.floor(surely),
    chance: allReach([z], { loadings: [0], nu: state.nu }, state.scale),
    why: why`${last ? why`${len(known)} measured at row ${num(fromRows, 0)}` : why`${len(known)} before the first row`}${since > 0.5 ? why` − ${len(factor * since)} used since` : []}${hands > 0 ? why` − ${len(hands)} for the hands` : []}${end.closureMm > 0.5 ? why` − ${len(end.closureMm)} for the closure` : []} = ${len(spare)}; a row uses ${len(factor * perRow)} (${share} of the plan, ±${percent(round(sd))})`,
  };
}

const round = (share: number): number => Math.round(share * 100) / 100;
