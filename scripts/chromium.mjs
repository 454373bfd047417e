/** Finds Debian's Chromium, or installs it when we may. */
import { existsSync } from 'node:fs';
import { run } from './install.mjs';

export function ensureChromium() {
  const path = process.env.CHROMIUM ?? '/usr/bin/chromium';
  if (existsSync(path)) return;
  const isRoot = process.getuid?.() === 0;
  if (!isRoot || !existsSync('/usr/bin/apt-get')) {
    console.error(
      'The end-to-end tests need Chromium. Install it (on Debian: sudo apt-get install chromium), or say where it is with CHROMIUM=/path.',
    );
    process.exit(1);
  }
  console.error('Installing Chromium…');
  const quiet = { stdio: ['ignore', 'ignore', 2] };
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  run('apt-get', ['update'], { ...quiet, env });
  const status = run('apt-get', ['install', '-y', '--no-install-recommends', 'chromium'], { ...quiet, env });
  if (status !== 0 || !existsSync(path)) {
    console.error('Chromium could not be installed.');
    process.exit(1);
  }
}
