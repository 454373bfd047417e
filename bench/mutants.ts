/**
 * Do the tests hold the numbers? Small mutations in the core (a constant, a sign, a threshold, a condition), sampled with
 * a seed; with each of them the core's tests are run. All of them are in one copy of the sources, behind switches: the core
 * is loaded once, and only tests are called that meet a mutant. One that is evaluated as the core is loaded, and each one that has
 * survived, is tried in a process of its own, with it on from the start.
 *   node --import tsx bench/mutants.ts [--sample 200] [--seed 1] [--only plan/checks] [--quick 500] [--which 3,17]
 * With --which only those of the sample are tried, to see whether they are noticed now. With --quick only tests are called that take no longer than so many ms: what survives those is not sure to survive all.
 */
import {
  cpSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { distances } from '../scripts/mutants/graph.ts';
import type { Item, Learnt } from '../scripts/mutants/messages.ts';
import { type Mutant, mutantsOf } from '../scripts/mutants/mutate.ts';
import { type Numbered, switched } from '../scripts/mutants/switched.ts';
import { Worker } from '../scripts/mutants/workers.ts';
import { seeded } from '../src/core/random.ts';

const { values } = parseArgs({
  options: {
    sample: { type: 'string', default: '200' },
    seed: { type: 'string', default: '1' },
    only: { type: 'string', default: '' },
    quick: { type: 'string', default: 'Infinity' },
    which: { type: 'string', default: '' },
  },
});

const ROOT = join(import.meta.dirname, '..');
/** Rooms of the core whose numbers people cut by. */
const ROOMS = ['plan', 'closures', 'usage', 'fit', 'steps', 'colour'];
const AT_ONCE = Number(process.env.AT_ONCE ?? 2);

const namesIn = (dir: string): string[] =>
  readdirSync(join(ROOT, dir), { recursive: true, encoding: 'utf8' });
const all: Mutant[] = [];
for (const room of ROOMS)
  for (const name of namesIn(`src/core/${room}`)) {
    const file = `src/core/${room}/${name}`;
    if (/(?<!\.test|\.gen)\.ts$/.test(file) && !file.includes('/testing/') && file.includes(values.only))
      all.push(...mutantsOf(file, readFileSync(join(ROOT, file), 'utf8')));
  }

const random = seeded(Number(values.seed));
const sampled: Numbered[] = all
  .map((mutant) => ({ mutant, at: random() }))
  .sort((a, b) => a.at - b.at)
  .slice(0, Number(values.sample))
  .map((x, index) => ({ ...x.mutant, index }));
console.log(
  `${all.length} mutants in ${ROOMS.join(', ')}; ${sampled.length} sampled with seed ${values.seed}`,
);

const tests = namesIn('src/core')
  .filter((name) => name.endsWith('.test.ts'))
  .map((name) => `src/core/${name}`);
const sources = new Map(
  namesIn('src/core')
    .filter((name) => name.endsWith('.ts'))
    .map((name) => [`src/core/${name}`, readFileSync(join(ROOT, 'src/core', name), 'utf8')]),
);

/** A copy of what the core's tests read, with every sampled mutant in it; its packages are those that are installed here, but for Vitest. */
function copySources(): string {
  const dir = mkdtempSync(join(tmpdir(), 'warp-beam-mutants-'));
  for (const name of [
    'src',
    'schemas',
    'examples',
    'scripts',
    'package.json',
    'tsconfig.json',
    'tsconfig.core.json',
    'docs',
    'bench',
    'public',
    'README.md',
  ])
    cpSync(join(ROOT, name), join(dir, name), { recursive: true });
  mkdirSync(join(dir, 'node_modules/vitest'), { recursive: true });
  for (const name of readdirSync(join(ROOT, 'node_modules')))
    if (name !== 'vitest') symlinkSync(join(ROOT, 'node_modules', name), join(dir, 'node_modules', name));
  writeFileSync(
    join(dir, 'node_modules/vitest/package.json'),
    JSON.stringify({ name: 'vitest', type: 'module', exports: './index.ts' }),
  );
  writeFileSync(
    join(dir, 'node_modules/vitest/index.ts'),
    "export * from '../../scripts/mutants/vitest.ts';\n",
  );
  for (const file of new Set(sampled.map((m) => m.file)))
    writeFileSync(
      join(dir, file),
      switched(
        sources.get(file)!,
        sampled.filter((m) => m.file === file),
      ),
    );
  return dir;
}

const dir = copySources();
process.on('exit', () => rmSync(dir, { recursive: true, force: true }));
const workers = Array.from({ length: AT_ONCE }, () => new Worker(dir, sampled.length));
/** Everything in a list, by all workers. */
async function share<T>(list: readonly T[], work: (item: T, worker: number) => Promise<void>): Promise<void> {
  const queue = [...list];
  await Promise.all(
    workers.map(async (_, worker) => {
      for (let item = queue.shift(); item !== undefined; item = queue.shift()) await work(item, worker);
    }),
  );
}

const learnt = new Map<string, Learnt>();
await share(tests, async (file, w) => {
  const found = await workers[w]!.learn(join(dir, file));
  if (!found || found.failed)
    throw new Error(`Without any mutation, ${file}: ${found?.failed ?? 'its process ended'}`);
  learnt.set(file, found);
});
/** Tests of a file that are called at all, by their places. */
const called = new Map(
  [...learnt].map(([file, { tests: list }]) => [
    file,
    [...list.keys()].filter((i) => list[i]!.ms <= Number(values.quick)),
  ]),
);
const msOf = (file: string): number =>
  called.get(file)!.reduce((sum, i) => sum + learnt.get(file)!.tests[i]!.ms, 0);
const isLoading = new Set([...learnt.values()].flatMap((l) => l.loading));
const closeness = new Map(tests.map((file) => [file, distances(file, sources)]));
console.log(
  `${tests.length} files of tests learnt; ${isLoading.size} mutants are met while the core is loaded`,
);

type Timed = Item & { readonly ms: number };
/** What meets a mutant, the quickest first. */
function itemsOf(index: number): Timed[] {
  return tests
    .flatMap((file): Timed[] => {
      const { collecting, tests: list } = learnt.get(file)!;
      const path = join(dir, file);
      const quick = called.get(file)!;
      if (collecting.includes(index)) return [{ file: path, again: true, tests: quick, ms: msOf(file) }];
      return quick.flatMap((i) =>
        list[i]!.met.includes(index) ? [{ file: path, again: false, tests: [i], ms: list[i]!.ms }] : [],
      );
    })
    .sort((a, b) => a.ms - b.ms);
}
/** Files whose tests load the one that a mutant is in, the nearest first. */
function loadersOf({ file }: Numbered): Timed[] {
  return tests
    .flatMap((test) => {
      const distance = closeness.get(test)!.get(file);
      return distance === undefined
        ? []
        : [{ file: join(dir, test), again: false, tests: called.get(test)!, ms: msOf(test), distance }];
    })
    .sort((a, b) => a.distance - b.distance || a.ms - b.ms);
}
const total = (items: readonly Timed[]): number => items.reduce((sum, item) => sum + item.ms, 0);

/** Whether a mutant is noticed by a process of its own. */
async function isNoticedAlone(mutant: Numbered): Promise<boolean> {
  const items = isLoading.has(mutant.index)
    ? loadersOf(mutant)
    : itemsOf(mutant.index).map((item) => ({ ...item, again: false }));
  if (items.length === 0) return false;
  const worker = new Worker(dir, sampled.length, mutant.index);
  const tried = await worker.try({ mutant: mutant.index, items }, total(items));
  worker.end();
  return tried === undefined || tried.by !== undefined;
}

async function isNoticed(mutant: Numbered, w: number): Promise<boolean> {
  if (isLoading.has(mutant.index)) return isNoticedAlone(mutant);
  const items = itemsOf(mutant.index);
  for (let attempt = 0; attempt < 2; attempt++) {
    if (workers[w]!.isGone) workers[w] = new Worker(dir, sampled.length);
    const tried = await workers[w]!.try({ mutant: mutant.index, items }, total(items));
    // A test that never ends, or a process that runs out of memory, has noticed, too.
    if (!tried) return true;
    if (tried.isSpoilt) workers[w]!.end();
    if (tried.by === undefined) return values.quick === 'Infinity' && (await isNoticedAlone(mutant));
    if (!tried.isSpoilt) return true;
  }
  return true;
}

const survivors: Mutant[] = [];
let done = 0;
const which = new Set(values.which.split(',').filter(Boolean).map(Number));
const tried = sampled.filter((m) => which.size === 0 || which.has(m.index));
await share(tried, async (mutant, w) => {
  const isKilled = await isNoticed(mutant, w);
  done++;
  if (!isKilled) {
    survivors.push(mutant);
    console.log(
      `${mutant.index}: survived ${itemsOf(mutant.index).length} tests  ${mutant.file}:${mutant.line}  ${mutant.was} → ${mutant.becomes}    ${mutant.text}`,
    );
  }
  if (done % 10 === 0) console.log(`${done} tried, ${survivors.length} survived`);
});
for (const worker of workers) worker.end();
const killed = tried.length - survivors.length;
console.log(`${killed} of ${tried.length} killed (${((100 * killed) / tried.length).toFixed(1)} %)`);
