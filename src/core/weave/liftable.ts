import { seeded } from '../random.ts';
import type { Issue } from '../result.ts';
import { quote } from '../validation.ts';
import { build } from './build.ts';
import { findCrossings } from './crossings.ts';
import { knotInvariant } from './topology.ts';
import type { Crossing, WeaveSpec } from './types.ts';

/**
 * Names of the strands of a weave that nothing holds: laid on top everywhere, each leaves the same knot behind (by the
 * invariant), so that it can be lifted off. A weave of one strand has nothing to be lifted off. Nothing is said of a
 * diagram that contradicts itself.
 */
export function liftableStrands(spec: WeaveSpec): string[] {
  if (spec.kind !== 'weave' || spec.strands.length < 2) return [];
  const found = findCrossings(spec);
  const before = found.ok ? invariantOf(spec) : undefined;
  if (!found.ok || before === undefined) return [];
  return spec.strands.flatMap((strand, index) =>
    invariantOf(laidOnTop(spec, found.value, index)) === before ? [strand.name] : [],
  );
}

/** What is wrong with a weave that falls apart: an issue for every strand that can be lifted off, at its line. */
export const looseStrands = (spec: WeaveSpec): Issue[] =>
  liftableStrands(spec).map((name) => ({
    code: 'weave.loose',
    path: `line ${spec.strands.find((s) => s.name === name)!.line}`,
    message: `It falls apart: nothing holds ${quote(name)}, it can be lifted off. Lead another strand over it on one side and under it on the other, or round it.`,
  }));

/** The same drawing with one strand over every other one; what it does with itself stays. */
function laidOnTop(spec: WeaveSpec, crossings: readonly Crossing[], top: number): WeaveSpec {
  const letters: [number, string][][] = spec.strands.map(() => []);
  for (const { over, under } of crossings) {
    const isTurned = under.strand === top && over.strand !== top;
    letters[over.strand]!.push([over.at, isTurned ? 'U' : 'O']);
    letters[under.strand]!.push([under.at, isTurned ? 'O' : 'U']);
  }
  return {
    ...spec,
    strands: spec.strands.map((strand, i) => ({
      ...strand,
      word:
        strand.role === 'core'
          ? ''
          : letters[i]!.sort((a, b) => a[0] - b[0])
              .map(([, letter]) => letter)
              .join(''),
    })),
  };
}

function invariantOf(spec: WeaveSpec): number | undefined {
  const built = build(spec, seeded(1));
  return built.ok ? knotInvariant(built.value.rope) : undefined;
}
