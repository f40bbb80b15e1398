import { defineConfig } from 'vite';

export default defineConfig({
  build: {
    ssr: 'server/serve.ts',
    outDir: 'dist-server',
    target: 'node20',
    rollupOptions: { output: { entryFileNames: 'serve.js' } },
  },
  ssr: { noExternal: true },
});
