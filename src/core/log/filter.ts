import { PRIOR } from '../chance/spread.ts';
import type { Evidence } from './evidence.ts';
import { ASK_BEYOND, BLUNDER, blockOf, DRIFT, JUMP, PIECE, TERMS } from './prior.ts';
import { type ModelRow, rowsOf } from './rows.ts';
import { AT, copyOf, initialState, type LogState, scaleOf, setBlock } from './state.ts';

/** What one reading of a piece came to. */
export interface Score {
  readonly field: ModelRow['field'];
  readonly end?: number;
  /** How far it is from what the log and the piece's other readings say, in standard deviations. */
  readonly z: number;
  /** Chance that it is no slip of the pen. */
  readonly sound: number;
}

/** What a piece taught. */
export interface Taught {
  readonly id: string;
  readonly scores: readonly Score[];
  /** Chance that the hand had changed by then. */
  readonly jumped: number;
  /** The maker's factor on cord per length after it, over all weaves, and its standard deviation (log scale). */
  readonly maker: { readonly s: number; readonly sd: number };
}

export interface Learned {
  readonly state: LogState;
  readonly makes: readonly Taught[];
  /** Pieces by what they are of, for the words. */
  readonly of: readonly Pick<Evidence, 'weave' | 'family' | 'cord'>[];
}

interface Mutable {
  x: Float64Array;
  P: Float64Array;
  nu: number;
  Q: number;
}

/**
 * Works through a log in the order of its dates, one pass, O(size²) for every number. The same log gives the same answer. Without `isRobust` slips and jumps are not thought
 * of: the plain filter, which equals the dense normal equations. `onPiece` is shown what is known before each piece; it must not keep the state, which goes on changing.
 */
export function learn(
  evidence: readonly Evidence[],
  isRobust = true,
  onPiece?: (before: LogState, piece: Evidence, number: number) => void,
): Learned {
  const inOrder = evidence.toSorted((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  let state = initialState(inOrder);
  const makes: Taught[] = [];
  for (const [number, e] of inOrder.entries()) {
    onPiece?.(state, e, number);
    begin(state, e.batch === undefined);
    const rows = rowsOf(e, state);
    const z = scoresOf(state, rows);
    const order = rows.map((_, i) => i).sort((a, b) => Math.abs(z[a]!) - Math.abs(z[b]!));
    const sorted = order.map((i) => rows[i]!);
    const jumped = isRobust && rows.length > 0 ? jumpChance(state, sorted) : 0;
    widen(state, jumped);
    const done = update(state, sorted, isRobust && !e.isConfirmed ? BLUNDER.share : 0);
    state = done.state;
    makes.push({
      id: e.id,
      jumped,
      scores: order.map((i, n) => ({
        field: rows[i]!.field,
        ...(rows[i]!.end === undefined ? {} : { end: rows[i]!.end }),
        z: z[i]!,
        sound: done.sound[n]!,
      })),
      maker: {
        s: state.x[AT.makerS]!,
        sd: Math.sqrt(scaleOf(state) * state.P[AT.makerS * state.size + AT.makerS]!),
      },
    });
  }
  return { state, makes, of: inOrder.map(({ weave, family, cord }) => ({ weave, family, cord })) };
}

/** Entries that are asked about: further off than four standard deviations. */
export const isOdd = (score: Pick<Score, 'z'>): boolean => Math.abs(score.z) > ASK_BEYOND;

/** Where nobody says which lot the cord is of, what lots differ by is part of the piece. */
const PIECE_OF_SOME_LOT = {
  s: Math.hypot(PIECE.s, TERMS.batch.s),
  h: Math.hypot(PIECE.h, TERMS.batch.h),
};

/** A new piece: the hand may have drifted, and the piece's own factors start over. */
function begin(state: LogState, isLotUnknown: boolean): void {
  const { x, P, size } = state;
  addBlock(state, AT.makerS, blockOf(DRIFT), 1);
  for (const i of [AT.pieceS, AT.pieceH, AT.pieceEnds]) {
    x[i] = 0;
    for (let j = 0; j < size; j++) {
      P[i * size + j] = 0;
      P[j * size + i] = 0;
    }
  }
  setBlock(state, AT.pieceS, isLotUnknown ? PIECE_OF_SOME_LOT : PIECE);
  P[AT.pieceEnds * size + AT.pieceEnds] = PRIOR.ends ** 2;
}

function addBlock(
  { P, size }: LogState,
  at: number,
  [ss, sh, hh]: readonly [number, number, number],
  share: number,
): void {
  P[at * size + at]! += share * ss;
  P[at * size + at + 1]! += share * sh;
  P[(at + 1) * size + at]! += share * sh;
  P[(at + 1) * size + at + 1]! += share * hh;
}

/** The hand may have jumped: the maker's two factors are as much less sure. */
const widen = (state: LogState, chance: number): void =>
  addBlock(state, AT.makerS, [JUMP.sd ** 2, 0, JUMP.sd ** 2], chance);

/** P·hᵀ of one row. */
function spreadAlong({ P, size }: LogState, h: ModelRow['h']): Float64Array {
  const g = new Float64Array(size);
  for (const [j, share] of h) for (let i = 0; i < size; i++) g[i]! += P[i * size + j]! * share;
  return g;
}

const dot = (h: ModelRow['h'], v: Float64Array): number =>
  h.reduce((sum, [i, share]) => sum + share * v[i]!, 0);

/** How far each reading is from what the log and the other readings say: zᵢ = (S⁻¹v)ᵢ / √((S⁻¹)ᵢᵢ·φ̂). */
export function scoresOf(state: LogState, rows: readonly ModelRow[]): number[] {
  const gs = rows.map((row) => spreadAlong(state, row.h));
  const S = rows.map((row, i) => gs.map((g, j) => dot(row.h, g) + (i === j ? row.r : 0)));
  const v = rows.map((row) => row.y - dot(row.h, state.x));
  const inverse = inverted(S);
  const phi = scaleOf(state);
  return rows.map((_, i) => {
    const weighed = inverse[i]!.reduce((sum, a, j) => sum + a * v[j]!, 0);
    return weighed / Math.sqrt(inverse[i]![i]! * phi);
  });
}

const normal = (v: number, variance: number): number =>
  Math.exp((-v * v) / (2 * variance)) / Math.sqrt(2 * Math.PI * variance);

/** Takes in the readings of a piece one by one, each a mixture of a sound one and a slip: still a step of rank one. */
function update(
  from: LogState,
  rows: readonly ModelRow[],
  slips: number,
): { state: LogState; sound: number[]; logEvidence: number } {
  const to: Mutable = { x: from.x, P: from.P, nu: from.nu, Q: from.Q };
  const sound: number[] = [];
  let logEvidence = 0;
  const { size } = from;
  for (const row of rows) {
    const g = spreadAlong({ ...from, ...to }, row.h);
    const S = dot(row.h, g) + row.r;
    const v = row.y - dot(row.h, to.x);
    const phi = to.Q / to.nu;
    const Sb = S + BLUNDER.sd ** 2;
    const good = (1 - slips) * normal(v, phi * S);
    const bad = slips * normal(v, phi * S + BLUNDER.sd ** 2);
    const p = slips === 0 ? 1 : good / (good + bad);
    logEvidence += Math.log(Math.max(1e-300, good + bad));
    const gain = v * (p / S + (1 - p) / Sb);
    const shrink = p / S + (1 - p) / Sb - (p * (1 - p) * v * v * (1 / S - 1 / Sb) ** 2) / Math.max(phi, 1);
    for (let i = 0; i < size; i++) {
      if (g[i] === 0) continue;
      to.x[i]! += g[i]! * gain;
      const share = shrink * g[i]!;
      for (let j = 0; j < size; j++) to.P[i * size + j]! -= share * g[j]!;
    }
    to.nu += p;
    to.Q += (p * v * v) / S;
    sound.push(p);
  }
  return { state: { ...from, ...to }, sound, logEvidence };
}

/** Chance that the hand had changed before this piece: the readings as they are against a hand that is 5 % less sure. */
function jumpChance(state: LogState, rows: readonly ModelRow[]): number {
  const calm = update(copyOf(state), rows, BLUNDER.share).logEvidence;
  const moved = copyOf(state);
  widen(moved, 1);
  const jumped = update(moved, rows, BLUNDER.share).logEvidence;
  return 1 / (1 + ((1 - JUMP.share) / JUMP.share) * Math.exp(calm - jumped));
}

/** The inverse of a small symmetric matrix, by elimination. */
function inverted(S: readonly (readonly number[])[]): number[][] {
  const n = S.length;
  const a = S.map((row, i) => [...row, ...Array.from({ length: n }, (_, j) => (i === j ? 1 : 0))]);
  for (let i = 0; i < n; i++) {
    const pivot = a[i]![i]!;
    for (let j = 0; j < 2 * n; j++) a[i]![j]! /= pivot;
    for (let k = 0; k < n; k++) {
      if (k === i) continue;
      const factor = a[k]![i]!;
      for (let j = 0; j < 2 * n; j++) a[k]![j]! -= factor * a[i]![j]!;
    }
  }
  return a.map((row) => row.slice(n));
}
