import vue from '@vitejs/plugin-vue';
import vuetify from 'vite-plugin-vuetify';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  test: {
    name: 'web',
    include: ['src/**/*.test.ts'],
    testTimeout: 120_000,
    hookTimeout: 120_000,
    setupFiles: '../../tools/testing/sameExamples.mjs',
    // Its styles are files that only a bundler reads.
    server: { deps: { inline: ['vuetify'] } },
  },
});
