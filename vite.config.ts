import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { compressed } from './scripts/compress.ts';

export default defineConfig({
  root: 'src/app',
  publicDir: '../../public',
  plugins: [react(), tailwindcss(), compressed()],
  build: {
    outDir: '../../dist',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    target: 'es2022',
  },
  worker: { format: 'es' },
});
