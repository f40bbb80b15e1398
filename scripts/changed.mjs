// What differs from the last commit, and what looks at it.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { basename, dirname, extname } from 'node:path';
import { root } from './ensure.mjs';

const git = (...args) => {
  const { stdout, status } = spawnSync('git', args, { cwd: root, encoding: 'utf8' });
  return status === 0 ? stdout.split('\n').filter(Boolean) : [];
};

/** Files that were changed or added since the last commit; after a commit with nothing left over, those of that commit. */
export function changedFiles() {
  const open = [...git('diff', '--name-only', 'HEAD'), ...git('ls-files', '--others', '--exclude-standard')];
  const files = open.length > 0 ? open : git('diff', '--name-only', 'HEAD~1', 'HEAD');
  return [...new Set(files)].filter((name) => existsSync(`${root}/${name}`));
}

/** Parts whose types have to be checked anew. Whoever uses the core is checked with it; pages only where a page or word of the core changed. */
export function partsOf(files) {
  const parts = new Set();
  for (const name of files.filter((one) => /\.(ts|vue)$/.test(one))) {
    const [top] = name.split('/');
    if (top === 'core') for (const part of ['core', 'cli', 'server']) parts.add(part);
    if (name === 'core/index.ts' || name.startsWith('core/locale/')) parts.add('app');
    if (['app', 'demo', 'paper'].includes(top)) parts.add('app');
    if (['cli', 'server', 'e2e'].includes(top)) parts.add(top);
    if (['solver', 'standins'].includes(top)) parts.add('server');
    if (['benchmarks', 'scripts'].includes(top) || top === 'playwright.config.ts') parts.add('e2e');
  }
  return [...parts];
}

/** A file more tests import than this is near to none of them: only those beside it are run, the whole is left to `npm test`. */
const MOST_NEAR = 6;

/** Tests that stand beside a changed file, and the few that import it by name. */
export function nearestTests(files) {
  const tests = git('ls-files', '--cached', '--others', '--exclude-standard', '*.test.ts').filter((name) =>
    existsSync(`${root}/${name}`),
  );
  const code = files.filter((name) => /\.(ts|vue)$/.test(name) && !name.startsWith('e2e/'));
  const folders = new Set(code.map((name) => dirname(name)));
  const importedBy = new Map(
    tests.map((test) => [
      test,
      [...readFileSync(`${root}/${test}`, 'utf8').matchAll(/from '\.[^']*\/([\w.-]+?)(?:\.vue)?'/g)].map(
        ([, name]) => name,
      ),
    ]),
  );
  const importers = code.flatMap((file) => {
    const own = tests.filter((test) => importedBy.get(test).includes(basename(file, extname(file))));
    return own.length > MOST_NEAR ? [] : own;
  });
  return tests.filter((test) => folders.has(dirname(test)) || importers.includes(test));
}
