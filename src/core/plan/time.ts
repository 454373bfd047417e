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

/** How long the piece takes, before the maker's own log says better. */
export function minutesFor(
  resolved: Resolved,
  metrics: WeaveMetrics,
  rows: number,
): { value: number; why: Why } {
  const perRow = rowMinutes(metrics, resolved.difficulty);
  const count = metrics.isPlain ? 0 : rows;
  const weave = count * perRow;
  return {
    value: SET_UP_MINUTES + weave + resolved.closure.minutes,
    why: why`set-up ${num(SET_UP_MINUTES, 0)} min + ${counted(count, 'row')} × ${num(perRow)} min + ${resolved.closure.name} ${num(resolved.closure.minutes, 0)} min: practised hands, give or take a third`,
  };
}
