import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { defineConfig } from 'vite';

// Built after the application: the worker lists its files.
const files = readdirSync('public/build/assets').map((file) => ({ url: `/build/assets/${file}`, revision: null }));
const page = createHash('sha256').update(readFileSync('public/build/manifest.json')).update(readFileSync('resources/views/app.blade.php'));
const shell = [...files, { url: '/icon.svg', revision: '1' }, { url: '/', revision: page.digest('hex').slice(0, 16) }];

export default defineConfig({
  publicDir: false,
  define: { SHELL: JSON.stringify(shell) },
  build: {
    target: 'es2022',
    outDir: 'public',
    emptyOutDir: false,
    rollupOptions: { input: 'resources/js/device/service-worker.ts', output: { entryFileNames: 'service-worker.js', format: 'iife' } },
  },
});
