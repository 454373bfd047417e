import type { Closing, ClosureContext } from '../closures/types.ts';
import { fitFor } from '../fit/schools.ts';
import type { Design } from '../formats/design.gen.ts';
import { ok, type Result } from '../result.ts';
import { withLearned } from '../usage/learned.ts';
import { type WeaveMetrics, weaveMetrics } from '../usage/metrics.ts';
import { spacedRows } from '../usage/spaced.ts';
import { withSwatch } from '../usage/swatch.ts';
import { len, percent, type Why, why } from '../why/why.ts';
import type { Knowledge } from './knowledge.ts';
import { type Layout, layOut } from './layout.ts';
import { passOf } from './pass.ts';
import { resolve } from './resolve.ts';
import type { Resolved } from './resolved.ts';
import { lanesOf } from './setups/context.ts';
import { carriedMm } from './thickness.ts';

/** A design as far as its two ends and what lies between them. */
export interface ClosedDesign {
  readonly resolved: Resolved;
  readonly metrics: WeaveMetrics;
  readonly context: ClosureContext;
  readonly closing: Closing;
  readonly layout: Layout;
  readonly finishedWhy: Why;
}

/** Looks everything up, works the finished length out and lets the closure take its share of it. */
export function closeDesign(design: Design, know: Knowledge): Result<ClosedDesign> {
  const found = resolve(design, know);
  if (!found.ok) return found;
  const resolved = found.value;
  const engine = weaveMetrics(resolved.solved, resolved.cord);
  // A swatch was tied in one thickness: it says nothing of others.
  const swatch = resolved.mixed ? undefined : know.swatch(resolved.solved.id, resolved.cord.id);
  // A log knows the swatches, too; with neither there is only the calculation.
  const log = resolved.mixed ? undefined : know.learned?.(resolved.solved.id, resolved.cord.id);
  const own = log ? withLearned(engine, log) : swatch ? withSwatch(engine, swatch) : engine;
  const metrics = spacedRows(own, design.setup.spacing ?? 0);
  const carried = { ...metrics, diameterMm: carriedMm(design, resolved.solved, resolved.cord) };
  const dry = fitFor(design.wearer.girthMm, metrics.thicknessMm, design.ease);
  const context = (finishedMm: number): ClosureContext => ({
    design,
    spec: design.closure,
    product: resolved.product,
    weave: resolved.solved,
    metrics: carried,
    cord: resolved.cord,
    finishedMm,
    girthMm: design.wearer.girthMm,
    pass: passOf(resolved.product, resolved.measures),
    tied: lanesOf(metrics, 'core').length || lanesOf(metrics, 'work').length,
    tailMm: resolved.handMm('knot'),
    handMm: resolved.handMm,
    measures: resolved.measures,
  });
  const first = context(dry.finishedMm);
  const stiff = stiffLength(resolved.closure.close(first)) + caseLength(resolved);
  const share = resolved.cord.wetShrinkage;
  const wetAdd = design.wet === 'add' ? Math.max(0, ((dry.finishedMm - stiff) * share) / (1 - share)) : 0;
  const asked = wetAdd > 0 ? context(dry.finishedMm + wetAdd) : first;
  const closing = resolved.closure.close(asked);
  return ok({
    resolved,
    metrics,
    context: asked,
    closing,
    layout: layOut(asked, closing),
    finishedWhy:
      wetAdd > 0 ? why`${dry.why} + ${len(wetAdd)} for the first wetting (${percent(share)})` : dry.why,
  });
}

/** Hardware that does not shrink, in mm of the finished length. */
export const stiffLength = ({ start, end }: Closing): number =>
  [start, end].reduce((sum, e) => sum + (e.kind === 'bar' ? e.takesMm : 0), 0);

const caseLength = (resolved: Resolved): number =>
  resolved.product.case === 'between' ? resolved.measures.lugToLug!.mm : 0;
