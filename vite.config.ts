import tailwindcss from '@tailwindcss/vite';
import vue from '@vitejs/plugin-vue';
import laravel from 'laravel-vite-plugin';
import { fileURLToPath } from 'node:url';
import { words } from './vite.words.ts';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [words(), laravel({ input: 'resources/js/main.ts', refresh: false }), tailwindcss(), vue()],
  resolve: {
    alias: { 'vue-i18n': 'vue-i18n/dist/vue-i18n.runtime.esm-bundler.js', '@': fileURLToPath(new URL('./resources/js', import.meta.url)) },
  },
  // Sentences are compiled when the application is built: neither vue-i18n's own reader of messages nor its older interface is needed.
  define: {
    __VUE_I18N_LEGACY_API__: 'false',
    __VUE_I18N_FULL_INSTALL__: 'false',
    __INTLIFY_PROD_DEVTOOLS__: 'false',
    __INTLIFY_DROP_MESSAGE_COMPILER__: 'true',
  },
  build: { target: 'es2022', modulePreload: { polyfill: false } },
});
