import { fitFor } from '../fit/schools.ts';
import type { WeaveMetrics } from '../usage/metrics.ts';
import { counted, len, num, why } from '../why/why.ts';
import type { Figure } from './check.ts';
import { rowsIn } from './layout.ts';
import { rowMinutes } from './time.ts';

/** Slack of an easy fit, in mm: what a band is compared at. */
const SLACK_MM = 8;

/**
 * What a weave comes to as a band for a wrist, before anything is known of its closure: sizes, rows, cord and time, each with
 * its working. Lengths in mm, `girthMm` round the wrist.
 */
export function weaveFigures(metrics: WeaveMetrics, difficulty: number, girthMm: number): Figure[] {
  const { widthMm, thicknessMm, source } = metrics;
  const fit = fitFor(girthMm, thicknessMm, { school: 'thickness', slackMm: SLACK_MM });
  const rows = rowsIn(fit.finishedMm, metrics.rowHeightMm);
  const uses = metrics.strands.reduce((sum, s) => sum + s.perLength * s.lanes, 0);
  const perRow = rowMinutes(metrics, difficulty);
  const mm = (label: string, value: number, words: Figure['why']): Figure => ({
    label,
    value,
    unit: 'mm',
    why: words,
  });
  return [
    mm('width', widthMm, source),
    mm('thickness', thicknessMm, source),
    mm('finished length', fit.finishedMm, fit.why),
    { label: 'rows', value: rows.rows, unit: 'rows', why: rows.why },
    mm(
      'cord in the weave',
      uses * fit.finishedMm,
      why`${num(uses)} × the finished length ${len(fit.finishedMm)}, all strands together; no closure, hand length or spare. ${source}`,
    ),
    {
      label: 'time for the rows',
      value: rows.rows * perRow,
      unit: 'min',
      why: why`${counted(rows.rows, 'row')} × ${num(perRow)} min in practised hands, give or take a third`,
    },
  ];
}
