import { ok, type Result } from '../result.ts';
import { findMeetings, type Meeting, visitsOf } from './crossings.ts';
import type { WeaveSpec } from './types.ts';

/** A crossing as it is drawn: where it is, and which of its two strands lies on top. */
export interface Top extends Meeting {
  readonly isAOver: boolean;
}

/**
 * Every crossing of a diagram with the strand on top, as far as the words say it: one word is enough, and where both say
 * nothing, or contradict each other, the second strand lies on top. Fails only where strands run along each other.
 */
export function topsOf(spec: WeaveSpec): Result<readonly Top[]> {
  const met = findMeetings(spec);
  if (!met.ok) return met;
  const says = met.value.map(() => ({ a: '', b: '' }));
  for (const [s, visits] of visitsOf(spec, met.value).entries()) {
    const { word } = spec.strands[s]!;
    if (word.length !== visits.length) continue;
    for (const [i, visit] of visits.entries()) says[visit.meeting]![visit.side] = word[i]!;
  }
  return ok(
    met.value.map((m, i) => {
      const { a, b } = says[i]!;
      return { ...m, isAOver: a ? a === 'O' : b === 'U' };
    }),
  );
}

/** The diagram with every word written again from who is on top; a core says nothing unless it crosses a core. */
export function withTops(spec: WeaveSpec, tops: readonly Top[]): WeaveSpec {
  const visits = visitsOf(spec, tops);
  return {
    ...spec,
    strands: spec.strands.map((strand, s) => {
      const needsWord =
        strand.role !== 'core' ||
        visits[s]!.some((v) => {
          const { a, b } = tops[v.meeting]!;
          return spec.strands[a]!.role === 'core' && spec.strands[b]!.role === 'core';
        });
      const word = visits[s]!.map((v) => (tops[v.meeting]!.isAOver === (v.side === 'a') ? 'O' : 'U')).join(
        '',
      );
      return { ...strand, word: needsWord ? word : '' };
    }),
  };
}
