import { PRODUCTS } from '../../core/fit/products.ts';
import { DESIGN_FORMAT, DESIGN_VERSION, type Design } from '../../core/formats/design.ts';

/** What a new design starts from: a usual wrist, an easy fit, one cord. */
export function newDesign(name: string): Design {
  const product = PRODUCTS[0]!;
  return {
    format: DESIGN_FORMAT,
    version: DESIGN_VERSION,
    name,
    product: product.id,
    wearer: { name: 'someone', girthMm: product.girth.usualMm },
    ease: { school: 'thickness', slackMm: 8 },
    pattern: { id: 'solomon-bar' },
    cord: 'nylon-4',
    setup: { style: 'folded' },
    cords: [{ colour: 'dusk' }],
    closure: { kind: 'side-release', sizeMm: 15 },
  };
}
