import { fail, type Result } from '../../core/result.ts';

interface Running<T> {
  readonly result: Promise<Result<T>>;
  readonly cancel: () => void;
}

/**
 * Hands a request to a worker of its own and waits for what comes out; `hear` answers each message with the result, or with
 * nothing while there is none yet. Cancelling ends the worker at once.
 */
export function runInWorker<M, T>(
  worker: Worker,
  request: unknown,
  { hear, cancelled }: { readonly hear: (message: M) => Result<T> | undefined; readonly cancelled: string },
): Running<T> {
  let settle: (result: Result<T>) => void = () => undefined;
  const result = new Promise<Result<T>>((resolve) => {
    settle = (value) => {
      worker.terminate();
      resolve(value);
    };
  });
  worker.onmessage = ({ data }: MessageEvent<M>) => {
    const heard = hear(data);
    if (heard) settle(heard);
  };
  worker.onerror = (event) =>
    settle(fail({ code: 'worker.error', path: '', message: `The work stopped: ${event.message}` }));
  worker.postMessage(request);
  return {
    result,
    cancel: () => settle(fail({ code: 'tighten.cancelled', path: '', message: cancelled })),
  };
}
