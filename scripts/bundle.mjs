import { root } from './install.mjs';

/** Builds a program for Node out of a source file and all that it imports, as the application is built: `main.js` in `outDir`. */
export async function bundle(entry, outDir) {
  const { build } = await import('vite');
  await build({
    root,
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
