// npm run bench: JSON lines {name, value, unit} on stdout. Timing budgets are compared here, never in tests.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureChromium, ensureDependencies, root, run } from './ensure.mjs';

ensureDependencies();
ensureChromium();
if (run('npm', ['run', '-s', 'build']) !== 0) process.exit(1);

// the core is measured as it ships, bundled: what runs sources directly keeps names alive and doubles the time of small functions
const built = join(root, 'node_modules/.cache/bench');
const { build } = await import('vite');
await build({
  root,
  configFile: false,
  logLevel: 'error',
  build: {
    ssr: join(root, 'benchmarks/core.ts'),
    outDir: built,
    emptyOutDir: true,
    target: 'node20',
    rollupOptions: { output: { entryFileNames: 'core.js' } },
  },
  // the solver finds its wasm beside itself
  ssr: { noExternal: true, external: ['highs'] },
});
const tsx = pathToFileURL(join(root, 'node_modules/tsx/dist/esm/index.mjs')).href;
for (const words of [[join(built, 'core.js')], ['--import', tsx, join(root, 'benchmarks/page.ts')]]) {
  const done = spawnSync(process.execPath, words, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'] });
  if (done.status !== 0) process.exitCode = 1;
}
