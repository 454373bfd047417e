import { fail, ok } from '../../core/result.ts';
import type { RingMessage, RingRequest, TightRing } from '../protocol.ts';
import { runInWorker } from './run.ts';

/** Under this share of touching two cords may have passed through each other: no number is given then. */
const PASS_LIMIT = 0.3;

/** Pulls a ring tight off the page. */
export const tightenRing = (request: RingRequest, onProgress: (done: number) => void) =>
  runInWorker<RingMessage, TightRing>(
    new Worker(new URL('../inside/ring.worker.ts', import.meta.url), { type: 'module' }),
    request,
    {
      hear: (message) => {
        if (message.kind === 'progress') {
          onProgress(message.done);
          return undefined;
        }
        if (message.kind === 'failed') return { ok: false, issues: message.issues };
        if (message.tight.leastEver >= PASS_LIMIT) return ok(message.tight);
        return fail({
          code: 'tighten.passed',
          path: '',
          message:
            'Two cords came so near to each other that one may have passed through: no number is given. Fewer bights or thinner cord help.',
        });
      },
      cancelled: 'Stopped before the ring was tight.',
    },
  );
