/** Finds Debian's Chromium, or installs it when we may. */
import { existsSync } from 'node:fs';
import { run } from './install.mjs';

/** The same browser twice: without windows it takes about half the processor, with them it does as well. */
const SHELL = '/usr/bin/chromium-headless-shell';
const WITH_WINDOWS = '/usr/bin/chromium';

/** Where the browser for the end-to-end tests is; where none is installed, where it would be. */
export const chromiumPath = () =>
  process.env.CHROMIUM ?? [SHELL, WITH_WINDOWS].find((path) => existsSync(path)) ?? SHELL;

export function ensureChromium() {
  if (process.env.CHROMIUM ? existsSync(process.env.CHROMIUM) : existsSync(SHELL)) return;
  const isRoot = process.getuid?.() === 0;
  if (!process.env.CHROMIUM && isRoot && existsSync('/usr/bin/apt-get')) {
    console.error('Installing Chromium…');
    const options = {
      stdio: ['ignore', 'ignore', 2],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    };
    run('apt-get', ['update'], options);
    run('apt-get', ['install', '-y', '--no-install-recommends', 'chromium-headless-shell'], options);
  }
  if (existsSync(chromiumPath())) return;
  console.error(
    'The end-to-end tests need Chromium. Install it (on Debian: sudo apt-get install chromium-headless-shell), or say where it is with CHROMIUM=/path.',
  );
  process.exit(1);
}
