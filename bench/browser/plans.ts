import { parseDesign } from '../../src/core/formats/design.ts';
import { plan } from '../../src/core/plan/plan.ts';

/** What the page that runs this can be asked. */
export interface PlansPage {
  readonly plansOf: typeof plansOf;
}

/** Browsers tell time so coarsely that one plan cannot be timed. */
const TOGETHER = 10;

/**
 * Times of one plan in ms, the quickest first, while a size is dragged: each plan is of another girth.
 * @param warm plans before the first that is timed
 */
export function plansOf(text: string, times: number, warm: number): readonly number[] {
  const design = parseDesign(text);
  if (!design.ok) throw new Error('the example cannot be read');
  let girthMm = 150;
  const drag = () => {
    girthMm = girthMm > 200 ? 150 : girthMm + 0.37;
    plan({ ...design.value, wearer: { ...design.value.wearer, girthMm } });
  };
  for (let i = 0; i < warm; i++) drag();
  const each = Array.from({ length: Math.ceil(times / TOGETHER) }, () => {
    const started = performance.now();
    for (let i = 0; i < TOGETHER; i++) drag();
    return (performance.now() - started) / TOGETHER;
  });
  return each.sort((a, b) => a - b);
}

Object.assign(globalThis, { plansOf } satisfies PlansPage);
