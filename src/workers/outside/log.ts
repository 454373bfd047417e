import { ok, type Result } from '../../core/result.ts';
import type { LogMessage, LogRequest } from '../protocol.ts';
import { runInWorker } from './run.ts';

/** Works a log through off the page. */
export const workLogInWorker = (request: LogRequest): Promise<Result<LogMessage>> =>
  runInWorker<LogMessage, LogMessage>(
    new Worker(new URL('../inside/log.worker.ts', import.meta.url), { type: 'module' }),
    request,
    { hear: ok, cancelled: 'Stopped before the log was worked through.' },
  ).result;
