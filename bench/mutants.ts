/**
 * Do the tests hold the numbers? Small mutations in the core (a constant, a sign, a threshold, a condition), sampled with
 * a seed; each is put into a copy of the sources and the core's tests are run on it.
 *   node --import tsx bench/mutants.ts [--sample 200] [--seed 1] [--only plan/checks]
 */
import { spawn } from 'node:child_process';
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
import { type Mutant, mutantsOf, observed } from '../scripts/mutate.ts';
import { seeded } from '../src/core/random.ts';

const { values } = parseArgs({
  options: {
    sample: { type: 'string', default: '200' },
    seed: { type: 'string', default: '1' },
    only: { type: 'string', default: '' },
  },
});

const ROOT = join(import.meta.dirname, '..');
/** Rooms of the core whose numbers people cut by. */
const ROOMS = ['plan', 'closures', 'usage', 'fit', 'steps', 'colour'];
const AT_ONCE = Number(process.env.AT_ONCE ?? 2);
const TIMEOUT_MS = 300_000;
/** For all the tests in one go, beside other work. */
const ALL_TIMEOUT_MS = 3_600_000;
/** Of the files that meet a mutant, how many of the slowest wait until the quick ones have let it through. */
const QUICK_LEFT = 8;

const all: Mutant[] = [];
for (const room of ROOMS)
  for (const name of readdirSync(join(ROOT, 'src/core', room), { recursive: true, encoding: 'utf8' })) {
    const file = `src/core/${room}/${name}`;
    if (/(?<!\.test|\.gen)\.ts$/.test(file) && file.includes(values.only))
      all.push(...mutantsOf(file, readFileSync(join(ROOT, file), 'utf8')));
  }

const random = seeded(Number(values.seed));
const sampled = all
  .map((mutant) => ({ mutant, at: random() }))
  .sort((a, b) => a.at - b.at)
  .slice(0, Number(values.sample))
  .map((x) => x.mutant);
console.log(
  `${all.length} mutants in ${ROOMS.join(', ')}; ${sampled.length} sampled with seed ${values.seed}`,
);

/** A copy of what the core's tests read; its packages are the ones that are installed here. */
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
    'vitest.config.ts',
    'docs',
    'bench',
    'public',
    'README.md',
  ])
    cpSync(join(ROOT, name), join(dir, name), { recursive: true });
  symlinkSync(join(ROOT, 'node_modules'), join(dir, 'node_modules'));
  return dir;
}

/**
 * Vitest in a copy. `--no-isolate` shares modules between files and is quicker, but which file meets what is only seen
 * where each has its own.
 */
function vitest(
  dir: string,
  options: readonly string[],
  env: Record<string, string> = {},
  timeoutMs = TIMEOUT_MS,
): Promise<boolean> {
  return new Promise((resolve) => {
    // A loaded machine is slow: that alone notices nothing.
    const patience = ['--testTimeout', '60000', '--hookTimeout', '60000'];
    // Its own tests hold the core: those around it run other programs, or take long.
    const child = spawn(
      'npx',
      ['vitest', 'run', '--project', 'core', '--reporter', 'dot', ...patience, ...options],
      {
        cwd: dir,
        stdio: 'ignore',
        detached: true,
        env: { ...process.env, ...env },
      },
    );
    // A test that never ends has noticed, too.
    const timer = setTimeout(() => process.kill(-child.pid!, 'SIGKILL'), timeoutMs);
    child.on('exit', (code) => {
      clearTimeout(timer);
      resolve(code === 0);
    });
  });
}

const numbered = sampled.map((mutant, index) => ({ ...mutant, index }));

/** Which test files evaluate what a mutant changes, the quickest first; found by running all of them once. */
async function findTests(dir: string): Promise<ReadonlyMap<number, readonly string[]>> {
  const met = join(dir, 'met');
  mkdirSync(met);
  const setup = join(dir, 'scripts/vitest.setup.ts');
  writeFileSync(
    setup,
    `${readFileSync(setup, 'utf8')}
import { afterAll as afterEverything, expect } from 'vitest';
import { writeFileSync as write } from 'node:fs';
const met = new Set();
const began = performance.now();
globalThis.__met = (index) => void met.add(index);
afterEverything(() => {
  const file = expect.getState().testPath;
  const name = file.replaceAll(/[^a-zA-Z.]/g, '_');
  write(\`\${process.env.MET}/\${name}.json\`, JSON.stringify({ file, ms: performance.now() - began, met: [...met] }));
});
`,
  );
  const files = [...new Set(numbered.map((mutant) => mutant.file))];
  for (const file of files) {
    const path = join(dir, file);
    writeFileSync(
      path,
      observed(
        readFileSync(path, 'utf8'),
        numbered.filter((mutant) => mutant.file === file),
      ),
    );
  }
  const isSound = await vitest(dir, [], { MET: met }, ALL_TIMEOUT_MS);
  if (!isSound) throw new Error('The tests fail without any mutation: nothing can be learned from them.');
  const tests = new Map<number, string[]>(numbered.map((mutant) => [mutant.index, []]));
  const runs = readdirSync(met)
    .map(
      (name) =>
        JSON.parse(readFileSync(join(met, name), 'utf8')) as { file: string; ms: number; met: number[] },
    )
    .sort((a, b) => a.ms - b.ms);
  for (const run of runs) {
    const file = run.file.slice(dir.length + 1);
    for (const mutant of numbered)
      if (!mutant.seen || run.met.includes(mutant.index)) tests.get(mutant.index)!.push(file);
  }
  rmSync(dir, { recursive: true, force: true });
  return tests;
}

const survivors: Mutant[] = [];
const queue = [...numbered];
let done = 0;
const tests = await findTests(copySources());

/** The quick files first: most mutants fall there. */
async function isNoticed(dir: string, files: readonly string[]): Promise<boolean> {
  const parts = [files.slice(0, -QUICK_LEFT), files.slice(-QUICK_LEFT)].filter((part) => part.length > 0);
  for (const part of parts)
    if (!(await vitest(dir, ['--bail', '1', '--no-isolate', '--pool', 'threads', ...part]))) return true;
  return false;
}

async function work(): Promise<void> {
  const dir = copySources();
  for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
    const path = join(dir, mutant.file);
    const before = readFileSync(path, 'utf8');
    writeFileSync(path, before.slice(0, mutant.from) + mutant.becomes + before.slice(mutant.to));
    const files = tests.get(mutant.index)!;
    const isKilled = await isNoticed(dir, files);
    writeFileSync(path, before);
    done++;
    if (done % 10 === 0) console.log(`${done} tried, ${survivors.length} survived`);
    if (isKilled) continue;
    survivors.push(mutant);
    console.log(
      `${mutant.index}: survived ${files.length} files  ${mutant.file}:${mutant.line}  ${mutant.was} → ${mutant.becomes}    ${mutant.text}`,
    );
  }
  rmSync(dir, { recursive: true, force: true });
}
await Promise.all(Array.from({ length: AT_ONCE }, work));
const killed = sampled.length - survivors.length;
console.log(`${killed} of ${sampled.length} killed (${((100 * killed) / sampled.length).toFixed(1)} %)`);
