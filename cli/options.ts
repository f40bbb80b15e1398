import { fail, issue, ok, parseNumber, type Issue, type Result } from '../core';

/** What a command takes: its options (true needs a value) and how many files stand without one. */
export interface CommandShape {
  readonly options: Readonly<Record<string, boolean>>;
  readonly positional: number;
}

export interface Parsed {
  readonly values: Readonly<Record<string, string>>;
  readonly flags: ReadonlySet<string>;
  readonly positional: readonly string[];
}

/** Reads `--option value`, `--option=value` and `--flag`; anything a command does not know is a problem, not ignored. */
export function parseOptions(words: readonly string[], shape: CommandShape): Result<Parsed> {
  const values = Object.create(null) as Record<string, string>;
  const flags = new Set<string>();
  const positional: string[] = [];
  const issues: Issue[] = [];
  for (let at = 0; at < words.length; at++) {
    const word = words[at]!;
    if (!word.startsWith('--')) {
      if (positional.length < shape.positional) positional.push(word);
      else issues.push(issue('unknown-option', word, { allowed: Object.keys(shape.options).join(' ') }));
      continue;
    }
    const [name = '', inline] = word.slice(2).split(/=(.*)/s);
    const takesValue = Object.hasOwn(shape.options, name) ? shape.options[name] : undefined;
    if (takesValue === undefined) {
      issues.push(
        issue('unknown-option', `--${name}`, {
          allowed: Object.keys(shape.options)
            .map((o) => `--${o}`)
            .join(' '),
        }),
      );
    } else if (!takesValue) {
      if (inline === undefined) flags.add(name);
      else issues.push(issue('takes-no-value', `--${name}`, { got: inline }));
    } else {
      const value = inline ?? words[++at];
      if (value === undefined || (inline === undefined && value.startsWith('--')))
        issues.push(issue('no-value', `--${name}`));
      else values[name] = value;
    }
  }
  return issues.length > 0 ? fail(issues) : ok({ values, flags, positional });
}

/** A number option within limits; absent gives the fallback. */
export function numberOption(
  parsed: Parsed,
  name: string,
  limits: { readonly min: number; readonly max: number; readonly whole?: boolean },
): Result<number | undefined> {
  const text = parsed.values[name];
  if (text === undefined) return ok(undefined);
  const value = parseNumber(text);
  if (value === null || !Number.isFinite(value) || (limits.whole === true && !Number.isInteger(value))) {
    return fail([issue('not-a-number', `--${name}`, { got: text })]);
  }
  if (value < limits.min) return fail([issue('too-small', `--${name}`, { got: value, limit: limits.min })]);
  if (value > limits.max) return fail([issue('too-large', `--${name}`, { got: value, limit: limits.max })]);
  return ok(value);
}

/** The problems of everything that was read, together. */
export const problemsOf = (...results: readonly Result<unknown>[]): Issue[] =>
  results.flatMap((result) => (result.ok ? [] : [...result.issues]));
