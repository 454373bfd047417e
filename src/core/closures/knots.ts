import { findPattern, solvedFacts } from '../patterns/index.ts';
import { len, num, type Why, why } from '../why/why.ts';

/** A knot of the library in a given cord. Lengths in mm. */
export interface KnotSize {
  readonly id: string;
  readonly name: string;
  readonly bodyMm: number;
  readonly girthMm: number;
  readonly widthMm: number;
  /** Cords that are tied, and cords that only pass through. */
  readonly tied: number;
  readonly passing: number;
  /** Cord that one tied strand uses from one side of the knot to the other. */
  readonly cordMm: number;
  readonly cordWhy: Why;
}

/** Looked up in the rope engine's table and scaled by the cord's effective diameter. Throws for a knot not in it. */
export function knotSize(id: string, d: number): KnotSize {
  const facts = solvedFacts(id);
  if (facts?.kind !== 'open' || facts.girthD === undefined) throw new Error(`no such knot: ${id}`);
  const works = facts.strands.filter((s) => s.role !== 'core');
  const extraD = works.reduce((sum, s) => sum + s.lengthD - (s.spanD ?? 0), 0) / works.length;
  const name = findPattern(id)!.name;
  return {
    id,
    name,
    bodyMm: facts.bodyD * d,
    girthMm: facts.girthD * d,
    widthMm: facts.widthD * d,
    tied: works.length,
    passing: facts.strands.length - works.length,
    cordMm: (extraD + facts.bodyD) * d,
    cordWhy: why`${name.toLowerCase()}, as the rope engine pulls it tight: ${num(extraD + facts.bodyD, 1)} diameters of ${len(d)}`,
  };
}

/** What a maker calls a knot of the library, as it stands in a sentence. */
export const knotName = (id: string): string =>
  findPattern(id)
    ?.name.toLowerCase()
    .replace(/, (\d+ wraps?)$/, ' of $1') ?? id;
