import vue from '@vitejs/plugin-vue';
import { fileURLToPath } from 'node:url';
import { words } from './vite.words.ts';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [words(), vue()],
  resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
  test: {
    include: ['tests/Screens/**/*.test.ts'],
    setupFiles: ['tests/Screens/setup.ts'],
    environment: 'happy-dom',
    reporters: ['default'],
    // Machines that run this are shared: waiting longer for the same thing is not a weaker check.
    testTimeout: 30_000,
  },
});
