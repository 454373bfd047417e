import { findProduct } from '../../core/fit/products.ts';
import type { Design } from '../../core/formats/design.ts';
import { formatLength, parseLength, type UnitSystem } from '../../core/units/index.ts';

/** Something that can be done or gone to, found by words. */
export interface Command {
  readonly id: string;
  readonly name: string;
  readonly group: string;
  readonly key?: string;
  /** Other words that find it. */
  readonly also?: string;
  readonly run: () => void;
}

/**
 * A girth that was typed, with or without the body's name before it: “wrist 17.5”, “6 3/4 in”, “182”. A bare number is in
 * the units in use, or in millimetres where only those can be meant. Nothing where it is no length that the body may have.
 */
export function girthIn(
  text: string,
  design: Design,
  units: UnitSystem,
): { readonly mm: number; readonly words: string } | undefined {
  const girth = findProduct(design.product)?.girth;
  const match = /^\s*([\p{L}\s]*?)\s*(\d.*)$/u.exec(text);
  if (!girth || !match) return undefined;
  const [, name, length] = match as unknown as [string, string, string];
  if (name && ![girth.name, 'girth'].some((n) => n.startsWith(name.toLowerCase()))) return undefined;
  const bare = units === 'imperial' ? 'in' : 'cm';
  for (const unit of [bare, 'mm'] as const) {
    const read = parseLength(length, unit);
    if (!read.ok || read.value < girth.leastMm || read.value > girth.mostMm) continue;
    return {
      mm: read.value,
      words: `${girth.name} ${formatLength(read.value, { system: units, kind: 'body' })}`,
    };
  }
  return undefined;
}
