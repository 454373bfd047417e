/** A linear program: minimise cost·x with x ≥ 0, row by row. */
export interface LinearProgram {
  readonly costs: readonly number[];
  readonly rows: readonly { readonly sense: '>=' | '<=' | '='; readonly rhs: number }[];
  /** For each column the rows that it is in, and by how much. */
  readonly columns: readonly (readonly (readonly [row: number, value: number])[])[];
  readonly isInteger: boolean;
}

export interface LinearSolution {
  readonly value: number;
  readonly x: readonly number[];
  /** One for each row; none for whole-number programs. */
  readonly duals: readonly number[];
}

/** Solves linear and whole-number programs; a well-kept package does the work (see workers/inside/highs.ts). */
export interface Solver {
  /** Nothing where there is no solution, or none was found in time. */
  readonly solve: (program: LinearProgram, seconds: number) => LinearSolution | undefined;
}
