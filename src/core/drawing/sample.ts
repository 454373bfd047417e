import { type CordColour, PALETTE } from '../colour/palette.ts';
import type { SolvedWeave } from '../patterns/types.ts';
import type { Role } from '../weave/types.ts';
import { knotTubes } from './knots.ts';
import { paintTubes, project, type View } from './paint.ts';
import type { Scene } from './shape.ts';
import { bandTubes, type Tube } from './tubes.ts';

const PAD = 0.3;
/** How far a sample shows a knot's leads beyond its body, in diameters. */
const LEAD = 1.5;

/** Colours in which samples are shown: one a strand, cores quiet. */
const STRAND_COLOURS = ['ember', 'dusk', 'sodium', 'aurora', 'pole-white', 'meridian'];
const CORE_COLOUR = 'graphite';
const SAMPLE_PALETTE = [CORE_COLOUR, ...STRAND_COLOURS].map((id) => PALETTE.find((c) => c.id === id)!);

/** The look in which a sample shows each strand. */
export const sampleLooks = (solved: { readonly strands: readonly { readonly role: Role }[] }): CordColour[] =>
  sampleColours(solved).map((i) => SAMPLE_PALETTE[i]!);

/** Which sample colour each strand takes, as an index into the sample's palette. */
export function sampleColours(solved: { readonly strands: readonly { readonly role: Role }[] }): number[] {
  let next = 0;
  return solved.strands.map((s) => (s.role === 'core' ? 0 : 1 + (next++ % STRAND_COLOURS.length)));
}

/**
 * A sample of a weave or knot by itself, `lengthD` diameters long, in mm for a cord of the given effective diameter.
 * Strands that close after several periods are coloured passage by passage, so that one can follow them.
 */
export function sampleScene(solved: SolvedWeave, view: View, lengthD = 14, diameterMm = 4): Scene {
  const tubes =
    solved.kind === 'weave' ? weaveTubes(solved, lengthD, diameterMm) : colouredKnot(solved, diameterMm);
  const { shapes } = paintTubes(tubes, SAMPLE_PALETTE, view);
  const [x, y] = [bounds(tubes, view, 0), bounds(tubes, view, 1)];
  const pad = PAD * diameterMm;
  return {
    minX: x[0] - pad,
    minY: y[0] - pad,
    widthMm: x[1] - x[0] + 2 * pad,
    heightMm: y[1] - y[0] + 2 * pad,
    shapes,
  };
}

function weaveTubes(solved: SolvedWeave, lengthD: number, diameterMm: number): Tube[] {
  const rowD = solved.periodD / solved.rowsPerPeriod;
  const rows = Math.max(2, Math.round(lengthD / rowD));
  const tubes = bandTubes({
    solved,
    diameterMm,
    rows,
    wovenMm: rows * rowD * diameterMm,
    startMm: 0,
    spans: new Map(),
  });
  const base = sampleColours(solved);
  const index = new Map(solved.strands.map((s, i) => [s.name, i]));
  return tubes.map((t) => {
    const colour = base[index.get(t.strand)!]!;
    return { ...t, cord: colour === 0 ? 0 : 1 + ((colour - 1 + t.lane) % STRAND_COLOURS.length) };
  });
}

function colouredKnot(solved: SolvedWeave, d: number): Tube[] {
  const colours = sampleColours(solved);
  return knotTubes(solved, d, LEAD).map((t, i) => ({ ...t, cord: colours[i]! }));
}

function bounds(tubes: readonly Tube[], view: View, axis: 0 | 1): [number, number] {
  let [least, most] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const t of tubes) {
    for (let i = 0; i < t.points.length; i += 3) {
      const v = project(view, t.points[i]!, t.points[i + 1]!, t.points[i + 2]!)[axis];
      least = Math.min(least, v - t.radiusMm);
      most = Math.max(most, v + t.radiusMm);
    }
  }
  return [least, most];
}
