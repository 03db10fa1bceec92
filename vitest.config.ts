import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      'packages/core',
      'packages/words',
      'packages/contract',
      'packages/server',
      'packages/web/vitest.config.ts',
      { test: { name: 'tools', include: ['tools/**/*.test.mjs'], testTimeout: 60_000 } },
      {
        test: {
          name: 'e2e',
          include: ['e2e/tests/**/*.test.ts'],
          testTimeout: 60_000,
          hookTimeout: 60_000,
          fileParallelism: false,
        },
      },
    ],
  },
});
