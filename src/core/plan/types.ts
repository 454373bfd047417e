import type { Adjust, BandEnd } from '../closures/types.ts';
import type { CordColour } from '../colour/palette.ts';
import type { ColourStretch } from '../colour/sequence.ts';
import type { Measured } from '../fit/measures.ts';
import type { Fitted } from '../fit/schools.ts';
import type { Design } from '../formats/design.gen.ts';
import type { MixedRequest } from '../patterns/mixed.ts';
import type { WeaveMetrics } from '../usage/metrics.ts';
import type { Why } from '../why/why.ts';
import type { AddonPlace } from './addons.ts';
import type { Check, Figure, FigureId } from './check.ts';

/** One stretch of a cord, in the order in which it is used. */
export interface CordPart {
  readonly what: 'attach' | 'core run' | 'weave' | 'closure' | 'tail' | 'margin' | 'rounding';
  readonly lengthMm: number;
  readonly why: Why;
  /** Which strand of the weave this stretch is, if it is woven or runs inside. */
  readonly strand?: string;
  readonly lane?: number;
  /** Where it ends up along its band, measured from that band's first bar. */
  readonly fromMm?: number;
  readonly toMm?: number;
  /** What is marked on the cord at this stretch's first or last end. */
  readonly mark?: { readonly label: string; readonly at: 'first' | 'last' };
}

export interface CordMark {
  readonly what: string;
  readonly atMm: number;
  readonly why: Why;
}

/** What is uncertain of one end of a cord. */
export interface CordEnd {
  /** Cord that the weave takes of it, in mm; 0 where nothing is woven. */
  readonly wovenMm: number;
  /** Variance of the logarithm of that, and the share of it that all ends have in common. */
  readonly variance: number;
  readonly loading: number;
  /** What it is longer than its own margin, because the other half from the fold needs more, in standard deviations. */
  readonly surplus: number;
}

export interface CordCut {
  readonly letter: string;
  readonly name: string;
  readonly role: string;
  readonly colour: string;
  readonly look: CordColour;
  /** Index into the design's cords. */
  readonly cord: number;
  /** Id of the cord type that it is cut from. */
  readonly cordType: string;
  /** Which of the plan's bands it is for. */
  readonly band: number;
  /** Set for a cord that the closure needs beside the weave's. */
  readonly isExtra?: boolean;
  /** Place on the first bar from left to right, where several are hitched side by side. */
  readonly place?: number;
  readonly cutLengthMm: number;
  /** What stays in the finished piece. */
  readonly usedLengthMm: number;
  /** Between these it really needs, in nineteen of twenty pieces, hand lengths included. */
  readonly neededMm: readonly [number, number];
  /** One for each way from its fold, or for the whole cord: what may be off, and by how much. */
  readonly ends: readonly CordEnd[];
  readonly parts: readonly CordPart[];
  readonly why: Why;
  /** Where along the cord a mark is made, from its first end: its fold, its join, where a stopper starts. */
  readonly marks: readonly CordMark[];
}

/** A mark on a band, from its first bar. */
export interface BandMark {
  readonly atMm: number;
  readonly toMm?: number;
  readonly label: string;
  /** What it is there for, where that is more than to be seen. */
  readonly what?: 'stop' | 'try-on' | 'change' | 'on-band';
}

/** A woven piece: the whole product, or one half of a strap. Places run from its first bar: weave from `startMm`. */
export interface Band {
  readonly name: string;
  readonly wovenMm: number;
  readonly rows: number;
  /** Bar to weave at the hitched end. */
  readonly startMm: number;
  readonly start: BandEnd;
  readonly end: BandEnd;
  readonly marks: readonly BandMark[];
  readonly addons: readonly AddonPlace[];
  /** Where its first row is tied: rows grow from the second bar back when cores turn into working ends there. */
  readonly firstRow: 'start' | 'end';
}

/** How the piece closes, opens and hangs. Girths are inner ones. */
export interface Closed {
  readonly id: string;
  readonly closedMm: number;
  /** Missing where it opens flat. */
  readonly openMm?: number;
  /** Distance between the ends of the weave when closed (of a strap: what is not woven, the case aside). */
  readonly gapMm: number;
  readonly danglesMm: number;
  readonly dangles?: string;
  readonly minutes: number;
  readonly difficulty: number;
  /** How the closed girth can be changed without retying. */
  readonly adjust?: Adjust;
}

export interface Plan {
  /** How it is set up: as the design says, or what goes instead where that does not. */
  readonly style: Design['setup']['style'];
  readonly finishedLengthMm: number;
  /** Over all bands. */
  readonly wovenLengthMm: number;
  readonly rows: number;
  readonly metrics: WeaveMetrics;
  readonly figures: Readonly<Record<FigureId, Figure>>;
  /** Figures that only some closures, products or set-ups have, in the order in which they are read. */
  readonly more: readonly Figure[];
  readonly schools: readonly Fitted[];
  readonly cords: readonly CordCut[];
  readonly checks: readonly Check[];
  readonly cautions: readonly string[];
  readonly bands: readonly Band[];
  readonly closed: Closed;
  /** Flat length of a watch case between the bands; 0 without one. */
  readonly caseMm: number;
  readonly measures: Readonly<Record<string, Measured>>;
  /** Chance that no end runs short: what was asked for. */
  readonly chance: number;
  /** What the hands hold of an end at its last row: as planned, and with a fid or needle, in mm. */
  readonly hands: { readonly plannedMm: number; readonly toolMm: number };
  readonly sequence?: SequencePlan;
  /** Set where cords differ in thickness: what the weave is pulled tight from. Until that is known, the numbers are for one thickness. */
  readonly mixed?: { readonly request: MixedRequest; readonly isKnown: boolean };
}

/** A splice in a band, from its first bar; `cordMm` is what its strand has used since the first row. */
export interface SplicePlace {
  readonly atMm: number;
  readonly row: number;
  readonly strand: string;
  readonly cordMm: number;
}

/** How colours are changed along a band: cords change places, one is carried inside, or pieces are fused. */
export type Way = 'swap' | 'carry' | 'splice';

/** How the colours change along the band, and the ways that were weighed. */
export interface SequencePlan {
  readonly stretches: readonly ColourStretch[];
  /** Rows that the text leaves over; negative when it is longer than the band. */
  readonly overRows: number;
  readonly way: Way;
  readonly ways: readonly {
    readonly way: Way;
    readonly ok: boolean;
    readonly cordMm?: number;
    readonly words: Why;
  }[];
  readonly splices: readonly SplicePlace[];
}
