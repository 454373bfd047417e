import type { Closing, ClosureContext } from '../closures/types.ts';
import { fitted } from '../fit/schools.ts';
import type { Design } from '../formats/design.gen.ts';
import { ok, type Result } from '../result.ts';
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

/** A design as far as its two ends and what lies between them. */
export interface ClosedDesign {
  readonly r: Resolved;
  readonly m: WeaveMetrics;
  readonly context: ClosureContext;
  readonly closing: Closing;
  readonly layout: Layout;
  readonly finishedWhy: Why;
}

/** Looks everything up, works the finished length out and lets the closure take its share of it. */
export function closeDesign(design: Design, know: Knowledge): Result<ClosedDesign> {
  const resolved = resolve(design, know);
  if (!resolved.ok) return resolved;
  const r = resolved.value;
  const engine = weaveMetrics(r.solved, r.cord);
  const swatch = know.swatch(r.solved.id, r.cord.id);
  const m = spacedRows(swatch ? withSwatch(engine, swatch) : engine, design.setup.spacing ?? 0);
  const dry = fitted(design.wearer.girthMm, m.thicknessMm, design.ease);
  const context = (finishedMm: number): ClosureContext => ({
    design,
    spec: design.closure,
    product: r.product,
    weave: r.solved,
    metrics: m,
    cord: r.cord,
    finishedMm,
    girthMm: design.wearer.girthMm,
    pass: passOf(r.product, r.measures),
    tied: lanesOf(m, 'core').length || lanesOf(m, 'work').length,
    tailMm: r.handMm('knot'),
    handMm: r.handMm,
    measures: r.measures,
  });
  const first = context(dry.finishedMm);
  const stiff = stiffLength(r.closure.close(first)) + caseLength(r);
  const share = r.cord.wetShrinkage;
  const wetAdd = design.wet === 'add' ? Math.max(0, ((dry.finishedMm - stiff) * share) / (1 - share)) : 0;
  const c = wetAdd > 0 ? context(dry.finishedMm + wetAdd) : first;
  const closing = r.closure.close(c);
  return ok({
    r,
    m,
    context: c,
    closing,
    layout: layOut(c, closing),
    finishedWhy:
      wetAdd > 0 ? why`${dry.why} + ${len(wetAdd)} for the first wetting (${percent(share)})` : dry.why,
  });
}

/** Hardware that does not shrink, in mm of the finished length. */
export const stiffLength = ({ start, end }: Closing): number =>
  [start, end].reduce((sum, e) => sum + (e.kind === 'bar' ? e.takesMm : 0), 0);

const caseLength = (r: Resolved): number => (r.product.case === 'between' ? r.measures.lugToLug!.mm : 0);
