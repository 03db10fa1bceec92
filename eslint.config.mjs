import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import accessibility from 'eslint-plugin-vuejs-accessibility';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['**/dist/**', '**/node_modules/**', 'coverage/**'] },
  js.configs.recommended,
  ...ts.configs.strictTypeChecked,
  ...vue.configs['flat/recommended'],
  ...accessibility.configs['flat/recommended'],
  {
    languageOptions: {
      parserOptions: {
        projectService: {
          maximumDefaultProjectFileMatchCount_THIS_WILL_SLOW_DOWN_LINTING: 20,
          allowDefaultProject: ['*.ts', 'bench/*.ts', 'packages/*/vite*.ts', 'packages/web/public/*.js'],
        },
        extraFileExtensions: ['.vue'],
      },
    },
  },
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser }, globals: globals.browser },
  },
  {
    files: ['packages/web/src/**/*.ts'],
    languageOptions: { globals: globals.browser },
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
  { files: ['**/*.mjs', '**/*.cjs'], ...ts.configs.disableTypeChecked },
  prettier,
);
