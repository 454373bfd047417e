import type { Make } from '../../../../core/formats/make.ts';
import type { Plan } from '../../../../core/plan/types.ts';
import { allEnds } from '../../../../core/steps/list/ends.ts';

/** What can be changed of a finished piece. Lengths in mm; what nobody measured is missing. */
export interface PieceValues {
  readonly finished: string;
  readonly fit: Make['fit'];
  readonly rows: number | undefined;
  readonly wovenMm: number | undefined;
  readonly closedMm: number | undefined;
  readonly tieMinutes: number | undefined;
  /** By letter of the cord. */
  readonly cuts: Readonly<Record<string, number>>;
  /** By key of the working end. */
  readonly left: Readonly<Record<string, number>>;
  readonly lot: string;
  readonly careOn: string;
  readonly notes: string;
  /** A small picture as a data URL; empty for none. */
  readonly photo: string;
}

const pad = (n: number): string => String(n).padStart(2, '0');

/** The day of a moment where the maker is, `YYYY-MM-DD`. */
export function localDay(ms: number): string {
  const d = new Date(ms);
  return `${d.getFullYear()}-${pad(d.getMonth() + 1)}-${pad(d.getDate())}`;
}

const minutesOf = (make: Make): number | undefined =>
  make.spent.tie >= 30_000 ? Math.round(make.spent.tie / 60_000) : undefined;

export function valuesOf(make: Make, plan: Plan): PieceValues {
  const isEnd = (e: ReturnType<typeof allEnds>[number]) => (l: Make['leftovers'][number]) =>
    l.letter === e.letter && l.strand === e.strand && l.lane === e.lane;
  return {
    finished: localDay(make.finishedAt),
    fit: make.fit,
    rows: make.rows.length === 1 ? make.rows[0] : undefined,
    wovenMm: make.wovenMm,
    closedMm: make.closedMm,
    tieMinutes: minutesOf(make),
    cuts: Object.fromEntries(make.cuts.map((c) => [c.letter, c.cutMm])),
    left: Object.fromEntries(
      allEnds(plan).flatMap((e) => {
        const found = make.leftovers.find(isEnd(e));
        return found ? [[e.key, found.leftMm]] : [];
      }),
    ),
    lot: make.lot ?? '',
    careOn: make.careOn ?? '',
    notes: make.notes ?? '',
    photo: make.photo ?? '',
  };
}

/** The record with what was changed; the time of day stays as it was. */
export function changedMake(make: Make, plan: Plan, v: PieceValues): Make {
  const { wovenMm: _w, closedMm: _c, lot: _l, careOn: _o, notes: _n, photo: _p, ...rest } = make;
  const finishedAt =
    v.finished === localDay(make.finishedAt) ? make.finishedAt : new Date(`${v.finished}T12:00`).getTime();
  return {
    ...rest,
    startedAt: Math.min(make.startedAt, finishedAt),
    finishedAt,
    fit: v.fit,
    rows: v.rows === undefined ? make.rows : [v.rows],
    cuts: make.cuts.map((c) => ({ ...c, cutMm: v.cuts[c.letter] ?? c.cutMm })),
    leftovers: allEnds(plan).flatMap((e) => {
      const leftMm = v.left[e.key];
      if (leftMm === undefined) return [];
      const planned = e.startMm - e.usedMm(plan.bands[e.band]!.rows) - e.closureMm;
      return [{ letter: e.letter, strand: e.strand, lane: e.lane, leftMm, plannedMm: Math.max(0, planned) }];
    }),
    spent: {
      ...make.spent,
      // Shown in whole minutes: what was not touched stays as it was.
      tie: v.tieMinutes === minutesOf(make) ? make.spent.tie : (v.tieMinutes ?? 0) * 60_000,
    },
    ...(v.wovenMm === undefined ? {} : { wovenMm: v.wovenMm }),
    ...(v.closedMm === undefined ? {} : { closedMm: v.closedMm }),
    ...(v.lot.trim() ? { lot: v.lot.trim() } : {}),
    ...(v.careOn ? { careOn: v.careOn } : {}),
    ...(v.notes.trim() ? { notes: v.notes.trim() } : {}),
    ...(v.photo ? { photo: v.photo } : {}),
  };
}
