import type { Gallery } from '../core/colour/arrangements.ts';
import type { CordColour } from '../core/colour/palette.ts';
import type { CutJob, CutOutcome } from '../core/cutting/job.ts';
import type { OrderChance } from '../core/days/chance.ts';
import type { Planned } from '../core/days/plan.ts';
import type { Relief } from '../core/days/relief.ts';
import type { Person, Task } from '../core/days/types.ts';
import type { Scene } from '../core/drawing/shape.ts';
import type { Make } from '../core/formats/make.ts';
import type { LogChoices, WorkedLog } from '../core/log/log.ts';
import type { MinutesForecast } from '../core/log/minutes.ts';
import type { Forecast } from '../core/log/predict.ts';
import type { SolvedFacts, SolvedWeave } from '../core/patterns/types.ts';
import type { BandMeasured, Measured } from '../core/photo/measure.ts';
import type { BandExpected, Marks } from '../core/photo/types.ts';
import type { AtHand, Makeable } from '../core/plan/atHand.ts';
import type { ShelfAsk, ShelfWay } from '../core/plan/fromShelf.ts';
import type { DrillCard } from '../core/practice/types.ts';
import type { Issue } from '../core/result.ts';
import type { RingOnMandrel } from '../core/rings/sizes.ts';
import type { Swatch } from '../core/usage/swatch.ts';

/** What the page asks of the solver. */
export interface SolveRequest {
  readonly id: string;
  readonly notation: string;
  readonly squash: number;
  readonly load: number;
  readonly h: number;
  /** How many times the usual number of steps it may take. */
  readonly patience?: number;
  /** How many times the usual forces may be left over; more than 1 for what is only looked at. */
  readonly ease?: number;
  /** Half the room between two plates that hold it flat, in cord diameters. */
  readonly flatWithin?: number | undefined;
  /** Set for cords of different thickness: every length is this many times longer in the reference cord's diameters. */
  readonly scale?: number;
  /** A weave that is being drawn: one with strands that nothing holds is refused. */
  readonly mustHold?: boolean;
}

/** What the solver says: where it stands, then what came out. Plain data only. */
export type SolveMessage =
  | { readonly kind: 'progress'; readonly done: number }
  | { readonly kind: 'solved'; readonly solved: SolvedWeave }
  | { readonly kind: 'failed'; readonly issues: readonly Issue[] };

/** What the log says of weaves in the cord that is asked about, by the weave's id. */
export type LearnedBy = Readonly<
  Record<string, { readonly forecast: Forecast | undefined; readonly minutes: MinutesForecast | undefined }>
>;

export interface MakeableRequest {
  readonly hand: AtHand;
  readonly learned: LearnedBy;
  readonly ids: readonly string[];
  readonly own: readonly { readonly id: string; readonly name: string; readonly solved: SolvedFacts }[];
  readonly swatches: readonly Swatch[];
}

/** Every weave that can be made of it, by id. */
export type MakeableMessage = readonly (readonly [string, Makeable])[];

/** A weave, the cords to arrange in it, and whether the cores are arranged, too. */
export interface GalleryAsk {
  readonly solved: SolvedWeave;
  readonly colours: readonly CordColour[];
  readonly isWithCores: boolean;
}

/** What the page asks of the gallery: first to list the arrangements, then pictures of some of them, in that order. */
export type GalleryRequest =
  | ({ readonly kind: 'list' } & GalleryAsk)
  | { readonly kind: 'draw'; readonly indices: readonly number[] };

/** What there is, then the pictures that were asked for, one by one: front and back of the item of that number. */
export type GalleryMessage =
  | { readonly kind: 'found'; readonly gallery: Gallery }
  | { readonly kind: 'picture'; readonly index: number; readonly front: Scene; readonly back: Scene };

/** A ring to be pulled tight on its mandrel; `pinnedWidth` holds it open, in the unit of its cord's diameter. */
export interface RingRequest {
  readonly ring: RingOnMandrel;
  readonly pinnedWidth?: number;
  /** Once tight it is let go: drawn up further with nothing inside, until its cords lock. */
  readonly isFree?: boolean;
  readonly h: number;
}

/** A ring that was pulled tight, in cord diameters: flat x, y, z of every closed strand, and how long each is. */
export interface TightRing {
  readonly strands: readonly Float64Array[];
  readonly lengths: readonly number[];
  /** The least distance at which two cords ever were, over touching: under 0.3 one may have passed through another. */
  readonly leastEver: number;
}

export type RingMessage =
  | { readonly kind: 'progress'; readonly done: number }
  | { readonly kind: 'tight'; readonly tight: TightRing }
  | { readonly kind: 'failed'; readonly issues: readonly Issue[] };

/** Cutting problems, each of one cord and colour, by their keys. */
export interface CutRequest {
  readonly groups: readonly ({ readonly key: string } & CutJob)[];
  /** Seconds for one whole-number program. */
  readonly seconds: number;
}

export type CutMessage =
  | { readonly kind: 'progress'; readonly done: number; readonly stage: string }
  | { readonly kind: 'cut'; readonly key: string; readonly outcome: CutOutcome }
  | { readonly kind: 'done' }
  | { readonly kind: 'failed'; readonly message: string };

/** What can be made of the free cord: the weaves to look through, one by one. */
export interface ShelfRequest {
  readonly ask: ShelfAsk;
  readonly learned: LearnedBy;
  readonly ids: readonly string[];
  readonly own: MakeableRequest['own'];
  readonly swatches: readonly Swatch[];
}

/** The ways of one weave as they are found, then the end. */
export type ShelfMessage =
  | { readonly kind: 'found'; readonly id: string; readonly ways: readonly ShelfWay[] }
  | { readonly kind: 'done' };

/** A log to work through: finished pieces, swatches, what the maker said of single pieces, and the maker's own weaves. */
export interface LogRequest {
  readonly makes: readonly Make[];
  readonly swatches: readonly Swatch[];
  readonly choices: LogChoices;
  readonly own: MakeableRequest['own'];
}

export type LogMessage = WorkedLog;

/** Work to put on days, from a day on. */
export interface DaysRequest {
  readonly tasks: readonly Task[];
  readonly people: readonly Person[];
  readonly today: number;
}

/** The days, how sure each promised one is, and what helps where it is not. */
export interface DaysMessage extends Planned {
  readonly tasks: readonly Task[];
  readonly people: readonly Person[];
  readonly chances: readonly OrderChance[];
  readonly reliefs: readonly Relief[];
}

/** What is asked of the worker that holds a picture: first to open it, then to measure in it as often as the marks change. */
export type PhotoRequest =
  | { readonly kind: 'open'; readonly file: Blob }
  | {
      readonly kind: 'measure';
      readonly round: number;
      readonly marks: Marks;
      readonly isCropped: boolean;
      readonly piece: { readonly band: BandExpected } | { readonly cordMm: number };
    };

export type PhotoMessage =
  /** Size of the working picture, in pixels, and a small copy as a data URL. */
  | { readonly kind: 'open'; readonly width: number; readonly height: number; readonly small: string }
  | { readonly kind: 'band'; readonly round: number; readonly measured: BandMeasured }
  | { readonly kind: 'cord'; readonly round: number; readonly measured: Measured }
  | { readonly kind: 'failed'; readonly round: number; readonly issues: readonly Issue[] };

/** What was read of the codes in a picture. */
export type CodesMessage =
  | { readonly kind: 'codes'; readonly texts: readonly string[] }
  | { readonly kind: 'failed'; readonly issues: readonly Issue[] };

/** Files packed as one ZIP. */
export interface ZipMessage {
  readonly bytes: Uint8Array;
}

/** Every drill that can be asked. */
export type DeckMessage = readonly DrillCard[];
