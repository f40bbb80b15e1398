import {
  advise,
  adviceReport,
  catalogueBox,
  checkFile,
  DEFAULT_TEMP_C,
  DEFAULT_TOP,
  fail,
  fallReport,
  issue,
  issueText,
  ok,
  readPanderoJson,
  rigReport,
  SEMI_TIGHT_MAX,
  WATER_LIMITS,
  type Box,
  type Issue,
  type Result,
  type Rig,
  type UnitSystem,
  type Water,
} from '../core';
import { numberOption, type CommandShape, type Parsed } from './options';

/** Reads a file by name, or stdin for `-`. */
export type ReadText = (name: string) => Result<string>;

export interface Command extends CommandShape {
  readonly usage: string;
  readonly about: string;
  run(parsed: Parsed, readText: ReadText): Result<unknown>;
}

/** A file's problems, each under the option that named it. */
const under = (name: string, issues: readonly Issue[]): Issue[] =>
  issues.map((found) => ({ ...found, path: found.path === '' ? name : found.path }));

function readKind(parsed: Parsed, readText: ReadText, option: 'water' | 'rig' | 'box'): Result<Water | Rig | Box> {
  const name = parsed.values[option];
  if (name === undefined) return fail([issue('missing', `--${option}`, { expected: 'a file, or - for stdin' })]);
  const text = readText(name);
  if (!text.ok) return text;
  const file = readPanderoJson(text.value, [option]);
  return file.ok ? ok(file.value.value as Water | Rig | Box) : fail(under(`--${option}`, file.issues));
}

const temperature = (parsed: Parsed): Result<number | undefined> =>
  numberOption(parsed, 'temperature', WATER_LIMITS.temperatureC);

const problemsOf = (...results: readonly Result<unknown>[]): Issue[] =>
  results.flatMap((result) => (result.ok ? [] : [...result.issues]));

/** Most picks anybody may ask for at once. */
const TOP_LIMIT = 500;

export const COMMANDS: Readonly<Record<string, Command>> = {
  advise: {
    usage: 'advise --water F [--box F] [--top N] [--explain] [--units us|metric]',
    about: 'ranks rigs for a water, from a box or from every kind and size there is',
    options: { water: true, box: true, top: true, explain: false, units: true },
    positional: 0,
    run(parsed, readText) {
      const water = readKind(parsed, readText, 'water') as Result<Water>;
      const box =
        parsed.values['box'] === undefined ? ok(catalogueBox()) : (readKind(parsed, readText, 'box') as Result<Box>);
      const top = numberOption(parsed, 'top', { min: 1, max: TOP_LIMIT, whole: true });
      const units = parsed.values['units'] ?? 'us';
      const system: Result<UnitSystem> =
        units === 'us' || units === 'metric'
          ? ok(units)
          : fail([issue('not-one-of', '--units', { got: units, allowed: 'us metric' })]);
      if (!water.ok || !box.ok || !top.ok || !system.ok) return fail(problemsOf(water, box, top, system));
      const advice = advise(water.value, box.value, top.value ?? DEFAULT_TOP);
      return ok(adviceReport(advice, water.value, parsed.flags.has('explain'), system.value));
    },
  },
  rig: {
    usage: 'rig --rig F [--temperature C]',
    about: 'computes what a rig is and does',
    options: { rig: true, temperature: true },
    positional: 0,
    run(parsed, readText) {
      const rig = readKind(parsed, readText, 'rig') as Result<Rig>;
      const tempC = temperature(parsed);
      if (!rig.ok || !tempC.ok) return fail(problemsOf(rig, tempC));
      return ok(rigReport(rig.value, tempC.value ?? DEFAULT_TEMP_C));
    },
  },
  fall: {
    usage: `fall --rig F [--temperature C] [--semiTight 0..${SEMI_TIGHT_MAX}] [--depth M]`,
    about: 'computes how a rig falls; seconds to the bottom need a depth',
    options: { rig: true, temperature: true, semiTight: true, depth: true },
    positional: 0,
    run(parsed, readText) {
      const rig = readKind(parsed, readText, 'rig') as Result<Rig>;
      const tempC = temperature(parsed);
      const semiTight = numberOption(parsed, 'semiTight', { min: 0, max: SEMI_TIGHT_MAX });
      const depthM = numberOption(parsed, 'depth', WATER_LIMITS.depthM);
      if (!rig.ok || !tempC.ok || !semiTight.ok || !depthM.ok) return fail(problemsOf(rig, tempC, semiTight, depthM));
      if (rig.value.family !== 'skirted') {
        const none = {
          speedMps: null,
          bandMps: null,
          secondsToBottom: null,
          fishesLikeOz: null,
          attitudeDeg: null,
          driftMps: null,
        };
        return ok(none);
      }
      return ok(fallReport(rig.value, tempC.value ?? DEFAULT_TEMP_C, semiTight.value ?? 0, depthM.value ?? null));
    },
  },
  check: {
    usage: 'check FILE',
    about: 'tells what a file is, what it holds, and every problem in it',
    options: {},
    positional: 1,
    run(parsed, readText) {
      const name = parsed.positional[0];
      if (name === undefined) return fail([issue('missing', 'FILE', { expected: 'a file, or - for stdin' })]);
      const text = readText(name);
      if (!text.ok) return text;
      const report = checkFile(text.value);
      const worded = (found: Issue): object => ({ ...found, says: issueText(found) });
      return ok({ ...report, issues: report.issues.map(worded), notes: report.notes.map(worded) });
    },
  },
};
