import { defineConfig } from 'vitest/config';

/** The core's tests as the mutation run takes them: see fewExamples.mjs. */
export default defineConfig({
  test: {
    include: (process.env.AMBER_LADLE_TESTED_BY ?? '**')
      .split(',')
      .map((folder) => `packages/core/src/${folder}/**/*.test.ts`),
    // It reads the sources, which are not as they were written here.
    exclude: ['**/examples.test.ts'],
    testTimeout: 300_000,
    setupFiles: ['tools/mutate/fewExamples.mjs'],
    coverage: { enabled: false },
  },
});
