/**
 * Benchmarks as ratios within one run. `npm run bench` prints them; nothing here passes or fails.
 */
import { readFileSync } from 'node:fs';
import { firstScripts } from '../scripts/firstScripts.ts';
import { gallery } from '../src/core/colour/arrangements.ts';
import { PALETTE } from '../src/core/colour/palette.ts';
import { arrangedScene } from '../src/core/drawing/arranged.ts';
import { beamScene } from '../src/core/drawing/beam.ts';
import { paintTubes } from '../src/core/drawing/paint.ts';
import { bandTubes } from '../src/core/drawing/tubes.ts';
import { parseDesign } from '../src/core/formats/design.ts';
import { loadWeave, solvedFacts } from '../src/core/patterns/index.ts';
import { solveWeave } from '../src/core/patterns/solve.ts';
import { PATTERN_SOURCES } from '../src/core/patterns/sources.ts';
import { plan } from '../src/core/plan/plan.ts';
import { explore } from '../src/core/rings/explorer.ts';
import { ringRope } from '../src/core/rings/rope.ts';
import { runList } from '../src/core/rings/runList.ts';
import { narrowestWidth, passLength, type RingOnMandrel } from '../src/core/rings/sizes.ts';
import type { RingShape } from '../src/core/rings/types.ts';
import { guideFor } from '../src/core/steps/list/steps.ts';
import { rowPicture } from '../src/core/steps/rows/rowPicture.ts';
import { USUAL_WAY } from '../src/core/steps/types.ts';
import { addContacts, createContacts, refreshContacts } from '../src/core/tighten/contacts.ts';
import { refreshMeanEdges } from '../src/core/tighten/forces.ts';
import { DEFAULTS, run } from '../src/core/tighten/run.ts';
import { createState } from '../src/core/tighten/state.ts';
import type { Rope } from '../src/core/weave/types.ts';
import { plansOf } from './browser/plans.ts';
import { plansInBrowser } from './inBrowser.ts';

const FRAME_MS = 1000 / 60;

/** Median time of one call, in ms. */
function median(run: () => void, times = 40, warm = 5): number {
  for (let i = 0; i < warm; i++) run();
  const each = Array.from({ length: times }, () => {
    const started = performance.now();
    run();
    return performance.now() - started;
  });
  return each.sort((a, b) => a - b)[times >> 1]!;
}

const text = readFileSync('examples/ines-dome-night.json', 'utf8');
const design = parseDesign(text);
if (!design.ok) throw new Error('the example cannot be read');
// As while a slider is dragged: a few hundred plans into it.
const planTimes = await plansInBrowser(text, 200, 300);
const inNode = plansOf(text, 200, 300);
const planned = plan(design.value);
if (!planned.ok) throw new Error('the example cannot be planned');
const solved = (await loadWeave(design.value.pattern.id))!;
const pictures = { weave: solved, knots: new Map() };
const drawMs = median(() => void beamScene(planned.value, pictures, 'front'));
// On a machine that others use, too, the quickest tenth is nearest to what the work itself takes.
const perFrame = (times: readonly number[], place: number) =>
  (FRAME_MS / times[Math.floor(place * times.length)]!).toFixed(0);
console.log(
  `plans in one 60 Hz frame          ${perFrame(planTimes, 0.5)} in Chromium, ${perFrame(planTimes, 0.1)} in the quickest tenth (target 50)`,
);
console.log(
  `the same in Node.js               ${perFrame(inNode, 0.5)}, ${perFrame(inNode, 0.1)} in the quickest tenth`,
);
console.log(`Beam drawn, in 60 Hz frames       ${(drawMs / FRAME_MS).toFixed(2)}`);

const longBand = median(
  () =>
    void paintTubes(
      bandTubes({
        solved,
        diameterMm: 3.68,
        rows: 400,
        wovenMm: 400 * 5.9,
        startMm: 0,
        spans: new Map(),
      }),
      [PALETTE[0]!],
      'front',
    ),
  5,
);
console.log(`400-row band drawn, in frames      ${(longBand / FRAME_MS).toFixed(1)}`);
const braid = (await loadWeave('flat-braid-4'))!;
const galleryMs = median(() => {
  const { items } = gallery(braid, PALETTE.slice(0, 4));
  arrangedScene(braid, items[0]!.strands, PALETTE.slice(0, 4), 'front', 10);
}, 5);
console.log(
  `four-cord gallery to its first picture, in seconds   ${(galleryMs / 1000).toFixed(2)} (target 1)`,
);

/** How many pairs of edges are listed, and looked at, for each that touches, in a bar that is tight. */
const tight: Rope = {
  period: solved.periodD,
  strands: solved.strands.map((s, i) => ({
    name: s.name,
    role: s.role,
    kind: 'periodic',
    periods: s.periods,
    radius: s.radiusD,
    weight: 1,
    points: Float64Array.from(solved.points[i]!),
  })),
};
const state = createState(tight);
const list = createContacts(state.count);
refreshMeanEdges(state);
refreshContacts(list, state, solved.squash);
addContacts(list, state, 300, solved.squash, { energy: 0, strain: 0, closest: 1 });
const looked = list.length;
const near = Array.from(list.wake.slice(0, looked)).filter((w) => w < 0.05).length;
const touching = Array.from(list.wake.slice(0, looked)).filter((w) => w < 1e-3).length;
console.log(
  `pairs of edges listed ${(looked / touching).toFixed(1)}, tested ${(near / touching).toFixed(1)} for each in touch`,
);

const guideMs = median(() => void guideFor(design.value, planned.value, USUAL_WAY), 10);
const guide = guideFor(design.value, planned.value, USUAL_WAY);
if (!guide.ok) throw new Error('the example has no steps');
const tying = guide.value.tying[0]!;
const rowPictureMs = median(
  () => void rowPicture({ tying, row: 7, done: 2, cordOf: () => 0, looks: PALETTE, diameterMm: 3.7 }),
);
console.log(`steps of a bracelet, in frames    ${(guideMs / FRAME_MS).toFixed(2)}`);
console.log(`picture of a row, in frames       ${(rowPictureMs / FRAME_MS).toFixed(2)}`);

const row = PATTERN_SOURCES[0]!;
const rowMs = median(() => void solveWeave(row.id, row.draw(), { squash: row.squash }), 3);
const lookMs = median(() => void solvedFacts(row.id), 200);
console.log(`solve of a row, in looks-up       ${(rowMs / lookMs).toExponential(1)}`);
console.log(`solve of a row, in frames         ${(rowMs / FRAME_MS).toFixed(0)}`);
console.log(`memory while solving              ${(process.memoryUsage().rss / 512e6).toFixed(2)} of 512 MB`);
await import('./physics.ts');

try {
  for (const screen of ['StartPage', 'BenchPage', 'TiePage', 'StashPage', 'LogPage', 'OrdersPage']) {
    const sizes = [...firstScripts('dist', screen).values()];
    const bytes = sizes.reduce((sum, size) => sum + size, 0);
    const aim = screen === 'StartPage' ? ' of 200 kB aimed at' : '';
    console.log(
      `scripts of ${screen.padEnd(20)}  ${(bytes / 1000).toFixed(0)} kB${aim}, gzipped, in ${sizes.length} files`,
    );
  }
} catch {
  console.log('scripts: build first (npm run build)');
}

// Rings.
const large: RingShape = { leads: 25, bights: 101, coding: { by: 'row', n: 1 }, first: 'O' };
console.log(`run list of a 25 × 101, in 5 ms   ${(median(() => void runList(large)) / 5).toFixed(2)}`);
const sizes = Array.from({ length: 20 }, (_, i) => i + 2);
const gridMs = median(
  () => void explore({ girth: 210, d: 3.68, passes: 1, coding: large.coding, width: 20 }, sizes, sizes),
);
console.log(`grid of 400 rings, in frames      ${(gridMs / FRAME_MS).toFixed(2)}`);
const gaucho: RingOnMandrel = {
  shape: { leads: 9, bights: 16, coding: { by: 'row', n: 2 }, first: 'O' },
  passes: 1,
  girth: 56,
  d: 1,
};
const begun = performance.now();
const tightRing = run(ringRope(gaucho), { ...DEFAULTS, h: 0.3 });
const took = (performance.now() - begun) / 10_000;
const cord = tightRing.ok ? tightRing.value.lengths[0]! : Number.NaN;
const byFormula = passLength(gaucho, narrowestWidth(gaucho));
console.log(
  `a 9 × 16 pulled tight, in 10 s    ${took.toFixed(2)}, cord ${(cord / byFormula).toFixed(3)} of the formula’s`,
);
