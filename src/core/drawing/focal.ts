import type { AddonPlace } from '../plan/addons.ts';
import { knotTubes, moveTube } from './knots.ts';
import type { Pictures } from './pictures.ts';
import { smoothTube, type Tube } from './tubes.ts';

/** Leads of a focal knot are shown for so long beyond its body, and run on into the band over so much more, in diameters. */
const LEAD = 1;
const BLEND = 2.5;

/** The strands of a plain band with its focal knots tied in: each strand is cut where a knot is, and runs on into it. */
export function withFocalKnots(
  tubes: readonly Tube[],
  knots: readonly AddonPlace[],
  pictures: Pictures,
  diameterMm: number,
): Tube[] {
  return knots.reduce<Tube[]>(
    (band, place) => {
      const solved = place.knot && pictures.knots.get(place.knot.id);
      if (!solved) return band;
      const half = place.sizeMm / 2 + (LEAD + BLEND) * diameterMm;
      const works = knotTubes(solved, diameterMm, LEAD)
        .filter((t) => t.role !== 'core')
        .map((t) => moveTube(t, place.atMm));
      // Which lane is cut here, in order: the n-th of them is tied as the knot's n-th strand.
      let next = 0;
      return band.flatMap((tube) => {
        const [from, to] = [place.atMm - half, place.atMm + half];
        if (endY(tube, 'first') > from || endY(tube, 'last') < to) return [tube];
        const knot = works[next++];
        if (!knot) return [tube];
        const like = { ...tube, flat: undefined };
        const [before, behind] = [cut(tube, (y) => y <= from), cut(tube, (y) => y >= to)];
        const isUpwards = endY(knot, 'first') < endY(knot, 'last');
        const [low, high] = isUpwards ? (['first', 'last'] as const) : (['last', 'first'] as const);
        return [
          before,
          joined(before, 'last', knot, low, like),
          { ...knot, cord: tube.cord, strand: tube.strand, lane: tube.lane, role: tube.role },
          joined(knot, high, behind, 'first', like),
          behind,
        ];
      });
    },
    [...tubes],
  );
}

type End = 'first' | 'last';

const at = (tube: Tube, end: End): number => (end === 'first' ? 0 : tube.points.length - 3);
const endY = (tube: Tube, end: End): number => tube.points[at(tube, end) + 1]!;
const ending = (tube: Tube, end: End): readonly [number, number, number] => {
  const i = at(tube, end);
  return [tube.points[i]!, tube.points[i + 1]!, tube.points[i + 2]!];
};

/** The way from the end of one tube to the end of another, in the direction in which both run there. */
function joined(from: Tube, a: End, to: Tube, b: End, like: Omit<Tube, 'points' | 'flat'>): Tube {
  const inner = (tube: Tube, end: End) => {
    const n = tube.points.length / 3;
    const k = Math.min(n - 1, 3);
    const i = 3 * (end === 'first' ? k : n - 1 - k);
    return [tube.points[i]!, tube.points[i + 1]!, tube.points[i + 2]!] as const;
  };
  return smoothTube([inner(from, a), ending(from, a), ending(to, b), inner(to, b)], like);
}

/** The part of a tube whose points lie where they should; round, as plain cord is. */
function cut({ flat: _flat, ...tube }: Tube, isKept: (y: number) => boolean): Tube {
  const points: number[] = [];
  for (let i = 0; i < tube.points.length; i += 3)
    if (isKept(tube.points[i + 1]!)) points.push(...tube.points.slice(i, i + 3));
  return { ...tube, points: Float64Array.from(points) };
}
