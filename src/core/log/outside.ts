import type { Design } from '../formats/design.ts';
import { type Make, makeRecord } from '../formats/make.ts';
import type { Knowledge } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { ok, type Result } from '../result.ts';
import { allEnds } from '../steps/list/ends.ts';
import { startProgress } from '../steps/progress.ts';
import { USUAL_WAY } from '../steps/types.ts';

/** A piece that was not tied with this program, as far as its maker knows. Lengths in mm. */
export interface OutsidePiece {
  readonly id: string;
  readonly design: Design;
  /** When it was finished, in ms. */
  readonly finishedAt: number;
  readonly rows?: number;
  readonly wovenMm?: number;
  readonly closedMm?: number;
  /** What was cut of each cord, in the order of the plan; as planned where it is missing. */
  readonly cutMm?: readonly number[];
  /** What was left of each working end, in the order of the plan. */
  readonly leftMm?: readonly number[];
  readonly tieMinutes?: number;
  readonly fit?: Make['fit'];
  readonly lot?: string;
  readonly notes?: string;
}

/** A record like that of a piece tied here: what is not known is as planned, and measured where it was measured. */
export function makeFromOutside(piece: OutsidePiece, know: Knowledge): Result<Make> {
  const made = plan(piece.design, know);
  if (!made.ok) return made;
  const tieMs = Math.round((piece.tieMinutes ?? 0) * 60_000);
  const progress = startProgress('', USUAL_WAY, piece.finishedAt);
  const ends = allEnds(made.value);
  const record = makeRecord(
    piece.id,
    piece.design,
    made.value,
    {
      ...progress,
      spent: { ...progress.spent, tie: tieMs },
      ...(piece.rows === undefined ? {} : { rowsOf: [piece.rows] }),
    },
    { startedAt: piece.finishedAt - tieMs, finishedAt: piece.finishedAt },
    {
      fit: piece.fit ?? 'not tried',
      checks: [],
      left: (piece.leftMm ?? []).flatMap((leftMm, i) =>
        ends[i] ? [{ band: ends[i].band, end: ends[i].end, leftMm }] : [],
      ),
      ...(piece.wovenMm === undefined ? {} : { wovenMm: piece.wovenMm }),
      ...(piece.closedMm === undefined ? {} : { closedMm: piece.closedMm }),
      ...(piece.notes ? { notes: piece.notes } : {}),
    },
  );
  return ok({
    ...record,
    cuts: record.cuts.map((c, i) => ({ ...c, cutMm: piece.cutMm?.[i] ?? c.cutMm })),
    ...(piece.lot ? { lot: piece.lot } : {}),
  });
}
