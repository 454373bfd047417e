import type { CordColour } from '../../colour/palette.ts';
import { fix, type Shape } from '../../drawing/shape.ts';
import { mix } from '../../drawing/tone.ts';
import type { Point } from '../../weave/types.ts';

/** What does not move steps back into the mat by so much. */
const BACK = 0.42;
export const MAT = '#1c4a42';
export const AMBER = '#e8a317';

/** The look of a cord that does not move now. */
export const quiet = (look: CordColour, mat: string): CordColour => ({
  ...look,
  base: mix(look.base, mat, BACK),
  accents: look.accents.map((a) => mix(a, mat, BACK)),
});

/** Where the end that moves is led, at the end of its way; x to the right and y downwards, in diameters of `d` mm. */
export function arrow(points: readonly Point[], d: number): Shape {
  const [a, b] = [points.at(-2)!, points.at(-1)!];
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  const [tx, ty] = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  const at = (along: number, across: number) =>
    `${fix((b[0] + tx * along - ty * across) * d)} ${fix((b[1] + ty * along + tx * across) * d)}`;
  return {
    d: `M${at(-0.2, 0.95)}L${at(1.2, 0)}L${at(-0.2, -0.95)}Z`,
    fill: AMBER,
    stroke: '#05090a',
    width: d * 0.12,
  };
}
