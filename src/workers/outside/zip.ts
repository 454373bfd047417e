import { ok } from '../../core/result.ts';
import type { ZipMessage } from '../protocol.ts';
import { runInWorker } from './run.ts';

/** Files by their names as one ZIP, packed off the page. Throws in words where the worker fails. */
export async function zipInWorker(files: Readonly<Record<string, Uint8Array>>): Promise<Uint8Array> {
  const packed = await runInWorker<ZipMessage, Uint8Array>(
    new Worker(new URL('../inside/zip.worker.ts', import.meta.url), { type: 'module' }),
    files,
    { hear: (message) => ok(message.bytes), cancelled: 'Stopped before it was packed.' },
  ).result;
  if (!packed.ok) throw new Error(packed.issues[0]!.message);
  return packed.value;
}
