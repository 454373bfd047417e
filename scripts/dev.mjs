/** `npm run dev`: the application with live reloading, for work. */
import { ensureInstalled, run } from './install.mjs';

ensureInstalled();
run('npm', ['run', '--silent', 'gen']);
process.exitCode = run('npx', ['--no-install', 'vite', ...process.argv.slice(2)]);
