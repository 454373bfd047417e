import { laneKey } from '../colour/lanes.ts';
import type { SolvedWeave } from '../patterns/types.ts';
import type { StrandSpan } from '../plan/spans.ts';
import type { Role } from '../weave/types.ts';

/** A length of round cord in space: flat x, y, z in mm (x across, y along the piece, z towards the front). */
export interface Tube {
  readonly points: Float64Array;
  readonly radiusMm: number;
  /** How the cord is pressed flat at each point, x, y, z (see cord/section.ts); round where it is missing. */
  readonly flat?: Float64Array;
  readonly strand: string;
  readonly role: Role;
  readonly lane: number;
  readonly cord: number;
  /** Where along the cord's own length the tube starts, so that flecks run on from piece to piece. */
  readonly arcMm: number;
}

interface BandTubes {
  readonly solved: SolvedWeave;
  readonly diameterMm: number;
  readonly rows: number;
  /** Woven length; rows are spread or packed to fill it. */
  readonly wovenMm: number;
  /** y of the weave's start. */
  readonly startMm: number;
  readonly spans: ReadonlyMap<string, readonly StrandSpan[]>;
  /** The smallest thing that can be seen, in mm; points nearer to each other than that are left out. 0 for all. */
  readonly detailMm?: number;
}

/** Every strand of the weave over the whole band, one tube per passage abreast. */
export function bandTubes(band: BandTubes): Tube[] {
  const { solved } = band;
  const periods = band.rows / solved.rowsPerPeriod;
  const tubes: Tube[] = [];
  for (const [index, strand] of solved.strands.entries()) {
    for (let lane = 0; lane < strand.periods; lane++) {
      const whole: Tube = {
        ...strandOver(index, band, lane, periods),
        radiusMm: strand.radiusD * band.diameterMm,
        strand: strand.name,
        role: strand.role,
        lane,
        cord: 0,
        arcMm: 0,
      };
      tubes.push(...splitByCord(whole, band.spans.get(laneKey(strand.name, lane)) ?? []));
    }
  }
  return tubes;
}

/** Walks a strand's own points over and over, shifted by its periods, until the rows are full. */
function strandOver(
  index: number,
  band: BandTubes,
  lane: number,
  periods: number,
): Pick<Tube, 'points' | 'flat'> {
  const { solved, diameterMm: d } = band;
  const strand = solved.strands[index]!;
  const points = solved.points[index]!;
  const n = points.length / 3;
  const perPeriod = n / strand.periods;
  const first = Math.round(lane * perPeriod);
  const all = Math.round(periods * perPeriod);
  const spacingMm = (strand.lengthD * d) / n;
  const stride = Math.max(1, Math.floor((band.detailMm ?? 0) / spacingMm));
  const count = Math.ceil(all / stride) + 1;
  const stretch = band.wovenMm / ((solved.periodD / solved.rowsPerPeriod) * band.rows * d);
  const origin = solved.points[solved.strands.findIndex((s) => s.role !== 'core')]?.[1] ?? 0;
  const flats = solved.flat?.[index];
  const out = new Float64Array(3 * count);
  const flat = flats && new Float64Array(3 * count);
  for (let i = 0; i < count; i++) {
    const at = first + Math.min(all, i * stride);
    const turn = Math.floor(at / n);
    const src = 3 * (at - turn * n);
    const shift = turn * strand.periods - lane;
    const y = points[src + 1]! + shift * solved.periodD - origin;
    const [x, z] = turnAbout(points[src]!, points[src + 2]!, shift * (solved.turn ?? 0));
    out[3 * i] = x * d;
    out[3 * i + 1] = band.startMm + y * d * stretch;
    out[3 * i + 2] = z * d;
    if (flat) {
      const [px, pz] = turnAbout(flats![src]!, flats![src + 2]!, shift * (solved.turn ?? 0));
      flat[3 * i] = px;
      flat[3 * i + 1] = flats![src + 1]!;
      flat[3 * i + 2] = pz;
    }
  }
  return flat ? { points: out, flat } : { points: out };
}

/** A point across the piece, turned about its length. */
function turnAbout(x: number, z: number, angle: number): readonly [number, number] {
  if (angle === 0) return [x, z];
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return [c * x + s * z, c * z - s * x];
}

/** Cuts a strand where one cord is joined to the next. */
function splitByCord(tube: Tube, spans: readonly StrandSpan[]): Tube[] {
  const out: Tube[] = [];
  const n = tube.points.length / 3;
  let from = 0;
  for (const [i, span] of spans.entries()) {
    let to = n - 1;
    if (i < spans.length - 1) {
      while (to > from && tube.points[3 * to + 1]! > span.toMm) to--;
    }
    if (to > from) {
      const cut = (list: Float64Array) => list.slice(3 * from, 3 * (to + 1));
      out.push({
        ...tube,
        cord: span.cord,
        points: cut(tube.points),
        ...(tube.flat ? { flat: cut(tube.flat) } : {}),
      });
    }
    from = to;
  }
  return out.length > 0 ? out : [tube];
}

/** A smooth tube through a few way-points (Catmull–Rom), for hitches and turns that join weave and hardware. */
export function smoothTube(
  waypoints: readonly (readonly [number, number, number])[],
  like: Omit<Tube, 'points' | 'flat'>,
  steps = 8,
): Tube {
  const at = (i: number) => waypoints[Math.max(0, Math.min(waypoints.length - 1, i))]!;
  const out: number[] = [];
  for (let i = 0; i + 1 < waypoints.length; i++) {
    const [p0, p1, p2, p3] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    const last = i + 2 === waypoints.length;
    for (let k = 0; k < steps + (last ? 1 : 0); k++) {
      const t = k / steps;
      for (const axis of [0, 1, 2] as const) {
        const [a, b, c, e] = [p0[axis], p1[axis], p2[axis], p3[axis]];
        out.push(b + 0.5 * t * (c - a + t * (2 * a - 5 * b + 4 * c - e + t * (3 * (b - c) + e - a))));
      }
    }
  }
  const { strand, role, lane, cord, arcMm, radiusMm } = like;
  return { strand, role, lane, cord, arcMm, radiusMm, points: Float64Array.from(out) };
}
