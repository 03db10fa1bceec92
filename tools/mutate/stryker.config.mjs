/** Mutation testing of the core: which changed line does no test notice? See docs/contributing.md. */
export default {
  testRunner: 'vitest',
  plugins: ['@stryker-mutator/vitest-runner'],
  vitest: { configFile: 'tools/mutate/vitest.config.mjs' },
  coverageAnalysis: 'perTest',
  concurrency: 2,
  ignorePatterns: ['docs', 'e2e', 'bench', 'packages/{web,server,words,contract}', 'NOTICES.md'],
  timeoutMS: 4000,
  dryRunTimeoutMinutes: 20,
  // What a module reckons once when it is read would take all tests for each change; where a test reckons it again, that test is asked.
  ignoreStatic: true,
  reporters: ['clear-text', 'json', 'dots'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportScoreTable: true },
  jsonReporter: { fileName: '.mutate/mutation.json' },
  tempDirName: '.mutate/sandbox',
  mutate: ['packages/core/src/judge/**/*.ts', '!packages/core/src/**/*.test.ts'],
};
