import type { Design } from '../formats/design.gen.ts';
import { findPattern, PATTERNS, solvedFacts } from '../patterns/index.ts';
import type { SolvedFacts } from '../patterns/types.ts';
import type { Issue } from '../result.ts';

/** Strands that lie side by side in a plain band; 0 for a weave, which no knot is tied in. */
const lanesOfPlain = (facts: SolvedFacts): number =>
  findPattern(facts.id)?.isStraight ? facts.strands.reduce((n, s) => n + s.periods, 0) : 0;

/** Knots that can be tied in the middle of a plain band: in as many strands as it has, round no other cord. */
export function focalKnotsFor(facts: SolvedFacts): readonly string[] {
  const lanes = lanesOfPlain(facts);
  if (lanes === 0) return [];
  return PATTERNS.flatMap((p) => {
    const knot = solvedFacts(p.id);
    const isFit =
      knot?.kind === 'open' && knot.strands.every((s) => s.role !== 'core') && knot.strands.length === lanes;
    return isFit ? [p.id] : [];
  });
}

/** Focal knots that cannot be tied in this band, each at its place. */
export function focalIssues(design: Design, facts: SolvedFacts): Issue[] {
  return (design.addons ?? []).flatMap((addon, i): Issue[] => {
    if (addon.kind !== 'knot') return [];
    const path = `/addons/${i}/knot`;
    const wrong = (message: string): Issue[] => [{ code: 'addons.knot', path, message }];
    const knot = addon.knot === undefined ? undefined : solvedFacts(addon.knot);
    if (knot?.kind !== 'open') return wrong(`There is no knot called “${addon.knot ?? ''}”.`);
    const lanes = lanesOfPlain(facts);
    if (lanes === 0)
      return wrong('A knot is tied in a plain band. Choose a plain band, or a bead or charm on this weave.');
    if (focalKnotsFor(facts).includes(knot.id)) return [];
    const name = findPattern(knot.id)!.name.toLowerCase();
    return knot.strands.length > lanes
      ? wrong(`The ${name} needs ${knot.strands.length} cords: choose the doubled plain band.`)
      : wrong(`The ${name} is not tied in a band of ${lanes === 1 ? 'one cord' : `${lanes} cords`}.`);
  });
}
