import { TAB } from './tab.ts';

/**
 * What is on its way into the store, written once more where a crashing tab cannot lose it: localStorage takes it
 * before the next line runs. One entry for each document; it goes as soon as the store has everything.
 */
interface JournalEntry {
  /** Revision that the writer had seen when it wrote this. */
  readonly revision: number;
  readonly document: unknown;
  /** Who wrote it and when (milliseconds since 1970); missing in entries of older versions. */
  readonly tab?: string;
  readonly at?: number;
}

/** Older versions kept designs only, under that name. */
type Stored = JournalEntry & { readonly design?: unknown };

const PREFIX = 'warp-beam-unsaved:';

export function writeJournal(id: string, revision: number, document: unknown, at: number): void {
  try {
    localStorage.setItem(
      PREFIX + id,
      JSON.stringify({ revision, document, tab: TAB, at } satisfies JournalEntry),
    );
  } catch {
    // No room or not allowed: the store itself still reports whether it could save.
  }
}

export function readJournal(id: string): JournalEntry | undefined {
  try {
    const entry = JSON.parse(localStorage.getItem(PREFIX + id) ?? 'null') as Stored | null;
    if (typeof entry?.revision !== 'number') return undefined;
    const { design, document = design, ...rest } = entry;
    return { ...rest, document };
  } catch {
    return undefined;
  }
}

export function clearJournal(id: string): void {
  try {
    localStorage.removeItem(PREFIX + id);
  } catch {
    // Nothing was written then, either.
  }
}
