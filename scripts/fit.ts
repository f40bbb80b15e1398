import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { readCases } from '../core/fit/cases';
import { cannotBeTold, crossValidated, holdsIn, learn } from '../core/fit/learn';
import { poolOf, type CasePool } from '../core/fit/pool';

/** Learns the weights of wants and rules from cases of the craft: `npm run fit -- FILE [--keep]`. `--keep` takes the rigs made ready the last time. */
const WORKERS = 2;
const KEPT = 'node_modules/.cache/fit';
const PULLS = [0.001, 0.003, 0.01, 0.03, 0.1];

const [file = '', ...options] = process.argv.slice(2);
/** Ends with what is wrong and what to do about it. */
function giveUp(says: string): never {
  console.error(says);
  process.exit(2);
}
if (!existsSync(file)) giveUp('npm run fit -- FILE: a file of cases, as docs/cases.md tells the form');
function jsonOf(path: string): unknown {
  try {
    return JSON.parse(readFileSync(path, 'utf8')) as unknown;
  } catch (error) {
    return giveUp(
      `${path} is no JSON that can be read: ${(error as Error).message}. Mend it there and run this again.`,
    );
  }
}
const { cases, leftOut } = readCases(jsonOf(file));
const told = leftOut.map(({ id, because }) => `left out: ${id}, ${because}\n`).join('');
if (cases.length === 0) giveUp(`${told}${file} holds no case to learn from; docs/cases.md tells the form.`);
const part = options.indexOf('--part');
if (part >= 0) {
  const own = Number(options[part + 1]);
  const pools = cases.filter((_, at) => at % WORKERS === own).map(poolOf);
  writeFileSync(join(KEPT, `${own}.json`), JSON.stringify(pools));
  process.exit(0);
}

const inPart = (own: number): Promise<void> =>
  new Promise((done, failed) => {
    const args = ['--import', 'tsx', fileURLToPath(import.meta.url), file, '--part', String(own)];
    spawn(process.execPath, args, { stdio: 'inherit' }).on('exit', (code) =>
      code === 0 ? done() : failed(new Error(`part ${own} ended with ${code}`)),
    );
  });
mkdirSync(KEPT, { recursive: true });
const parts = Array.from({ length: WORKERS }, (_, own) => own);
if (!options.includes('--keep')) await Promise.all(parts.map(inPart));
const keptIn = (own: number): string => join(KEPT, `${own}.json`);
if (!parts.every((own) => existsSync(keptIn(own)))) {
  giveUp('--keep takes the rigs made ready the last time, and none are kept: run it once without --keep.');
}
const pools = parts.flatMap((own) => jsonOf(keptIn(own)) as CasePool[]).sort((a, b) => a.id.localeCompare(b.id));

const held = (factors: Parameters<typeof holdsIn>[1]): number => pools.filter((pool) => holdsIn(pool, factors)).length;
process.stdout.write(told);
console.log(`as it is: ${held({})} of ${pools.length} hold as far as the rigs made ready tell`);
const validated = PULLS.map((pull) => crossValidated(pools, pull));
for (const { pull, all } of validated) console.log(`pull ${pull}: ${all.held} of ${all.of} by practices left out`);
const best = validated.reduce((a, b) => (b.all.held >= a.all.held ? b : a));
const factors = learn(pools, best.pull);
console.log(`fitted with pull ${best.pull}: ${held(factors)} of ${pools.length}`);
for (const { id, because } of cannotBeTold(pools, factors)) console.log(`does not hold: ${id}, ${because}`);
const learnt = join(KEPT, 'factors.json');
writeFileSync(learnt, JSON.stringify(factors, null, 1));
console.log(`factors: ${learnt}`);
