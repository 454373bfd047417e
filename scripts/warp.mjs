/** `npm run --silent warp -- COMMAND …`: the core from a terminal. */
import { ensureInstalled, root, run } from './install.mjs';

ensureInstalled();
process.exitCode = run(
  process.execPath,
  ['--import', `${root}node_modules/tsx/dist/loader.mjs`, `${root}src/cli/main.ts`, ...process.argv.slice(2)],
  {
    cwd: process.env.INIT_CWD ?? process.cwd(),
  },
);
