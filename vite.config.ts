import tailwindcss from '@tailwindcss/vite';
import vue from '@vitejs/plugin-vue';
import laravel from 'laravel-vite-plugin';
import { fileURLToPath } from 'node:url';
import { words } from './vite.words.ts';
import { defineConfig } from 'vite';

/** The words that every screen speaks from are one file a language, and those that every screen of a dog does. */
function togetherIn(id: string): string | null {
  const found = /words:(\w+)\/(?:(say|ui|device|coat|visit)|(card|skin|feet|split))$/.exec(id);
  return found === null ? null : `words-${found[1]}${found[3] ? '-dog' : ''}`;
}

export default defineConfig({
  plugins: [words(), laravel({ input: 'resources/js/main.ts', refresh: false }), tailwindcss(), vue()],
  resolve: {
    alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) },
  },
  // Every component, here and in the libraries, is written with `setup`.
  define: { __VUE_OPTIONS_API__: 'false', __VUE_PROD_DEVTOOLS__: 'false', __VUE_PROD_HYDRATION_MISMATCH_DETAILS__: 'false' },
  build: {
    target: 'es2022',
    modulePreload: { polyfill: false },
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            // What most screens draw with comes at once: a request costs more than its bytes.
            { name: 'shared', minShareCount: 10, priority: 4 },
            {
              name: 'little',
              test: /messageformat|make-plural|messages\/|MarkButton|MindFirst|BoldWords|sliderKeys|PasswordField|LanguageChoice|useUndo/,
              priority: 3,
            },
            { name: (id) => togetherIn(id), priority: 2 },
            {
              name: 'visit',
              test: /resources\/js\/(visit|inspection|plan|chart\/(ChartKey|inspectionChart))/,
              minShareCount: 4,
              priority: 1,
            },
          ],
        },
      },
    },
  },
});
