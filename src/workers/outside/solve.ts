import type { SolvedWeave } from '../../core/patterns/types.ts';
import { ok } from '../../core/result.ts';
import type { SolveMessage, SolveRequest } from '../protocol.ts';
import { runInWorker } from './run.ts';

/** Pulls a weave tight off the page. */
export const solveInWorker = (request: SolveRequest, onProgress: (done: number) => void) =>
  runInWorker<SolveMessage, SolvedWeave>(
    new Worker(new URL('../inside/solve.worker.ts', import.meta.url), { type: 'module' }),
    request,
    {
      hear: (message) => {
        if (message.kind === 'solved') return ok(message.solved);
        if (message.kind === 'failed') return { ok: false, issues: message.issues };
        onProgress(message.done);
        return undefined;
      },
      cancelled: 'Stopped before the knot was tight.',
    },
  );
