import type { CutOutcome } from '../../core/cutting/job.ts';
import type { CutMessage, CutRequest } from '../protocol.ts';

interface Heard {
  readonly onProgress: (done: number) => void;
  readonly onCut: (key: string, outcome: CutOutcome) => void;
  readonly onEnd: (problem?: string) => void;
}

/** Plans cuts off the page, one worker a job. Returns what stops it at once. */
export function planCutsInWorker(request: CutRequest, { onProgress, onCut, onEnd }: Heard): () => void {
  const worker = new Worker(new URL('../inside/cutting.worker.ts', import.meta.url), { type: 'module' });
  const end = (problem?: string) => {
    worker.terminate();
    onEnd(problem);
  };
  worker.onmessage = ({ data }: MessageEvent<CutMessage>) => {
    if (data.kind === 'progress') onProgress(data.done);
    else if (data.kind === 'cut') onCut(data.key, data.outcome);
    else end(data.kind === 'failed' ? data.message : undefined);
  };
  worker.onerror = (event) => end(`The planner stopped: ${event.message}`);
  worker.postMessage(request);
  return () => worker.terminate();
}
