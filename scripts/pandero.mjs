// The command line: node scripts/pandero.mjs COMMAND …; file names count from where it was called.
import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ensureDependencies, root } from './ensure.mjs';

ensureDependencies();

/** Put together once and again whenever its sources change: started from sources it would take twice as long at every call. */
const CACHE = join(root, 'node_modules/.cache/pandero');
const built = join(CACHE, 'index.js');

const newestMs = (folder) =>
  readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile())
    .reduce((newest, entry) => Math.max(newest, statSync(join(entry.parentPath, entry.name)).mtimeMs), 0);

function isStale() {
  const at = statSync(built, { throwIfNoEntry: false })?.mtimeMs ?? 0;
  return ['core', 'cli', 'paper', 'solver'].some((folder) => newestMs(join(root, folder)) > at);
}

async function putTogether() {
  const { build } = await import('vite');
  // beside the place it goes to, and moved there whole: two calls at once do not meet half a file
  mkdirSync(dirname(CACHE), { recursive: true });
  const outDir = mkdtempSync(`${CACHE}-`);
  await build({
    root,
    configFile: false,
    logLevel: 'error',
    build: {
      ssr: join(root, 'cli/index.ts'),
      outDir,
      target: 'node20',
      rollupOptions: { output: { entryFileNames: 'index.js', codeSplitting: false } },
    },
    // the solver finds its wasm beside itself
    ssr: { noExternal: true, external: ['highs'] },
  });
  mkdirSync(CACHE, { recursive: true });
  renameSync(join(outDir, 'index.js'), built);
  rmSync(outDir, { recursive: true, force: true });
}

if (isStale()) await putTogether();
const done = spawnSync(process.execPath, [built, ...process.argv.slice(2)], {
  cwd: process.env.INIT_CWD ?? process.cwd(),
  stdio: 'inherit',
});
process.exitCode = done.status ?? 1;
