import type { CordColour } from '../../colour/palette.ts';
import { paintTubes } from '../../drawing/paint.ts';
import type { Scene } from '../../drawing/shape.ts';
import type { Tube } from '../../drawing/tubes.ts';
import type { Lay } from '../lays.ts';
import { leadPoints, mapColumn } from '../lead.ts';
import { meanGirth, type RingOnMandrel } from '../sizes.ts';
import type { RingLook } from './look.ts';

interface RoundAsk extends Omit<RingLook, 'lays'> {
  /** How far it is turned about its axis, and tilted towards the eye, in radians. */
  readonly turn: number;
  readonly tilt: number;
  /** The half cycle that comes next, drawn in amber. */
  readonly next?: Lay | undefined;
}

/** What is to be done next is amber, here as on the map. */
const NEXT: CordColour = { id: 'next', name: 'next', base: '#f0ad24', look: 'solid', accents: [] };

/** How far the ring must be turned for the middle of a half cycle to face the eye, in radians. */
export const turnTo = (lay: Lay, ring: RingOnMandrel): number =>
  (-Math.PI * (mapColumn(ring, lay.column) + ring.shape.leads / 2)) / ring.shape.bights;

/** The picture is about so many details across: finer than that nothing is drawn. */
const DETAILS_ACROSS = 100;
const ROOM_MM = 2;

/** The ring as it is worn, seen from above its edge: what the given steps have tied, by depth. */
export function roundScene(ask: RoundAsk, laid: readonly Lay[]): Scene {
  const { ring, widthMm } = ask;
  const girth = meanGirth(ring);
  const radius = girth / (2 * Math.PI);
  return painted(
    [...laid, ...(ask.next ? [ask.next] : [])].map((lay) => {
      const lead = leadPoints(ring, widthMm, lay, lay.lane);
      const points = new Float64Array(lead.length);
      for (let i = 0; i < lead.length; i += 3) {
        const angle = (2 * Math.PI * lead[i]!) / girth + ask.turn;
        place(points, i, angle, radius + lead[i + 2]!, lead[i + 1]!, ask.tilt);
      }
      return tube(points, ring.d, lay === ask.next ? ask.colours.length : ask.cordOf(lay));
    }),
    [...ask.colours, NEXT],
    radius + 1.5 * ring.d,
    widthMm,
    ask.tilt,
  );
}

/** The same of a ring that the rope engine pulled tight: its closed strands in cord diameters (see rings/rope.ts). */
export function tightScene(
  ask: Omit<RoundAsk, 'cordOf'> & { readonly cordOfStrand: (index: number) => number },
  strands: readonly ArrayLike<number>[],
): Scene {
  const { d } = ask.ring;
  let most = 0;
  const tubes = strands.map((flat, s) => {
    const n = flat.length / 3;
    const points = new Float64Array(3 * (n + 1));
    for (let i = 0; i <= n; i++) {
      const [x, y, z] = [0, 1, 2].map((a) => flat[3 * (i % n) + a]! * d) as [number, number, number];
      const out = Math.hypot(x, z);
      most = Math.max(most, out);
      place(points, 3 * i, Math.atan2(-x, z) + ask.turn, out, y, ask.tilt);
    }
    return tube(points, d, ask.cordOfStrand(s));
  });
  return painted(tubes, ask.colours, most + d / 2, ask.widthMm, ask.tilt);
}

/** A place on the ring as the eye sees it: across the screen, down it, towards the eye. The left edge is up. */
function place(
  points: Float64Array,
  i: number,
  angle: number,
  out: number,
  across: number,
  tilt: number,
): void {
  const [right, near] = [Math.sin(angle) * out, Math.cos(angle) * out];
  points[i] = across * Math.cos(tilt) + near * Math.sin(tilt);
  points[i + 1] = right;
  points[i + 2] = near * Math.cos(tilt) - across * Math.sin(tilt);
}

/** One name for all cords: what is equally deep in one colour is drawn as one path. */
const tube = (points: Float64Array, d: number, cord: number): Tube => ({
  points,
  radiusMm: d / 2,
  strand: 'ring',
  role: 'work',
  lane: 0,
  cord,
  arcMm: 0,
});

function painted(
  tubes: readonly Tube[],
  colours: readonly CordColour[],
  reach: number,
  widthMm: number,
  tilt: number,
): Scene {
  const height = widthMm * Math.cos(tilt) + 2 * reach * Math.sin(tilt);
  return {
    minX: -reach - ROOM_MM,
    minY: -height / 2 - ROOM_MM,
    widthMm: 2 * (reach + ROOM_MM),
    heightMm: height + 2 * ROOM_MM,
    shapes: tubes.length > 0 ? paintTubes(tubes, colours, 'front', (2 * reach) / DETAILS_ACROSS).shapes : [],
  };
}
