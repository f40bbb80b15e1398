import {
  fail,
  issue,
  ok,
  readLogCsv,
  readPanderoJson,
  sniff,
  SOLVE_FOR,
  WATER_LIMITS,
  type Box,
  type Log,
  type Issue,
  type Result,
  type RetrievePlan,
  type Rig,
  type SolveFor,
  type Trip,
  type Water,
} from '../core';
import { numberOption, problemsOf, type Parsed } from './options';

/** Reads a file by name, or stdin for `-`. */
export type ReadText = (name: string) => Result<string>;
/** Where a card goes; its ending says what it is. */
export function cardFile(parsed: Parsed): Result<{ readonly name: string; readonly format: 'pdf' | 'svg' }> {
  const name = parsed.values['out'];
  if (name === undefined) return fail([issue('missing', '--out', { expected: 'a file ending in .pdf or .svg' })]);
  const format = (['pdf', 'svg'] as const).find((ending) => name.toLowerCase().endsWith(`.${ending}`));
  return format ? ok({ name, format }) : fail([issue('not-one-of', '--out', { got: name, allowed: '.pdf .svg' })]);
}

/** A file's problems, each under the option that named it. */
export const under = (name: string, issues: readonly Issue[]): Issue[] =>
  issues.map((found) => ({ ...found, path: found.path === '' ? name : found.path }));

/** What each option that names a file holds. */
export interface Files {
  readonly water: Water;
  readonly rig: Rig;
  readonly box: Box;
  readonly plan: RetrievePlan;
  readonly trip: Trip;
}

export function readKind(parsed: Parsed, readText: ReadText, option: keyof Files): Result<Files[keyof Files]> {
  const name = parsed.values[option];
  if (name === undefined) return fail([issue('missing', `--${option}`, { expected: 'a file, or - for stdin' })]);
  const text = readText(name);
  if (!text.ok) return text;
  const file = readPanderoJson(text.value, [option]);
  return file.ok ? ok(file.value.value as Files[keyof Files]) : fail(under(`--${option}`, file.issues));
}

/** A log, as JSON or as a table. */
export function readLog(parsed: Parsed, readText: ReadText): Result<Log> {
  const name = parsed.values['log'];
  if (name === undefined) return fail([issue('missing', '--log', { expected: 'a file, or - for stdin' })]);
  const text = readText(name);
  if (!text.ok) return text;
  if (sniff(text.value).format === 'csv') {
    const table = readLogCsv(text.value);
    return table.ok ? table : fail(under('--log', table.issues));
  }
  const file = readPanderoJson(text.value, ['log']);
  return file.ok ? ok(file.value.value as Log) : fail(under('--log', file.issues));
}

export const temperature = (parsed: Parsed): Result<number | undefined> =>
  numberOption(parsed, 'temperature', WATER_LIMITS.temperatureC);

interface RetrieveInputs {
  readonly rig: Rig;
  readonly plan: RetrievePlan;
  readonly water: Water | null;
}

export function retrieveInputs(parsed: Parsed, readText: ReadText): Result<RetrieveInputs> {
  const rig = readKind(parsed, readText, 'rig') as Result<Rig>;
  const plan = readKind(parsed, readText, 'plan') as Result<RetrievePlan>;
  const water =
    parsed.values['water'] === undefined ? ok(null) : (readKind(parsed, readText, 'water') as Result<Water>);
  if (!rig.ok || !plan.ok || !water.ok) return fail(problemsOf(rig, plan, water));
  return ok({ rig: rig.value, plan: plan.value, water: water.value });
}

export function solveFor(parsed: Parsed): Result<SolveFor> {
  const got = parsed.values['for'];
  const allowed = SOLVE_FOR.join(' ');
  if (got === undefined) return fail([issue('missing', '--for', { expected: allowed })]);
  const found = SOLVE_FOR.find((name) => name === got);
  return found ? ok(found) : fail([issue('not-one-of', '--for', { got, allowed })]);
}
