import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import vuetify from 'vite-plugin-vuetify';

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  html: { cspNonce: '__CSP_NONCE__' },
  build: { target: 'es2022', modulePreload: { polyfill: false } },
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:4320' } },
});
