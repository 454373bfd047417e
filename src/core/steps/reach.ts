import { SPLICE_FROM_END_MM } from '../plan/setups/splice.ts';
import type { Plan } from '../plan/types.ts';
import { len, num, percent, type Why, why } from '../why/why.ts';
import { type WorkingEnd, workingEnds } from './ends.ts';
import { rowMmOf } from './events.ts';
import { type LeftMeasured, lastOf, learnRow, learnTension, TAPE_MM, type WovenMeasured } from './learn.ts';
import { below, type Estimate } from './normal.ts';

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
  /** What the hands need of an end to tie the last row, in mm. */
  readonly tailMm: number;
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

/** How much one stretch of rows differs from the next. */
const DRIFT = 0.03;
/** 95 % lie below this many standard deviations. */
const Z95 = 1.645;
/** Below these chances it is doubtful, or said to be short. */
const SURE = 0.95;
const EVEN = 0.5;
/** With a fid or a lacing needle an end may be this short. */
export const FID_TAIL_MM = 60;
/** Rows may be spread by so much of a cord's thickness before the cores show as gaps. */
const MOST_SPREAD = 0.5;

/**
 * How far the cord goes. The maker's tension starts from the plan's own spread and is narrowed by every measuring in this
 * piece, over all ends together, since the same hands pull them; what comes may still drift a little.
 */
export function willItReach(ask: ReachAsk): Reach {
  const { plan, band, rowsDone, tailMm } = ask;
  const ends = workingEnds(plan, band, ask.strands);
  const b = plan.bands[band]!;
  const spread = Math.max(0.01, plan.metrics.spread);
  const tension = learnTension(ends, ask.left, spread);
  const rowMm = learnRow(rowMmOf(b), ask.woven, spread);
  const rowsTotal =
    ask.woven.length > 0
      ? { mean: b.wovenMm / rowMm.mean, sd: (b.wovenMm / rowMm.mean) * (rowMm.sd / rowMm.mean) }
      : { mean: b.rows, sd: 0 };
  const total =
    ask.rowsOf ?? (ask.woven.length > 0 ? Math.max(rowsDone, Math.round(rowsTotal.mean)) : b.rows);
  const rowsNeeded = Math.max(0, total - rowsDone);
  const reached = ends.map((end, i) => reachOf(end, i, ask, tension, rowsNeeded, tailMm));
  const worst =
    reached.length > 0
      ? reached.reduce((a, e) => (e.chance < a.chance || (e.chance === a.chance && e.rows < a.rows) ? e : a))
      : undefined;
  const chance = rowsNeeded === 0 ? 1 : (worst?.chance ?? 1);
  const verdict: Verdict = chance >= SURE ? 'reaches' : chance >= EVEN ? 'doubtful' : 'short';
  const base = { ends: reached, worst, rowsNeeded, rowsTotal, chance, verdict, tension, rowMm };
  return { ...base, remedies: verdict === 'reaches' || !worst ? [] : remedies(ask, base, worst) };
}

function reachOf(
  end: WorkingEnd,
  index: number,
  { plan, band, rowsDone, left }: ReachAsk,
  tension: Estimate,
  rowsNeeded: number,
  tailMm: number,
): EndReach {
  const last = lastOf(
    left.filter((l) => l.rows <= rowsDone),
    index,
  );
  const fromRows = last?.rows ?? 0;
  const known = last?.leftMm ?? end.startMm;
  const since = end.usedMm(rowsDone) - end.usedMm(fromRows);
  const leftMm = known - tension.mean * since;
  const hands = end.hasTail ? tailMm : 0;
  const spare = leftMm - hands - end.closureMm;
  const planRows = plan.bands[band]!.rows;
  const average = (end.usedMm(planRows) - end.usedMm(0)) / planRows;
  // Rows beyond the planned ones take what one takes on average.
  const need = (rows: number) => {
    const beyond = Math.max(0, rowsDone + rows - planRows);
    return end.usedMm(rowsDone + rows) - end.usedMm(rowsDone) + beyond * average;
  };
  const perRow = rowsNeeded > 0 ? need(rowsNeeded) / rowsNeeded : average;
  const factor = tension.mean;
  const sd = Math.hypot(tension.sd, DRIFT * Math.sqrt(Math.min(1, 10 / Math.max(1, rowsNeeded))));
  const rows = Math.max(0, spare / (factor * perRow));
  const surely = Math.max(0, (spare - Z95 * TAPE_MM) / ((factor + Z95 * sd) * perRow));
  const planned = need(rowsNeeded);
  const doubt = Math.hypot((planned + since) * sd, TAPE_MM);
  return {
    end,
    leftMm,
    rows: Math.floor(rows),
    surelyRows: Math.floor(surely),
    chance: below((spare - factor * planned) / doubt),
    why: why`${last ? why`${len(known)} measured at row ${num(fromRows, 0)}` : why`${len(known)} before the first row`}${since > 0.5 ? why` − ${len(factor * since)} used since` : []}${hands > 0 ? why` − ${len(hands)} for the hands` : []}${end.closureMm > 0.5 ? why` − ${len(end.closureMm)} for the closure` : []} = ${len(spare)}; a row takes ${len(factor * perRow)} (${percent(factor)} of the plan, ±${percent(sd)})`,
  };
}

function remedies(ask: ReachAsk, r: Omit<Reach, 'remedies'>, worst: EndReach): ReachRemedy[] {
  const { plan, band, rowsDone, tailMm } = ask;
  const b = plan.bands[band]!;
  const rowMm = r.rowMm.mean;
  const makes = Math.min(worst.surelyRows, r.rowsNeeded);
  const missing = r.rowsNeeded - makes;
  const out: ReachRemedy[] = [];
  const perRow = (r.tension.mean * (worst.end.usedMm(b.rows) - worst.end.usedMm(0))) / b.rows;
  if (tailMm > FID_TAIL_MM) {
    const again = willItReach({ ...ask, tailMm: FID_TAIL_MM });
    const gained = Math.floor((tailMm - FID_TAIL_MM) / perRow);
    out.push({
      id: 'fid',
      ok: again.verdict === 'reaches',
      what: why`Tie the last rows with a fid: an end may then be ${len(FID_TAIL_MM)} instead of ${len(tailMm)}, ${num(gained, 0)} rows more; chance that it reaches ${percent(round(again.chance))}.`,
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
      what: why`Spread the rows that are left: ${num(makes, 0)} of them with ${len(gap)} more between each fill the same length${gap > MOST_SPREAD * plan.metrics.diameterMm ? '; the cores would show' : ''}.`,
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
        ? why`Swap the ends: ${other.end.letter} has ${len(other.leftMm - worst.leftMm)} more and takes the thirstier way.`
        : why`Swapping the ends gains nothing: both ways take as much cord.`,
    });
  }
  out.push(splice(ask, r, worst, makes, rowsDone, perRow));
  return out;
}

/** Where a new piece would be joined: in the last row that is surely made, clear of the closure. */
function splice(
  { plan, band, carriesLoad, tailMm }: ReachAsk,
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
      what: why`Too near to the closure for a splice: it would show and bear the pull.`,
    };
  const after = r.rowsNeeded - (row - rowsDone);
  return {
    id: 'splice',
    ok: true,
    what: why`Splice ${worst.end.letter} in row ${num(row, 0)}, ${len((row - rowsDone) * perRow)} along it from the last row: fuse on ${len(after * perRow + tailMm)} of the same cord, and keep the join on the back.`,
  };
}

const round = (share: number): number => Math.round(share * 100) / 100;
