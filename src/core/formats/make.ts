import type { Plan } from '../plan/types.ts';
import type { Result } from '../result.ts';
import { workingEnds } from '../steps/list/ends.ts';
import type { Progress } from '../steps/progress.ts';
import { type Design, readDesign } from './design.ts';
import { type DocumentKind, readDocument, within } from './envelope.ts';
import type { Make } from './make.gen.ts';
import validate from './make.validate.gen.js';

export type { Make } from './make.gen.ts';

const FORMAT = 'warp-beam/make';
const VERSION = 1;

/** What the maker says when a piece is done; everything optional. Lengths in mm. */
export interface Finished {
  readonly closedMm?: number;
  readonly wovenMm?: number;
  readonly fit: Make['fit'];
  readonly checks: Make['checks'];
  /** Left of each working end, by band and its index there. */
  readonly left: readonly { readonly band: number; readonly end: number; readonly leftMm: number }[];
  readonly notes?: string;
  /** A small picture, as a data URL. */
  readonly photo?: string;
}

/** A finished piece as a record: planned against cut, left over and measured. */
export function makeRecord(
  id: string,
  design: Design,
  plan: Plan,
  progress: Progress,
  times: { readonly startedAt: number; readonly finishedAt: number },
  done: Finished,
): Make {
  return {
    format: FORMAT,
    version: VERSION,
    id,
    name: design.name,
    ...times,
    design: design as unknown as Make['design'],
    planned: { rows: plan.rows, wovenMm: plan.wovenLengthMm, closedMm: plan.closed.closedMm },
    cuts: plan.cords.map((c) => ({ letter: c.letter, cordType: c.cordType, cutMm: c.cutLengthMm })),
    leftovers: done.left.flatMap(({ band, end, leftMm }) => {
      const e = workingEnds(plan, band)[end];
      if (!e) return [];
      const planned = e.startMm - e.usedMm(plan.bands[band]!.rows) - e.closureMm;
      return [{ letter: e.letter, strand: e.strand, lane: e.lane, leftMm, plannedMm: Math.max(0, planned) }];
    }),
    rows: plan.bands.map((b, i) => progress.rowsOf?.[i] ?? b.rows),
    ...(done.wovenMm === undefined ? {} : { wovenMm: done.wovenMm }),
    ...(done.closedMm === undefined ? {} : { closedMm: done.closedMm }),
    fit: done.fit,
    checks: done.checks,
    ...measuredIn(plan, progress),
    spent: { ...progress.spent },
    slips: progress.slips.map((s) => ({ ...s })),
    undoneRows: progress.undoneRows,
    ...(done.notes ? { notes: done.notes } : {}),
    ...(done.photo ? { photo: done.photo } : {}),
  };
}

/** What was measured on the way, where the piece is one band tied in one pass: the log learns from it whether the hand tires. */
function measuredIn(plan: Plan, progress: Progress): Pick<Make, 'measured'> {
  if (plan.bands.length !== 1 || [...progress.left, ...progress.woven].some((m) => m.pass > 0)) return {};
  const measured = [
    ...progress.left.map(({ rows, end, leftMm }) => ({ rows, end, leftMm })),
    ...progress.woven.map(({ rows, wovenMm }) => ({ rows, wovenMm })),
  ].filter((m) => m.rows > 0);
  return measured.length > 0 ? { measured } : {};
}

export const formatMake = (make: Make): string => `${JSON.stringify(make, null, 2)}\n`;

const KIND: DocumentKind = {
  format: FORMAT,
  version: VERSION,
  name: 'a Warp Beam finished-piece record',
  maxChars: 2_000_000,
  validate,
};

/** Reads a make record; issues say where and why. */
export function readMake(data: unknown): Result<Make> {
  const read = readDocument<Make>(data, KIND);
  if (!read.ok) return read;
  const design = within('/design', readDesign(read.value.design));
  return design.ok ? read : design;
}
