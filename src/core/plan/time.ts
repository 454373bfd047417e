import type { WeaveMetrics } from '../usage/metrics.ts';
import { counted, num, type Why, why } from '../why/why.ts';
import type { Resolved } from './resolved.ts';
import { lanesOf } from './setups/context.ts';

/** Minutes that a row takes two ends in practised hands: a prior for the easiest weave, and more for each step harder. */
const ROW_MINUTES = 0.2;
const HARDER = 0.08;
const SET_UP_MINUTES = 6;

/** Minutes that one row takes: a plain band has none. */
export function rowMinutes(metrics: WeaveMetrics, difficulty: number): number {
  if (metrics.isPlain) return 0;
  const ends = lanesOf(metrics, 'work').length;
  return (ROW_MINUTES + HARDER * (difficulty - 1)) * Math.max(0.5, ends / 2);
}

/** Spans of time are said in steps of so many minutes. */
const STEP_MINUTES = 5;

/** How long the piece takes: as practised hands do, or as the maker's own log says. */
export function minutesFor(
  resolved: Resolved,
  metrics: WeaveMetrics,
  rows: number,
): { value: number; why: Why } {
  const perRow = rowMinutes(metrics, resolved.difficulty);
  const count = metrics.isPlain ? 0 : rows;
  const { timed: learned } = resolved;
  const other = SET_UP_MINUTES + resolved.closure.minutes;
  const parts = why`set-up ${num(SET_UP_MINUTES, 0)} min + ${counted(count, 'row')} × `;
  const closure = why` min + ${resolved.closure.name} ${num(resolved.closure.minutes, 0)} min`;
  if (learned && count > 0) {
    const { all, ofWeave } = learned.pieces;
    const mine = perRow * learned.factor;
    const step = (share: number) =>
      Math.round((other + count * perRow * share) / STEP_MINUTES) * STEP_MINUTES;
    return {
      value: other + count * mine,
      why: why`${parts}${num(mine)}${closure}: your own time per row, from ${counted(all, 'piece')}, ${num(ofWeave, 0)} of this weave; ${num(step(learned.from), 0)} to ${num(step(learned.to), 0)} min in four out of five`,
    };
  }
  return {
    value: other + count * perRow,
    why: why`${parts}${num(perRow)}${closure}: practised hands, give or take a third`,
  };
}
