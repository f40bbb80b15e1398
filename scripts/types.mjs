// Type-checks every part with the library and types it may use, and no more. The native compiler checks what is plain TypeScript; components
// need the one written in TypeScript. What was found is kept between runs. Two parts at a time: one would leave a core idle.
import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './ensure.mjs';

const AT_ONCE = 2;
const NATIVE = 'node_modules/typescript7/bin/tsc';
const WITH_COMPONENTS = 'node_modules/vue-tsc/bin/vue-tsc.js';
// the longest first
const CHECKS = [
  [WITH_COMPONENTS, 'app'],
  [NATIVE, 'core/tsconfig.test.json'],
  [NATIVE, 'core'],
  [NATIVE, 'cli'],
  [NATIVE, 'server'],
  [NATIVE, 'e2e'],
];
/**
 * Another language has to say all that English does, with the same arguments: for each of its modules a line that only compiles where it
 * does. A key that is missing, one too many argument, a number taken for a text: all are told by file and name.
 */
function checkOfLanguages() {
  const folder = join(root, 'node_modules/.cache/languages');
  const lines = ['core', 'app'].flatMap((part) => {
    const words = join(root, part, 'locale');
    const others = readdirSync(words, { withFileTypes: true }).filter(
      (entry) => entry.isDirectory() && entry.name !== 'en',
    );
    return others.flatMap(({ name }) =>
      readdirSync(join(words, 'en'))
        .filter((file) => !file.includes('.test.'))
        .map((file) => {
          const module = file.replace(/\.ts$/, '');
          const from = (language) => `typeof import('${join(words, language, module)}')`;
          return `export const ${part}_${name}_${module.replaceAll(/\W/g, '_')} = (words: ${from(name)}): ${from('en')} => words;`;
        }),
    );
  });
  if (lines.length === 0) return [];
  mkdirSync(folder, { recursive: true });
  writeFileSync(join(folder, 'same-words.ts'), `${lines.join('\n')}\n`);
  const own = {
    extends: join(root, 'app/tsconfig.json'),
    include: ['same-words.ts', join(root, 'core/*/*.d.ts')],
    exclude: [],
  };
  writeFileSync(join(folder, 'tsconfig.json'), JSON.stringify(own));
  return [[NATIVE, 'node_modules/.cache/languages']];
}

const asked = process.argv.slice(2);
const checks = CHECKS.filter(([, part]) => asked.length === 0 || asked.includes(part.split('/')[0]));
if (asked.length === 0 || asked.includes('app')) checks.push(...checkOfLanguages());

const check = ([program, part]) =>
  new Promise((resolve) => {
    const state = `node_modules/.cache/types/${part.replaceAll(/\W/g, '-')}.tsbuildinfo`;
    const args = [program, '-p', part, '--incremental', '--tsBuildInfoFile', state];
    const child = spawn(process.execPath, args, { cwd: root, stdio: 'inherit' });
    child.on('error', () => resolve(false));
    child.on('close', (code) => resolve(code === 0));
  });

let failed = 0;
async function work() {
  for (let next = checks.shift(); next; next = checks.shift()) {
    if (!(await check(next))) failed++;
  }
}
await Promise.all(Array.from({ length: AT_ONCE }, work));
process.exitCode = failed === 0 ? 0 : 1;
