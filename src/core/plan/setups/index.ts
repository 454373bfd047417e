import type { BandEnd } from '../../closures/types.ts';
import type { Design } from '../../formats/design.gen.ts';
import type { SolvedFacts } from '../../patterns/types.ts';
import { type Why, why } from '../../why/why.ts';
import type { SetUp, SetupContext } from './context.ts';
import { JOIN_FROM_CLOSURE_MM, setUpFolded, setUpFused } from './folded.ts';
import { setUpLooped } from './looped.ts';
import { setUpSeparate } from './separate.ts';
import { setUpSideBySide } from './sideBySide.ts';

export type Style = Design['setup']['style'];
type Ends = { readonly start: BandEnd; readonly end: BandEnd; readonly wovenMm?: number };

interface StyleRecord {
  /** One cord that turns round at the second end and comes back: its rows start there. */
  readonly turnsBack: boolean;
  /** Every cord is hitched to the bar, each beside the next. */
  readonly isSideBySide: boolean;
  /** Each strand can be given a cord of its own, and colours can change along the length. */
  readonly isByStrand: boolean;
  /** What the second colour is seen as, where there are two: the cores inside, or the edges beside a front. */
  readonly second: 'cores' | 'edges';
  /** In the middle of a sentence. */
  readonly name: string;
  /** What it means for the maker. */
  readonly note: string;
  /** How the first rows come about, where that is not as for any band. */
  readonly begins?: readonly Why[];
  readonly cords: (facts: SolvedFacts) => number;
  /** Why a weave cannot be set up so. */
  readonly unsuited: (facts: SolvedFacts) => string | undefined;
  /** Why a band with such ends cannot. */
  readonly unsuitedEnds: (ends: Ends) => string | undefined;
  readonly run: (setup: SetupContext) => SetUp;
}

const lanes = (facts: SolvedFacts, isCore: boolean) =>
  facts.strands.filter((s) => (s.role === 'core') === isCore).reduce((n, s) => n + s.periods, 0);

const hasCores = (facts: SolvedFacts) => lanes(facts, true) > 0;

const twoOnTwo = (facts: SolvedFacts) =>
  lanes(facts, true) === 2 && lanes(facts, false) === 2
    ? undefined
    : 'This set-up needs two cores that turn into two working ends; choose separate cords for this weave.';

/** One cord that turns at the second end needs something to turn round there, or a plain tip. */
const noTurn = ({ start, end }: Ends) => {
  if (start.kind === 'run' || end.kind === 'run')
    return 'One cord that turns back at the second end leaves no ends for this closure: choose separate cords, whose cores run on.';
  if (end.attach === 'hitched')
    return 'One cord that turns back at the second bar can’t be hitched there late: take it round the bar, or choose separate cords.';
  return undefined;
};

/** The join of two colours lies inside the band, well away from both its ends. */
const noRoomForJoin = ({ wovenMm }: Ends) =>
  wovenMm === undefined || wovenMm >= 2 * JOIN_FROM_CLOSURE_MM
    ? undefined
    : `The two colours are joined inside the band, ${JOIN_FROM_CLOSURE_MM} mm from each end; this one has only ${wovenMm.toFixed(0)} mm of weave. Choose one folded cord or separate cords.`;

/** Set-ups in the order in which they are tried when the one in hand does not go. */
export const ORDER: readonly Style[] = ['folded', 'separate', 'side-by-side', 'fused', 'looped'];

/** The ways to set a band up, and which weaves and closures each suits. */
export const STYLES: Readonly<Record<Style, StyleRecord>> = {
  folded: {
    name: 'one folded cord',
    note: 'Hitched at its middle; cores and working ends are the same cord. No ends at the first half; both halves must be there from the start.',
    isByStrand: false,
    second: 'edges',
    turnsBack: true,
    isSideBySide: false,
    cords: () => 1,
    unsuited: twoOnTwo,
    unsuitedEnds: noTurn,
    run: setUpFolded,
  },
  fused: {
    name: 'two colours fused',
    note: 'Two cords joined into one: one makes the front, the other the edges. The join is inside, away from the closure.',
    isByStrand: false,
    second: 'edges',
    turnsBack: true,
    isSideBySide: false,
    cords: () => 2,
    unsuited: twoOnTwo,
    unsuitedEnds: (ends) => noTurn(ends) ?? noRoomForJoin(ends),
    run: setUpFused,
  },
  separate: {
    name: 'separate cords',
    note: 'Core cords and working cords, each started from its middle. Cores may run on into a knot or loop; the second half may come late.',
    isByStrand: true,
    second: 'cores',
    turnsBack: false,
    isSideBySide: false,
    cords: (facts) => (hasCores(facts) ? 2 : 1),
    unsuited: () => undefined,
    unsuitedEnds: () => undefined,
    run: setUpSeparate,
  },
  looped: {
    name: 'one cord, a loop and its tail',
    note: 'A braid of three from one cord: the two legs of a long loop and its tail. The loop’s far end closes the band.',
    begins: [
      why`Lay a long loop; its start is left for the stopper. Lead the cord over the start and down between the legs: this is the first crossing, and the tail is the third strand.`,
      why`Braid the two legs and the tail. The loop is closed, so every turn twists it below: after each few rows draw the tail right through the loop, as many times as clear it.`,
    ],
    isByStrand: false,
    second: 'edges',
    turnsBack: true,
    isSideBySide: false,
    cords: () => 1,
    unsuited: (facts) =>
      !hasCores(facts) && lanes(facts, false) === 3
        ? undefined
        : 'A loop and its tail are three strands: choose a flat braid of three, or another set-up.',
    unsuitedEnds: ({ start, end }) =>
      start.kind !== 'loop' || end.kind !== 'run'
        ? 'The loop that is left closes the band: choose a knot and loop, or separate cords.'
        : end.carries > 1
          ? 'Only one end is there for the stopper: choose a barrel or a double overhand.'
          : undefined,
    run: setUpLooped,
  },
  'side-by-side': {
    name: 'cords side by side',
    note: 'Every cord folded and hitched beside the next, in order from left to right; each gives two neighbouring ends.',
    isByStrand: false,
    second: 'edges',
    turnsBack: false,
    isSideBySide: true,
    cords: () => 1,
    unsuited: (facts) =>
      hasCores(facts)
        ? undefined
        : 'This weave has no cores, so its cords are side by side anyway: choose separate cords.',
    unsuitedEnds: ({ start, end }) =>
      start.kind === 'bar' && end.kind !== 'run'
        ? undefined
        : 'Cords hitched side by side need a bar to be hitched to, and must end there: choose separate cords for this closure.',
    run: setUpSideBySide,
  },
};

/** The set-up in which strands have cords of their own. */
export const BY_STRAND: Style = (Object.keys(STYLES) as Style[]).find((style) => STYLES[style].isByStrand)!;
