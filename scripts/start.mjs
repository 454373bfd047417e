/** `npm start`: installs what is missing, builds, and serves with the demo data. Flags go on to the server. */
import { spawn } from 'node:child_process';
import { ensureInstalled, root, run } from './install.mjs';

ensureInstalled();
for (const step of ['gen', 'build']) {
  const status = run('npm', ['run', '--silent', step], { stdio: ['ignore', 2, 2] });
  if (status !== 0) process.exit(status);
}
const server = spawn(process.execPath, ['--import', 'tsx', 'src/server/main.ts', ...process.argv.slice(2)], {
  cwd: root,
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
