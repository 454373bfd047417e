import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { createApp } from './app.ts';
import { readOptions } from './options.ts';

const dist = fileURLToPath(new URL('../../dist', import.meta.url));

function stop(message: string): never {
  console.error(message);
  process.exit(1);
}

const options = readOptions(process.argv.slice(2), process.env);
if (!options.ok) stop(options.issues[0]!.message);
if (!existsSync(`${dist}/index.html`)) stop('There is no build yet; run npm start, which makes one.');

const app = await createApp(dist);
// Before the address is printed: whoever reads it may stop the server at once.
for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => {
    void app.close().then(() => process.exit(0));
  });
}
try {
  const address = await app.listen(options.value);
  console.log(
    `Warp Beam is at ${address} and, with the observatory stall’s demo, at ${address}/?stall. Ctrl+C stops it.`,
  );
} catch (error) {
  const { code, message } = error as NodeJS.ErrnoException;
  if (code === 'EADDRINUSE')
    stop(
      `Port ${options.value.port} is taken. Choose another: npm start -- --port ${options.value.port + 1}`,
    );
  if (code === 'EACCES')
    stop(`Port ${options.value.port} may not be used by this account. Choose one above 1023.`);
  stop(message);
}
