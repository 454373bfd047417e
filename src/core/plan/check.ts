import type { Design } from '../formats/design.gen.ts';
import type { Why } from '../why/why.ts';

/** Top-level parts of a design that replace those that are there; `undefined` inside takes an option away. */
export type DesignPatch = Partial<Omit<Design, 'format' | 'version'>>;

export interface Check {
  readonly id: string;
  readonly ok: boolean;
  readonly message: Why;
  readonly value?: Why;
  /** Worth knowing, and nothing to put right. */
  readonly isNote?: boolean;
  /** What would put it right, in one step. */
  readonly fix?: Fix;
}

export interface Fix {
  readonly label: Why;
  readonly patch: DesignPatch;
}

export interface Figure {
  readonly label: string;
  readonly value: number;
  readonly unit: 'mm' | 'g' | 'rows' | 'min';
  /** Set where less than nothing means something: too tight, or the ends of the band overlap. */
  readonly isSigned?: boolean;
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
  | 'minutes'
  | 'ruleOfThumb';
