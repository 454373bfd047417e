import table from './library.gen.json' with { type: 'json' };
import { PATTERN_SOURCES } from './sources.ts';
import type { Pattern, SolvedFacts, SolvedWeave } from './types.ts';

export const PATTERNS = PATTERN_SOURCES;

const FACTS = new Map((table as unknown as readonly SolvedFacts[]).map((row) => [row.id, row]));

/** Patterns that make a band, as against knots. */
export const WEAVES: readonly Pattern[] = PATTERNS.filter((p) => FACTS.get(p.id)?.kind === 'weave');

export const findPattern = (id: string): Pattern | undefined => PATTERNS.find((p) => p.id === id);

/** What is known of a library pattern once tight, looked up. */
export const solvedFacts = (id: string): SolvedFacts | undefined => FACTS.get(id);

/** The centre lines of a library pattern: one file each, fetched when it is drawn. */
export async function loadWeave(id: string): Promise<SolvedWeave | undefined> {
  const facts = FACTS.get(id);
  if (!facts) return undefined;
  const file = (await import(`./solved/${id}.gen.json`)) as {
    default: { points: number[][]; flat: number[][] };
  };
  return { ...facts, ...file.default };
}
