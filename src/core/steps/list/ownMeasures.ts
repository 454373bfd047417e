import type { OwnMeasures } from '../types.ts';

const NAMES: readonly (readonly [keyof OwnMeasures, string, string])[] = [
  ['armSpanMm', 'arm span', 'arm spans'],
  ['elbowMm', 'elbow to fingertip', 'elbows to fingertip'],
  ['handSpanMm', 'hand span', 'hand spans'],
  ['thumbMm', 'thumb', 'thumbs'],
];

/** What each of the maker's own measures may be, in mm. */
export const OWN_RANGE: Readonly<Record<keyof OwnMeasures, readonly [number, number]>> = {
  armSpanMm: [900, 2400],
  elbowMm: [250, 650],
  handSpanMm: [100, 300],
  thumbMm: [10, 40],
};

export const OWN_NAMES: Readonly<Record<keyof OwnMeasures, string>> = {
  armSpanMm: 'Arm span, fingertip to fingertip',
  elbowMm: 'Elbow to fingertip',
  handSpanMm: 'Hand span, thumb to little finger',
  thumbMm: 'Width of a thumb',
};

interface InOwn {
  readonly text: string;
  /** What it really comes to: never less than was asked for. */
  readonly mm: number;
}

/**
 * A length in the maker's own measures, the largest first, the smallest rounded up so that it is never short. Without
 * any measure there is nothing to say.
 */
export function inOwnMeasures(mm: number, own: OwnMeasures): InOwn | undefined {
  const known = NAMES.flatMap(([key, one, many]) => {
    const size = own[key];
    return size !== undefined && size > 0 ? [{ size, one, many }] : [];
  }).sort((a, b) => b.size - a.size);
  if (known.length === 0 || !(mm > 0)) return undefined;
  const counts = known.map(() => 0);
  let left = mm;
  for (const [i, { size }] of known.entries()) {
    counts[i] = i === known.length - 1 ? Math.ceil(left / size - 1e-9) : Math.floor(left / size + 1e-9);
    left -= counts[i]! * size;
  }
  // So many of the smallest that they make up the next: say the next.
  for (let i = known.length - 1; i > 0; i--) {
    if (counts[i]! * known[i]!.size >= known[i - 1]!.size) {
      counts[i] = 0;
      counts[i - 1]! += 1;
    }
  }
  const parts = known.flatMap(({ one, many }, i) =>
    counts[i]! > 0 ? [`${counts[i]} ${counts[i] === 1 ? one : many}`] : [],
  );
  return { text: parts.join(' + '), mm: counts.reduce((sum, n, i) => sum + n * known[i]!.size, 0) };
}
