// The command line: node scripts/pandero.mjs COMMAND …; file names count from where it was called.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureDependencies, root } from './ensure.mjs';

ensureDependencies();
const tsx = pathToFileURL(join(root, 'node_modules/tsx/dist/esm/index.mjs')).href;
const done = spawnSync(
  process.execPath,
  ['--disable-warning=ExperimentalWarning', '--import', tsx, join(root, 'cli/index.ts'), ...process.argv.slice(2)],
  { cwd: process.env.INIT_CWD ?? process.cwd(), stdio: 'inherit' },
);
process.exitCode = done.status ?? 1;
