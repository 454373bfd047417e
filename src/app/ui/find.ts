/** Every word that was typed begins some word of its name or of what else it is found by. */
export function finds(thing: { readonly name: string; readonly also?: string }, query: string): boolean {
  const words = `${thing.name} ${thing.also ?? ''}`.toLowerCase().split(/[^\p{L}\p{N}]+/u);
  return query
    .toLowerCase()
    .split(/\s+/)
    .every((q) => words.some((w) => w.startsWith(q)));
}
