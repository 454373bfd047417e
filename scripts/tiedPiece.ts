import { PRIOR, PRIOR_NU, PRIOR_SHARED, TAPE } from '../src/core/chance/spread.ts';

/** Standard normal numbers, seeded: Mulberry32 and Box–Muller. */
export function drawnFrom(seed: number): () => number {
  let a = seed >>> 0;
  const uniform = () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = a;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return (((t ^ (t >>> 14)) >>> 0) + 0.5) / 4294967296;
  };
  return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}

/** The piece as planned: 30 rows of 6 mm, two ends that use 27 mm of cord a row. */
export const PLANNED = { rows: 30, rowMm: 6, cordMm: 27 } as const;

export interface TiedPiece {
  /** What a tape reads after every row: cord used by both ends and the woven length, in mm. */
  readonly at: readonly { readonly used: readonly number[]; readonly wovenMm: number }[];
  /** What each end has used once the length is full, with all that is fixed, in mm. */
  readonly total: readonly number[];
}

/** One piece tied to its length by a maker, a weave and a cord drawn from the prior. */
export function tiedPiece(normal: () => number): TiedPiece {
  // A scale of all variances that is as uncertain as the model says.
  let chi = 0;
  for (let i = 0; i < PRIOR_NU; i++) chi += normal() ** 2;
  const scale = Math.sqrt(PRIOR_NU / chi);
  const draw = (sd: number) => normal() * sd * scale;
  const pair = (sdS: number, sdH: number): [number, number] => {
    const [a, b] = [draw(1), draw(1)];
    const rho = PRIOR.correlation;
    return [sdS * a, sdH * (rho * a + Math.sqrt(1 - rho * rho) * b)];
  };
  const { rows, rowMm, cordMm } = PLANNED;
  const [s, h] = pair(
    Math.sqrt(PRIOR_SHARED.lasting + PRIOR.pieceLevel ** 2),
    Math.hypot(PRIOR.rowHeight, PRIOR.rowLevel),
  );
  const tiring = draw(PRIOR.tiring);
  const ends = [0, 1].map(() => draw(Math.hypot(PRIOR.hands, PRIOR.ends)));
  // A cut that was read wrong, and half of what is fixed, are in every reading; the other half comes with the closing.
  const start = [0, 1].map(() => draw(Math.hypot(TAPE.limpMm, TAPE.fixedMm / Math.SQRT2)));
  const closing = [0, 1].map(() => draw(TAPE.fixedMm / Math.SQRT2));
  let [walkS, walkH, lengthMm] = [0, 0, 0];
  const used = [...start];
  const at: { used: number[]; wovenMm: number }[] = [];
  while (lengthMm < rows * rowMm) {
    const share = lengthMm / (rows * rowMm) - 0.5;
    const row = rowMm * Math.exp(h + walkH);
    const part = Math.min(1, (rows * rowMm - lengthMm) / row);
    for (const i of [0, 1])
      used[i]! +=
        part * cordMm * Math.exp(s + h + walkS + walkH + ends[i]! + tiring * share) * (1 + draw(PRIOR.row));
    lengthMm += part * row;
    const [stepS, stepH] = pair(PRIOR.pieceWalk, PRIOR.rowWalk);
    walkS += stepS / Math.sqrt(rows);
    walkH += stepH / Math.sqrt(rows);
    at.push({ used: used.map((u) => u + draw(TAPE.limpMm)), wovenMm: lengthMm + draw(TAPE.wovenMm) });
  }
  return { at, total: used.map((u, i) => u + closing[i]!) };
}
