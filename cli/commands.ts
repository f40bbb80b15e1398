import {
  advise,
  adviceReport,
  cardSvg,
  deckReport,
  planDeck,
  TRIP_LIMITS,
  CUT_IDS,
  catalogueFor,
  checkFile,
  DEFAULT_TEMP_C,
  DEFAULT_TOP,
  fail,
  fallReport,
  tippingPointsOf,
  trimReport,
  issue,
  issueText,
  layOutCard,
  leadAllowed,
  mediumAt,
  ok,
  ratesReport,
  retrieveReport,
  rigReadouts,
  rigReport,
  SOLVE_FOR,
  solveRetrieve,
  SEMI_TIGHT_MAX,
  WATER_LIMITS,
  type Box,
  type Issue,
  type Result,
  type RetrievePlan,
  type Rig,
  type Solver,
  type Trip,
  type UnitSystem,
  type Water,
} from '../core';
import { cardPdf } from '../paper/card-pdf';
import { cutsAllowed } from './allowed-cuts';
import {
  cardFile,
  under,
  readKind,
  readLog,
  temperature,
  retrieveInputs,
  solveFor,
  type Files,
  type ReadText,
} from './inputs';
import { numberOption, problemsOf, type CommandShape, type Parsed } from './options';

export type { ReadText } from './inputs';

/** Writes a whole file, or says why it cannot. */
export type WriteFile = (name: string, bytes: Uint8Array) => Result<void>;

export interface Command extends CommandShape {
  readonly usage: string;
  readonly about: string;
  run(parsed: Parsed, readText: ReadText, writeFile: WriteFile, solver?: Solver | null): Result<unknown>;
}

/** An option that is one of a few words. */
function oneOf<T extends string>(parsed: Parsed, name: string, allowed: readonly T[], usual: T): Result<T> {
  const got = parsed.values[name] ?? usual;
  const found = allowed.find((word) => word === got);
  return found ? ok(found) : fail([issue('not-one-of', `--${name}`, { got, allowed: allowed.join(' ') })]);
}

/** For how many of the first picks it is looked for what would flip them. */
const FLIPS_FOR = 3;

/** Most picks anybody may ask for at once. */
const TOP_LIMIT = 500;

export const COMMANDS: Readonly<Record<string, Command>> = {
  deck: {
    usage: 'deck --trip F [--rods N]',
    about: 'plans which rigs on which rods of a box answer the stops of a day best, and proves it',
    options: { trip: true, rods: true },
    positional: 0,
    run(parsed, readText, _writeFile, solver) {
      const trip = readKind(parsed, readText, 'trip') as Result<Trip>;
      const rods = numberOption(parsed, 'rods', { ...TRIP_LIMITS.rods, whole: true });
      if (!trip.ok || !rods.ok) return fail(problemsOf(trip, rods));
      if (!solver) throw new Error('deck: no solver was given');
      const plan = planDeck(trip.value, solver, rods.value ?? trip.value.rods);
      return plan.ok ? ok(deckReport(trip.value, plan.value)) : fail(under('--trip', plan.issues));
    },
  },
  advise: {
    usage: 'advise --water F [--box F] [--top N] [--explain] [--flips] [--units us|metric]',
    about: 'ranks rigs for a water, from a box or from every kind and size there is',
    options: { water: true, box: true, top: true, explain: false, flips: false, units: true },
    positional: 0,
    run(parsed, readText) {
      const water = readKind(parsed, readText, 'water') as Result<Water>;
      const box = parsed.values['box'] === undefined ? ok(null) : (readKind(parsed, readText, 'box') as Result<Box>);
      const top = numberOption(parsed, 'top', { min: 1, max: TOP_LIMIT, whole: true });
      const units = parsed.values['units'] ?? 'us';
      const system: Result<UnitSystem> =
        units === 'us' || units === 'metric'
          ? ok(units)
          : fail([issue('not-one-of', '--units', { got: units, allowed: 'us metric' })]);
      if (!water.ok || !box.ok || !top.ok || !system.ok) return fail(problemsOf(water, box, top, system));
      const from = box.value ?? catalogueFor({ lead: leadAllowed(water.value.localRules) });
      const advice = advise(water.value, from, top.value ?? DEFAULT_TOP);
      // what would flip the first picks takes longer than the answer itself
      const first = parsed.flags.has('flips') ? advice.picks.slice(0, FLIPS_FOR) : [];
      const flips = tippingPointsOf(
        water.value,
        from,
        first.map(({ base }) => base),
      );
      return ok(adviceReport(advice, water.value, parsed.flags.has('explain'), system.value, flips));
    },
  },
  rig: {
    usage: 'rig --rig F [--temperature C] [--water F] [--plan F]',
    about: 'computes what a rig is and does',
    options: { rig: true, temperature: true, water: true, plan: true },
    positional: 0,
    run(parsed, readText) {
      const rig = readKind(parsed, readText, 'rig') as Result<Rig>;
      const tempC = temperature(parsed);
      const given = (option: 'water' | 'plan'): Result<Files[keyof Files] | null> =>
        parsed.values[option] === undefined ? ok(null) : readKind(parsed, readText, option);
      const water = given('water') as Result<Water | null>;
      const plan = given('plan') as Result<RetrievePlan | null>;
      if (!rig.ok || !tempC.ok || !water.ok || !plan.ok) return fail(problemsOf(rig, tempC, water, plan));
      const ownTempC = tempC.value ?? water.value?.temperatureC ?? DEFAULT_TEMP_C;
      return ok(rigReport(rig.value, ownTempC, { water: water.value, plan: plan.value }));
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
      return ok(
        fallReport(rig.value, mediumAt(tempC.value ?? DEFAULT_TEMP_C), semiTight.value ?? 0, depthM.value ?? null),
      );
    },
  },
  retrieve: {
    usage: 'retrieve --rig F --plan F [--water F]',
    about: 'computes the path of a rig on a retrieve, how deep it runs, what it touches, and at which speeds it works',
    options: { rig: true, plan: true, water: true },
    positional: 0,
    run(parsed, readText) {
      const asked = retrieveInputs(parsed, readText);
      return asked.ok ? ok(retrieveReport(asked.value.rig, asked.value.plan, asked.value.water)) : asked;
    },
  },
  solve: {
    usage: `solve --rig F --plan F --for ${SOLVE_FOR.join('|')} --depth M [--water F]`,
    about:
      'finds the weight, speed, countdown or line that takes a rig to a depth half way back, or says why none does',
    options: { rig: true, plan: true, water: true, for: true, depth: true },
    positional: 0,
    run(parsed, readText) {
      const asked = retrieveInputs(parsed, readText);
      const depthM = numberOption(parsed, 'depth', { min: 0, max: WATER_LIMITS.depthM.max });
      const by = solveFor(parsed);
      if (!asked.ok || !depthM.ok || !by.ok) return fail(problemsOf(asked, depthM, by));
      if (depthM.value === undefined)
        return fail([issue('missing', '--depth', { expected: 'metres below the surface' })]);
      const { rig, plan, water } = asked.value;
      const solved = solveRetrieve(rig, plan, water, by.value, depthM.value);
      return ok({ ...solved, why: solved.why === null ? null : issueText(solved.why) });
    },
  },
  rates: {
    usage: 'rates --log F',
    about:
      'what a log says (CSV or JSON): bites an hour and landed of hooked by group, with bands, and whether a trailer hook pays',
    options: { log: true },
    positional: 0,
    run(parsed, readText) {
      const log = readLog(parsed, readText);
      return log.ok ? ok(ratesReport(log.value)) : log;
    },
  },
  trim: {
    usage: `trim --rig F --water F [--allow ${CUT_IDS.join(',')}] [--keep ID,...] [--units us|metric]`,
    about:
      'finds the cuts and turns that answer a water best, and the fewest that do; --keep names what stays as it is',
    options: { rig: true, water: true, allow: true, keep: true, units: true },
    positional: 0,
    run(parsed, readText) {
      const rig = readKind(parsed, readText, 'rig') as Result<Rig>;
      const water = readKind(parsed, readText, 'water') as Result<Water>;
      const allow = cutsAllowed(parsed);
      const system = oneOf(parsed, 'units', ['us', 'metric'], 'us');
      if (!rig.ok || !water.ok || !allow.ok || !system.ok) return fail(problemsOf(rig, water, allow, system));
      return ok(trimReport(rig.value, water.value, system.value, allow.value));
    },
  },
  card: {
    usage: 'card --rig F --out F.pdf|F.svg [--paper a4|letter] [--units us|metric] [--temperature C]',
    about: 'draws a 1:1 cut card of a rig: cuts, hook exit, check rulers, numbers, cut list',
    options: { rig: true, out: true, paper: true, units: true, temperature: true },
    positional: 0,
    run(parsed, readText, writeFile) {
      const rig = readKind(parsed, readText, 'rig') as Result<Rig>;
      const tempC = temperature(parsed);
      const paper = oneOf(parsed, 'paper', ['a4', 'letter'], 'a4');
      const system = oneOf(parsed, 'units', ['us', 'metric'], 'us');
      const out = cardFile(parsed);
      if (!rig.ok || !tempC.ok || !paper.ok || !system.ok || !out.ok) {
        return fail(problemsOf(rig, tempC, paper, system, out));
      }
      const readouts = rigReadouts(rig.value, tempC.value ?? DEFAULT_TEMP_C);
      const card = layOutCard({ rig: rig.value, readouts, system: system.value, paper: paper.value });
      const { name, format } = out.value;
      const written = writeFile(name, format === 'pdf' ? cardPdf(card) : new TextEncoder().encode(cardSvg(card)));
      if (!written.ok) return written;
      return ok({
        out: name,
        format,
        paper: paper.value,
        sheets: card.pages.length,
        parts: card.tiles,
        title: card.title,
      });
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
