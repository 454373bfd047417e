const wordsOf = (text: string) => text.toLowerCase().split(/[^\p{L}\p{N}]+/u);

/** Every word that was typed begins some word of its name or of what else it is found by. */
export function finds(thing: { readonly name: string; readonly also?: string }, query: string): boolean {
  const words = wordsOf(`${thing.name} ${thing.also ?? ''}`);
  return query
    .toLowerCase()
    .split(/\s+/)
    .every((q) => words.some((w) => w.startsWith(q)));
}

/** What is found by its name comes before what is found by other words; otherwise the order stays. */
export function nameFirst<T extends { readonly name: string }>(found: readonly T[], query: string): T[] {
  const byName = (thing: T) => (finds({ name: thing.name }, query) ? 0 : 1);
  return query.trim() === '' ? [...found] : found.toSorted((a, b) => byName(a) - byName(b));
}
