import type { WeaveSpec } from '../weave/types.ts';
import type { Pattern } from './types.ts';

/** Straight strands side by side, touching: nothing is tied, so the engine has nothing to do. */
const straight = (id: string, count: number): WeaveSpec => ({
  kind: 'weave',
  id,
  period: 2,
  rows: 2,
  strands: Array.from({ length: count }, (_, i) => ({
    name: `S${i + 1}`,
    role: 'work' as const,
    periods: 1,
    radius: 0.5,
    weight: 1,
    path: [[i - (count - 1) / 2, 0] as const],
    word: '',
    line: i + 2,
  })),
});

export const plainBands: readonly Pattern[] = [
  { id: 'plain-band', name: 'Plain band', count: 1 },
  { id: 'plain-band-2', name: 'Doubled plain band', count: 2 },
].map(({ id, name, count }) => ({
  id,
  family: 'Plain band',
  shows: ['plain'],
  name,
  words: 'The cord as it is; it carries sliding knots or a focal knot.',
  draw: () => straight(id, count),
  isStraight: true,
  squash: 1,
  load: 0,
  difficulty: 1,
  starts: 'One cord, or a cord folded at its middle.',
  edges: '',
  next: '',
  mistakes: [],
  facts: { crossings: 0 },
}));
