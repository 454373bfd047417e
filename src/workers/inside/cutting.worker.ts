import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import { planJob } from '../../core/cutting/job.ts';
import type { CutMessage, CutRequest } from '../protocol.ts';
import { highsSolver } from './highs.ts';

const post = (message: CutMessage) => self.postMessage(message);

/** Plans the cuts of every group, one after the other; a plan that does not add up is never handed out. */
self.onmessage = async ({ data }: MessageEvent<CutRequest>) => {
  try {
    const solver = highsSolver(await loadHighs({ locateFile: () => wasmUrl }));
    for (const [i, { key, ...job }] of data.groups.entries()) {
      const outcome = planJob(job, solver, {
        seconds: data.seconds,
        onProgress: (stage, done) => {
          post({ kind: 'progress', done: (i + done) / data.groups.length, stage });
          return true;
        },
      });
      post({ kind: 'cut', key, outcome });
    }
    post({ kind: 'done' });
  } catch (error) {
    post({ kind: 'failed', message: (error as Error).message });
  }
};
