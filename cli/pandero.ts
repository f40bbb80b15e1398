import { readFileSync, writeFileSync, writeSync } from 'node:fs';
import { decodeText, fail, issue, issueText, ok, type Result, type Solver } from '../core';
import { COMMANDS } from './commands';
import { parseOptions } from './options';

const EXIT = { done: 0, ourFault: 1, badInput: 2 } as const;

function readText(name: string): Result<string> {
  let bytes: Uint8Array;
  try {
    bytes = readFileSync(name === '-' ? 0 : name);
  } catch {
    return fail([issue('no-such-file', name, { got: name })]);
  }
  const decoded = decodeText(bytes);
  return decoded.ok ? ok(decoded.value.text) : fail(decoded.issues.map((found) => ({ ...found, path: name })));
}

function writeFile(name: string, bytes: Uint8Array): Result<void> {
  try {
    return ok(writeFileSync(name, bytes));
  } catch (error) {
    return fail([
      issue('cannot-write', '--out', { got: name, why: (error as NodeJS.ErrnoException).code ?? String(error) }),
    ]);
  }
}

/** Writes all of a text before the process ends, also into a pipe that reads slowly. */
function writeAll(fd: number, text: string): void {
  const bytes = Buffer.from(text);
  for (let at = 0; at < bytes.length;) {
    try {
      at += writeSync(fd, bytes, at);
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EAGAIN') throw error;
    }
  }
}

const help = {
  usage: 'npm run -s pandero -- COMMAND [--option value]',
  commands: Object.fromEntries(Object.entries(COMMANDS).map(([name, { usage, about }]) => [name, { usage, about }])),
  exit: { 0: 'done', 1: 'our own failure', 2: 'bad input, nothing written' },
};

function answer(words: readonly string[], solver: Solver | null): Result<unknown> {
  const [name, ...rest] = words;
  if (name === undefined || name === '--help' || name === 'help' || rest.includes('--help')) return ok(help);
  const command = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
  if (command === undefined) {
    return fail([issue('unknown-command', 'COMMAND', { got: name, allowed: Object.keys(COMMANDS).join(' ') })]);
  }
  const parsed = parseOptions(rest, command);
  return parsed.ok ? command.run(parsed.value, readText, writeFile, solver) : parsed;
}

/**
 * Runs one command: its document on stdout, problems on stderr, one a line.
 * @param solver  of integer programmes, for a deck
 */
export function main(words: readonly string[], solver: Solver | null = null): number {
  try {
    const result = answer(words, solver);
    if (!result.ok) {
      writeAll(2, result.issues.map((found) => `${issueText(found)}\n`).join(''));
      return EXIT.badInput;
    }
    writeAll(1, `${JSON.stringify(result.value, null, 2)}\n`);
    return words[0] === 'check' && (result.value as { issues: unknown[] }).issues.length > 0
      ? EXIT.badInput
      : EXIT.done;
  } catch (error) {
    writeAll(
      2,
      `pandero: our own failure, please report it: ${error instanceof Error ? (error.stack ?? error.message) : String(error)}\n`,
    );
    return EXIT.ourFault;
  }
}
