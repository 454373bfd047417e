import type { ZipMessage } from '../protocol.ts';
import { zipped } from './zip.ts';

/** Packs files into a ZIP: a large one takes a moment, and a copy may be due in the middle of a row. */
self.onmessage = ({ data }: MessageEvent<Readonly<Record<string, Uint8Array>>>) => {
  const message: ZipMessage = { bytes: zipped(data) };
  self.postMessage(message, { transfer: [message.bytes.buffer] });
};
