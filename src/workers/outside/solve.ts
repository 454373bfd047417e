import type { SolvedWeave } from '../../core/patterns/types.ts';
import { fail, ok, type Result } from '../../core/result.ts';
import type { SolveMessage, SolveRequest } from '../protocol.ts';

interface Solving {
  readonly result: Promise<Result<SolvedWeave>>;
  readonly cancel: () => void;
}

/** Pulls a weave tight off the page. Cancelling ends the worker at once. */
export function solveInWorker(request: SolveRequest, onProgress: (done: number) => void): Solving {
  const worker = new Worker(new URL('../inside/solve.worker.ts', import.meta.url), { type: 'module' });
  let settle: (result: Result<SolvedWeave>) => void = () => undefined;
  const result = new Promise<Result<SolvedWeave>>((resolve) => {
    settle = (value) => {
      worker.terminate();
      resolve(value);
    };
  });
  worker.onmessage = ({ data }: MessageEvent<SolveMessage>) => {
    if (data.kind === 'progress') onProgress(data.done);
    else settle(data.kind === 'solved' ? ok(data.solved) : { ok: false, issues: data.issues });
  };
  worker.onerror = (event) =>
    settle(fail({ code: 'worker.error', path: '', message: `The solver stopped: ${event.message}` }));
  worker.postMessage(request);
  return {
    result,
    cancel: () =>
      settle(fail({ code: 'tighten.cancelled', path: '', message: 'Stopped before the knot was tight.' })),
  };
}
