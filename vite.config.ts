import { fileURLToPath } from 'node:url';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import vuetify from 'vite-plugin-vuetify';

export default defineConfig({
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    VitePWA({
      // a new version waits until it is asked in; app/install.ts registers it
      registerType: 'prompt',
      injectRegister: false,
      includeAssets: ['icons/*'],
      manifest: {
        id: './',
        name: 'Pandero',
        short_name: 'Pandero',
        description: 'Picks, explains and computes skirted-jig rigs for bass anglers.',
        start_url: './#/water',
        scope: './',
        display: 'standalone',
        background_color: '#f3ebdb',
        theme_color: '#f3ebdb',
        icons: [
          { src: 'icons/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: 'icons/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: 'icons/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
          { src: 'icons/icon.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2,svg,png}'],
        navigateFallback: 'index.html',
        navigateFallbackDenylist: [/^\/api\//],
        // the page of the first visit too goes on when the server stops
        clientsClaim: true,
        cleanupOutdatedCaches: true,
        maximumFileSizeToCacheInBytes: 6_000_000,
      },
    }),
  ],
  base: './',
  resolve: {
    alias: {
      '@core': fileURLToPath(new URL('./core/index.ts', import.meta.url)),
      // what the PDF writer uses to print web pages, and nothing here does
      ...Object.fromEntries(
        ['html2canvas', 'dompurify', 'canvg'].map((name) => [
          name,
          fileURLToPath(new URL('./paper/nothing.ts', import.meta.url)),
        ]),
      ),
    },
  },
  // nothing here or in Vuetify is written with Vue's options API
  define: { __VUE_OPTIONS_API__: 'false' },
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    sourcemap: false,
    chunkSizeWarningLimit: 900,
    // what every view needs travels together: fewer files are sooner there
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [{ name: 'base', test: /node_modules[\\/](@vue|vue|vue-router|pinia|dexie|zod)[\\/]/ }],
        },
      },
    },
  },
  server: { host: '127.0.0.1' },
});
