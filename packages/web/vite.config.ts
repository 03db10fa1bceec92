import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import vuetify from 'vite-plugin-vuetify';

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  html: { cspNonce: '__CSP_NONCE__' },
  build: {
    target: 'es2022',
    modulePreload: { polyfill: false },
    rolldownOptions: {
      treeshake: {
        // What a feature's face hands out and a page does not take is not loaded with it; only styles and the beginning work by being there.
        moduleSideEffects: [
          { test: /web\/src\/main\.ts$/, sideEffects: true },
          { test: /web\/src\/.*\.(ts|vue)$/, sideEffects: false },
        ],
      },
    },
  },
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:4320' } },
});
