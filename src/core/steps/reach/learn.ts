/** What the maker measured: at so many rows, so much was left of an end, from the last row to its tip. */
export interface LeftMeasured {
  readonly rows: number;
  /** Index into the working ends of the band. */
  readonly end: number;
  readonly leftMm: number;
}

export interface WovenMeasured {
  readonly rows: number;
  readonly wovenMm: number;
}

/** The last measuring of an end. */
export const lastOf = (left: readonly LeftMeasured[], end: number): LeftMeasured | undefined =>
  left
    .filter((l) => l.end === end)
    .toSorted((a, b) => a.rows - b.rows)
    .at(-1);
