// Stages of `npm test`: each is a program whose end counts as one test, or a runner that leaves a report which counts its tests.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { cpus } from 'node:os';
import { dirname } from 'node:path';
import { root } from './ensure.mjs';

const started = Date.now();
const seconds = (ms) => (ms / 1000).toFixed(1);
export const say = (text) => console.log(`pandero: ${text} (${Math.round((Date.now() - started) / 1000)} s)`);

/** What was counted, and how long each stage took. */
export const counted = { passed: 0, failed: 0, took: [] };

/** The longest a stage may take: what hangs has failed, and the others are still run. */
const STAGE_MS = 35 * 60_000;

/** Programs that run, each the head of a group of its own, so that what it has started ends with it. */
const groups = new Set();
const endGroup = (pid) => {
  try {
    process.kill(-pid, 'SIGKILL');
  } catch (error) {
    // it has ended by itself
    if (error.code !== 'ESRCH') throw error;
  }
};
for (const signal of ['SIGINT', 'SIGTERM']) {
  process.once(signal, () => {
    groups.forEach(endGroup);
    process.exit(1);
  });
}

/** Runs a program; what it says is shown as it comes, or, where others run beside it, once it has failed. */
function running(command, args, { env = {}, isAlone }) {
  return new Promise((resolve) => {
    const stdio = isAlone ? ['ignore', 'inherit', 'inherit'] : ['ignore', 'pipe', 'pipe'];
    const child = spawn(command, args, { cwd: root, stdio, env: { ...process.env, ...env }, detached: true });
    groups.add(child.pid);
    let said = '';
    const limit = setTimeout(() => {
      said += `${command} was stopped: it took longer than ${STAGE_MS / 60_000} minutes`;
      if (isAlone) say(said);
      endGroup(child.pid);
    }, STAGE_MS);
    child.stdout?.on('data', (data) => (said += data));
    child.stderr?.on('data', (data) => (said += data));
    const end = (code) => {
      clearTimeout(limit);
      groups.delete(child.pid);
      resolve({ code, said });
    };
    child.on('error', ({ message }) => {
      said += message;
      end(1);
    });
    child.on('close', (code) => end(code ?? 1));
  });
}

/**
 * A stage of its own, or one of several side by side.
 * @param report  where its tests are counted: a file and how it is read
 */
export async function stage(name, command, args, { report, env, isAlone = false } = {}) {
  const began = Date.now();
  if (report) {
    rmSync(report.file, { force: true });
    mkdirSync(dirname(report.file), { recursive: true });
  }
  const { code, said } = await running(command, args, { env, isAlone });
  counted.took.push([name, Date.now() - began]);
  if (code !== 0 && said.trim() !== '') console.log(said.trimEnd());
  if (report && existsSync(report.file)) {
    const { good, bad } = report.count(JSON.parse(readFileSync(report.file, 'utf8')));
    counted.passed += good;
    counted.failed += code !== 0 && bad === 0 ? 1 : bad;
    say(`${name}: ${good} passed, ${bad} failed`);
    return code === 0;
  }
  // a runner that dies without a report has failed
  const isGood = code === 0 && !report;
  counted[isGood ? 'passed' : 'failed']++;
  say(`${name} ${isGood ? 'passed' : report ? 'FAILED without a report' : 'FAILED'}`);
  return isGood;
}

/** Runs stages side by side, as many at a time as there are cores. */
export async function sideBySide(stages) {
  const left = [...stages];
  const good = [];
  const work = async () => {
    for (let next = left.shift(); next; next = left.shift()) good.push(await next());
  };
  await Promise.all(Array.from({ length: Math.max(2, Math.min(4, cpus().length)) }, work));
  return good.every(Boolean);
}

/** Says how long each stage took, counts everything in the last line, and ends with it. */
export function finish() {
  console.log(`pandero: ${counted.took.map(([name, ms]) => `${name} ${seconds(ms)} s`).join(', ')}`);
  console.log(`${counted.passed} passed, ${counted.failed} failed`);
  process.exitCode = counted.failed === 0 ? 0 : 1;
}
