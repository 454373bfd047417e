import type { SolvedFacts } from '../patterns/types.ts';

/** One passage of a strand abreast: what a cord can be. */
export interface WeaveLane {
  /** Strand and lane, as a design names it. */
  readonly key: string;
  readonly strand: string;
  readonly lane: number;
  readonly isCore: boolean;
}

export const laneKey = (strand: string, lane: number): string => `${strand}/${lane}`;

/** Every passage abreast, strand by strand; a strand that closes after k periods passes k times. */
export const lanesOfWeave = (facts: Pick<SolvedFacts, 'strands'>): WeaveLane[] =>
  facts.strands.flatMap((s) =>
    Array.from({ length: s.periods }, (_, lane) => ({
      key: laneKey(s.name, lane),
      strand: s.name,
      lane,
      isCore: s.role === 'core',
    })),
  );
