// npm run bench [-- core | page]: JSON lines {name, value, unit} on stdout. Timing budgets are compared here, never in tests.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureChromium, ensureDependencies, root, run } from './ensure.mjs';

const asked = process.argv.slice(2);
const unknown = asked.find((name) => !['core', 'page'].includes(name));
if (unknown !== undefined) {
  console.error(`pandero: no part ${unknown} of the bench; there are core and page`);
  process.exit(2);
}
const measures = (name) => asked.length === 0 || asked.includes(name);
ensureDependencies();
if (measures('page')) {
  ensureChromium();
  if (run('npm', ['run', '-s', 'build']) !== 0) process.exit(1);
}

/** The core is measured as it ships, bundled: what runs sources directly keeps names alive and doubles the time of small functions. */
async function builtCore() {
  const outDir = join(root, 'node_modules/.cache/bench');
  const { build } = await import('vite');
  await build({
    root,
    configFile: false,
    logLevel: 'error',
    build: {
      ssr: join(root, 'benchmarks/core.ts'),
      outDir,
      emptyOutDir: true,
      target: 'node20',
      rollupOptions: { output: { entryFileNames: 'core.js' } },
    },
    // the solver finds its wasm beside itself
    ssr: { noExternal: true, external: ['highs'] },
  });
  return [join(outDir, 'core.js')];
}
const tsx = pathToFileURL(join(root, 'node_modules/tsx/dist/esm/index.mjs')).href;
const measure = (words) => {
  const done = spawnSync(process.execPath, words, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'] });
  if (done.status !== 0) process.exitCode = 1;
};
if (measures('core')) measure(await builtCore());
if (measures('page')) measure(['--import', tsx, join(root, 'benchmarks/page.ts')]);
