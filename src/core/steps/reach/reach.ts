import { allReach } from '../../chance/joint.ts';
import type { Estimate } from '../../chance/normal.ts';
import { type Measuring, type PieceState, type PlannedPiece, pieceState } from '../../chance/piece.ts';
import { PRIOR, TAPE } from '../../chance/spread.ts';
import { SPLICE_FROM_END_MM } from '../../plan/setups/splice.ts';
import type { Plan } from '../../plan/types.ts';
import { counted, len, num, percent, type Why, why } from '../../why/why.ts';
import { type WorkingEnd, workingEnds } from '../list/ends.ts';
import { rowMmOf } from '../list/events.ts';
import { type LeftMeasured, lastOf, type WovenMeasured } from './learn.ts';

export interface ReachAsk {
  readonly plan: Plan;
  readonly band: number;
  /** Strands of this pass, where the weave is tied in more than one. */
  readonly strands?: readonly string[];
  readonly rowsDone: number;
  /** Rows that the maker has settled on, where they are not as planned. */
  readonly rowsOf?: number | undefined;
  readonly left: readonly LeftMeasured[];
  readonly woven: readonly WovenMeasured[];
  /** The most that hands need of an end, in mm, where it is less than planned: with a fid or needle. */
  readonly mostHandMm?: number;
  readonly carriesLoad?: boolean;
}

export type Verdict = 'reaches' | 'doubtful' | 'short';

export interface EndReach {
  readonly end: WorkingEnd;
  /** What should be left now: as measured, or as it follows from the last measuring. */
  readonly leftMm: number;
  /** Rows that it still makes: expected, and with 95 % confidence. */
  readonly rows: number;
  readonly surelyRows: number;
  readonly chance: number;
  readonly why: Why;
}

export interface Reach {
  readonly ends: readonly EndReach[];
  /** The end that runs out first. */
  readonly worst: EndReach | undefined;
  readonly rowsNeeded: number;
  readonly rowsTotal: Estimate;
  readonly chance: number;
  readonly verdict: Verdict;
  /** Cord used for each planned mm: 1 as planned, more is looser or thicker. */
  readonly tension: Estimate;
  readonly rowMm: Estimate;
  readonly remedies: readonly ReachRemedy[];
}

export interface ReachRemedy {
  readonly id: 'fid' | 'shorter' | 'spread' | 'swap' | 'splice';
  readonly what: Why;
  readonly ok: boolean;
}

/** 95 % are below this many standard deviations. */
const Z95 = 1.645;
/** Below these chances it is doubtful, or said to be short. */
const SURE = 0.95;
const EVEN = 0.5;
/** Rows may be spread by so much of a cord's thickness before the cores show as gaps. */
const MOST_SPREAD = 0.5;

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
  const z = ends.map((end, i) => marginOf(end, i, ask, state));
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
  return { ...base, remedies: verdict === 'reaches' || !worst ? [] : remedies(ask, base, worst) };
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

/** By how many standard deviations an end is longer than what it will have used: lognormal, like the cut. */
const handsOf = (end: WorkingEnd, { mostHandMm = Number.POSITIVE_INFINITY }: ReachAsk): number =>
  Math.min(end.handMm, mostHandMm);

function marginOf(end: WorkingEnd, i: number, ask: ReachAsk, state: PieceState): number {
  const available = end.startMm - end.closureMm - handsOf(end, ask);
  const sd = Math.sqrt(Math.max(1e-6, state.covariance[i]![i]!));
  const rows = ask.plan.bands[ask.band]!.rows;
  const toUse = Math.max(5 * sd, end.wovenMm(rows) - end.wovenMm(Math.min(rows, ask.rowsDone)));
  const over = 1 + (available - state.totalMm[i]!) / toUse;
  return over <= 0 ? -8 : (Math.log(over) * toUse) / sd;
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
  const sd = Math.hypot(state.perRow.sd, PRIOR.pieceWalk * Math.sqrt(rowsNeeded / Math.max(1, planRows) / 3));
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

function remedies(ask: ReachAsk, r: Omit<Reach, 'remedies'>, worst: EndReach): ReachRemedy[] {
  const { plan, band, rowsDone } = ask;
  const { toolMm } = plan.hands;
  const held = handsOf(worst.end, ask);
  const b = plan.bands[band]!;
  const rowMm = r.rowMm.mean;
  const makes = Math.min(worst.surelyRows, r.rowsNeeded);
  const missing = r.rowsNeeded - makes;
  const out: ReachRemedy[] = [];
  const perRow = (r.tension.mean * (worst.end.usedMm(b.rows) - worst.end.usedMm(0))) / b.rows;
  if (held > toolMm) {
    const again = willItReach({ ...ask, mostHandMm: toolMm });
    const gained = Math.floor((held - toolMm) / perRow);
    out.push({
      id: 'fid',
      ok: again.verdict === 'reaches',
      what: why`Tie the last rows with a fid: an end can then be ${len(toolMm)} instead of ${len(held)}, enough for ${counted(gained, 'row')} more and a ${percent(round(again.chance))} chance that it reaches.`,
    });
  }
  const shorter = missing * rowMm;
  const inner = plan.closed.closedMm - shorter;
  const slack = plan.figures.slack.value - shorter;
  out.push({
    id: 'shorter',
    ok: slack >= 0,
    what: why`Stop after ${num(makes, 0)} more rows: ${len(shorter)} shorter, it closes at ${len(inner)}, ${slack >= 0 ? why`still ${len(slack)} slack` : why`${len(-slack)} too tight`}.`,
  });
  if (makes > 0) {
    const gap = (r.rowsNeeded * rowMm) / makes - rowMm;
    out.push({
      id: 'spread',
      ok: gap <= MOST_SPREAD * plan.metrics.diameterMm,
      what: why`Spread the remaining rows: ${num(makes, 0)} of them with ${len(gap)} more between each fill the same length${gap > MOST_SPREAD * plan.metrics.diameterMm ? '; the cores would show' : ''}.`,
    });
  }
  const other = r.ends.filter((e) => e !== worst).toSorted((x, y) => y.rows - x.rows)[0];
  if (other) {
    const each = (e: EndReach) => (e.end.usedMm(b.rows) - e.end.usedMm(0)) / b.rows;
    const gains = each(other) < each(worst) * 0.98 && other.rows > worst.rows;
    out.push({
      id: 'swap',
      ok: gains,
      what: gains
        ? why`Swap the ends: ${other.end.letter} is ${len(other.leftMm - worst.leftMm)} longer, so let it take the path that uses more cord.`
        : why`Swapping the ends gains nothing: both paths use the same amount of cord.`,
    });
  }
  out.push(splice(ask, r, worst, makes, rowsDone, perRow));
  return out;
}

/** Where a new piece would be joined: in the last row that is surely made, clear of the closure. */
function splice(
  { plan, band, carriesLoad }: ReachAsk,
  r: Omit<Reach, 'remedies'>,
  worst: EndReach,
  makes: number,
  rowsDone: number,
  perRow: number,
): ReachRemedy {
  if (carriesLoad) return { id: 'splice', ok: false, what: why`No splice here: this piece carries a load.` };
  const b = plan.bands[band]!;
  const clear = Math.floor((b.wovenMm - SPLICE_FROM_END_MM) / rowMmOf(b));
  const row = Math.min(rowsDone + makes, clear);
  if (row <= rowsDone)
    return {
      id: 'splice',
      ok: false,
      what: why`Too close to the closure for a splice: it would show, and carry the pull.`,
    };
  const after = r.rowsNeeded - (row - rowsDone);
  return {
    id: 'splice',
    ok: true,
    what: why`Splice ${worst.end.letter} in row ${num(row, 0)}, ${len((row - rowsDone) * perRow)} along it from the last row: fuse on ${len(after * perRow + worst.end.handMm)} of the same cord, and keep the join on the back.`,
  };
}

const round = (share: number): number => Math.round(share * 100) / 100;
