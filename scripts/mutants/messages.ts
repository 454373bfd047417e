/** Tests of one file to be run with a mutant on: collected again under it, or called as they were collected. */
export interface Item {
  readonly file: string;
  readonly again: boolean;
  /** Places in the file’s list of tests; all of them where nothing is said. */
  readonly tests?: readonly number[] | undefined;
}

export type Order =
  | { readonly kind: 'learn'; readonly file: string }
  | { readonly kind: 'try'; readonly mutant: number; readonly items: readonly Item[] };

/** What the tests of a file meet: while it and the core are first loaded, while it is collected, and test by test. */
export interface Learnt {
  readonly file: string;
  readonly loading: readonly number[];
  readonly collecting: readonly number[];
  readonly tests: readonly { readonly name: string; readonly ms: number; readonly met: readonly number[] }[];
  readonly failed?: string;
}

export interface Tried {
  /** The test that fails with the mutant; nothing where all pass. */
  readonly by: string | undefined;
  /** That test fails without it now, too: something was kept, and this process is of no more use. */
  readonly isSpoilt: boolean;
}
