/**
 * Are promises kept? Pieces by makers drawn from the prior: what was promised, before the first row and after measuring at
 * 8, 15 and 23 of 30 rows, beside what happened.   node --import tsx bench/chance.ts [--pieces 10000]
 */
import { drawnFrom, tiedPiece } from '../scripts/tiedPiece.ts';
import { allReach } from '../src/core/chance/joint.ts';
import { type Measuring, pieceState } from '../src/core/chance/piece.ts';
import { PRIOR, PRIOR_SHARED } from '../src/core/chance/spread.ts';

const flag = process.argv.indexOf('--pieces');
const PIECES = flag < 0 ? 10_000 : Number(process.argv[flag + 1]);
const ROWS = 30;
const EDGES = [0, 0.3, 0.5, 0.7, 0.85, 0.93, 0.97, 0.99, 1];

const straight = { usedMm: (rows: number) => 27 * rows, wovenMm: (rows: number) => 27 * rows };
const piece = {
  ends: [straight, straight],
  rows: ROWS,
  rowMm: 6,
  shared: PRIOR_SHARED,
  rowSd: PRIOR.rowHeight,
};

for (const measuredAt of [0, 8, 15, 23]) {
  const normal = drawnFrom(2026 + measuredAt);
  const bins = EDGES.slice(1).map(() => ({ n: 0, promised: 0, kept: 0 }));
  for (let i = 0; i < PIECES; i++) {
    const tied = tiedPiece(normal);
    // Tall rows: finished before it could be measured.
    if (tied.at.length <= measuredAt) continue;
    const cut = 27 * ROWS * Math.exp(0.06 * normal() + 0.05);
    const measured: Measuring[] =
      measuredAt === 0
        ? []
        : [
            ...[0, 1].map((end) => ({ rows: measuredAt, end, usedMm: tied.at[measuredAt - 1]!.used[end]! })),
            { rows: measuredAt, wovenMm: tied.at[measuredAt - 1]!.wovenMm },
          ];
    const state = pieceState(piece, measured);
    const toUse = 27 * (ROWS - measuredAt);
    const z = state.totalMm.map((mean, end) => {
      const over = 1 + (cut - mean) / toUse;
      return over <= 0 ? -8 : (Math.log(over) * toUse) / Math.sqrt(state.covariance[end]![end]!);
    });
    const shared = state.covariance[0]![1]! / Math.sqrt(state.covariance[0]![0]! * state.covariance[1]![1]!);
    const p = allReach(z, { loadings: [shared, shared], nu: state.nu }, state.scale);
    const bin = bins[EDGES.findIndex((edge, k) => k > 0 && p <= edge) - 1]!;
    bin.n++;
    bin.promised += p;
    if (tied.total.every((used) => used <= cut)) bin.kept++;
  }
  console.log(measuredAt === 0 ? 'before the first row' : `measured after row ${measuredAt} of ${ROWS}`);
  for (const { n, promised, kept } of bins.filter((b) => b.n >= 50)) {
    const mean = promised / n;
    const band = 2.576 * Math.sqrt((mean * (1 - mean)) / n);
    const isIn = Math.abs(kept / n - mean) <= band;
    const shown = (share: number) => `${(share * 100).toFixed(1)} %`;
    console.log(
      `  promised ${shown(mean).padStart(7)}  kept ${shown(kept / n).padStart(7)}  ± ${shown(band)}  of ${n}${isIn ? '' : '  OUTSIDE'}`,
    );
  }
}
