/**
 * A process that loads the core once, with all sampled mutants in it behind switches, and calls its tests with one of them on. `MUTANTS` is
 * how many there are, `ACTIVE` the one that is on from the start, if any.
 */
import { pathToFileURL } from 'node:url';
import '../vitest.setup.ts';
import type { Item, Learnt, Order, Tried } from './messages.ts';

interface Collected {
  readonly name: string;
  readonly run: () => unknown;
}
interface Suite {
  readonly tests: readonly Collected[];
  readonly before: readonly (() => unknown)[];
}

const met = new Uint8Array(Number(process.env.MUTANTS));
let active = Number(process.env.ACTIVE ?? -1);
(globalThis as { __m?: (index: number) => boolean }).__m = (index) => {
  met[index] = 1;
  return index === active;
};
const takeMet = (): number[] => {
  const list = [...met.keys()].filter((i) => met[i] === 1);
  met.fill(0);
  return list;
};

const { collect } = (await import('vitest' as string)) as {
  collect: (load: () => Promise<unknown>) => Promise<Suite>;
};
let loads = 0;
async function load(file: string): Promise<Suite> {
  const suite = await collect(() => import(`${pathToFileURL(file).href}?n=${loads++}`));
  for (const before of suite.before) await before();
  return suite;
}
const suites = new Map<string, Suite>();

async function learn(file: string): Promise<Learnt> {
  await load(file);
  const loading = takeMet();
  const suite = await load(file);
  suites.set(file, suite);
  const collecting = takeMet();
  const tests: { name: string; ms: number; met: number[] }[] = [];
  for (const test of suite.tests) {
    const began = performance.now();
    try {
      await test.run();
    } catch (error) {
      return { file, loading, collecting, tests, failed: `${test.name}: ${(error as Error).message}` };
    }
    tests.push({ name: test.name, ms: performance.now() - began, met: takeMet() });
  }
  const collected = new Set(collecting);
  return { file, loading: loading.filter((i) => !collected.has(i)), collecting, tests };
}

/** The first test of an item that fails with a mutant on. */
async function failing({ file, again, tests }: Item, mutant: number): Promise<string | undefined> {
  const before = active;
  const plain = suites.get(file);
  try {
    if (!again && !plain) suites.set(file, await load(file));
    active = mutant;
    const suite = again ? await load(file) : suites.get(file)!;
    for (const index of tests ?? suite.tests.keys()) {
      const test = suite.tests[index];
      try {
        await test?.run();
      } catch {
        return test!.name;
      }
    }
    return undefined;
  } catch {
    return `${file} can’t be loaded`;
  } finally {
    active = before;
  }
}

async function tryOut(mutant: number, items: readonly Item[]): Promise<Tried> {
  for (const item of items) {
    const by = await failing(item, mutant);
    if (by === undefined) continue;
    const isSpoilt = active < 0 && (await failing(item, -1)) !== undefined;
    return { by, isSpoilt };
  }
  return { by: undefined, isSpoilt: false };
}

process.on('message', async (order: Order) => {
  process.send!(order.kind === 'learn' ? await learn(order.file) : await tryOut(order.mutant, order.items));
});
process.send!('ready');
