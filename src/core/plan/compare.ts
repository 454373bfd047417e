import { findClosure } from '../closures/index.ts';
import { offeredFor } from '../closures/offered.ts';
import { findProduct } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import type { Why } from '../why/why.ts';
import { adapt } from './adapt.ts';
import type { Check } from './check.ts';
import { type Knowledge, LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import type { Plan } from './types.ts';

/** One closure for the design in hand, as planned, or why it cannot be. */
export type Compared =
  | {
      readonly ok: true;
      readonly id: string;
      readonly name: string;
      /** The design closed so; its set-up is changed where it must be. */
      readonly design: Design;
      readonly plan: Plan;
      readonly isChosen: boolean;
      readonly cordMm: number;
      readonly cordWhy: Why;
      readonly closedMm: number;
      readonly openMm?: number;
      readonly danglesMm: number;
      readonly dangles?: string;
      readonly minutes: number;
      readonly minutesWhy: Why;
      readonly difficulty: number;
      readonly failed: readonly Check[];
    }
  | { readonly ok: false; readonly id: string; readonly name: string; readonly reason: string };

/** Every closure that the design's product takes, side by side; the one in hand keeps its options. */
export function compareClosures(design: Design, know: Knowledge = LIBRARY_ONLY): Compared[] {
  const product = findProduct(design.product);
  if (!product) return [];
  return offeredFor(product).map((id): Compared => {
    const { name } = findClosure(id)!;
    const isChosen = id === design.closure.kind;
    const closed = isChosen ? design : adapt(design, { closure: { kind: id } }, know);
    const planned = plan(closed, know);
    if (!planned.ok) return { ok: false, id, name, reason: planned.issues[0]!.message };
    const { closed: c, figures, checks } = planned.value;
    return {
      ok: true,
      id,
      name,
      design: closed,
      plan: planned.value,
      isChosen,
      cordMm: figures.total.value,
      cordWhy: figures.total.why,
      closedMm: c.closedMm,
      ...(c.openMm === undefined ? {} : { openMm: c.openMm }),
      danglesMm: c.danglesMm,
      ...(c.dangles ? { dangles: c.dangles } : {}),
      minutes: c.minutes,
      minutesWhy: figures.minutes.why,
      difficulty: c.difficulty,
      failed: checks.filter((x) => !x.ok),
    };
  });
}
