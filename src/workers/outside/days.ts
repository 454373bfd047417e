import { ok } from '../../core/result.ts';
import type { DaysMessage, DaysRequest } from '../protocol.ts';
import { runInWorker } from './run.ts';

/** Plans the days off the page. */
export const planDaysInWorker = (request: DaysRequest) =>
  runInWorker<DaysMessage, DaysMessage>(
    new Worker(new URL('../inside/days.worker.ts', import.meta.url), { type: 'module' }),
    request,
    { hear: ok, cancelled: 'Another plan of the days was asked for.' },
  );
