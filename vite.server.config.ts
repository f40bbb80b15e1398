import { defineConfig } from 'vite';

/** The small server and the stand-ins for outside devices, each one file that Node runs as it is. */
export default defineConfig({
  build: {
    ssr: true,
    outDir: 'dist-server',
    target: 'node20',
    rollupOptions: {
      input: {
        serve: 'server/serve.ts',
        scale: 'standins/scale/scale.ts',
        sounder: 'standins/sounder/sounder.ts',
        tube: 'standins/tube/tube.ts',
      },
      output: { entryFileNames: '[name].js' },
    },
  },
  ssr: { noExternal: true },
});
