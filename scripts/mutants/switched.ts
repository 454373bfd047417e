import type { Mutant } from './mutate.ts';

export type Numbered = Mutant & { readonly index: number };

interface Place {
  readonly from: number;
  readonly to: number;
  readonly isKey: boolean;
  readonly mutants: Numbered[];
}

/**
 * The source with all of its mutants in it, each behind a switch: `(__m(3) ? a - b : a + b)`, where `__m(index)` notes that the mutant
 * was met and tells whether it is on. One is on at a time, so that what is inside a mutated expression stays as it was.
 */
export function switched(source: string, mutants: readonly Numbered[]): string {
  const places: Place[] = [];
  for (const mutant of mutants) {
    const { from, to, isKey } = mutant.of;
    const place = places.find((p) => p.from === from && p.to === to);
    if (place) place.mutants.push(mutant);
    else places.push({ from, to, isKey, mutants: [mutant] });
  }
  // Outer ones first: expressions lie beside each other or inside each other.
  places.sort((a, b) => a.from - b.from || b.to - a.to);
  const write = (from: number, to: number, inside: readonly Place[]): string => {
    let out = '';
    let at = from;
    for (let i = 0; i < inside.length; ) {
      const place = inside[i]!;
      const deeper = inside.slice(i + 1).filter((p) => p.from < place.to);
      const plain = write(place.from, place.to, deeper);
      const ways = place.mutants.map(
        (m) =>
          `__m(${m.index}) ? (${source.slice(place.from, m.from)}${m.becomes}${source.slice(m.to, place.to)}) : `,
      );
      const both = `${ways.join('')}${plain}`;
      out += source.slice(at, place.from) + (place.isKey ? `[${both}]` : `(${both})`);
      at = place.to;
      i += 1 + deeper.length;
    }
    return out + source.slice(at, to);
  };
  return write(0, source.length, places);
}
