import { SPLICE_FROM_END_MM } from '../../plan/setups/splice.ts';
import { counted, len, num, percent, why } from '../../why/why.ts';
import { rowMmOf } from '../list/events.ts';
import { type EndReach, handsOf, type Reach, type ReachAsk, type ReachRemedy } from './types.ts';

/** Rows may be spread by so much of a cord's thickness before the cores show as gaps. */
const MOST_SPREAD = 0.5;

/** What the remedies are worked out from. */
interface Shortage {
  readonly ask: ReachAsk;
  readonly reach: Omit<Reach, 'remedies'>;
  readonly worst: EndReach;
  /** Rows that the worst end surely still makes, of those that are needed. */
  readonly makes: number;
  /** What one row uses of the worst end, in mm, as it has turned out. */
  readonly perRow: number;
}

/** What can be done about an end that runs short. `again` asks the same question with less in the hand. */
export function remediesOf(
  ask: ReachAsk,
  reach: Omit<Reach, 'remedies'>,
  worst: EndReach,
  again: (ask: ReachAsk) => Reach,
): ReachRemedy[] {
  const { rows } = ask.plan.bands[ask.band]!;
  const makes = Math.min(worst.surelyRows, reach.rowsNeeded);
  const perRow = (reach.tension.mean * (worst.end.usedMm(rows) - worst.end.usedMm(0))) / rows;
  const short: Shortage = { ask, reach, worst, makes, perRow };
  return [
    ...withFid(short, again),
    stopEarlier(short),
    ...(makes > 0 ? [spreadOut(short)] : []),
    ...swapEnds(short),
    spliceOn(short),
  ];
}

function withFid({ ask, worst, perRow }: Shortage, again: (ask: ReachAsk) => Reach): ReachRemedy[] {
  const { toolMm } = ask.plan.hands;
  const held = handsOf(worst.end, ask);
  if (held <= toolMm) return [];
  const reached = again({ ...ask, mostHandMm: toolMm });
  const gained = Math.floor((held - toolMm) / perRow);
  return [
    {
      id: 'fid',
      ok: reached.verdict === 'reaches',
      what: why`Tie the last rows with a fid: an end can then be ${len(toolMm)} instead of ${len(held)}, enough for ${counted(gained, 'row')} more and a ${percent(round(reached.chance))} chance that it reaches.`,
    },
  ];
}

function stopEarlier({ ask: { plan }, reach, makes }: Shortage): ReachRemedy {
  const lessMm = (reach.rowsNeeded - makes) * reach.rowMm.mean;
  const innerMm = plan.closed.closedMm - lessMm;
  const slackMm = plan.figures.slack.value - lessMm;
  return {
    id: 'shorter',
    ok: slackMm >= 0,
    what: why`Stop after ${num(makes, 0)} more rows: ${len(lessMm)} shorter, it closes at ${len(innerMm)}, ${slackMm >= 0 ? why`still ${len(slackMm)} slack` : why`${len(-slackMm)} too tight`}.`,
  };
}

function spreadOut({ ask: { plan }, reach, makes }: Shortage): ReachRemedy {
  const rowMm = reach.rowMm.mean;
  const gapMm = (reach.rowsNeeded * rowMm) / makes - rowMm;
  const ok = gapMm <= MOST_SPREAD * plan.metrics.diameterMm;
  return {
    id: 'spread',
    ok,
    what: why`Spread the remaining rows: ${num(makes, 0)} of them with ${len(gapMm)} more between each fill the same length${ok ? '' : '; the cores would show'}.`,
  };
}

/** Where another end is longer, it can take the path that uses more. */
function swapEnds({ ask: { plan, band }, reach, worst }: Shortage): ReachRemedy[] {
  const { rows } = plan.bands[band]!;
  const other = reach.ends.filter((e) => e !== worst).toSorted((x, y) => y.rows - x.rows)[0];
  if (!other) return [];
  const perRow = (e: EndReach) => (e.end.usedMm(rows) - e.end.usedMm(0)) / rows;
  const gains = perRow(other) < perRow(worst) * 0.98 && other.rows > worst.rows;
  return [
    {
      id: 'swap',
      ok: gains,
      what: gains
        ? why`Swap the ends: ${other.end.letter} is ${len(other.leftMm - worst.leftMm)} longer, so let it take the path that uses more cord.`
        : why`Swapping the ends gains nothing: both paths use the same amount of cord.`,
    },
  ];
}

/** Where a new piece would be joined: in the last row that is surely made, clear of the closure. */
function spliceOn({ ask, reach, worst, makes, perRow }: Shortage): ReachRemedy {
  const { plan, band, carriesLoad, rowsDone } = ask;
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
  const after = reach.rowsNeeded - (row - rowsDone);
  return {
    id: 'splice',
    ok: true,
    what: why`Splice ${worst.end.letter} in row ${num(row, 0)}, ${len((row - rowsDone) * perRow)} along it from the last row: fuse on ${len(after * perRow + worst.end.handMm)} of the same cord, and keep the join on the back.`,
  };
}

const round = (share: number): number => Math.round(share * 100) / 100;
