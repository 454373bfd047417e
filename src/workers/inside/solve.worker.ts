import { rescaled } from '../../core/patterns/mixed.ts';
import { solveWeave } from '../../core/patterns/solve.ts';
import { looseStrands } from '../../core/weave/liftable.ts';
import { parse } from '../../core/weave/parse.ts';
import type { SolveMessage, SolveRequest } from '../protocol.ts';

const post = (message: SolveMessage) => self.postMessage(message);

/** Solves one weave and ends; the page stops it by ending the worker. */
self.onmessage = ({ data }: MessageEvent<SolveRequest>) => {
  const spec = parse(data.notation);
  if (!spec.ok) return post({ kind: 'failed', issues: spec.issues });
  const { squash, load, h, patience = 1, ease = 1, flatWithin } = data;
  const loose = data.mustHold ? looseStrands(spec.value) : [];
  if (loose.length > 0) return post({ kind: 'failed', issues: loose });
  const solved = solveWeave(
    data.id,
    spec.value,
    { squash, load, h, patience, ease, flatWithin },
    ({ done }) => {
      post({ kind: 'progress', done });
      return true;
    },
  );
  return post(
    solved.ok
      ? {
          kind: 'solved',
          solved: data.scale === undefined ? solved.value : rescaled(solved.value, data.scale),
        }
      : { kind: 'failed', issues: solved.issues },
  );
};
