import { lanesOfWeave } from '../colour/lanes.ts';
import type { Design } from '../formats/design.gen.ts';
import type { SolvedFacts } from '../patterns/types.ts';
import { withStyle } from './adapt.ts';
import { BY_STRAND } from './setups/index.ts';

type Strands = Record<string, number>;

/** Which cord each lane is made of, as it stands: chosen lane by lane, or by role. */
export function strandsOf(design: Design, facts: SolvedFacts): Strands {
  const usual = usualStrands(facts, design.cords.length);
  const chosen = design.setup.strands ?? {};
  return Object.fromEntries(Object.entries(usual).map(([key, cord]) => [key, chosen[key] ?? cord]));
}

/** Working strands of the first cord, cores of the second where there is one. */
export const usualStrands = (facts: SolvedFacts, cords: number): Strands =>
  Object.fromEntries(lanesOfWeave(facts).map((l) => [l.key, l.isCore && cords > 1 ? 1 : 0]));

/** The design with separate cords, laid lane by lane. Cords that no lane uses any more fall away. */
export function withStrands(design: Design, facts: SolvedFacts, strands: Strands): Design {
  const { sequence: _gone, ...rest } = design;
  const used = [...new Set(Object.values(strands))].sort((a, b) => a - b);
  const number = new Map(used.map((cord, i) => [cord, i]));
  const base = withStyle({ ...rest, setup: { style: BY_STRAND } }, BY_STRAND, facts);
  return {
    ...base,
    cords: used.map((cord) => design.cords[cord] ?? base.cords[0]!),
    setup: {
      ...design.setup,
      style: BY_STRAND,
      strands: Object.fromEntries(Object.entries(strands).map(([key, cord]) => [key, number.get(cord)!])),
    },
  };
}

/** Another cord for the last working strand that shares its cord with others; nothing when each has one of its own. */
export function withCord(design: Design, facts: SolvedFacts, colour: string): Design | undefined {
  const strands = strandsOf(design, facts);
  const works = lanesOfWeave(facts).filter((l) => !l.isCore);
  const shared = works.findLast((l) =>
    works.some((o) => o.key !== l.key && strands[o.key] === strands[l.key]),
  );
  if (!shared || design.cords.length >= 6) return undefined;
  const cords = [...design.cords, { colour }];
  return withStrands({ ...design, cords }, facts, { ...strands, [shared.key]: cords.length - 1 });
}
