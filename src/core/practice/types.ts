import type { RingShape } from '../rings/types.ts';
import type { Slip } from '../steps/slips/faults.ts';

export const DRILL_KINDS = [
  'next-side',
  'read-bump',
  'spot-slip',
  'next-half-cycle',
  'from-words',
  'name-it',
] as const;
export type DrillKind = (typeof DRILL_KINDS)[number];

/** Something to know: one drill of one weave. It is asked again sooner or later by how well it is known. */
export interface DrillCard {
  readonly id: string;
  readonly kind: DrillKind;
  /** The weave, by its id; empty for a ring. */
  readonly weave: string;
  readonly ring?: RingShape;
  /** Its name, as it is told to the maker. */
  readonly name: string;
}

export interface Choice {
  readonly value: string;
  readonly name: string;
}

/** A question with its answer. Both come of the diagram from which the picture is drawn. */
export interface Question {
  readonly card: DrillCard;
  /** Rows that are tied in the picture, where it is one of the work. */
  readonly rows?: number;
  /** A tight stretch with something wrong in one row, or as it should be; rows count from 0. */
  readonly stretch?: { readonly slip: Slip; readonly at: number };
  /** A row of the stretch that is framed, from 0; and the number of its last row. */
  readonly framed?: number;
  readonly lastRow?: number;
  /** Half cycles of a ring that are tied, and from which bight to which the next one runs. */
  readonly laid?: number;
  readonly way?: { readonly from: string; readonly to: string };
  /** What is told, move by move. */
  readonly told?: readonly string[];
  readonly choices: readonly Choice[];
  readonly answer: string;
  readonly why: string;
}
