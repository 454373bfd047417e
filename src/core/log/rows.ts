import { PRIOR, TAPE } from '../chance/spread.ts';
import { type Evidence, keysOf } from './evidence.ts';
import { AT, type LogState, placeKey } from './state.ts';

/** One reading as a row of the model: y = Σ h·x + noise of variance r. */
export interface ModelRow {
  readonly field: 'end' | 'length';
  /** Which end, where it is one. */
  readonly end?: number;
  /** Places of the states that it reads, each with its share. */
  readonly h: readonly (readonly [place: number, share: number])[];
  readonly y: number;
  readonly r: number;
}

/**
 * The readings of a piece, by what was filled in: cord of an end with its rows (s + h), or with the woven length where rows are not known (s); woven length with
 * rows (h). Two ends differ by ±(D + δ).
 */
export function rowsOf(e: Evidence, { places }: Pick<LogState, 'places'>): ModelRow[] {
  const groups = keysOf(e).map(([g, key]) => places.get(placeKey(g, key))!);
  const s = [AT.makerS, AT.pieceS, ...groups].map((p) => [p, 1] as const);
  const h = [AT.makerH, AT.pieceH, ...groups.map((p) => p + 1)].map((p) => [p, 1] as const);
  const rows: ModelRow[] = [];
  for (const [k, { perMm, usedMm }] of e.ends.entries()) {
    if (usedMm === undefined || !(usedMm > 0)) continue;
    const sign = e.ends.length === 2 && !e.areEndsAlike ? (k === 0 ? 1 : -1) : 0;
    const apart: (readonly [number, number])[] =
      sign === 0
        ? []
        : [
            [AT.ends, sign],
            [AT.pieceEnds, sign],
          ];
    const count = e.rows ?? (e.wovenMm === undefined ? undefined : e.wovenMm / e.rowMm);
    if (count === undefined || !(count > 0)) continue;
    const tape = (2 * TAPE.limpMm ** 2 + TAPE.fixedMm ** 2) / usedMm ** 2 + PRIOR.row ** 2 / count;
    if (e.rows !== undefined)
      rows.push({
        field: 'end',
        end: k,
        h: [...s, ...h, ...apart],
        y: Math.log(usedMm / (perMm * e.rowMm * e.rows)),
        r: tape,
      });
    else
      rows.push({
        field: 'end',
        end: k,
        h: [...s, ...apart],
        y: Math.log(usedMm / (perMm * e.wovenMm!)),
        r: tape + (TAPE.wovenMm / e.wovenMm!) ** 2,
      });
  }
  if (e.rows !== undefined && e.wovenMm !== undefined && e.rows > 0 && e.wovenMm > 0)
    rows.push({
      field: 'length',
      h,
      y: Math.log(e.wovenMm / (e.rowMm * e.rows)),
      r: (TAPE.wovenMm / e.wovenMm) ** 2,
    });
  return rows;
}
