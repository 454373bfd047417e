import type { Fitted } from '../fit/schools.ts';
import type { WeaveMetrics } from '../usage/metrics.ts';
import type { Why } from '../why/why.ts';

/** One stretch of a cord, in the order in which it is used. */
export interface CordPart {
  readonly what: 'attach' | 'core run' | 'weave' | 'tail' | 'margin' | 'rounding';
  readonly lengthMm: number;
  readonly why: Why;
  /** Which strand of the weave this stretch is, if it is woven or runs inside. */
  readonly strand?: string;
  readonly lane?: number;
  /** Where it ends up along the band, measured from the first bar. */
  readonly fromMm?: number;
  readonly toMm?: number;
}

export interface CordCut {
  readonly letter: string;
  readonly name: string;
  readonly role: string;
  readonly colour: string;
  /** Index into the design's cords. */
  readonly cord: number;
  readonly cutLengthMm: number;
  /** What stays in the finished piece. */
  readonly usedLengthMm: number;
  /** Least and most that it may really take, tails included: the weave may use less or more than worked out. */
  readonly neededMm: readonly [number, number];
  readonly parts: readonly CordPart[];
  readonly why: Why;
  /** Where along the cord a mark is made, from its first end: its fold or its join. */
  readonly marks: readonly { readonly what: 'fold' | 'join'; readonly atMm: number; readonly why: Why }[];
}

export interface Check {
  readonly id: string;
  readonly ok: boolean;
  readonly message: Why;
  readonly value?: Why;
}

export interface Figure {
  readonly label: string;
  readonly value: number;
  readonly unit: 'mm' | 'g' | 'rows';
  readonly why: Why;
}

export type FigureId =
  | 'finished'
  | 'woven'
  | 'rows'
  | 'rowHeight'
  | 'width'
  | 'thickness'
  | 'innerGirth'
  | 'slack'
  | 'hardware'
  | 'jig'
  | 'weight'
  | 'total'
  | 'ruleOfThumb';

/** A mark on the band, from the first bar. */
export interface BandMark {
  readonly atMm: number;
  readonly label: string;
}

export interface Plan {
  readonly finishedLengthMm: number;
  readonly wovenLengthMm: number;
  readonly rows: number;
  readonly metrics: WeaveMetrics;
  readonly figures: Readonly<Record<FigureId, Figure>>;
  readonly schools: readonly Fitted[];
  readonly cords: readonly CordCut[];
  readonly checks: readonly Check[];
  readonly cautions: readonly string[];
  readonly marks: readonly BandMark[];
  /** Bar to weave at the hitched end. */
  readonly standoffMm: number;
}
