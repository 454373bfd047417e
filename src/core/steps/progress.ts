import type { LeftMeasured, WovenMeasured } from './reach/learn.ts';
import { PHASES, type Phase, type Step, type WayOfWorking } from './types.ts';

/** A slip that was found, and what became of it. */
interface NotedSlip {
  readonly row: number;
  readonly band: number;
  readonly fault: string;
  readonly undone: number;
}

/** How far a piece has come: everything needed to go on at the same row. Times in ms. */
export interface Progress {
  /** Id of the step that is shown. */
  readonly at: string;
  readonly way: WayOfWorking;
  /** Quiet time per phase, without the step that is under way. */
  readonly spent: Readonly<Record<Phase, number>>;
  /** When the step that is shown was come to; missing while paused. */
  readonly since?: number;
  readonly acknowledged: readonly string[];
  readonly left: readonly (LeftMeasured & { readonly band: number; readonly pass: number })[];
  readonly woven: readonly (WovenMeasured & { readonly band: number; readonly pass: number })[];
  readonly slips: readonly NotedSlip[];
  readonly undoneRows: number;
  /** Rows of each band, where they are not as planned. */
  readonly rowsOf?: readonly number[];
}

export type ProgressAction =
  | { readonly type: 'go'; readonly to: string; readonly now: number }
  | { readonly type: 'undo'; readonly rows: number; readonly now: number }
  | { readonly type: 'pause'; readonly now: number }
  | { readonly type: 'resume'; readonly now: number }
  | { readonly type: 'ack'; readonly caution: string }
  | { readonly type: 'way'; readonly way: WayOfWorking }
  | {
      readonly type: 'left';
      readonly band: number;
      readonly pass: number;
      readonly measured: readonly LeftMeasured[];
    }
  | { readonly type: 'woven'; readonly band: number; readonly pass: number; readonly measured: WovenMeasured }
  /** So many rows in the bands, instead of what was planned. */
  | { readonly type: 'rows'; readonly rowsOf: readonly number[] }
  | { readonly type: 'slip'; readonly slip: NotedSlip; readonly now: number };

/** A step that takes longer than this was left alone: the rest is no working time. */
export const LONGEST_STEP_MS = 10 * 60_000;

export const startProgress = (first: string, way: WayOfWorking, now: number): Progress => ({
  at: first,
  way,
  spent: Object.fromEntries(PHASES.map((p) => [p, 0])) as Record<Phase, number>,
  since: now,
  acknowledged: [],
  left: [],
  woven: [],
  slips: [],
  undoneRows: 0,
});

export const stepIndex = (steps: readonly Step[], p: Pick<Progress, 'at'>): number =>
  Math.max(
    0,
    steps.findIndex((s) => s.id === p.at),
  );

const isRow = (s: Step): boolean => s.picture?.kind === 'row';

/** Rows done of the band and pass in which a step lies. */
export function rowsDone(steps: readonly Step[], index: number): number {
  const at = steps[index]?.at;
  return at ? at.row - 1 : 0;
}

/** Pure: the progress after an action. What does not exist is left as it is. */
export function reduceProgress(progress: Progress, steps: readonly Step[], action: ProgressAction): Progress {
  switch (action.type) {
    case 'go':
      return steps.some((s) => s.id === action.to)
        ? { ...addTime(progress, steps, action.now), at: action.to }
        : progress;
    case 'undo':
      return undo(progress, steps, action.rows, action.now);
    case 'pause': {
      const { since: _running, ...still } = addTime(progress, steps, action.now);
      return still;
    }
    case 'resume':
      return { ...progress, since: action.now };
    case 'ack':
      return progress.acknowledged.includes(action.caution)
        ? progress
        : { ...progress, acknowledged: [...progress.acknowledged, action.caution] };
    case 'way':
      return { ...progress, way: action.way };
    case 'left': {
      const { band, pass } = action;
      const kept = progress.left.filter(
        (l) =>
          l.band !== band ||
          l.pass !== pass ||
          !action.measured.some((m) => m.end === l.end && m.rows === l.rows),
      );
      return { ...progress, left: [...kept, ...action.measured.map((m) => ({ ...m, band, pass }))] };
    }
    case 'woven': {
      const { band, pass, measured } = action;
      const kept = progress.woven.filter(
        (w) => w.band !== band || w.pass !== pass || w.rows !== measured.rows,
      );
      return { ...progress, woven: [...kept, { ...measured, band, pass }] };
    }
    case 'rows':
      return { ...progress, rowsOf: action.rowsOf };
    case 'slip':
      return {
        ...undo(progress, steps, action.slip.undone, action.now),
        slips: [...progress.slips, action.slip],
      };
  }
}

/** The running step's time, added to its phase. */
function addTime(progress: Progress, steps: readonly Step[], now: number): Progress {
  if (progress.since === undefined) return progress;
  const phase = steps[stepIndex(steps, progress)]?.phase;
  const ms = Math.min(LONGEST_STEP_MS, Math.max(0, now - progress.since));
  return {
    ...progress,
    since: now,
    ...(phase ? { spent: { ...progress.spent, [phase]: progress.spent[phase] + ms } } : {}),
  };
}

/** Back by so many rows of the same band and pass. What was measured on rows that are gone is forgotten. */
function undo(progress: Progress, steps: readonly Step[], rows: number, now: number): Progress {
  if (rows <= 0) return addTime(progress, steps, now);
  const index = stepIndex(steps, progress);
  const here = steps[index]?.at ?? steps.slice(0, index).findLast((s) => s.at)?.at;
  if (!here) return progress;
  const done = steps[index]?.at ? here.row - 1 : here.row;
  const wanted = Math.max(1, done - rows + 1);
  const target = steps.find(
    (s) => isRow(s) && s.at!.band === here.band && s.at!.pass === here.pass && s.at!.row === wanted,
  );
  if (!target) return progress;
  const isKept = (m: { band: number; pass: number; rows: number }) =>
    m.band !== here.band || m.pass !== here.pass || m.rows < wanted;
  return {
    ...addTime(progress, steps, now),
    at: target.id,
    left: progress.left.filter(isKept),
    woven: progress.woven.filter(isKept),
    undoneRows: progress.undoneRows + (done - wanted + 1),
  };
}

/** What comes within the next few rows. */
export function comingUp(
  steps: readonly Step[],
  index: number,
  within = 3,
): readonly { readonly inRows: number; readonly alert: string }[] {
  const out: { inRows: number; alert: string }[] = [];
  let rows = 0;
  for (let i = index; i < steps.length && rows <= within; i++) {
    const s = steps[i]!;
    if (s.alert && i > index) out.push({ inRows: rows, alert: s.alert });
    if (isRow(s)) rows++;
  }
  return out;
}
