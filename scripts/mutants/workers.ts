import { type ChildProcess, fork } from 'node:child_process';
import { join } from 'node:path';
import type { Learnt, Order, Tried } from './messages.ts';

/** A test that takes so many times as long as without a mutant never ends. */
const PATIENCE = 6;
const LEAST_MS = 60_000;

/** A process that runs tests of a copy of the sources. */
export class Worker {
  readonly #child: ChildProcess;
  readonly #ready: Promise<unknown>;
  #answer: ((message: unknown) => void) | undefined;
  isGone = false;

  constructor(dir: string, mutants: number, active = -1) {
    this.#child = fork(join(dir, 'scripts/mutants/runner.ts'), {
      cwd: dir,
      execArgv: ['--import', 'tsx', '--max-old-space-size=3000'],
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
      env: { ...process.env, MUTANTS: String(mutants), ACTIVE: String(active) },
    });
    this.#ready = new Promise((resolve) => {
      this.#answer = resolve;
    });
    this.#child.on('message', (message) => this.#answer?.(message));
    this.#child.on('exit', () => {
      this.isGone = true;
      this.#answer?.(undefined);
    });
  }

  /** What comes back; nothing where the process ended, or had to be ended because it was never done. */
  async #ask(order: Order, expectedMs: number): Promise<unknown> {
    await this.#ready;
    if (this.isGone) return undefined;
    const timer = setTimeout(() => this.end(), LEAST_MS + PATIENCE * expectedMs);
    const answer = await new Promise((resolve) => {
      this.#answer = resolve;
      this.#child.send(order);
    });
    clearTimeout(timer);
    return answer;
  }

  learn = (file: string) => this.#ask({ kind: 'learn', file }, 600_000) as Promise<Learnt | undefined>;

  try = (order: Omit<Extract<Order, { kind: 'try' }>, 'kind'>, expectedMs: number) =>
    this.#ask({ kind: 'try', ...order }, expectedMs) as Promise<Tried | undefined>;

  end(): void {
    this.isGone = true;
    this.#child.kill('SIGKILL');
  }
}
