import { root } from './install.mjs';

/** Builds a program for Node out of a source file and all that it imports, as the application is built: `main.js` in `outDir`. `from`: where the repository is. */
export async function bundle(entry, outDir, from = root) {
  const { build } = await import('vite');
  await build({
    root: from,
    configFile: false,
    logLevel: 'error',
    publicDir: false,
    build: {
      ssr: entry,
      outDir,
      emptyOutDir: true,
      target: 'node20',
      rolldownOptions: { output: { entryFileNames: 'main.js' } },
    },
  });
}
