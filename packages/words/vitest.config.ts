import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: { include: ['src/**/*.test.ts'], isolate: false, setupFiles: '../../tools/testing/sameExamples.mjs' },
});
