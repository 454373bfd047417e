import type { Why } from '../why/why.ts';
import type { Caution } from './list/cautions.ts';
import type { Side } from './rows/moves.ts';

export type Phase = 'gather' | 'cut' | 'set up' | 'tie' | 'close' | 'finish' | 'check';

/** What the phases of tying are called. */
export const PHASE_NAMES: Readonly<Record<Phase, string>> = {
  gather: 'gather',
  cut: 'cut',
  'set up': 'set up',
  tie: 'tie',
  close: 'close',
  finish: 'finish',
  check: 'check',
};

export const PHASES: readonly Phase[] = ['gather', 'cut', 'set up', 'tie', 'close', 'finish', 'check'];

/** How this maker works, beside the design itself. */
export interface WayOfWorking {
  /** Side from which the first row's first end comes; kept through the piece. */
  readonly start: Side;
  readonly hand: Side;
  /** A child ties and an adult does what needs a flame or a blade. */
  readonly withAdult: boolean;
  /** What becomes of a melted end: pressed flat and strong, or let bead round and smooth. */
  readonly melt: 'flat' | 'bead';
  /** How ends that do not melt are kept from fraying. */
  readonly dry: 'whip' | 'stitch' | 'glue';
  /** The maker's own measures in mm, for cutting without a ruler. */
  readonly own?: OwnMeasures;
}

export interface OwnMeasures {
  readonly armSpanMm?: number;
  readonly elbowMm?: number;
  readonly handSpanMm?: number;
  readonly thumbMm?: number;
}

export const USUAL_WAY: WayOfWorking = {
  start: 'left',
  hand: 'right',
  withAdult: false,
  melt: 'flat',
  dry: 'whip',
};

/** Where in the weave a step is. */
interface RowPlace {
  readonly band: number;
  /** 0, or 1 for a second pass over the first. */
  readonly pass: number;
  /** 1 is the first row that is tied. */
  readonly row: number;
  readonly of: number;
}

type StepPicture =
  | { readonly kind: 'row' }
  | { readonly kind: 'bar'; readonly band: number }
  | { readonly kind: 'knot'; readonly id: string }
  /** The whole, closed round the body. */
  | { readonly kind: 'closed' }
  | { readonly kind: 'place'; readonly band: number; readonly atMm: number };

/** One thing to do. */
export interface Step {
  /** The same for the same step of the same design, however often the list is made. */
  readonly id: string;
  readonly phase: Phase;
  readonly title: string;
  readonly lines: readonly Why[];
  /** A row's moves crossing by crossing, where the lines say them shortly. */
  readonly full?: readonly Why[];
  /** A knot stage by stage, as its pictures show it; drawing it tight is the last one. */
  readonly stages?: readonly Why[];
  /** What to look at, or how it should come out. */
  readonly look?: Why;
  readonly at?: RowPlace;
  /** What comes, in few words, for saying it some rows before. */
  readonly alert?: string;
  readonly cautions?: readonly Caution[];
  readonly picture?: StepPicture;
  /** Asks what is left of the working ends. */
  readonly asksLeft?: boolean;
  readonly isAdults?: boolean;
}
