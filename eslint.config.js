import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import ts from 'typescript-eslint';

/**
 * The rooms of the screens, each with those whose door it may open: what several rooms use first, then the visit in the
 * order of the work, then what lies beside it. A room uses what stands before it and never what comes after.
 */
const shared = ['api', 'messages', 'device', 'ui', 'chart', 'visit'];
const work = ['arrival', 'inspection', 'plan', 'table', 'bath', 'home'];
const beside = { record: ['plan', 'table'], day: [], dogs: [], house: [], client: ['plan'], door: [] };
const doors = {
  ...Object.fromEntries(shared.map((room, index) => [room, shared.slice(0, index)])),
  ...Object.fromEntries(work.map((room, index) => [room, [...shared, ...work.slice(0, index)]])),
  ...Object.fromEntries(Object.entries(beside).map(([room, more]) => [room, [...shared, ...more]])),
};
const arrows = Object.entries(doors).map(([room, open]) => ({
  files: [`resources/js/${room}/**`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            regex: `^@/(?!(${[room, ...open].join('|')})/)|^\\.\\./`,
            message: `${room} may use: ${open.join(', ')}.`,
          },
        ],
      },
    ],
  },
}));

export default ts.config(
  { ignores: ['public', 'vendor', 'resources/js/api/schema.d.ts'] },
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  prettier,
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  ...arrows,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      'no-undef': 'off',
      'vue/block-lang': ['error', { script: { lang: 'ts' } }],
      'vue/define-emits-declaration': ['error', 'type-based'],
      'vue/define-props-declaration': ['error', 'type-based'],
      'vue/component-api-style': ['error', ['script-setup']],
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'vue/no-v-html': 'error',
    },
  },
);
