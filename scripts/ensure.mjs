// Sets a fresh machine up: dependencies from the lock file, Chromium from Debian when the tests need it. No dependency of its own.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, openSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { WHOLE, WINDOWLESS } from './chromium.mjs';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const stamp = join(root, 'node_modules/.pandero-lock');
const lockFile = join(root, 'package-lock.json');

/** Runs a program; its output goes to stderr, so that stdout stays free for results. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: ['ignore', 2, 2], ...options });
  if (done.error) throw done.error;
  return done.status ?? 1;
}

/** Installs the locked dependencies when they are missing or older than the lock file. */
export function ensureDependencies() {
  const lock = readFileSync(lockFile, 'utf8');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  const claim = join(root, '.installing');
  try {
    if (existsSync(claim) && Date.now() - statSync(claim).mtimeMs > 600_000) rmSync(claim);
    openSync(claim, 'wx');
  } catch {
    console.error('pandero: another install is under way here; wait for it, or delete the file .installing');
    process.exit(1);
  }
  try {
    console.error('pandero: installing dependencies …');
    if (run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']) !== 0) {
      console.error('pandero: npm ci failed. Is the npm registry reachable?');
      process.exit(1);
    }
    mkdirSync(dirname(stamp), { recursive: true });
    writeFileSync(stamp, lock);
  } finally {
    rmSync(claim, { force: true });
  }
}

/** Installs a Debian package when a program of it is missing; whether it is there then. */
function isInstalled(path, name, packages) {
  if (existsSync(path)) return true;
  console.error(`pandero: installing ${name} …`);
  run('apt-get', ['update', '-qq']);
  return run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages]) === 0 && existsSync(path);
}

/** The same, for a program that nothing goes on without. */
function ensureProgram(path, name, packages) {
  if (isInstalled(path, name, packages)) return;
  console.error(
    `pandero: ${name} could not be installed; install Debian's "${packages.join('", "')}" by hand (needs root).`,
  );
  process.exit(1);
}

/** Installs Debian's Chromium when there is none: the build without a window, or, where that is not to be had, the whole one. */
export function ensureChromium() {
  if (!isInstalled(WINDOWLESS.path, 'Chromium without a window', [WINDOWLESS.package]))
    ensureProgram(WHOLE.path, 'Chromium', [WHOLE.package]);
}

/** Installs browsers of the two other engines. */
export function ensureOtherEngines() {
  ensureProgram('/usr/bin/firefox-esr', 'Firefox', ['firefox-esr']);
  ensureProgram('/usr/bin/WebKitWebDriver', 'WebKitGTK', ['webkit2gtk-driver']);
  ensureProgram('/usr/bin/Xvfb', 'a screen nobody sees', ['xvfb']);
}
