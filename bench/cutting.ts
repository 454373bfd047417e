/**
 * The cutting planner against the longest-first rules on the same sets in the same run: cost, waste, opened, tidy, what is proven, and time.
 *   node --import tsx bench/cutting.ts [seeds] [first letters of a set]
 */
import loadHighs from 'highs';
import { fitDecreasing } from '../src/core/cutting/fitting.ts';
import { type CuttingProblem, merged, STAGES, stageCost } from '../src/core/cutting/model.ts';
import { planCuts } from '../src/core/cutting/plan.ts';
import { verifyPlan } from '../src/core/cutting/verify.ts';
import { seeded } from '../src/core/random.ts';
import { highsSolver } from '../src/workers/inside/highs.ts';

const solver = highsSolver(await loadHighs());
const seeds = Number(process.argv[2] ?? 2);

type Random = () => number;
const whole = (random: Random, from: number, to: number) => from + Math.floor(random() * (to - from + 1));
const pieces = (lengths: readonly number[]) =>
  lengths.map((lengthMm, i) => ({ id: `p${i}`, label: `p${i}`, lengthMm }));
const pack = (lengthMm: number, priceCents: number) => ({
  id: `k${lengthMm}`,
  label: '',
  lengthMm,
  reserveMm: 0,
  priceCents,
});
const bar = (id: string, lengthMm: number, isOffcut: boolean) => ({
  id,
  label: '',
  lengthMm,
  reserveMm: 0,
  isOffcut,
});

/** Triples that fill a bin of a metre exactly: n/3 bins are the least. */
const triplets =
  (n: number) =>
  (random: Random): CuttingProblem => ({
    pieces: pieces(
      Array.from({ length: n / 3 }, () => {
        const a = whole(random, 380, 490);
        const b = whole(random, Math.ceil((1000 - a) / 2) - 60, Math.floor((1000 - a) / 2));
        return [a, b, 1000 - a - b];
      }).flat(),
    ),
    bars: [],
    packs: [pack(1000, 100)],
    kerfMm: 0,
    keepMm: 400,
  });
const uniform =
  (n: number) =>
  (random: Random): CuttingProblem => ({
    pieces: pieces(Array.from({ length: n }, () => whole(random, 20, 100))),
    bars: [],
    packs: [pack(150, 100)],
    kerfMm: 0,
    keepMm: 400,
  });
/** Thirty kits of three cords from mixed hanks: all of one size, or each of its own. */
const kits =
  (isOneSize: boolean) =>
  (random: Random): CuttingProblem => ({
    pieces: pieces(kitLengths(isOneSize, random)),
    bars: [
      ...Array.from({ length: 12 }, (_, i) => bar(`o${i}`, whole(random, 500, 3500), true)),
      bar('h1', 15_000, false),
      bar('h2', 28_400, false),
    ],
    packs: [pack(15_000, 620), pack(30_000, 1050)],
    kerfMm: 10,
    keepMm: 400,
  });

function kitLengths(isOneSize: boolean, random: Random): number[] {
  const one = () => [2100, 1450, 380].map((mm) => mm + 10 * whole(random, 0, 20));
  const same = one();
  return Array.from({ length: 30 }, () => (isOneSize ? same : one())).flat();
}

/** Many lengths of stock and many lengths wanted: 40 against 120, more wanted than there is. */
const manyLengths = (random: Random): CuttingProblem => ({
  pieces: pieces(
    Array.from({ length: 120 }, () => 200 + 10 * whole(random, 0, 480)).flatMap((mm) => [mm, mm]),
  ),
  bars: Array.from({ length: 40 }, (_, i) => bar(`b${i}`, 600 + 10 * whole(random, 0, 1400), i % 2 === 0)),
  packs: [pack(15_000, 620), pack(30_000, 1050)],
  kerfMm: 10,
  keepMm: 400,
});

const SETS: readonly (readonly [string, (random: Random) => CuttingProblem])[] = [
  ['triplets 60', triplets(60)],
  ['triplets 120', triplets(120)],
  ['triplets 249', triplets(249)],
  ['triplets 501', triplets(501)],
  ['uniform 120', uniform(120)],
  ['uniform 250', uniform(250)],
  ['uniform 500', uniform(500)],
  ['30 kits of one size', kits(true)],
  ['30 kits of all sizes', kits(false)],
  ['40 stock × 120 lengths', manyLengths],
];

const only = process.argv[3];
for (const [name, make] of SETS.filter(([n]) => !only || n.startsWith(only)))
  for (let seed = 1; seed <= seeds; seed++) {
    const problem = make(seeded(seed));
    const m = merged(problem);
    const rules = [false, true].map((isBest) => {
      const patterns = fitDecreasing(m, isBest);
      return patterns
        ? STAGES.map((s) =>
            patterns.reduce((t, p) => t + stageCost(s, m.bins[p.bin]!, p.restMm, m.keepMm), 0),
          ).join('/')
        : 'none';
    });
    const started = performance.now();
    const result = planCuts(problem, solver, { seconds: 3 });
    const seconds = (performance.now() - started) / 1000;
    const said = result.ok
      ? `${result.plan.stages.map((s) => s.value).join('/')}, bounds ${result.plan.stages.map((s) => s.bound).join('/')}, proven ${result.plan.stages.map((s) => (s.isProven ? 'y' : 'n')).join('')}${verifyPlan(problem, result.plan).length > 0 ? ', WRONG' : ''}`
      : 'short';
    console.log(
      `${name}, seed ${seed}: ${said}; first fit ${rules[0]}, best fit ${rules[1]}; ${seconds.toFixed(1)} s`,
    );
  }
