import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import accessibility from 'eslint-plugin-vuejs-accessibility';
import globals from 'globals';
import ts from 'typescript-eslint';
import { pagesParser } from './tools/pagesParser.mjs';

/** Three words of letters in a row, or two words joined for a reader. */
const WORDS = String.raw`/[A-Za-z]{2,} [a-z]{2,} [a-z]{2,}|^ (and|or|but|with) $|^[A-Z][a-z]+( [a-z]+)+[.!?:]?$/`;
const FAULT = 'NewExpression[callee.name=/^(Range|Type)Error$/]';
const SENTENCES = [`Literal[value=${WORDS}]:not(${FAULT} > *)`, `TemplateElement[value.raw=${WORDS}]:not(${FAULT} *)`];

export default ts.config(
  { ignores: ['**/dist/**', '**/node_modules/**', 'coverage/**'] },
  js.configs.recommended,
  ...ts.configs.strictTypeChecked,
  ...vue.configs['flat/recommended'],
  ...accessibility.configs['flat/recommended'],
  {
    languageOptions: { parserOptions: { projectService: true } },
  },
  {
    files: ['**/*.vue'],
    languageOptions: {
      parserOptions: { parser: { ts: pagesParser, '<template>': ts.parser } },
      globals: globals.browser,
    },
  },
  {
    files: ['packages/web/**/*.ts'],
    languageOptions: { parser: pagesParser, globals: globals.browser },
  },
  {
    files: ['**/*.mjs', '**/*.cjs', 'packages/server/**/*.ts', 'bench/**/*.ts', 'e2e/**/*.ts'],
    languageOptions: { globals: globals.node },
  },
  {
    rules: {
      'no-undef': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-invalid-void-type': 'off',
      // A number in a sentence is written as it is; everything else is refused.
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      // TypeORM takes its entities as plain objects.
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      // A label stands around its control or names it; one of the two is enough.
      'vuejs-accessibility/label-has-for': ['error', { required: { some: ['nesting', 'id'] } }],
      // Props destructured with defaults read as useless without the compiler of the templates.
      '@typescript-eslint/no-useless-default-assignment': 'off',
      'vue/multi-word-component-names': 'off',
      // A part that is used and not imported is drawn as nothing, without a word.
      'vue/no-undef-components': ['error', { ignorePatterns: ['^v-', '^Router(Link|View)$'] }],
      'vue/require-default-prop': 'off',
      'no-console': 'error',
      eqeqeq: 'error',
    },
  },
  {
    // What is read stands in the words; units, signs and figures are written alike everywhere.
    files: ['packages/web/src/**/*.vue'],
    rules: {
      'vue/no-bare-strings-in-template': [
        'error',
        {
          allowlist: [...'0123456789 ()[]{}.,:;·•–—−±+×÷=/%°→←↑↓▸▾✓●◆▲✕…“”’|½¼¾⅛', 'mL', 'cm', 'mm', 'min', 'g'],
          attributes: {
            '/.+/': ['title', 'aria-label', 'placeholder', 'alt', 'label', 'hint', 'no-data-text', 'confirm', 'asks'],
          },
        },
      ],
    },
  },
  {
    // So do the sentences that code hands to a page. What only whoever broke the code reads is a RangeError or a TypeError.
    files: ['packages/web/src/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts'],
    rules: Object.fromEntries(
      ['no-restricted-syntax', 'vue/no-restricted-syntax'].map((name) => [
        name,
        ['error', ...SENTENCES.map((selector) => ({ selector, message: 'What is read stands in packages/words.' }))],
      ]),
    ),
  },
  {
    files: ['**/*.test.ts'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  {
    // What a schema's own test is handed has not been checked by anything yet.
    files: ['packages/contract/src/**/*.ts'],
    rules: { '@typescript-eslint/no-unnecessary-condition': 'off' },
  },
  {
    // These read the server's bare answers on purpose: a shape of their own would hide a wrong one.
    files: ['packages/server/src/**/*.test.ts'],
    rules: Object.fromEntries(
      ['assignment', 'member-access', 'return', 'call', 'argument'].map((what) => [
        `@typescript-eslint/no-unsafe-${what}`,
        'off',
      ]),
    ),
  },
  { files: ['**/*.mjs', '**/*.cjs', 'packages/web/public/*.js'], ...ts.configs.disableTypeChecked },
  prettier,
);
