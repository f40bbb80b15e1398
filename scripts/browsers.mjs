// npm run browsers [firefox|webkit]: walks the main journey in the two other engines, with pictures in test-results/browsers.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureDependencies, ensureOtherEngines, root, run } from './ensure.mjs';

ensureDependencies();
ensureOtherEngines();
if (run('npm', ['run', '-s', 'build']) !== 0) process.exit(1);
const tsx = pathToFileURL(join(root, 'node_modules/tsx/dist/esm/index.mjs')).href;
const words = ['--import', tsx, join(root, 'e2e/browsers/run.ts'), ...process.argv.slice(2)];
process.exitCode =
  spawnSync(process.execPath, words, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'] }).status ?? 1;
