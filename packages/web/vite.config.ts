import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import vuetify from 'vite-plugin-vuetify';

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
  ],
  html: { cspNonce: '__CSP_NONCE__' },
  build: {
    target: 'es2022',
    modulePreload: { polyfill: false },
    rolldownOptions: {
      output: {
        // A file to each module that two pages share were over a hundred for the first card: a phone fetches six at a time.
        codeSplitting: {
          groups: [
            { name: 'vue', test: /node_modules[\\/](@vue|vue|vue-router|pinia|@vueuse)[\\/]/ },
            { name: 'forms', test: /node_modules[\\/]vee-validate[\\/]/ },
            { name: 'controls', test: /node_modules[\\/]vuetify[\\/]/, minShareCount: 4 },
            // Without charts, which few pages have.
            {
              name: 'kit',
              test: /packages[\\/]web[\\/]src[\\/]kit[\\/](?!ink|useInk|useChartLook|CodeDrawing)/,
              minShareCount: 2,
            },
            { name: 'data', test: /packages[\\/]web[\\/]src[\\/]data[\\/]/, minShareCount: 4 },
            // Reading what somebody wrote is for the pages where somebody writes.
            { name: 'core', test: /packages[\\/](core|contract|words)[\\/]src[\\/](?!exchange)/, minShareCount: 4 },
          ],
        },
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
