import { fail, ok, type Result } from '../../core/result.ts';
import type { RingMessage, RingRequest, TightRing } from '../protocol.ts';

interface Tightening {
  readonly result: Promise<Result<TightRing>>;
  readonly cancel: () => void;
}

/** Under this share of touching two cords may have passed through each other: no number is given then. */
const PASS_LIMIT = 0.3;

/** Pulls a ring tight off the page. Cancelling ends the worker at once. */
export function tightenRing(request: RingRequest, onProgress: (done: number) => void): Tightening {
  const worker = new Worker(new URL('../inside/ring.worker.ts', import.meta.url), { type: 'module' });
  let settle: (result: Result<TightRing>) => void = () => undefined;
  const result = new Promise<Result<TightRing>>((resolve) => {
    settle = (value) => {
      worker.terminate();
      resolve(value);
    };
  });
  worker.onmessage = ({ data }: MessageEvent<RingMessage>) => {
    if (data.kind === 'progress') onProgress(data.done);
    else if (data.kind === 'failed') settle({ ok: false, issues: data.issues });
    else if (data.tight.leastEver < PASS_LIMIT)
      settle(
        fail({
          code: 'tighten.passed',
          path: '',
          message:
            'Two cords came so near to each other that one may have passed through: no number is given. Fewer bights or thinner cord help.',
        }),
      );
    else settle(ok(data.tight));
  };
  worker.onerror = (event) =>
    settle(fail({ code: 'worker.error', path: '', message: `The solver stopped: ${event.message}` }));
  worker.postMessage(request);
  return {
    result,
    cancel: () =>
      settle(fail({ code: 'tighten.cancelled', path: '', message: 'Stopped before the ring was tight.' })),
  };
}
