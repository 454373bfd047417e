/** Installs the packages if they are missing or older than the lock file. */
import { spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));

export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (done.error) console.error(`${command}: ${done.error.message}`);
  return done.status ?? 1;
}

export function ensureInstalled() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19)) {
    console.error(`Warp Beam needs Node.js 20.19 or newer; this is ${process.versions.node}.`);
    process.exit(1);
  }
  const marker = `${root}node_modules/.package-lock.json`;
  const isFresh =
    existsSync(marker) && statSync(marker).mtimeMs >= statSync(`${root}package-lock.json`).mtimeMs;
  if (isFresh) return;
  console.error('Installing packages…');
  // What npm fetched before is not asked for again: the lock file says by its digest that it is the same.
  const status = run('npm', ['ci', '--prefer-offline', '--no-audit', '--no-fund', '--loglevel=error'], {
    stdio: ['ignore', 2, 2],
  });
  if (status !== 0) {
    console.error('The packages could not be installed; is the npm registry within reach?');
    process.exit(status);
  }
}
