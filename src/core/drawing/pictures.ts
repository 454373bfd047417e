import type { SolvedWeave } from '../patterns/types.ts';
import type { Plan } from '../plan/types.ts';

/** Centre lines that a piece is drawn from: its weave, and the knots of its closure by id. */
export interface Pictures {
  readonly weave: SolvedWeave;
  readonly knots: ReadonlyMap<string, SolvedWeave>;
}

/** Ids of all patterns that the closure of a plan is drawn from. */
export function knotsOf(plan: Pick<Plan, 'bands'>): string[] {
  const focal = plan.bands.flatMap((b) => b.addons.flatMap((a) => (a.knot ? [a.knot.id] : [])));
  const ids = plan.bands
    .flatMap((b) => [b.start.shape, b.end.shape])
    .flatMap((shape) => {
      const knot = 'knot' in shape && shape.knot ? [shape.knot] : [];
      const slider = 'slider' in shape && shape.slider ? [shape.slider.id] : [];
      return [...knot, ...slider];
    });
  return [...new Set([...ids, ...focal])];
}
