import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import wasmUrl from 'zxing-wasm/reader/zxing_reader.wasm?url';
import type { CodesMessage } from '../protocol.ts';

/** More codes in one picture are not looked for. */
const MOST = 16;

/** Reads every QR code in a picture. Nothing of it leaves the browser. */
self.onmessage = async ({ data }: MessageEvent<Blob>) => {
  try {
    prepareZXingModule({ overrides: { locateFile: () => wasmUrl } });
    const found = await readBarcodes(data, {
      formats: ['QRCode'],
      tryHarder: true,
      maxNumberOfSymbols: MOST,
    });
    say({ kind: 'codes', texts: found.filter((c) => c.isValid).map((c) => c.text) });
  } catch (error) {
    const message = `This picture can’t be read: ${(error as Error).message}`;
    say({ kind: 'failed', issues: [{ code: 'codes.picture', path: '', message }] });
  }
};

const say = (message: CodesMessage) => self.postMessage(message);
