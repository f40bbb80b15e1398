import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX, NORTH_ARM } from '../demo/brindle-mere';
import { fail, issue, ok, uncutTrailer, type Result, type RetrieveReport } from '../core';
import { COMMANDS, type ReadText } from './commands';
import { numberOption, parseOptions } from './options';

const folder = mkdtempSync(join(tmpdir(), 'pandero-cli-'));
const file = (name: string, value: unknown): string => {
  const path = join(folder, name);
  writeFileSync(path, typeof value === 'string' ? value : JSON.stringify(value));
  return path;
};
const water = file('water.json', NORTH_ARM);
const box = file('box.json', DEMO_BOX);
const rigValue = {
  family: 'skirted',
  head: { style: 'casting', finesse: false, weightOz: 0.375, metal: 'lead', hook: { size: '5/0', wire: 'medium' } },
  skirt: { material: 'silicone', strands: 50, lengthMm: 55, thinned: 0, trim: 'none', colour: 'brown' },
};
const rig = file('rig.json', rigValue);

/** For commands that must not write. */
const nowhere = (name: string): Result<void> => fail([issue('cannot-write', '--out', { got: name, why: 'EACCES' })]);

interface Ran {
  readonly status: number | null;
  readonly out: string;
  readonly problems: string[];
}
function pandero(args: readonly string[], input = ''): Ran {
  const done = spawnSync(process.execPath, ['scripts/pandero.mjs', ...args], { encoding: 'utf8', input });
  return { status: done.status, out: done.stdout, problems: done.stderr.split('\n').filter(Boolean) };
}

describe('as a program', () => {
  test('advise: one document on stdout, nothing on stderr, exit 0', () => {
    const { status, out, problems } = pandero(['advise', '--water', water, '--box', box, '--top', '2']);
    expect([status, problems]).toEqual([0, []]);
    const advice = JSON.parse(out) as { picks: { rank: number; flips: unknown }[]; considered: number };
    expect(advice.picks.map(({ rank, flips }) => [rank, flips])).toEqual([
      [1, null],
      [2, null],
    ]);
    expect(advice.considered).toBeGreaterThan(1000);
  });
  test('fall: reads stdin for -', () => {
    const { status, out } = pandero(['fall', '--rig', '-', '--depth', '1.2'], JSON.stringify(rigValue));
    expect(status).toBe(0);
    expect(Object.keys(JSON.parse(out) as object)).toEqual([
      'speedMps',
      'bandMps',
      'secondsToBottom',
      'fishesLikeOz',
      'attitudeDeg',
      'driftMps',
    ]);
  });
  test('deck: which rigs on which rods, proven; what cannot be planned is exit 2 with its place', () => {
    const stops = [
      { name: 'hedgerow', minutes: 60, water: NORTH_ARM },
      { name: 'deep end', minutes: 30, water: { ...NORTH_ARM, depthM: 3, cover: [] } },
    ];
    const trip = { kind: 'trip', version: 1, rods: 2, stops, box: DEMO_BOX };
    const { status, out, problems } = pandero(['deck', '--trip', file('trip.json', trip), '--rods', '2']);
    expect([status, problems]).toEqual([0, []]);
    const deck = JSON.parse(out) as Record<string, unknown> & {
      rods: { stops: number[]; margins: { value: number; weakest: boolean }[] }[];
      stops: unknown[];
    };
    expect([deck['optimal'], deck['gap'], deck['why']]).toEqual([true, 0, null]);
    expect(deck.rods.flatMap(({ stops: of }) => of).sort()).toEqual([0, 1]);
    for (const { margins } of deck.rods) {
      expect(margins.filter(({ weakest }) => weakest)).toHaveLength(1);
      expect(margins.every(({ value }) => value > 0.999)).toBe(true);
    }
    const bad = pandero([
      'deck',
      '--trip',
      file('bad-trip.json', { ...trip, stops: [{ ...stops[0], water: undefined }] }),
    ]);
    expect([bad.status, bad.out]).toEqual([2, '']);
    expect(bad.problems[0]).toContain('stops[0].water');
    const bare = pandero(['deck', '--trip', file('bare-trip.json', { ...trip, box: { ...DEMO_BOX, rods: [] } })]);
    expect(bare.status).toBe(2);
    expect(bare.problems[0]).toContain('--trip.box.rods'.slice(7));
    expect(pandero(['deck', '--trip', file('trip.json', trip), '--rods', '2.5']).status).toBe(2);
  });
  test('bad input: exit 2, nothing on stdout, one line a problem with its path', () => {
    const bad = file('bad.json', { ...NORTH_ARM, temperatureC: 77, mood: 'grim' });
    const { status, out, problems } = pandero(['advise', '--water', bad]);
    expect([status, out]).toEqual([2, '']);
    expect(problems).toHaveLength(2);
    expect(problems[0]).toMatch(/^line 1, temperatureC: 77 is too large; the most is 40/);
    expect(problems[1]).toMatch(/^line 1, mood: "grim" is not known here/);
  });
  test('check tells a broken list from a good one', () => {
    expect(pandero(['check', box])).toMatchObject({ status: 0 });
    const broken = pandero(['check', '-'], 'style,weight\ncasting,x\n');
    expect(broken.status).toBe(2);
    expect(JSON.parse(broken.out)).toMatchObject({ format: 'csv', issues: [{ line: 2, path: 'weight' }] });
  });
  test('6,000 brackets are a problem by name, not a failure of ours', () => {
    const { status, out, problems } = pandero(['rig', '--rig', '-'], '['.repeat(6000));
    expect([status, out, problems.length]).toEqual([2, '', 1]);
    expect(problems[0]).toMatch(/^line 1, --rig: nests deeper than 64/);
  });
  test('a file that is no text is refused by name', () => {
    const done = spawnSync(process.execPath, ['scripts/pandero.mjs', 'check', '-'], {
      input: Buffer.from([0x50, 0x4b, 3, 4, 1, 2]),
    });
    expect([done.status, done.stderr.toString()]).toEqual([2, expect.stringMatching(/zipped/)]);
  });
  test('a long answer into a slow pipe arrives whole', () => {
    const out = execFileSync(
      'sh',
      [
        '-c',
        `${process.execPath} scripts/pandero.mjs advise --water ${water} --box ${box} --top 200 --explain | (sleep 1; cat)`,
      ],
      { encoding: 'utf8', maxBuffer: 1e9 },
    );
    expect((JSON.parse(out) as { picks: unknown[] }).picks.length).toBeGreaterThan(20);
  });
});

describe('commands', () => {
  const shape = { options: { water: true, explain: false }, positional: 1 };
  test('options: values, flags, = and files', () => {
    expect(parseOptions(['--water=a=b.json', '--explain', 'x'], shape)).toEqual(
      ok({ values: { water: 'a=b.json' }, flags: new Set(['explain']), positional: ['x'] }),
    );
  });
  test.each([
    [['--salt'], 'unknown-option'],
    [['--water'], 'no-value'],
    [['--water', '--explain'], 'no-value'],
    [['a', 'b'], 'unknown-option'],
    [['--constructor', 'x'], 'unknown-option'],
    [['--__proto__=x'], 'unknown-option'],
    [['--toString'], 'unknown-option'],
    [['--explain=yes'], 'takes-no-value'],
  ])('%j is refused', (words, code) => {
    const parsed = parseOptions(words, shape);
    expect(parsed.ok ? [] : parsed.issues.map((found) => found.code)).toContain(code);
  });
  test.each([
    ['x', 'not-a-number'],
    ['', 'not-a-number'],
    ['-1', 'too-small'],
    ['9', 'too-large'],
    ['1.5', 'not-a-number'],
    ['1e3', 'not-a-number'],
    ['0x2', 'not-a-number'],
  ])('a number option of "%s" is refused', (text, code) => {
    const parsed = { values: { n: text }, flags: new Set<string>(), positional: [] };
    const read = numberOption(parsed, 'n', { min: 0, max: 8, whole: true });
    expect(read.ok ? '' : read.issues[0]!.code).toBe(code);
  });
  test.each([
    ['3/8', 0.375],
    ['0,375', 0.375],
    ['0.375', 0.375],
  ])('a number option takes what its hint names: %s', (text, value) => {
    const parsed = { values: { n: text }, flags: new Set<string>(), positional: [] };
    expect(numberOption(parsed, 'n', { min: 0, max: 8 })).toEqual(ok(value));
  });
  const readText = (text: string | null) => () =>
    text === null ? fail([issue('no-such-file', 'f', { got: 'f' })]) : ok(text);
  const run = (name: string, words: readonly string[], text: string | null) => {
    const parsed = parseOptions(words, COMMANDS[name]!);
    return parsed.ok ? COMMANDS[name]!.run(parsed.value, readText(text), nowhere) : parsed;
  };
  test('trim: the cuts that answer a water, in the shape of files; a list that forbids everything or names no cut is refused', () => {
    const water = { ...NORTH_ARM, intent: { length: { from: 0.07, to: 0.1 } } };
    const files = {
      rig: JSON.stringify({
        ...rigValue,
        trailer: uncutTrailer({ kind: 'flat-bug', lengthMm: 101.6, softness: 'medium', colour: 'brown' }),
      }),
      water: JSON.stringify(water),
    };
    const trim = (...words: string[]): Result<unknown> => {
      const parsed = parseOptions(['--rig', 'rig', '--water', 'water', ...words], COMMANDS['trim']!);
      const read = (name: string) => ok(files[name as 'rig']);
      return parsed.ok ? COMMANDS['trim']!.run(parsed.value, read, nowhere) : parsed;
    };
    const told = trim();
    expect(told).toMatchObject({
      ok: true,
      value: {
        before: { score: expect.any(Number), has: { fall: expect.any(Number) } },
        best: { score: expect.any(Number), cuts: expect.any(Array), rig: { family: 'skirted' } },
        fewest: { cuts: expect.any(Array) },
        outOfReach: expect.any(Array),
      },
    });
    const nose = trim('--allow', 'nose') as { value: { best: { cuts: object[] } } };
    expect(nose.value.best.cuts).toMatchObject([
      { id: 'cut-nose', says: expect.stringMatching(/off the nose/), from: 0, to: expect.any(Number), unit: 'mm' },
    ]);
    expect(Object.keys(nose.value.best.cuts[0]!)).toEqual(['id', 'says', 'from', 'to', 'unit', 'gains', 'because']);
    const codes = (result: Result<unknown>) =>
      result.ok ? [] : result.issues.map(({ code, path }) => `${path} ${code}`);
    expect(codes(trim('--allow', 'nose', '--keep', 'nose'))).toEqual(['--keep nothing-may-be-cut']);
    expect(codes(trim('--allow', 'nos,tail,legg'))).toEqual(['--allow not-one-of', '--allow not-one-of']);
    expect(codes(trim('--keep', ''))).toEqual(['--keep not-one-of']);
    expect(trim('--keep', 'nose,skirt')).toMatchObject({ ok: true });
  });
  test('card: a file ending in .pdf or .svg on a paper we know; what cannot be written is said', () => {
    const written: string[] = [];
    const card = (...words: string[]): Result<unknown> => {
      const parsed = parseOptions(['--rig', 'f', ...words], COMMANDS['card']!);
      if (!parsed.ok) return parsed;
      return COMMANDS['card']!.run(parsed.value, readText(JSON.stringify(rigValue)), (name, bytes) => {
        written.push(`${name} ${Buffer.from(bytes.slice(0, 5)).toString('latin1')}`);
        return ok(undefined);
      });
    };
    expect(card('--out', 'x.pdf', '--paper', 'letter')).toMatchObject({
      value: { out: 'x.pdf', format: 'pdf', paper: 'letter', parts: 1 },
    });
    expect(card('--out', 'X.SVG')).toMatchObject({ value: { format: 'svg', paper: 'a4' } });
    expect(written).toEqual(['x.pdf %PDF-', 'X.SVG <svg ']);
    expect(card()).toMatchObject({ issues: [{ code: 'missing', path: '--out' }] });
    expect(card('--out', 'x.png')).toMatchObject({ issues: [{ code: 'not-one-of', path: '--out' }] });
    expect(card('--out', 'x.pdf', '--paper', 'a5')).toMatchObject({
      issues: [{ code: 'not-one-of', path: '--paper' }],
    });
    expect(written).toHaveLength(2);
    expect(run('card', ['--rig', 'f', '--out', 'x.pdf'], JSON.stringify(rigValue))).toMatchObject({
      issues: [{ code: 'cannot-write', path: '--out' }],
    });
  });
  test('advise: what would flip the first picks is told where it is asked for', () => {
    const few = { ...DEMO_BOX, heads: DEMO_BOX.heads.slice(0, 3), trailers: DEMO_BOX.trailers.slice(0, 3) };
    const asked: ReadText = (name) => ok(JSON.stringify(name === 'box' ? few : NORTH_ARM));
    const parsed = parseOptions(['--water', 'w', '--box', 'box', '--top', '1', '--flips'], COMMANDS['advise']!);
    if (!parsed.ok) throw new Error('not parsed');
    const found = COMMANDS['advise']!.run(parsed.value, asked, nowhere);
    const { picks } = (found.ok ? found.value : { picks: [] }) as { readonly picks: readonly { flips: object[] }[] };
    expect(picks).toHaveLength(1);
    expect(picks[0]!.flips.length).toBeGreaterThan(0);
    expect(Object.keys(picks[0]!.flips[0]!)).toEqual(['field', 'at', 'to']);
  });
  test('a missing file, a missing option, a wrong kind of file', () => {
    expect(run('rig', ['--rig', 'f'], null).ok).toBe(false);
    expect(run('rig', [], '')).toMatchObject({ ok: false, issues: [{ code: 'missing', path: '--rig' }] });
    expect(run('rig', ['--rig', 'f'], JSON.stringify(NORTH_ARM))).toMatchObject({ issues: [{ code: 'wrong-kind' }] });
    expect(run('check', [], '')).toMatchObject({ issues: [{ code: 'missing', path: 'FILE' }] });
    expect(run('fall', ['--rig', 'f', '--semiTight', '0.7'], JSON.stringify(rigValue))).toMatchObject({
      issues: [{ code: 'too-large', path: '--semiTight' }],
    });
    expect(run('advise', ['--water', 'f', '--units', 'stone'], JSON.stringify(NORTH_ARM))).toMatchObject({
      issues: [{ code: 'not-one-of', path: '--units' }],
    });
  });
  test('rig: the whole shape, nulls only where a block does not apply', () => {
    const guard = { kind: 'fibre', fibres: 20, lengthMm: 28, spread: 'none', bevel: false };
    const report = run('rig', ['--rig', 'f', '--temperature', '8'], JSON.stringify({ ...rigValue, guard }));
    expect(report).toMatchObject({
      ok: true,
      value: {
        hunting: null,
        kick: null,
        keeper: null,
        roll: { blowOverMps: null },
        guard: { collapseN: expect.any(Number) },
        hook: { rollUp: 'turns-up', exitMm: null },
      },
    });
  });
  test('a family without what it works by is refused by name', () => {
    const fall = run('fall', ['--rig', 'f'], JSON.stringify({ ...rigValue, family: 'spinner' }));
    expect(fall).toMatchObject({ ok: false, issues: [{ code: 'needs-block', path: 'blades' }] });
  });
  const files = (plan: object, water: object = NORTH_ARM): ((name: string) => Result<string>) => {
    const texts: Record<string, object> = { rig: rigValue, plan, water };
    return (name) => ok(JSON.stringify(texts[name]));
  };
  const PLAN = {
    castM: 25,
    tipHeightM: 1,
    driftMps: 0,
    line: { kind: 'fluorocarbon', lb: 15 },
    bottom: [
      [0, 1.2],
      [25, 2],
    ],
    steps: [
      { do: 'countdown', s: 3 },
      { do: 'reel', mPerS: 0.75, s: 8 },
      { do: 'pause', s: 1 },
      { do: 'kill', s: 1 },
      { do: 'lift-drop', m: 0.6 },
      { do: 'shake', mPerS: 0.6, hz: 3, s: 10 },
    ],
  };
  const ask = (command: string, words: string[], plan: object): Result<unknown> => {
    const parsed = parseOptions(words, COMMANDS[command]!);
    if (!parsed.ok) return parsed;
    return COMMANDS[command]!.run(parsed.value, files(plan), nowhere);
  };
  const WITH_PLAN = ['--rig', 'rig', '--plan', 'plan'];
  test('retrieve: the whole shape, seconds in the band when the water names one', () => {
    const done = ask('retrieve', [...WITH_PLAN, '--water', 'water'], PLAN) as { value: RetrieveReport };
    expect(Object.keys(done.value)).toEqual([
      'midCastDepthM',
      'bandMidCastDepthM',
      'maxDepthM',
      'secondsInBand',
      'contacts',
      'holdSpeedMps',
      'wakeSpeedMps',
      'slowestWorkingMps',
      'fastestMps',
      'path',
    ]);
    expect(done.value.path[0]).toEqual([0, 25, 0]);
    expect(done.value.maxDepthM).toBeLessThanOrEqual(2);
  });
  test('solve: a value with the nearest that is sold, or why there is none', () => {
    const steady = { ...PLAN, bottom: undefined, steps: [PLAN.steps[0], { do: 'reel', mPerS: 0.75 }] };
    const found = ask('solve', [...WITH_PLAN, '--for', 'weight', '--depth', '1.2'], steady);
    expect(found).toMatchObject({
      value: { for: 'weight', unit: 'oz', why: null, nearest: { value: expect.any(Number) } },
    });
    const none = ask('solve', [...WITH_PLAN, '--for', 'line', '--depth', '30'], steady);
    expect(none).toMatchObject({ value: { value: null, why: expect.stringContaining('No setting reaches 30 m') } });
    expect(ask('solve', [...WITH_PLAN, '--for', 'luck', '--depth', '1'], steady)).toMatchObject({
      issues: [{ code: 'not-one-of', path: '--for' }],
    });
    expect(ask('solve', [...WITH_PLAN, '--for', 'line'], steady)).toMatchObject({
      issues: [{ code: 'missing', path: '--depth' }],
    });
  });
  test.each([
    ['no line', { line: { kind: 'braid', lb: 0 } }, 'too-small', 'line.lb'],
    ['a negative line', { line: { kind: 'braid', lb: -4 } }, 'too-small', 'line.lb'],
    ['a cast shorter than the tip is high', { castM: 3, tipHeightM: 3 }, 'cast-too-short', 'castM'],
    ['a programme that never moves', { steps: [{ do: 'countdown', s: 3 }] }, 'never-moves', 'steps'],
    ['a speed past the range', { steps: [{ do: 'reel', mPerS: 9 }] }, 'too-large', 'steps[0].mPerS'],
    ['a bottom above the surface', { bottom: [[0, -0.3]] }, 'too-small', 'bottom[0][1]'],
    [
      'a bottom that turns back',
      {
        bottom: [
          [5, 1],
          [5, 2],
        ],
      },
      'not-downwards',
      'bottom[1]',
    ],
  ])('a plan with %s is refused by field', (_, wrong, code, path) => {
    const said = ask('retrieve', WITH_PLAN, { ...PLAN, ...wrong });
    expect(said).toMatchObject({ ok: false, issues: [{ code, path }] });
  });
  test('an unknown command and --help', () => {
    expect(pandero(['deck']).status).toBe(2);
    expect(JSON.parse(pandero(['--help']).out)).toHaveProperty('commands.advise.usage');
  });
  test('the file of a rig on disk gives the same as over stdin', () => {
    expect(pandero(['rig', '--rig', rig]).out).toBe(pandero(['rig', '--rig', '-'], JSON.stringify(rigValue)).out);
  });
});
