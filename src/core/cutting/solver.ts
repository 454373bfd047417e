/** Columns of a program: what each costs, and the rows that it is in, by how much. */
export interface Columns {
  readonly costs: readonly number[];
  readonly columns: readonly (readonly (readonly [row: number, value: number])[])[];
}

/** A linear program: minimise cost·x with x ≥ 0, row by row. */
export interface LinearProgram extends Columns {
  readonly rows: readonly { readonly sense: '>=' | '<=' | '='; readonly rhs: number }[];
  readonly isInteger: boolean;
}

export interface LinearSolution {
  readonly value: number;
  readonly x: readonly number[];
  /** One for each row; none for whole-number programs. */
  readonly duals: readonly number[];
}

/** A relaxed program that grows: its columns are added to, and it is solved again from where it stood. */
export interface LiveProgram {
  readonly add: (more: Columns) => void;
  readonly solve: () => LinearSolution | undefined;
  readonly close: () => void;
}

/** Solves linear and whole-number programs; a well-kept package does the work (see workers/inside/highs.ts). */
export interface Solver {
  readonly open: (program: LinearProgram) => LiveProgram;
  /** Nothing where there is no solution, or none was found in time. */
  readonly solve: (program: LinearProgram, seconds: number) => LinearSolution | undefined;
  /** Whether the last program without a solution has none at all, rather than none that was found in time. */
  readonly isExhausted: () => boolean;
}
