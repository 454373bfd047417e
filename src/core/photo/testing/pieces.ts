import { laneKey } from '../../colour/lanes.ts';
import { bandTubes, type Tube } from '../../drawing/tubes.ts';
import type { SolvedWeave } from '../../patterns/types.ts';
import { colourRepeats } from '../repeats.ts';
import { type BandExpected, type Marks, type Point, REFERENCES } from '../types.ts';
import { cameraOf, type PhotoScene, type Rgb, referenceCorners } from './scene.ts';

/** A way over the table by its length: a place and a direction. */
export type Way = (alongMm: number) => { readonly x: number; readonly y: number; readonly angle: number };

/** Straight, or on a circle, centred on the origin; `bend` is one over the radius, in 1/mm. */
export function arc(lengthMm: number, bend: number, turn: number): Way {
  return (s) => {
    const t = s - lengthMm / 2;
    const a = bend * t;
    const [u, v] = bend === 0 ? [t, 0] : [Math.sin(a) / bend, (1 - Math.cos(a)) / bend];
    return {
      x: Math.cos(turn) * u - Math.sin(turn) * v,
      y: Math.sin(turn) * u + Math.cos(turn) * v,
      angle: turn + a,
    };
  };
}

export interface Piece {
  readonly tubes: readonly Tube[];
  readonly way: Way;
  readonly lengthMm: number;
  readonly thicknessMm: number;
  readonly widthMm: number;
  readonly rows: number;
  readonly expected: BandExpected;
}

/** A band of whole rows, laid along a way; its rows a little longer or shorter than expected. */
export function bandPiece(
  solved: SolvedWeave,
  rows: number,
  diameterMm: number,
  way: (lengthMm: number) => Way,
  { stretch = 1, twoColours = false, uneven = 0, uniform = (): number => 0.5 } = {},
): Piece {
  const rowMm = (solved.periodD / solved.rowsPerPeriod) * diameterMm;
  const lengthMm = rows * rowMm * stretch;
  const cordOf = (lane: number, isCore: boolean) => (twoColours && !isCore ? lane % 2 : 0);
  const spans = new Map(
    solved.strands.flatMap((s, k) =>
      Array.from(
        { length: s.periods },
        (_, lane) =>
          [
            laneKey(s.name, lane),
            [{ cord: cordOf(s.periods > 1 ? lane : k, s.role === 'core'), fromMm: 0, toMm: 1e6 }],
          ] as const,
      ),
    ),
  );
  const flat = bandTubes({ solved, diameterMm, rows, wovenMm: lengthMm, startMm: 0, spans });
  const lowest = Math.min(
    ...flat.map((t) => t.points.reduce((m, v, i) => (i % 3 === 2 ? Math.min(m, v - t.radiusMm) : m), 0)),
  );
  const highest = Math.max(
    ...flat.map((t) => t.points.reduce((m, v, i) => (i % 3 === 2 ? Math.max(m, v + t.radiusMm) : m), 0)),
  );
  // Slow waves make some rows longer than others; they are as many, and as long together.
  const phase = 6 * uniform();
  const warp = (y: number) =>
    y +
    ((uneven * lengthMm) / (6 * Math.PI)) *
      (Math.sin((6 * Math.PI * y) / lengthMm + phase) - Math.sin(phase));
  const along = way(lengthMm);
  const tubes = flat.map((t): Tube => {
    const points = t.points.slice();
    for (let i = 0; i < points.length; i += 3) {
      const at = along(warp(t.points[i + 1]!));
      const across = t.points[i]!;
      points[i] = at.x - across * Math.sin(at.angle);
      points[i + 1] = at.y + across * Math.cos(at.angle);
      points[i + 2] = t.points[i + 2]! - lowest;
    }
    return { ...t, points };
  });
  const widthMm = solved.widthD * diameterMm;
  return {
    tubes,
    way: along,
    lengthMm,
    thicknessMm: highest - lowest,
    widthMm,
    rows,
    expected: {
      widthMm,
      thicknessMm: highest - lowest,
      rowMm,
      rowsPerRepeat: solved.rowsPerPeriod,
      colourRepeats: twoColours
        ? colourRepeats(solved, (lane, strand) =>
            cordOf(
              solved.strands[strand]!.periods > 1 ? lane : strand,
              solved.strands[strand]!.role === 'core',
            ),
          )
        : 1,
    },
  };
}

/** One loose cord along a way. */
export function cordPiece(
  lengthMm: number,
  diameterMm: number,
  way: Way,
): Pick<Piece, 'tubes' | 'way' | 'lengthMm'> {
  const n = Math.ceil(lengthMm);
  const points = new Float64Array(3 * (n + 1));
  for (let i = 0; i <= n; i++) {
    const at = way((lengthMm * i) / n);
    points.set([at.x, at.y, diameterMm / 2], 3 * i);
  }
  return {
    tubes: [{ points, radiusMm: diameterMm / 2, strand: 'cord', role: 'work', lane: 0, cord: 0, arcMm: 0 }],
    way,
    lengthMm,
  };
}

/** What a careful maker marks: corners off by some pixels, end bars by others, a click every so often. */
export function marksFor(
  scene: PhotoScene,
  piece: { way: Way; lengthMm: number },
  widthMm: number,
  thicknessMm: number,
  normal: () => number,
  {
    corners = 3,
    ends = 1,
    line = 4,
    everyMm = 45,
    between = undefined as number | undefined,
    isRaised = false,
  } = {},
): Marks {
  const camera = cameraOf(scene);
  const near = (p: Point, px: number): Point => [p[0] + px * normal(), p[1] + px * normal()];
  const tip = (s: number, side: number): Point => {
    const at = piece.way(s);
    const [px, py] = camera.see(
      at.x - side * (widthMm / 2) * Math.sin(at.angle),
      at.y + side * (widthMm / 2) * Math.cos(at.angle),
      thicknessMm / 2,
    );
    return [px, py];
  };
  const bar = (s: number): readonly [Point, Point] => {
    // Both tips err together as the hand puts the bar, so that its middle is off by about `ends` pixels.
    const [dx, dy] = [ends * normal(), ends * normal()];
    const shift = (p: Point): Point => [p[0] + dx, p[1] + dy];
    return [shift(tip(s, -1)), shift(tip(s, 1))];
  };
  const count = between ?? Math.max(0, Math.round(piece.lengthMm / everyMm) - 1);
  return {
    reference: scene.reference.id,
    isRaised,
    corners: referenceCorners(scene, camera).map((p) => near(p, corners)),
    snaps: true,
    ends: [bar(0), bar(piece.lengthMm)],
    between: Array.from({ length: count }, (_, i) =>
      near(tip((piece.lengthMm * (i + 1)) / (count + 1), 0), line),
    ),
  };
}

/** A usual photo of a piece: a card beside its middle, from 32 cm, a little from the side. */
export function photoOf(
  tubes: readonly Tube[],
  over: Partial<PhotoScene> = {},
  colours: readonly Rgb[] = [
    [176, 58, 44],
    [232, 226, 210],
  ],
): PhotoScene {
  const reference = over.reference ?? REFERENCES[0]!;
  return {
    widthPx: 2016,
    heightPx: 1512,
    focal: 0.75,
    distanceMm: 320,
    distortion: 0,
    tilt: 0.25,
    towards: 1.1,
    roll: 0.1,
    ground: 'wood',
    tubes,
    colours,
    reference,
    referenceAt: [0, 60],
    referenceTurn: 0.08,
    referenceZ: reference.thicknessMm,
    referenceRgb: [196, 204, 214],
    noise: 6,
    blurPx: 1,
    ...over,
  };
}
