import { constants } from 'node:zlib';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';
import vuetify from 'vite-plugin-vuetify';
import { chunks } from './chunks';

export default defineConfig({
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      filename: 'sw.js',
      // A device that has a key shows it when it asks for this, too.
      useCredentials: true,
      manifest: {
        id: '/',
        name: 'Amber Ladle',
        short_name: 'Amber Ladle',
        description: 'Sizes fresh hair masks to a head of hair, in whole pieces and real spoons.',
        start_url: '/',
        scope: '/',
        display: 'standalone',
        background_color: '#FAF5EA',
        theme_color: '#FFFDF7',
        lang: 'en-GB',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
        shortcuts: [
          { name: 'Bowl', url: '/bowl' },
          { name: 'Make', url: '/make' },
          { name: 'Shelf', url: '/shelf' },
        ],
      },
      workbox: {
        globPatterns: [
          '**/*.{js,css,html,svg,png,wasm}',
          'assets/*-latin-wght-*.woff2',
          'assets/*-latin-ext-wght-*.woff2',
        ],
        navigateFallback: 'index.html',
        // What is data, and what only the server itself can show.
        navigateFallbackDenylist: [/^\/(api|join|calendar)(\/|$|\?|\.)/, /^\/bowl(\?|$)/],
        // The solver of the weeks is the largest of them.
        maximumFileSizeToCacheInBytes: 5_000_000,
        cleanupOutdatedCaches: true,
        // The solver of the weeks and letters of other scripts, once they were asked for.
        runtimeCaching: [
          // The bench comes with its card from a server that answers soon, and from here where none does.
          {
            urlPattern: ({ request, url }) => request.mode === 'navigate' && url.pathname === '/bowl',
            handler: 'NetworkFirst',
            options: {
              cacheName: 'amber-ladle-bench',
              networkTimeoutSeconds: 1.5,
              precacheFallback: { fallbackURL: 'index.html' },
              // It has the card of that moment in it, and is never shown at another.
              plugins: [{ cacheWillUpdate: () => Promise.resolve(null) }],
            },
          },
          {
            urlPattern: ({ url }) => url.pathname.startsWith('/assets/'),
            handler: 'CacheFirst',
            options: { cacheName: 'amber-ladle-more' },
          },
        ],
      },
    }),
    // A phone in a far corner of the house waits for bytes: what lies here for long lies here packed as well.
    compression({
      include: /^assets\/.*\.(?:js|css|wasm)$/,
      // At its best it is up to a sixth smaller, and takes several times as long to make.
      algorithms: [defineAlgorithm('brotliCompress', { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } })],
      threshold: 1000,
    }),
  ],
  html: { cspNonce: '__CSP_NONCE__' },
  build: {
    target: 'es2022',
    modulePreload: { polyfill: false },
    rolldownOptions: {
      output: {
        codeSplitting: { groups: chunks },
      },
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
