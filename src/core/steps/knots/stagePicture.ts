import type { CordColour } from '../../colour/palette.ts';
import { paintTubes } from '../../drawing/paint.ts';
import type { Scene } from '../../drawing/shape.ts';
import { smoothTube, type Tube } from '../../drawing/tubes.ts';
import { heightAt, heights } from '../../weave/build.ts';
import { outline } from '../../weave/crossings.ts';
import type { Point } from '../../weave/types.ts';
import { arrow, MAT, quiet } from '../rows/moving.ts';
import type { KnotTying } from './stages.ts';

interface Ask {
  readonly tying: KnotTying;
  /** How many stages are done; a fraction is the way that the next ends have gone. */
  readonly done: number;
  /** The look of every strand. */
  readonly looks: readonly CordColour[];
  readonly diameterMm: number;
}

/** So much is shown beyond the outermost crossings, in diameters: leads run on out of the picture. */
const BESIDE = 3;

/**
 * A knot while it is tied, laid loosely in the plane: what has been led so far, over and under as the diagram says, the
 * stretch that is led now in full colour. The frame is the same for every stage.
 */
export function stagePicture({ tying, done, looks, diameterMm: d }: Ask): Scene {
  const { spec, stages } = tying;
  const now = stages[Math.ceil(done) - 1];
  const tips: Point[][] = [];
  const tubes = spec.strands.flatMap((s, i): Tube[] => {
    const isInside = tying.inside.includes(i);
    const upTo = isInside ? Number.POSITIVE_INFINITY : reached(tying, i, done);
    const isMoving = now?.strands.includes(i) ?? false;
    const since = isMoving ? Math.max(0, now!.from) : upTo;
    const like = { radiusMm: s.radius * d, strand: s.name, role: s.role, lane: 0, arcMm: 0 };
    const tube = (points: readonly Point[], cord: number): Tube[] =>
      points.length < 2
        ? []
        : [
            smoothTube(
              points.map(([x, y, z]) => [-y * d, x * d, z * d] as const),
              { ...like, cord },
              6,
            ),
          ];
    // Upright: x to the right and y upwards on the screen.
    const led = isMoving ? wayBetween(tying, i, since, upTo) : [];
    if (led.length > 1) tips.push(led);
    return [...tube(wayBetween(tying, i, 0, since), i + looks.length), ...tube(led, i)];
  });
  const { shapes } = paintTubes(tubes, [...looks, ...looks.map((look) => quiet(look, MAT))], 'front');
  const { minX, maxX, minY, maxY } = frameOf(tying);
  const isUnderWay = done < stages.length;
  return {
    minX: minX * d,
    minY: -maxY * d,
    widthMm: (maxX - minX) * d,
    heightMm: (maxY - minY) * d,
    shapes: [
      ...shapes,
      ...(isUnderWay
        ? tips.map((tip) =>
            arrow(
              tip.map(([x, y, z]) => [x, -y, z] as const),
              d,
            ),
          )
        : []),
    ],
  };
}

/** Round all crossings, with room beside them, but no more than there is cord. */
function frameOf({ spec, crossings }: KnotTying) {
  const all = spec.strands.flatMap((s) => outline(s, spec));
  const bends = spec.strands.flatMap((s) => (s.role === 'core' ? [] : s.path.slice(1, -1)));
  const along = (axis: 0 | 1) => {
    const at = crossings.map((c) => (axis === 0 ? c.x : c.y));
    const cord = all.map((p) => p[axis]);
    // Bends beyond the outermost crossings are part of the knot; leads that run straight out are not.
    const [least, most] = [Math.min(...at) - BESIDE, Math.max(...at) + BESIDE];
    const out = bends.map((p) => p[axis]);
    return [
      Math.max(Math.min(...cord) - 1, Math.min(least, Math.min(...out) - 1)),
      Math.min(Math.max(...cord) + 1, Math.max(most, Math.max(...out) + 1)),
    ] as const;
  };
  const [[minX, maxX], [minY, maxY]] = [along(0), along(1)];
  return { minX, maxX, minY, maxY };
}

/** How far along its way a strand has been led, as way-point plus fraction; before its turn only its standing part is there. */
function reached({ stages }: KnotTying, strand: number, done: number): number {
  let at = -1;
  for (const [i, stage] of stages.entries()) {
    if (!stage.strands.includes(strand)) continue;
    const share = Math.max(0, Math.min(1, done - i));
    if (share === 0) break;
    const from = Math.max(0, stage.from);
    at = from + (stage.to - from) * share;
  }
  return at;
}

/** A strand's way in space between two places on it. */
function wayBetween({ spec, crossings }: KnotTying, strand: number, from: number, upTo: number): Point[] {
  const path = outline(spec.strands[strand]!, spec);
  const edges = path.length - 1;
  const end = Math.min(edges, upTo);
  if (end <= from) return [];
  const visits = heights(crossings, strand, spec.strands[strand]!.role === 'core');
  const stops = new Set<number>([from, end]);
  for (let i = 0; i <= edges; i++) if (i > from && i < end) stops.add(i);
  for (const [at] of visits) if (at > from && at < end) stops.add(at);
  return [...stops]
    .sort((a, b) => a - b)
    .map((at): Point => {
      const i = Math.min(edges - 1, Math.floor(at));
      const [p, q] = [path[i]!, path[i + 1]!];
      return [
        p[0] + (q[0] - p[0]) * (at - i),
        p[1] + (q[1] - p[1]) * (at - i),
        heightAt(at, visits, edges, true),
      ];
    });
}
