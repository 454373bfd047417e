import solved from './library.gen.json' with { type: 'json' };
import { PATTERN_SOURCES } from './sources.ts';
import type { Pattern, SolvedWeave } from './types.ts';

export const PATTERNS = PATTERN_SOURCES;

const TABLE = new Map((solved as unknown as readonly SolvedWeave[]).map((row) => [row.id, row]));

export const findPattern = (id: string): Pattern | undefined => PATTERNS.find((p) => p.id === id);

/** The tight geometry of a library pattern, looked up. */
export const solvedPattern = (id: string): SolvedWeave | undefined => TABLE.get(id);
