import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [vue()],
  test: {
    name: 'web',
    include: ['src/**/*.test.ts'],
    // Its styles are files that only a bundler reads.
    server: { deps: { inline: ['vuetify'] } },
  },
});
