import type { Pattern } from './model.ts';

/** What a pattern really cuts, and a name for it: of hundreds of items it holds a few, and it is looked at thousands of times. */
interface Cuts {
  /** Item and how often. */
  readonly of: readonly (readonly [item: number, times: number])[];
  readonly key: string;
}

const known = new WeakMap<Pattern, Cuts>();

/** Worked out once for each pattern. Two patterns with the same key cut the same from the same bin. */
export function cutsOf(pattern: Pattern): Cuts {
  const cuts = known.get(pattern);
  if (cuts) return cuts;
  const of: (readonly [number, number])[] = [];
  for (let i = 0; i < pattern.counts.length; i++)
    if (pattern.counts[i]! > 0) of.push([i, pattern.counts[i]!]);
  const fresh = { of, key: `${pattern.bin}|${of.map(([i, n]) => `${i}:${n}`).join()}` };
  known.set(pattern, fresh);
  return fresh;
}
