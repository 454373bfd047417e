import type { Design } from '../../formats/design.gen.ts';
import type { SolvedFacts } from '../../patterns/types.ts';
import type { SetUp, SetupContext } from './context.ts';
import { folded, fused } from './folded.ts';
import { separate } from './separate.ts';

export type Style = Design['setup']['style'];

interface StyleRecord {
  readonly cords: (facts: SolvedFacts) => number;
  readonly suits: (facts: SolvedFacts) => boolean;
  readonly run: (c: SetupContext) => SetUp;
}

const lanes = (facts: SolvedFacts, isCore: boolean) =>
  facts.strands.filter((s) => (s.role === 'core') === isCore).reduce((n, s) => n + s.periods, 0);

const hasCores = (facts: SolvedFacts) => lanes(facts, true) > 0;
/** Two cores that turn into two working ends at the second bar. */
const isTwoOnTwo = (facts: SolvedFacts) => lanes(facts, true) === 2 && lanes(facts, false) === 2;

/** The ways to set a band up, and which weaves each suits. */
export const STYLES: Readonly<Record<Style, StyleRecord>> = {
  folded: { cords: () => 1, suits: isTwoOnTwo, run: folded },
  fused: { cords: () => 2, suits: isTwoOnTwo, run: fused },
  separate: { cords: (facts) => (hasCores(facts) ? 2 : 1), suits: () => true, run: separate },
};

export const stylesFor = (facts: SolvedFacts): Style[] =>
  (Object.keys(STYLES) as Style[]).filter((style) => STYLES[style].suits(facts));
