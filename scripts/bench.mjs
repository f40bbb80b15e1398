// npm run bench: JSON lines {name, value, unit} on stdout. Timing budgets are compared here, never in tests.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureChromium, ensureDependencies, root, run } from './ensure.mjs';

ensureDependencies();
ensureChromium();
if (run('npm', ['run', '-s', 'build']) !== 0) process.exit(1);
const tsx = pathToFileURL(join(root, 'node_modules/tsx/dist/esm/index.mjs')).href;
for (const file of ['bench/core.ts', 'bench/page.ts']) {
  const done = spawnSync(process.execPath, ['--import', tsx, join(root, file)], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
  });
  if (done.status !== 0) process.exitCode = 1;
}
