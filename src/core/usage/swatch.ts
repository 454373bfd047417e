import { PRIOR, PRIOR_SHARED, type SharedSpread, TAPE } from '../chance/spread.ts';
import { fail, type Issue, ok, type Result } from '../result.ts';
import { counted, len, num, type Why, why } from '../why/why.ts';
import type { WeaveMetrics } from './metrics.ts';

/** What a maker measured on a short piece tied for the purpose. It replaces the engine's defaults for its cord and pattern. */
export interface Swatch {
  readonly patternId: string;
  readonly cordId: string;
  readonly rows: number;
  readonly wovenMm: number;
  /** Cord that all working ends together used in these rows. */
  readonly workUsedMm: number;
  readonly widthMm?: number;
}

/** What is still uncertain after a swatch: reading errors of about a millimetre, and hands on another day. */
const DAY_SPREAD = 0.03;
const READ_MM = 1;
/** A swatch that is further than this from the engine, either way, is more likely a slip than a hand. */
const FAR = 1.4;

/** Checks a swatch against what is possible; a far-off one is refused with what it would mean. */
export function checkSwatch(swatch: Swatch, engine: WeaveMetrics): Result<Swatch> {
  const issues: Issue[] = [];
  const positive = (value: number, path: string, what: string) => {
    if (!(value > 0) || !Number.isFinite(value))
      issues.push({ code: 'swatch.positive', path, message: `${what} must be more than nothing.` });
  };
  positive(swatch.rows, '/rows', 'The number of rows');
  positive(swatch.wovenMm, '/wovenMm', 'The woven length');
  positive(swatch.workUsedMm, '/workUsedMm', 'The cord used');
  if (issues.length > 0) return { ok: false, issues };
  const height = swatch.wovenMm / swatch.rows / engine.rowHeightMm;
  if (height > FAR || height < 1 / FAR) {
    return fail({
      code: 'swatch.rows',
      path: '/wovenMm',
      message: `That is ${num1(height)} times the row height that geometry allows; count the rows again.`,
    });
  }
  const perLength = swatch.workUsedMm / swatch.wovenMm / workPerLength(engine);
  if (perLength > FAR || perLength < 1 / FAR) {
    return fail({
      code: 'swatch.used',
      path: '/workUsedMm',
      message: `That is ${num1(perLength)} times the cord that geometry needs; give what all working ends used together.`,
    });
  }
  return ok(swatch);
}

/** The metrics with a swatch in place of the defaults. */
export function withSwatch(engine: WeaveMetrics, swatch: Swatch): WeaveMetrics {
  const scale = swatch.workUsedMm / swatch.wovenMm / workPerLength(engine);
  const rowHeightMm = swatch.wovenMm / swatch.rows;
  const widthScale = swatch.widthMm === undefined ? 1 : swatch.widthMm / engine.widthMm;
  const source: Why = why`your swatch: ${counted(swatch.rows, 'row')} measured ${len(swatch.wovenMm)} and took ${len(swatch.workUsedMm)} of working cord, ${num(scale)} times what the rope engine said`;
  return {
    ...engine,
    rowHeightMm,
    widthMm: engine.widthMm * widthScale,
    strands: engine.strands.map((s) => (s.role === 'core' ? s : { ...s, perLength: s.perLength * scale })),
    spread: DAY_SPREAD + READ_MM / swatch.wovenMm,
    shared: sharedAfterSwatch(swatch),
    source,
  };
}

/**
 * What is still unknown of the factor after a swatch: it was one piece with its own level and walk, read with a tape, row by
 * row. The rest (hands, weave, cord) is in it.
 */
function sharedAfterSwatch(swatch: Swatch): SharedSpread {
  const tape = (TAPE.limpMm ** 2 * 2) / swatch.workUsedMm ** 2 + (TAPE.wovenMm / swatch.wovenMm) ** 2;
  const known = PRIOR_SHARED.piece + tape + PRIOR.row ** 2 / swatch.rows;
  return { lasting: 1 / (1 / PRIOR_SHARED.lasting + 1 / known), piece: PRIOR_SHARED.piece };
}

/** Working cord, all ends together, for each mm of band. */
export function workPerLength(metrics: WeaveMetrics): number {
  return metrics.strands.filter((s) => s.role !== 'core').reduce((sum, s) => sum + s.perLength * s.lanes, 0);
}

const num1 = (value: number) => value.toFixed(1);
