import { paintTubes } from '../../drawing/paint.ts';
import type { Scene } from '../../drawing/shape.ts';
import type { Tube } from '../../drawing/tubes.ts';
import type { Lay } from '../lays.ts';
import { leadPoints, mapColumn } from '../lead.ts';
import { columnOf } from '../path.ts';
import { meanGirth } from '../sizes.ts';
import { type Bight, bightName } from '../types.ts';
import type { RingLook } from './look.ts';

/** What the unrolled ring is drawn from. Lengths in mm. */
export interface MapAsk extends RingLook {
  /** How far the ring runs on beyond its two ends, where it is the same ring again. */
  readonly beyondMm: number;
}

/** The smallest thing that can be seen on a screen, in mm. */
const DETAIL_MM = 0.12;
/** Room above and below the cords, in mm. */
const ROOM_MM = 1;

/**
 * The ring unrolled, the winding direction to the right and the left edge at the top (turned, not mirrored): everything that the
 * given steps have tied, over and under as coded.
 */
export function mapScene(ask: MapAsk, laid: readonly Lay[]): Scene {
  const { ring, widthMm, beyondMm } = ask;
  const girth = meanGirth(ring);
  const tubes = laid.flatMap((lay) => tubesOf(ask, lay));
  const { shapes } = tubes.length > 0 ? paintTubes(tubes, ask.colours, 'front', DETAIL_MM) : { shapes: [] };
  return {
    minX: -beyondMm,
    minY: -widthMm / 2 - ROOM_MM,
    widthMm: girth + 2 * beyondMm,
    heightMm: widthMm + 2 * ROOM_MM,
    shapes,
  };
}

/** The cord of one step, as often as it shows in the picture. */
function tubesOf(ask: MapAsk, lay: Lay): Tube[] {
  const { ring, widthMm, beyondMm } = ask;
  const girth = meanGirth(ring);
  const lead = leadPoints(ring, widthMm, lay, lay.lane);
  const [from, to] = [lead[0]!, lead[lead.length - 3]!];
  const tubes: Tube[] = [];
  const least = Math.floor((-beyondMm - to) / girth);
  for (let turn = least; from + turn * girth < girth + beyondMm; turn++) {
    if (to + turn * girth <= -beyondMm) continue;
    const points = new Float64Array(lead.length);
    for (let i = 0; i < lead.length; i += 3) {
      // Across, along, towards the eye.
      points[i] = lead[i + 1]!;
      points[i + 1] = lead[i]! + turn * girth;
      points[i + 2] = lead[i + 2]!;
    }
    tubes.push({
      points,
      radiusMm: ring.d / 2,
      // One name for all: what is equally deep in one colour is drawn as one path.
      strand: 'ring',
      role: 'work',
      lane: lay.lane,
      cord: ask.cordOf(lay),
      arcMm: lay.k * (to - from),
    });
  }
  return tubes;
}

/** A stretch of the way of a half cycle: its polyline in mm, and whether it runs under the cords already there. */
export interface WayPart {
  readonly points: readonly (readonly [number, number])[];
  readonly isUnder: boolean;
}

/**
 * The way of one step over the map, cut where it changes between over and under the cords already there; where there is nothing
 * it counts as over.
 */
export function wayParts({ ring, widthMm }: Pick<MapAsk, 'ring' | 'widthMm'>, lay: Lay): WayPart[] {
  const lead = leadPoints(ring, widthMm, lay, lay.lane);
  const { leads } = ring.shape;
  const perColumn = (lead.length / 3 - 1) / leads;
  const under = new Set(
    lay.tucks.filter((t) => !t.isOver).map((t) => (lay.way === 'right' ? t.row : leads - t.row)),
  );
  const parts: { points: [number, number][]; isUnder: boolean }[] = [];
  for (let i = 0; i < lead.length / 3; i++) {
    const at: [number, number] = [lead[3 * i]!, lead[3 * i + 1]!];
    const isUnder = under.has(Math.round(i / perColumn));
    const part = parts.at(-1);
    if (part?.isUnder === isUnder) part.points.push(at);
    else {
      part?.points.push(at);
      parts.push({ points: [at], isUnder });
    }
  }
  return parts;
}

export interface BightPlace {
  readonly bight: Bight;
  readonly name: string;
  /** Along the map and across it, in mm: at the edge of the cords. */
  readonly x: number;
  readonly y: number;
}

/** Where each bight is on the map. */
export function bightPlaces({ ring, widthMm }: Pick<MapAsk, 'ring' | 'widthMm'>): BightPlace[] {
  const { bights } = ring.shape;
  const pitch = meanGirth(ring) / bights;
  return (['L', 'R'] as const).flatMap((edge) =>
    Array.from({ length: bights }, (_, i): BightPlace => {
      const bight = { edge, number: i + 1 };
      return {
        bight,
        name: bightName(bight),
        x: (pitch / 2) * mapColumn(ring, columnOf(bight, ring.shape)),
        y: edge === 'L' ? -widthMm / 2 : widthMm / 2,
      };
    }),
  );
}

/** Where a crossing of the grid is on the map, in mm. */
export function crossingPlace(
  { ring, widthMm }: Pick<MapAsk, 'ring' | 'widthMm'>,
  row: number,
  column: number,
): readonly [number, number] {
  const { leads, bights } = ring.shape;
  return [
    (meanGirth(ring) * mapColumn(ring, column)) / (2 * bights),
    (row / leads - 0.5) * (widthMm - ring.d),
  ];
}
