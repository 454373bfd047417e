import type { SolvedFacts } from '../patterns/types.ts';
import { gcd } from '../rings/types.ts';

/**
 * Repeats of a weave after which its colours are the same again. A strand of p passages abreast moves on by one each repeat and
 * is back after p; with fewer colours than passages it may look so earlier.
 */
export function colourRepeats(
  { strands }: Pick<SolvedFacts, 'strands'>,
  colourOf: (lane: number, strand: number) => string | number,
): number {
  const all = strands.reduce((m, s) => (m * s.periods) / gcd(m, s.periods), 1);
  for (let m = 1; m < all; m++) {
    if (all % m !== 0) continue;
    const isSame = strands.every((s, k) =>
      Array.from({ length: s.periods }, (_, lane) => lane).every(
        (lane) => colourOf(lane, k) === colourOf((lane + m) % s.periods, k),
      ),
    );
    if (isSame) return m;
  }
  return all;
}
