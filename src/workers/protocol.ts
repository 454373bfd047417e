import type { SolvedWeave } from '../core/patterns/types.ts';
import type { Issue } from '../core/result.ts';

/** What the page asks of the solver. */
export interface SolveRequest {
  readonly id: string;
  readonly notation: string;
  readonly squash: number;
  readonly load: number;
  readonly h: number;
}

/** What the solver says: where it stands, then what came out. Plain data only. */
export type SolveMessage =
  | { readonly kind: 'progress'; readonly done: number }
  | { readonly kind: 'solved'; readonly solved: SolvedWeave }
  | { readonly kind: 'failed'; readonly issues: readonly Issue[] };
