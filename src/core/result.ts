/** What a reader of user input gets back: a value, or issues that say where and why. Input never throws. */
export interface Issue {
  /** Stable machine name, e.g. `length.unit`. */
  readonly code: string;
  /** JSON-pointer-like place in a document, e.g. `/wearer/girthMm`; empty for plain text. */
  readonly path: string;
  /** Half-open range of characters in the text that was read, where there is a text. */
  readonly span?: readonly [number, number];
  /** Plain words for the maker. */
  readonly message: string;
}

export type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly issues: readonly Issue[] };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

export const fail = (...issues: Issue[]): { readonly ok: false; readonly issues: readonly Issue[] } => ({
  ok: false,
  issues,
});
