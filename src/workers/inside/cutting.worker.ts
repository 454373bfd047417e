import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import { planCuts } from '../../core/cutting/plan.ts';
import { verifyPlan } from '../../core/cutting/verify.ts';
import type { CutMessage, CutRequest } from '../protocol.ts';
import { highsSolver } from './highs.ts';

const post = (message: CutMessage) => self.postMessage(message);

/** Plans the cuts of every group, one after the other; a plan that does not add up is never handed out. */
self.onmessage = async ({ data }: MessageEvent<CutRequest>) => {
  try {
    const solver = highsSolver(await loadHighs({ locateFile: () => wasmUrl }));
    for (const [i, { key, problem }] of data.groups.entries()) {
      const result = planCuts(problem, solver, {
        seconds: data.seconds,
        onProgress: (stage, done) => {
          post({ kind: 'progress', done: (i + done) / data.groups.length, stage });
          return true;
        },
      });
      const wrong = result.ok ? verifyPlan(problem, result.plan) : [];
      if (wrong.length > 0) throw new Error(wrong[0]);
      post({ kind: 'cut', key, result });
    }
    post({ kind: 'done' });
  } catch (error) {
    post({ kind: 'failed', message: (error as Error).message });
  }
};
