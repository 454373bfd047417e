import type { Measured } from '../fit/measures.ts';
import type { Product } from '../fit/products.ts';

/** What the piece must pass over where it does not open right up. */
export type PassOver = Measured & { readonly name: string; readonly id: string };

export function passOf(product: Product, measures: Readonly<Record<string, Measured>>): PassOver | undefined {
  const id = product.passes;
  const value = id === undefined ? undefined : measures[id];
  const measure = product.measures.find((m) => m.id === id);
  return value && measure ? { ...value, name: measure.name, id: measure.id } : undefined;
}
