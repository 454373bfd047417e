import type { Estimate } from './normal.ts';
import { apartOf, PRIOR, PRIOR_NU, type SharedSpread, TAPE } from './spread.ts';

/** One working end as planned: what its cord has used once so many rows are tied, in mm; fractions of a row count. */
interface PlannedEnd {
  readonly usedMm: (rows: number) => number;
  /** The woven share of that, which the maker's hand makes more or less. */
  readonly wovenMm: (rows: number) => number;
}

export interface PlannedPiece {
  readonly ends: readonly PlannedEnd[];
  readonly rows: number;
  readonly rowMm: number;
  readonly shared: SharedSpread;
  /** Standard deviation of the logarithm of the row height. */
  readonly rowSd: number;
  /** How much more cord per length the maker uses at its end than at its start (log scale), where a log knows it. */
  readonly tiring?: Estimate | undefined;
  /** The maker has settled on this many rows: it is not the length that decides. */
  readonly settledRows?: number | undefined;
}

/** What a tape told: after so many rows, what one end had used, or how long the weave was. In mm. */
export type Measuring =
  | { readonly rows: number; readonly end: number; readonly usedMm: number }
  | { readonly rows: number; readonly wovenMm: number };

export interface PieceState {
  /** Cord that each end will have used once the piece is woven: mean and covariance, row by row, in mm. */
  readonly totalMm: readonly number[];
  readonly covariance: readonly Float64Array[];
  /** Rows that fill the length, by what is known. */
  readonly rows: { readonly mean: number; readonly sd: number };
  /** Factors on cord per length and on row height, as natural logarithms. */
  readonly use: { readonly mean: number; readonly sd: number };
  /** How much more at its end than at its start. */
  readonly tiring: Estimate;
  readonly row: { readonly mean: number; readonly sd: number };
  /** Factor on the cord that one row uses: both together. */
  readonly perRow: { readonly mean: number; readonly sd: number };
  /** The common scale of all variances, and how well it is known. */
  readonly scale: number;
  readonly nu: number;
}

/** Places in the state: factors, their walks, woven length off the line, tiring; then two for each end. */
const [S, H, WS, WH, LEN, TIRE, FIRST] = [0, 1, 2, 3, 4, 5, 6];
const ROUNDS = 3;
/** More steps than this add nothing. */
const MOST_STEPS = 240;

/**
 * What a piece will use in the end, from the plan and every measuring in it: a linear filter on the deviations of cord per
 * length, row height, their walks along the piece, and each end's own cord. The line that it starts from is moved to
 * what it found, and everything is gone through once more.
 */
export function pieceState(piece: PlannedPiece, measured: readonly Measuring[]): PieceState {
  let line = { s: 0, h: 0 };
  let state = pass(piece, measured, line);
  for (let round = 1; round < ROUNDS && measured.length > 0; round++) {
    line = { s: state.use.mean, h: state.row.mean };
    state = pass(piece, measured, line);
  }
  return state;
}

/** By how much all variances are larger than was thought before this piece. */
const scaleOf = ({ shared }: Pick<PlannedPiece, 'shared'>): number => shared.scale ?? 1;

interface Line {
  readonly s: number;
  readonly h: number;
}

function pass(piece: PlannedPiece, measured: readonly Measuring[], line: Line): PieceState {
  const K = piece.ends.length;
  const n = FIRST! + 2 * K;
  const x = new Float64Array(n);
  const P = Array.from({ length: n }, () => new Float64Array(n));
  const { shared, rowSd } = piece;
  const scale = scaleOf(piece);
  const [varS, varH] = [
    shared.lasting + scale * PRIOR.pieceLevel ** 2,
    rowSd ** 2 + scale * PRIOR.rowLevel ** 2,
  ];
  const covSH = PRIOR.correlation * Math.sqrt(varS * varH);
  [x[S!], x[H!]] = [-line.s, -line.h];
  P[S!]![S!] = varS;
  P[H!]![H!] = varH;
  P[S!]![H!] = P[H!]![S!] = covSH;
  // The piece's mean is what is known: tiring turns about its middle.
  x[TIRE!] = piece.tiring?.mean ?? 0;
  P[TIRE!]![TIRE!] = (piece.tiring?.sd ?? PRIOR.tiring) ** 2;
  for (let i = 0; i < K; i++) {
    P[FIRST! + 2 * i]![FIRST! + 2 * i] = apartOf(shared);
    P[FIRST! + 2 * i + 1]![FIRST! + 2 * i + 1] = scale * (TAPE.limpMm ** 2 + 0.5 * TAPE.fixedMm ** 2);
  }
  const rowMm = piece.rowMm * Math.exp(line.h);
  const grown = Math.exp(line.s + line.h);
  const lengthMm = piece.rows * piece.rowMm;
  const last = piece.settledRows ?? Math.max(1, lengthMm / rowMm);
  const used = (i: number, rows: number) => beyond(piece.ends[i]!.usedMm, rows, piece.rows);
  const woven = (i: number, rows: number) => beyond(piece.ends[i]!.wovenMm, rows, piece.rows);
  const lineUsed = (i: number, rows: number) => used(i, rows) + woven(i, rows) * (grown - 1);
  const known = piece.shared.nu ?? PRIOR_NU;
  let [at, nu, sum] = [0, known, known];
  const stepMm = Math.max(1, Math.ceil(last / MOST_STEPS));

  const moveTo = (rows: number) => {
    while (at < rows - 1e-9) {
      const to = Math.min(rows, at + stepMm);
      advance(x, P, {
        rows: to - at,
        share: (at + to) / 2 / last - 0.5,
        perRow: piece.ends.map((_, i) => (woven(i, to) - woven(i, at)) * grown),
        lengthMm: rowMm * (to - at),
        total: last,
        scale,
      });
      at = to;
    }
  };
  const sorted = measured.toSorted((a, b) => a.rows - b.rows);
  for (const m of sorted) {
    moveTo(Math.min(m.rows, last));
    const isLength = 'wovenMm' in m;
    const index = isLength ? LEN! : FIRST! + 2 * m.end + 1;
    const seen = isLength ? m.wovenMm - m.rows * rowMm : m.usedMm - lineUsed(m.end, m.rows);
    const noise = scale * (isLength ? TAPE.wovenMm ** 2 : TAPE.limpMm ** 2);
    const S2 = P[index]![index]! + noise;
    sum += (seen - x[index]!) ** 2 / S2;
    nu += 1;
    observe(x, P, index, seen, S2);
  }
  moveTo(last);
  return sumOf(piece, line, x, P, { rowMm, last, lineUsed, woven, grown, nu, scale: sum / nu });
}

/** Rows beyond the planned ones use what one uses on average. */
function beyond(curve: (rows: number) => number, rows: number, planned: number): number {
  if (rows <= planned) return curve(rows);
  return curve(planned) + ((curve(planned) - curve(0)) / planned) * (rows - planned);
}

interface Step {
  readonly rows: number;
  readonly share: number;
  readonly perRow: readonly number[];
  readonly lengthMm: number;
  readonly total: number;
  readonly scale: number;
}

/** x ← F·x, P ← F·P·Fᵀ + Q for some rows: every end's cord and the length gain what the factors make of them. */
function advance(x: Float64Array, P: Float64Array[], step: Step): void {
  const n = x.length;
  const add = (row: number, terms: readonly (readonly [number, number])[]) => {
    const into = P[row]!;
    for (const [col, f] of terms) {
      const from = P[col]!;
      x[row]! += f * x[col]!;
      for (let j = 0; j < n; j++) into[j]! += f * from[j]!;
    }
    for (const [col, f] of terms) for (const line of P) line[row]! += f * line[col]!;
  };
  add(LEN!, [
    [H!, step.lengthMm],
    [WH!, step.lengthMm],
  ]);
  for (const [i, u] of step.perRow.entries()) {
    add(FIRST! + 2 * i + 1, [
      [S!, u],
      [H!, u],
      [WS!, u],
      [WH!, u],
      [TIRE!, u * step.share],
      [FIRST! + 2 * i, u],
    ]);
    P[FIRST! + 2 * i + 1]![FIRST! + 2 * i + 1]! += (step.scale * (PRIOR.row * u) ** 2) / step.rows;
  }
  const q = (step.scale * step.rows) / step.total;
  const cov = PRIOR.correlation * PRIOR.pieceWalk * PRIOR.rowWalk * q;
  P[WS!]![WS!]! += PRIOR.pieceWalk ** 2 * q;
  P[WH!]![WH!]! += PRIOR.rowWalk ** 2 * q;
  P[WS!]![WH!]! += cov;
  P[WH!]![WS!]! += cov;
}

/** One reading of one place of the state, a rank-one step. `S2` is the variance of the reading before it was known. */
function observe(x: Float64Array, P: Float64Array[], index: number, seen: number, S2: number): void {
  const n = x.length;
  const g = Float64Array.from({ length: n }, (_, j) => P[j]![index]!);
  const v = seen - x[index]!;
  for (let j = 0; j < n; j++) x[j]! += (g[j]! * v) / S2;
  for (let j = 0; j < n; j++) for (let k = 0; k < n; k++) P[j]![k]! -= (g[j]! * g[k]!) / S2;
}

interface Ended {
  readonly rowMm: number;
  readonly last: number;
  readonly lineUsed: (end: number, rows: number) => number;
  readonly woven: (end: number, rows: number) => number;
  readonly grown: number;
  readonly nu: number;
  readonly scale: number;
}

/** From the state after the last row to what every end has used when the length is full. */
function sumOf(piece: PlannedPiece, line: Line, x: Float64Array, P: Float64Array[], e: Ended): PieceState {
  const K = piece.ends.length;
  const isByLength = piece.settledRows === undefined;
  // A millimetre of length too much is so much less cord, whichever rows it is taken from.
  const perMm = piece.ends.map((_, i) =>
    isByLength ? ((e.woven(i, e.last) - e.woven(i, 0)) * e.grown) / (e.last * e.rowMm) : 0,
  );
  const C = (i: number) => FIRST! + 2 * i + 1;
  const covariance = Array.from({ length: K }, (_, i) =>
    Float64Array.from({ length: K }, (_u, j) => {
      const own = i === j ? 0.5 * scaleOf(piece) * TAPE.fixedMm ** 2 : 0;
      return (
        P[C(i)]![C(j)]! -
        perMm[j]! * P[C(i)]![LEN!]! -
        perMm[i]! * P[LEN!]![C(j)]! +
        perMm[i]! * perMm[j]! * P[LEN!]![LEN!]! +
        own
      );
    }),
  );
  const rowsSd = Math.sqrt(Math.max(0, P[LEN!]![LEN!]!)) / e.rowMm;
  return {
    totalMm: piece.ends.map((_, i) => e.lineUsed(i, e.last) + x[C(i)]! - perMm[i]! * x[LEN!]!),
    covariance,
    rows: { mean: e.last - (isByLength ? x[LEN!]! / e.rowMm : 0), sd: isByLength ? rowsSd : 0 },
    use: factor(x, P, [S!, WS!], line.s),
    tiring: factor(x, P, [TIRE!], 0),
    row: factor(x, P, [H!, WH!], line.h),
    perRow: factor(x, P, [S!, WS!, H!, WH!], line.s + line.h),
    scale: e.scale,
    nu: e.nu,
  };
}

/** A sum of places of the state, off the line that they are deviations from. */
function factor(x: Float64Array, P: Float64Array[], places: readonly number[], line: number) {
  let [mean, variance] = [line, 0];
  for (const i of places) {
    mean += x[i]!;
    for (const j of places) variance += P[i]![j]!;
  }
  return { mean, sd: Math.sqrt(Math.max(0, variance)) };
}
