import { TAB } from './tab.ts';

/**
 * What is on its way into the store, written once more where a crashing tab cannot lose it: localStorage takes it
 * before the next line runs. One entry for each design; it goes as soon as the store has everything.
 */
export interface JournalEntry {
  /** Revision that the writer had seen when it wrote this. */
  readonly revision: number;
  readonly design: unknown;
  /** Who wrote it and when (milliseconds since 1970); missing in entries of older versions. */
  readonly tab?: string;
  readonly at?: number;
}

const PREFIX = 'warp-beam-unsaved:';

export function writeJournal(id: string, revision: number, design: unknown, at: number): void {
  try {
    localStorage.setItem(
      PREFIX + id,
      JSON.stringify({ revision, design, tab: TAB, at } satisfies JournalEntry),
    );
  } catch {
    // No room or not allowed: the store itself still reports whether it could save.
  }
}

export function readJournal(id: string): JournalEntry | undefined {
  try {
    const entry = JSON.parse(localStorage.getItem(PREFIX + id) ?? 'null') as JournalEntry | null;
    return typeof entry?.revision === 'number' ? entry : undefined;
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
