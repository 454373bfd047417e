import { cordLetter } from '../colour/palette.ts';
import type { SequencePlan } from '../plan/types.ts';

/** One row a stretch of colour, for a table: rows from 1, both ends included. */
export const sequenceRows = (plan: SequencePlan): readonly Record<string, string | number>[] =>
  plan.stretches.map((s) => ({
    cord: cordLetter(s.cord),
    fromRow: s.from + 1,
    toRow: s.to,
    rows: s.to - s.from,
  }));

/** Where each splice lies: row, place along the band, and cord used by its strand up to there. */
export const spliceRows = (plan: SequencePlan): readonly Record<string, string | number>[] =>
  plan.splices.map((s) => ({
    strand: s.strand,
    row: s.row,
    atMm: Number(s.atMm.toFixed(1)),
    cordMm: Number(s.cordMm.toFixed(1)),
  }));
