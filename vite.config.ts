import { readFileSync } from 'node:fs';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { inLanguage } from './scripts/catalogue/plugin.ts';
import { compressed } from './scripts/compress.ts';

const readVersion = (): string =>
  (JSON.parse(readFileSync(new URL('package.json', import.meta.url), 'utf8')) as { version: string }).version;

/** Every text in brackets, to see that none is missed: nobody uses such a build, and nothing keeps or compresses it. */
const isTrial = process.env.WARP_BEAM_LANGUAGE === 'mirrored';

/** Made once: to know the keys all sources are read. */
const language = inLanguage(import.meta.dirname);

export default defineConfig({
  define: { __VERSION__: JSON.stringify(readVersion()) },
  root: 'src/app',
  publicDir: '../../public',
  plugins: [
    language,
    react(),
    tailwindcss(),
    // Everything that the application is made of is kept in the browser, so that it opens without the server. A new version waits until the maker asks for it.
    VitePWA({
      disable: isTrial,
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Warp Beam',
        short_name: 'Warp Beam',
        description: 'Works out cord for knotted bands from the geometry of the knots.',
        start_url: '/',
        display: 'standalone',
        background_color: '#eff1ee',
        theme_color: '#1f4d45',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,wasm,json,webmanifest}'],
        maximumFileSizeToCacheInBytes: 8_000_000,
        navigateFallback: '/index.html',
        // The stand-ins for a scale and a shop are the server's own.
        navigateFallbackDenylist: [/^\/stand-ins\//],
        cleanupOutdatedCaches: true,
      },
    }),
    isTrial ? [] : compressed(),
  ],
  build: {
    outDir: '../../dist',
    emptyOutDir: true,
    ...(isTrial ? { minify: false } : {}),
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    target: 'es2022',
    // What several screens share goes into a few files by what it is for, not into one for each set of screens that share it.
    rolldownOptions: {
      // The core only computes: what is imported of it and not used is left out.
      treeshake: { moduleSideEffects: (id) => !/\/src\/core\//.test(id) },
      output: {
        codeSplitting: {
          groups: [
            { name: 'first', tags: ['$initial'], priority: 9 },
            {
              name: 'controls',
              test: /node_modules\/(?:@headlessui|@floating-ui|@?react-aria|@react-)/,
              minShareCount: 7,
            },
            { name: 'engine', test: /src\/core\/(?:tighten|weave)\//, minShareCount: 2, priority: 5 },
            {
              name: 'planning',
              test: /src\/core\/(?:plan|closures|usage|chance|colour|addons|cord|fit)\//,
              minShareCount: 4,
            },
            { name: 'pictures', test: /src\/core\/drawing\//, minShareCount: 5 },
          ],
        },
      },
    },
  },
  worker: { format: 'es', plugins: () => language },
});
