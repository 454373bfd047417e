/**
 * What is on its way into the store, written where a dying tab cannot lose it: localStorage takes it at once, the
 * store a moment later. One entry a design; it goes as soon as the store has everything.
 */
export interface JournalEntry {
  /** Revision that the writer had seen when it wrote this. */
  readonly revision: number;
  readonly design: unknown;
}

const key = (id: string) => `warp-beam-unsaved:${id}`;

export function writeJournal(id: string, entry: JournalEntry): void {
  try {
    localStorage.setItem(key(id), JSON.stringify(entry));
  } catch {
    // No room or not allowed: the store itself still reports whether it could save.
  }
}

export function readJournal(id: string): JournalEntry | undefined {
  try {
    const entry = JSON.parse(localStorage.getItem(key(id)) ?? 'null') as JournalEntry | null;
    return typeof entry?.revision === 'number' ? entry : undefined;
  } catch {
    return undefined;
  }
}

export function clearJournal(id: string): void {
  try {
    localStorage.removeItem(key(id));
  } catch {
    // Nothing was written then, either.
  }
}
