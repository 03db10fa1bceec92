import { availableParallelism } from 'node:os';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    maxWorkers: Math.max(2, availableParallelism() - 1),
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
          globalSetup: './e2e/support/demoHousehold.mjs',
          testTimeout: 120_000,
          hookTimeout: 120_000,
          // A browser that draws without a graphics card keeps more than half a core busy, and waits for the rest of the time.
          maxWorkers: Math.max(1, availableParallelism()),
          sequence: { groupOrder: 1 },
        },
      },
    ],
  },
});
