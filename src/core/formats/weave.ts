import type { SolvedWeave } from '../patterns/types.ts';

/** A tight weave as published JSON: facts and centre lines in units of the effective cord diameter. */
export function weaveDocument(solved: SolvedWeave) {
  const { id, kind, notation, periodD, rowsPerPeriod, widthD, thicknessD, convergence } = solved;
  return {
    format: 'warp-beam/centre-lines',
    version: 1,
    id,
    kind,
    notation,
    periodD,
    rowsPerPeriod,
    widthD,
    thicknessD,
    convergence,
    strands: solved.strands.map((s, i) => ({ ...s, points: chunk(solved.points[i]!) })),
  };
}

/** One row a point: strand, running number, x across, y along, z towards the front. */
export function centreLineRows(solved: SolvedWeave): readonly Record<string, string | number>[] {
  return solved.strands.flatMap((s, i) =>
    chunk(solved.points[i]!).map(([x, y, z], point) => ({ strand: s.name, point, xD: x, yD: y, zD: z })),
  );
}

function chunk(flat: readonly number[]): [number, number, number][] {
  const out: [number, number, number][] = [];
  for (let i = 0; i < flat.length; i += 3) out.push([flat[i]!, flat[i + 1]!, flat[i + 2]!]);
  return out;
}
