/**
 * Do the tests hold the numbers? Small mutations in the core (a constant, a sign, a threshold, a condition), sampled with
 * a seed; each is put into a copy of the sources and the core's tests are run on it.
 *   node --import tsx bench/mutants.ts [--sample 200] [--seed 1] [--only plan/checks]
 */
import { spawn } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { type Mutant, mutantsOf } from '../scripts/mutate.ts';
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
/** What is run on a mutant that the quick tests have let through: everything that plans, steps, counts or draws a closure. */
const THOROUGH = ['plan', 'steps', 'colour', 'chance', 'formats', 'drawing/closed', 'drawing/hardware'].map(
  (room) => `src/core/${room}`,
);
const AT_ONCE = Number(process.env.AT_ONCE ?? 2);
/** Sweeps: run only on what the quick tests of a room have let through. The engine's own tests see nothing of these. */
const SLOW = ['sweep', 'fixes', 'guard', 'chance', 'steps', 'faults', 'slipPicture'];
const TIMEOUT_MS = 600_000;

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

/** Whether some test fails. One that never ends has noticed, too. */
function fails(dir: string, options: readonly string[]): Promise<boolean> {
  return new Promise((resolve) => {
    const child = spawn(
      'npx',
      ['vitest', 'run', '--bail', '1', '--reporter', 'dot', '--no-isolate', '--pool', 'threads', ...options],
      {
        cwd: dir,
        stdio: 'ignore',
        detached: true,
      },
    );
    const timer = setTimeout(() => process.kill(-child.pid!, 'SIGKILL'), TIMEOUT_MS);
    child.on('exit', (code) => {
      clearTimeout(timer);
      resolve(code !== 0);
    });
  });
}

const survivors: Mutant[] = [];
const queue = [...sampled];
let done = 0;
/** Whether the tests that a mutant must face fail: the quick ones of its room first. */
const isNoticed = async (dir: string, room: string): Promise<boolean> =>
  (await fails(dir, [
    ...new Set([room, 'src/core/plan', 'src/core/closures']),
    ...SLOW.flatMap((file) => ['--exclude', `**/${file}.test.ts`]),
  ])) || (await fails(dir, THOROUGH));

async function work(isFirst: boolean): Promise<void> {
  const dir = copySources();
  if (isFirst && (await isNoticed(dir, 'src/core/fit')))
    throw new Error('The tests fail without any mutation: nothing can be learned from them.');
  for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
    const path = join(dir, mutant.file);
    const before = readFileSync(path, 'utf8');
    writeFileSync(path, before.slice(0, mutant.from) + mutant.becomes + before.slice(mutant.to));
    const room = mutant.file.split('/').slice(0, 3).join('/');
    const isKilled = await isNoticed(dir, room);
    writeFileSync(path, before);
    done++;
    if (done % 10 === 0) console.log(`${done} tried, ${survivors.length} survived`);
    if (isKilled) continue;
    survivors.push(mutant);
    console.log(
      `${done}: survived  ${mutant.file}:${mutant.line}  ${mutant.was} → ${mutant.becomes}    ${mutant.text}`,
    );
  }
  rmSync(dir, { recursive: true, force: true });
}
await Promise.all(Array.from({ length: AT_ONCE }, (_, i) => work(i === 0)));
const killed = sampled.length - survivors.length;
console.log(`${killed} of ${sampled.length} killed (${((100 * killed) / sampled.length).toFixed(1)} %)`);
