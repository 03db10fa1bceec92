import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['src/**/*.test.ts'],
    testTimeout: 120_000,
    globalSetup: './src/testingSetup.ts',
    setupFiles: '../../tools/testing/sameExamples.mjs',
    // Every household of a test is a file of its own; what is read once serves them all.
    isolate: false,
  },
});
