import vueI18n from '@intlify/eslint-plugin-vue-i18n';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import ts from 'typescript-eslint';

/**
 * The rooms of the screens, each with those whose door it may open: what several rooms use first, then the visit in the
 * order of the work, then what lies beside it. A room uses what stands before it and never what comes after.
 */
const shared = ['api', 'messages', 'device', 'ui', 'chart', 'visit'];
const work = ['arrival', 'inspection', 'plan', 'table', 'bath', 'home'];
const beside = {
  owner: [],
  record: ['plan', 'table'],
  day: [],
  dogs: ['home'],
  house: [],
  client: ['plan'],
  door: ['house'],
};
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
            regex: `^@/(?!(${[room, ...open].join('|')})/)|^\\.\\./(?!\\.\\./(\\.\\./lang|chart)/)`,
            message: `${room} may use: ${open.join(', ')}.`,
          },
        ],
      },
    ],
  },
}));

/** Our components' attributes that are read by people. */
const said = ['label', 'hint', 'unit', 'says', 'sub', 'note', 'does', 'action', 'needed', 'none', 'task', 'shortcut', 'before', 'fetching'];

/** What reads like a sentence, or is put together like one; quotation marks differ by language. */
const bareSentences = [
  'Literal[value=/^[A-Z][a-z]+[,.:]? [a-z]|^[A-Z][a-z].*[.!?…]$/]',
  'TemplateElement[value.raw=/[a-z]{2}[,.:]? [a-z]{2}|[“”„]/]',
].map((selector) => ({
  selector: `:not(NewExpression[callee.name=Unreachable]) > ${selector}`,
  message: 'A sentence: it belongs to a file in lang/.',
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
    // Sentences stand in lang/; letters by themselves are keys, and the product's name is one in every language.
    files: ['resources/js/**/*.vue'],
    plugins: { '@intlify/vue-i18n': vueI18n },
    rules: {
      '@intlify/vue-i18n/no-raw-text': [
        'error',
        {
          ignorePattern: '^(?:[^a-zA-Z“”„]*|[A-Z]|Hound Check)$',
          attributes: { '/.+/': ['title', 'aria-label', 'placeholder', 'alt', ...said] },
        },
      ],
    },
  },
  { files: ['resources/js/**/*.{ts,vue}'], rules: { 'no-restricted-syntax': ['error', ...bareSentences] } },
  {
    files: ['resources/js/**/*.ts'],
    ignores: ['resources/js/main.ts', 'resources/js/device/service-worker.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: 'Program > ExpressionStatement', message: 'Nothing begins when a file is loaded: give it an owner (whileOpen).' },
        ...bareSentences,
      ],
    },
  },
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
