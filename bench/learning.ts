/**
 * What the log is worth, on makers of a simulation that ties row by row: error of the predicted use of an end, and how often both ends stay within the 98 % cut, after so many makes.
 *   node --import tsx bench/learning.ts [makers]
 */
import { marginFor } from '../src/core/chance/joint.ts';
import {
  endSpread,
  PRIOR_NU,
  PRIOR_SHARED,
  pieceVariance,
  type SharedSpread,
} from '../src/core/chance/spread.ts';
import { isOdd, learn } from '../src/core/log/filter.ts';
import { forecast } from '../src/core/log/predict.ts';
import { MATCHED, type MadePiece, simulatedMaker, type World } from '../src/core/log/simulated.ts';
import { normals, seeded } from '../src/core/random.ts';

const makers = Number(process.argv[2] ?? 200);
const AFTER = [0, 1, 3, 10, 30];
const PROMISE = 0.98;
const ALL = 'all of these';
/** By the number of makes; all together last. */
const placeOf = (key: string): number => (key === ALL ? Number.POSITIVE_INFINITY : Number.parseInt(key, 10));

interface Sums {
  n: number;
  error: number;
  kept: number;
  leftMm: number;
}

/** Whether both ends of a piece stay within a cut planned from what is known, and what is left of it. */
function tried(
  piece: MadePiece,
  mean: number,
  shared: SharedSpread,
  ends = 0,
): { error: number; kept: boolean; leftMm: number } {
  const { calculatedMm, trueUseMm } = piece;
  const { variance, loading } = endSpread(shared, calculatedMm, piece.evidence.rows ?? 30);
  const q = marginFor(PROMISE, { loadings: [loading, loading], nu: shared.nu ?? PRIOR_NU });
  const said = [mean + ends, mean - ends];
  const cuts = said.map((m) => calculatedMm * Math.exp(m + q * Math.sqrt(variance)));
  return {
    error: trueUseMm.reduce(
      (sum, mm, k) => sum + Math.abs(mm / (calculatedMm * Math.exp(said[k]!)) - 1) / 2,
      0,
    ),
    kept: trueUseMm.every((mm, k) => mm <= cuts[k]!),
    leftMm: cuts[0]! + cuts[1]! - trueUseMm[0] - trueUseMm[1],
  };
}

function run(name: string, of: World | ((seed: number) => World)): void {
  const worldOf = (seed: number): World => (typeof of === 'function' ? of(seed) : of);
  const sums = new Map<string, Sums>();
  let [slips, found, alarms] = [0, 0, 0];
  const add = (key: string, t: ReturnType<typeof tried>) => {
    const s = sums.get(key) ?? { n: 0, error: 0, kept: 0, leftMm: 0 };
    sums.set(key, {
      n: s.n + 1,
      error: s.error + t.error,
      kept: s.kept + Number(t.kept),
      leftMm: s.leftMm + t.leftMm,
    });
  };
  for (let seed = 1; seed <= makers; seed++) {
    const world = worldOf(seed);
    const pieces = simulatedMaker(Math.max(...AFTER) + 1, world, seeded(seed));
    for (const n of AFTER) {
      const before = pieces.slice(0, n);
      const next = pieces[n]!;
      const isTied = before.some((p) => p.evidence.weave === next.evidence.weave);
      const isLotKnown = before.some((p) => p.evidence.batch === next.evidence.batch);
      const { batch: _lot, ...about } = next.evidence;
      const f = forecast(learn(before.map((p) => p.evidence)), isLotKnown ? next.evidence : about);
      const key = `${n} makes, ${isTied ? 'tied before' : 'a new weave'}`;
      const shared = { lasting: f.varS, piece: pieceVariance(f.scale), nu: f.nu, scale: f.scale };
      const t = tried(next, f.s, { ...shared, apart: f.varEnds }, f.ends);
      add(key, t);
      add(ALL, t);
      add(`${n} makes, fixed prior`, tried(next, 0, PRIOR_SHARED));
    }
    if (world.slips > 0) {
      const scores = new Map(
        learn(pieces.map((p) => p.evidence)).makes.map((m) => [m.id, m.scores.some(isOdd)]),
      );
      for (const p of pieces) {
        const off = p.evidence.ends.some(
          (e, k) => e.usedMm !== undefined && Math.abs(e.usedMm - p.trueUseMm[k as 0 | 1]) > 100,
        );
        if (off) slips++;
        if (off && scores.get(p.evidence.id)) found++;
        if (!off && scores.get(p.evidence.id)) alarms++;
      }
    }
  }
  console.log(`\n${name}, ${makers} makers`);
  for (const [key, s] of [...sums].toSorted((a, b) => placeOf(a[0]) - placeOf(b[0])))
    console.log(
      `  ${key.padEnd(24)} error ${((100 * s.error) / s.n).toFixed(2)} %, kept ${((100 * s.kept) / s.n).toFixed(1)} of 98, left ${(s.leftMm / s.n / 1000).toFixed(3)} m (n ${s.n})`,
    );
  if (slips > 0) console.log(`  slips found ${found} of ${slips}; false alarms ${alarms}`);
}

/** One scale of all true spreads a maker, as unsure as the prior is of it: ν over a sum of ν squared normals. */
function drawnScale(seed: number): World {
  const normal = normals(seeded(7000 + seed));
  const sum = Array.from({ length: PRIOR_NU }, () => normal() ** 2).reduce((a, b) => a + b, 0);
  return { wider: Math.sqrt(PRIOR_NU / sum), slips: 0 };
}

run('matched world, spreads as sure as the prior is of them', drawnScale);
run('spreads exactly as the prior’s middle', MATCHED);
run('all spreads 1.41 times (variances twice)', { wider: Math.SQRT2, slips: 0 });
run('spreads 0.71 times (variances half)', { wider: Math.SQRT1_2, slips: 0 });
run('slips of the pen in 4 of 100 pieces', { wider: 1, slips: 0.04 });
