import { ok } from '../../core/result.ts';
import type { CodesMessage } from '../protocol.ts';
import { runInWorker } from './run.ts';

/** The texts of all QR codes in a picture, read off the page. */
export const readCodesInWorker = (picture: Blob) =>
  runInWorker<CodesMessage, readonly string[]>(
    new Worker(new URL('../inside/codes.worker.ts', import.meta.url), { type: 'module' }),
    picture,
    {
      hear: (message) =>
        message.kind === 'codes' ? ok(message.texts) : { ok: false, issues: message.issues },
      cancelled: 'Stopped before the picture was read.',
    },
  );
