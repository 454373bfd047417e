import type { ClosureOffer, Product } from '../fit/products.ts';
import { CLOSURES } from './index.ts';

const idsOf = (offer: ClosureOffer): readonly string[] =>
  typeof offer === 'string' ? [offer] : CLOSURES.filter((c) => c.group === offer.every).map((c) => c.id);

const known = new Map<Product, readonly string[]>();

/** Ids of the closures that a product takes, the usual one first. */
export function offeredFor(product: Product): readonly string[] {
  const before = known.get(product);
  if (before) return before;
  const ids = [...new Set(product.closures.flatMap(idsOf))];
  known.set(product, ids);
  return ids;
}
