import { PRIOR, TAPE } from '../chance/spread.ts';
import { normals } from '../random.ts';
import type { Evidence } from './evidence.ts';

/** A maker of the simulation: factors that nobody sees, and the pieces that come of them. */
export interface World {
  /** By how much all true spreads are larger than ours, as standard deviations. */
  readonly wider: number;
  /** Share of pieces with a slip of the pen in one entry. */
  readonly slips: number;
}

export const MATCHED: World = { wider: 1, slips: 0 };

const WEAVES = 12;
const FAMILIES = 4;
const USED_WEAVES = 7;
const CORD_TYPES = 3;
const NEW_BATCH = 0.15;

export interface MadePiece {
  readonly evidence: Evidence;
  /** What each end really used, before anyone read a tape, in mm. */
  readonly trueUseMm: readonly [number, number];
  /** What was calculated for it, in mm. */
  readonly calculatedMm: number;
  readonly isNewWeave: boolean;
}

/**
 * The pieces of one maker, row by row: each row of each end takes cord by the maker's hand, the weave, the cord and its lot, a level of the piece, a walk from row to row, and its own
 * unrest; then someone reads a tape. Written from the physics, not from the filter. `uniform` is seeded.
 */
export function simulatedMaker(
  pieces: number,
  world: World,
  uniform: () => number,
  usedWeaves = USED_WEAVES,
): MadePiece[] {
  const normal = normals(uniform);
  const draw = (sd: number) => world.wider * sd * normal();
  /** A pair of factors with the correlation of cord and row height. */
  const pair = (s: number, h: number): [number, number] => {
    const [a, b] = [normal(), normal()];
    const rho = PRIOR.correlation;
    return [world.wider * s * a, world.wider * h * (rho * a + Math.sqrt(1 - rho * rho) * b)];
  };
  const maker = pair(PRIOR.maker, 0.035);
  const ends = draw(PRIOR.hands);
  const families = Array.from({ length: FAMILIES }, () => pair(PRIOR.family, 0.015));
  const weaves = Array.from({ length: WEAVES }, () => pair(PRIOR.weave, 0.025));
  const cords = Array.from({ length: CORD_TYPES }, () => pair(PRIOR.cordType, 0.018));
  let batch = 0;
  let lot = pair(PRIOR.batch, 0.012);
  const tied = new Set<number>();
  return Array.from({ length: pieces }, (_, i): MadePiece => {
    const drift = pair(PRIOR.drift, PRIOR.drift);
    maker[0] += drift[0];
    maker[1] += drift[1];
    if (uniform() < NEW_BATCH) {
      batch++;
      lot = pair(PRIOR.batch, 0.012);
    }
    const weave = Math.floor(uniform() * usedWeaves);
    const family = weave % FAMILIES;
    const cord = Math.floor(uniform() * CORD_TYPES);
    const level = pair(PRIOR.pieceLevel, PRIOR.rowLevel);
    const sum = (k: 0 | 1) =>
      maker[k] + families[family]![k] + weaves[weave]![k] + cords[cord]![k] + lot[k] + level[k];
    const rowMm = 6;
    const perMm = 5 + weave / 2;
    const rows = Math.round((uniform() < 0.1 ? 600 + 600 * uniform() : 160 + 100 * uniform()) / rowMm);
    const apart = ends + draw(PRIOR.ends);
    let walkS = 0;
    let walkH = 0;
    let woven = 0;
    const used: [number, number] = [0, 0];
    for (let r = 0; r < rows; r++) {
      const step = pair(PRIOR.pieceWalk / Math.sqrt(rows), PRIOR.rowWalk / Math.sqrt(rows));
      walkS += step[0];
      walkH += step[1];
      const height = rowMm * Math.exp(sum(1) + walkH);
      woven += height;
      for (const k of [0, 1] as const)
        used[k] +=
          perMm * height * Math.exp(sum(0) + walkS + (k === 0 ? apart : -apart)) * (1 + draw(PRIOR.row));
    }
    const isNewWeave = !tied.has(weave);
    tied.add(weave);
    const read = (mm: number, sd: number) => mm + sd * normal();
    const fixed = () => Math.hypot(Math.SQRT2 * TAPE.limpMm, TAPE.fixedMm);
    const entries = used.map((mm) => read(mm, fixed())) as [number, number];
    if (uniform() < world.slips)
      entries[uniform() < 0.5 ? 0 : 1]! += (uniform() < 0.5 ? 1 : -1) * (200 + 400 * uniform());
    const evidence: Evidence = {
      id: `piece ${i}`,
      at: i,
      weave: `weave ${weave}`,
      family: `family ${family}`,
      cord: `cord ${cord}`,
      batch: `lot ${batch}`,
      rowMm,
      ends: [
        { perMm, ...(uniform() < 0.1 ? {} : { usedMm: entries[0] }) },
        { perMm, usedMm: entries[1] },
      ],
      ...(uniform() < 0.15 ? {} : { rows }),
      ...(uniform() < 0.13 ? {} : { wovenMm: read(woven, TAPE.wovenMm) }),
    };
    return { evidence, trueUseMm: used, calculatedMm: perMm * woven, isNewWeave };
  });
}
