import { fileURLToPath } from 'node:url';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import vuetify from 'vite-plugin-vuetify';

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
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
