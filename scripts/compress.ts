import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import type { Plugin } from 'vite';

/** Below this a compressed file saves less than its own header. */
const LEAST_BYTES = 1024;
const TEXT = /\.(?:js|css|html|svg|json|wasm|webmanifest|txt)$/;

/** Writes every file of text once more in brotli and gzip, so that the server compresses nothing while it serves. */
export function compressBuild(dir: string): void {
  for (const name of readdirSync(dir, { recursive: true, encoding: 'utf8' })) {
    const path = join(dir, name);
    if (!TEXT.test(name) || statSync(path).size < LEAST_BYTES) continue;
    const raw = readFileSync(path);
    const params = { [constants.BROTLI_PARAM_QUALITY]: 9, [constants.BROTLI_PARAM_SIZE_HINT]: raw.length };
    writeFileSync(`${path}.br`, brotliCompressSync(raw, { params }));
    writeFileSync(`${path}.gz`, gzipSync(raw, { level: 9 }));
  }
}

/** As the last step of a build. */
export const compressed = (): Plugin => {
  let outDir = '';
  return {
    name: 'compressed',
    apply: 'build',
    configResolved: (config) => {
      outDir = resolve(config.root, config.build.outDir);
    },
    closeBundle: { order: 'post', sequential: true, handler: () => compressBuild(outDir) },
  };
};
