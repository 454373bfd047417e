import { ok, type Result } from '../result.ts';
import type { SolveProgress } from '../tighten/run.ts';
import { format } from '../weave/format.ts';
import { parse } from '../weave/parse.ts';
import type { StrandSpec } from '../weave/types.ts';
import { contentKey, solveWeave } from './solve.ts';
import type { SolvedFacts, SolvedWeave } from './types.ts';

/** Diameters of a weave's strands over the reference cord's, by strand name; strands of the reference cord are left out. */
export type Ratios = Readonly<Record<string, number>>;

/** What is pulled tight for cords of different thickness: the thickest strand is drawn as the reference cord. */
export interface MixedRequest {
  /** Changes with everything that the result depends on. */
  readonly id: string;
  readonly patternId: string;
  readonly notation: string;
  readonly squash: number;
  readonly load: number;
  readonly h: number;
  readonly patience: number;
  /** Every length of the result is this many times longer in diameters of the reference cord. */
  readonly scale: number;
}

const REFERENCE_RADIUS = 0.5;
/** Edges are at most this many radii of the thinnest strand long, and never shorter than H_LEAST. */
const EDGE_IN_RADII = 1.3;
const H_LEAST = 0.12;
/** Thin cord on thick slides along for longer before it rests. */
const PATIENCE = 3;

/**
 * A library weave, or one of the maker's own, in cords of different thickness. The drawing is kept: it is loose enough
 * for its thickest strand when that is as thick as the reference cord, so all radii are divided by the largest one. What
 * the maker holds taut, a core or a spine, is held as straight when it is thinner: its tension grows as its thickness
 * falls (a prior; with equal tension a spine of a third of the thickness coils round its wrapping end).
 */
export function mixedRequest(facts: SolvedFacts, ratios: Ratios): Result<MixedRequest> {
  const drawn = parse(facts.notation);
  if (!drawn.ok) return drawn;
  const radii = drawn.value.strands.map((s) => s.radius * (ratios[s.name] ?? 1));
  const scale = Math.max(...radii) / REFERENCE_RADIUS;
  const strands = drawn.value.strands.map((s, i): StrandSpec => {
    const radius = Number((radii[i]! / scale).toFixed(4));
    const isHeld = s.role !== 'work' && radius < s.radius;
    return { ...s, radius, weight: isHeld ? Number(((s.weight * s.radius) / radius).toFixed(3)) : s.weight };
  });
  const thinnest = Math.min(...strands.map((s) => s.radius));
  const h = Number(Math.min(facts.h, Math.max(H_LEAST, EDGE_IN_RADII * thinnest)).toFixed(3));
  const notation = format({ ...drawn.value, strands });
  const solving = { squash: facts.squash, load: facts.load, h, patience: PATIENCE };
  const key = contentKey(`${notation}|${scale.toFixed(4)}`, { ...solving, seed: 1, swings: false });
  return ok({ id: `mixed-${key}`, patternId: facts.id, notation, ...solving, scale });
}

/** Pulls it tight, and gives its lengths in diameters of the reference cord. */
export function solveMixed(
  request: MixedRequest,
  onProgress?: (p: SolveProgress) => boolean,
): Result<SolvedWeave> {
  const { id: _key, patternId, notation, scale, ...options } = request;
  const spec = parse(notation);
  if (!spec.ok) return spec;
  const solved = solveWeave(patternId, spec.value, options, onProgress);
  return solved.ok ? ok(rescaled(solved.value, scale)) : solved;
}

const round = (value: number, digits: number) => Number(value.toFixed(digits));

/** The same weave with every length times `scale`; what has no length stays. */
export function rescaled(solved: SolvedWeave, scale: number): SolvedWeave {
  const times = (value: number) => round(value * scale, 4);
  return {
    ...solved,
    periodD: times(solved.periodD),
    widthD: times(solved.widthD),
    thicknessD: times(solved.thicknessD),
    bodyD: times(solved.bodyD),
    strands: solved.strands.map((s) => ({
      ...s,
      radiusD: times(s.radiusD),
      lengthD: times(s.lengthD),
      ...(s.backs
        ? { backs: s.backs.map((b) => ({ yD: times(b.yD), arcD: times(b.arcD), zD: times(b.zD) })) }
        : {}),
    })),
    points: solved.points.map((p) => p.map((v) => round(v * scale, 3))),
  };
}
