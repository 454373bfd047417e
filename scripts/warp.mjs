/**
 * `npm run --silent warp -- COMMAND …`: the core from a terminal. It is built once into .cache and built again when a
 * source is newer, so that an answer does not wait for a compiler.
 */
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from './bundle.mjs';
import { ensureInstalled, root } from './install.mjs';

const OUT = join(root, '.cache/warp');
const ENTRY = join(OUT, 'main.js');

ensureInstalled();
if (!isFresh()) await bundle('src/cli/main.ts', OUT);
process.chdir(process.env.INIT_CWD ?? process.cwd());
await import(pathToFileURL(ENTRY).href);

/** Whether nothing that the commands are made of has changed since they were built. */
function isFresh() {
  if (!existsSync(ENTRY)) return false;
  const built = statSync(ENTRY).mtimeMs;
  const sources = ['src/core', 'src/cli'].flatMap((dir) =>
    readdirSync(join(root, dir), { recursive: true }).map((name) => join(root, dir, name)),
  );
  return [...sources, join(root, 'package-lock.json')].every((path) => statSync(path).mtimeMs <= built);
}
