import { fingerHullMm } from '../fit/fingers.ts';

/** A closed curve in the plane, y upwards, walked clockwise from its lowest point; lengths in mm. */
export interface Outline {
  readonly lengthMm: number;
  /** PlanePoint, direction of travel and outward normal at a length from the lowest point; any length wraps round. */
  readonly at: (s: number) => {
    readonly x: number;
    readonly y: number;
    readonly tx: number;
    readonly ty: number;
    readonly nx: number;
    readonly ny: number;
  };
}

/** How a closed band lies on the body: the disc, and the largest disc that fits beside it under the band. */
export interface Worn {
  readonly bodyRadiusMm: number;
  /** Diameter of the largest finger that passes under; 0 when there is no room. */
  readonly roomMm: number;
  /** Middle of the finger's disc, seen from the body's middle. */
  readonly finger: readonly [number, number];
  /** Middle of the band where it is a plain circle, else the body's. */
  readonly centre: readonly [number, number];
  readonly midline: Outline;
}

const SAMPLES = 1440;
/** Beyond this share of the body's radius the slack is no finger's room but a loose ring. */
const MOST_ROOM = 0.6;

/**
 * The band's middle plane round a body of girth G when its inner girth is `innerMm` and it is `thicknessMm` thick: the hull
 * of the body and of the finger that just fits, grown by half the thickness. `angle` is where the finger lies.
 */
export function wornOutline(
  girthMm: number,
  innerMm: number,
  thicknessMm: number,
  angle = Math.PI / 2,
): Worn {
  const R = girthMm / (2 * Math.PI);
  const r = fingerRadius(girthMm, innerMm);
  const grown = thicknessMm / 2;
  if (r === undefined || r < 0.05) {
    // Too tight, too loose for the finger's picture, or just touching: a plain circle that rests on the body's top.
    const ring = innerMm / (2 * Math.PI);
    const centre = [0, Math.min(0, R - ring)] as const;
    const points = circlePoints(centre, ring + grown);
    return {
      bodyRadiusMm: R,
      roomMm: Math.max(0, 2 * (ring - R)),
      finger: [0, 0],
      centre,
      midline: outline(points),
    };
  }
  const [cx, cy] = [Math.cos(angle) * (R + r), Math.sin(angle) * (R + r)];
  return {
    bodyRadiusMm: R,
    roomMm: 2 * r,
    finger: [cx, cy],
    centre: [0, 0],
    midline: outline(hullOfTwo(R + grown, [cx, cy], r + grown, R + r, angle)),
  };
}

/** Radius of the finger that just passes: the hull's perimeter grows with it, so it is found by halving. */
function fingerRadius(girthMm: number, innerMm: number): number | undefined {
  if (innerMm <= girthMm) return undefined;
  const R = girthMm / (2 * Math.PI);
  let [low, high] = [0, R * MOST_ROOM];
  if (fingerHullMm(girthMm, 1, 2 * high) < innerMm) return undefined;
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    if (fingerHullMm(girthMm, 1, 2 * middle) < innerMm) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

type PlanePoint = readonly [number, number];

const circlePoints = ([x, y]: PlanePoint, radius: number): PlanePoint[] =>
  Array.from({ length: SAMPLES }, (_, i): PlanePoint => {
    const a = -Math.PI / 2 - (2 * Math.PI * i) / SAMPLES;
    return [x + radius * Math.cos(a), y + radius * Math.sin(a)];
  });

/** Two arcs and two tangents, as closely spaced points, clockwise. */
function hullOfTwo(
  big: number,
  centre: PlanePoint,
  small: number,
  apart: number,
  angle: number,
): PlanePoint[] {
  const theta = Math.acos((big - small) / apart);
  const arc = ([x, y]: PlanePoint, radius: number, from: number, to: number): PlanePoint[] => {
    const steps = Math.max(8, Math.round((SAMPLES * (from - to)) / (2 * Math.PI)));
    return Array.from({ length: steps + 1 }, (_, i): PlanePoint => {
      const a = from + ((to - from) * i) / steps;
      return [x + radius * Math.cos(a), y + radius * Math.sin(a)];
    });
  };
  return [
    ...arc(centre, small, angle + theta, angle - theta),
    ...arc([0, 0], big, angle - theta, angle + theta - 2 * Math.PI),
  ];
}

function outline(points: readonly PlanePoint[]): Outline {
  const lowest = points.reduce((best, p, i) => (p[1] < points[best]![1] ? i : best), 0);
  const walked = [...points.slice(lowest), ...points.slice(0, lowest)];
  const n = walked.length;
  const arc = new Float64Array(n + 1);
  for (let i = 0; i < n; i++) {
    const [a, b] = [walked[i]!, walked[(i + 1) % n]!];
    arc[i + 1] = arc[i]! + Math.hypot(b[0] - a[0], b[1] - a[1]);
  }
  const lengthMm = arc[n]!;
  return {
    lengthMm,
    at: (length) => {
      const s = ((length % lengthMm) + lengthMm) % lengthMm;
      let [low, high] = [0, n];
      while (high - low > 1) {
        const middle = (low + high) >> 1;
        if (arc[middle]! <= s) low = middle;
        else high = middle;
      }
      // Coinciding points where arc meets tangent have no direction: look at their neighbours.
      const [a, b] = [walked[low]!, walked[(low + 1) % n]!];
      const [p, q] = [walked[(low - 1 + n) % n]!, walked[(low + 2) % n]!];
      const t = arc[low + 1]! > arc[low]! ? (s - arc[low]!) / (arc[low + 1]! - arc[low]!) : 0;
      const length2 = Math.hypot(q[0] - p[0], q[1] - p[1]) || 1;
      const [tx, ty] = [(q[0] - p[0]) / length2, (q[1] - p[1]) / length2];
      return { x: a[0] + (b[0] - a[0]) * t, y: a[1] + (b[1] - a[1]) * t, tx, ty, nx: -ty, ny: tx };
    },
  };
}
