import { formatLength, type LengthFormat, type UnitSystem } from '../units/index.ts';
import { plural } from '../words.ts';

/**
 * How a number came about: words and quantities in the order in which they are read. Quantities stay numbers until
 * they are shown, so that the same working reads in inches or centimetres.
 */
export type WhyPart =
  | string
  | { readonly mm: number; readonly kind?: LengthFormat['kind']; readonly up?: boolean }
  | { readonly value: number; readonly digits: number }
  | { readonly percent: number };

export type Why = readonly WhyPart[];

/** Template tag: why`hitch ${len(45)} + margin ${percent(0.08)}`. */
export function why(strings: TemplateStringsArray, ...values: readonly (WhyPart | Why)[]): Why {
  const out: WhyPart[] = [];
  for (let i = 0; i < strings.length; i++) {
    if (strings[i] !== '') out.push(strings[i]!);
    const value = values[i];
    if (value === undefined) continue;
    if (Array.isArray(value)) for (const part of value as Why) out.push(part);
    else out.push(value as WhyPart);
  }
  return out;
}

export const len = (mm: number, kind: LengthFormat['kind'] = mm < 100 ? 'small' : 'body'): WhyPart => ({
  mm,
  kind,
});
/** A size that hardware is sold by: it keeps its name in inches. */
export const sold = (mm: number): WhyPart => ({ mm, kind: 'sold' });
export const cut = (mm: number): WhyPart => ({ mm, kind: 'cut', up: true });
export const num = (value: number, digits = 2): WhyPart => ({ value, digits });
/** So many things, in the singular where there is one: `1 row`, `2 rows`. */
export const counted = (count: number, word: string): Why => [num(count, 0), ` ${plural(count, word)}`];
export const percent = (share: number): WhyPart => ({ percent: share });

export function partText(part: WhyPart, system: UnitSystem): string {
  if (typeof part === 'string') return part;
  if ('mm' in part)
    return formatLength(part.mm, { system, kind: part.kind ?? 'body', rounding: part.up ? 'up' : 'nearest' });
  if ('percent' in part) return `${Number((part.percent * 100).toFixed(1))} %`;
  return part.value.toFixed(part.digits);
}

export const whyText = (parts: Why, system: UnitSystem = 'metric'): string =>
  parts.map((part) => partText(part, system)).join('');
