import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { demoSeasons } from '../../../demo/seasons';
import { DEMO_WEEKEND } from '../../../demo/weekend';
import { DEMO_BOX, NORTH_ARM } from '../../../demo/brindle-mere';
import { advise } from '../../advice/recommend/advise';
import { issueText } from '../../locale/en/issues';
import { makeTicket } from '../../ticket/make';
import { cautionsFor } from '../../ticket/cautions';
import { ticketSchema, type Ticket } from '../../ticket/schema';
import type { Water } from '../../water/schema';
import { parseWith } from '../../parse';
import { checkFile } from '../check';
import { JSON_LIMIT_CHARS, type Backup } from './format';
import { readPanderoJson } from './read';
import { changedBuild, startBuild } from '../../bench/build';
import { jig } from '../../testing/fixtures/rigs';
import { startingYear } from '../../season/year';
import { EMPTY_TANK } from '../../tank/tank';
import { writeBackup, writeBox, writeTickets } from './write';

const advice = advise(NORTH_ARM, DEMO_BOX, 1);
const ticket: Ticket = makeTicket(advice.picks[0]!, NORTH_ARM, {
  id: 'a-ticket',
  madeAt: '2026-09-26T06:30:00.000Z',
  name: 'Hedgerow, Saturday',
});
const backup: Backup = {
  kind: 'backup',
  version: 7,
  madeAt: '2026-09-26T07:00:00.000Z',
  settings: { units: 'us', theme: 'light', source: 'box' },
  waters: [{ id: 'a-water', place: 'Brindle Mere', day: '2026-09-26', water: NORTH_ARM }],
  atHand: 'a-water',
  box: DEMO_BOX,
  tickets: [ticket],
  builds: [
    changedBuild(
      startBuild(ticket.rig, { id: 'a-build', name: 'mine', at: '2026-09-26T06:40:00.000Z' }),
      jig({ oz: 0.5 }),
      { at: '2026-09-26T06:41:00.000Z' },
    ),
  ],
  onBench: 'a-build',
  screen: { pxPerMm: 4.2, widthPx: 1280, heightPx: 800, ratio: 2 },
  tank: { ...EMPTY_TANK, rig: jig(), other: null, programme: 'hop' },
  year: startingYear('cool'),
  trips: [...DEMO_WEEKEND],
  onDeck: DEMO_WEEKEND[0]!.id,
  outings: demoSeasons().slice(0, 3),
  onWater: null,
  tests: [
    {
      id: 'a-test',
      at: '2026-09-20T10:00:00+00:00',
      changedAt: '2026-09-20T10:00:00.000Z',
      what: 'drop',
      rig: jig(),
      temperatureC: 16,
      depthM: 3,
      reactionS: 0.2,
      readings: [{ value: 6.1 }, { value: 9, isOut: true }],
    },
  ],
  setAside: [{ from: 'tickets', key: 'odd', why: ['name: is missing.'], row: { id: 'odd' } }],
};
const problems = (text: string): string[] => {
  const read = readPanderoJson(text);
  return read.ok ? [] : read.issues.map(({ code, line, path }) => `${line ?? '-'} ${path} ${code}`);
};

describe('there and back', () => {
  test.each([
    ['box', writeBox(DEMO_BOX), DEMO_BOX],
    ['tickets', writeTickets([ticket]), { kind: 'tickets', version: 1, tickets: [ticket] }],
    ['backup', writeBackup(backup), backup],
    ['water', JSON.stringify(NORTH_ARM), NORTH_ARM],
    ['rig', JSON.stringify(jig()), jig()],
  ])('%s', (kind, text, value) =>
    expect(readPanderoJson(text)).toEqual({ ok: true, value: { kind, value, aside: [] } }),
  );
  test('a byte-order mark does no harm', () => expect(problems(`\uFEFF${writeBox(DEMO_BOX)}`)).toEqual([]));
});

describe('a ticket', () => {
  test('keeps rig, numbers, reasons and dissent as they stood', () => {
    expect(parseWith(ticketSchema, ticket).ok).toBe(true);
    expect(ticket.rig).toEqual(advice.picks[0]!.rig);
    expect(ticket.fall.speedMps).toBe(advice.picks[0]!.fall.speedMps);
    expect(ticket.semiTight.speedMps).toBeLessThan(ticket.fall.speedMps);
    expect(ticket.reasons.length).toBe(advice.picks[0]!.reasons.length);
    expect(ticket.massG).toBeGreaterThan(14);
  });
  test('cautions are those that apply', () => {
    const all = cautionsFor(jig(), NORTH_ARM);
    expect(all).toEqual(expect.arrayContaining(['local-rules', 'bare-hook', 'lead', 'cold-water', 'snag-recoil']));
    const mild = cautionsFor(jig({ metal: 'tungsten', trailer: null }), { ...NORTH_ARM, temperatureC: 25, cover: [] });
    expect(mild).toEqual(['local-rules', 'bare-hook', 'embedded-hook', 'handling']);
  });
});

describe('older versions', () => {
  test('a box of version 1: what reads as a part becomes one, the rest is kept as it came', () => {
    const old = {
      kind: 'box',
      version: 1,
      heads: [],
      skirts: [],
      trailers: [],
      rods: [{ name: 'mine', lengthIn: 84 }],
      lines: [{ kind: 'braid', lb: 50 }],
    };
    expect(readPanderoJson(JSON.stringify(old))).toMatchObject({
      ok: true,
      value: {
        value: {
          version: 2,
          lines: [{ kind: 'braid', lb: 50 }],
          rods: [],
          kept: [{ tray: 'rods', part: { name: 'mine', lengthIn: 84 } }],
        },
      },
    });
  });
  test('a backup of version 2 had no builds', () => {
    const {
      builds: _builds,
      onBench: _onBench,
      screen: _screen,
      setAside: _setAside,
      tank: _tank,
      year: _year,
      trips: _trips,
      onDeck: _onDeck,
      ...rest
    } = backup;
    expect(readPanderoJson(JSON.stringify({ ...rest, version: 2 }))).toMatchObject({
      ok: true,
      value: {
        value: {
          version: 7,
          tank: null,
          year: null,
          builds: [],
          onBench: null,
          screen: null,
          setAside: [],
          atHand: 'a-water',
        },
      },
    });
  });
  test('a backup of version 6 knew no log', () => {
    const { outings: _outings, onWater: _onWater, tests: _tests, ...rest } = backup;
    expect(readPanderoJson(JSON.stringify({ ...rest, version: 6 }))).toMatchObject({
      ok: true,
      value: { value: { version: 7, outings: [], onWater: null, tests: [], trips: backup.trips } },
    });
  });
  test('half a backup is none', () => {
    const whole = writeBackup(backup);
    expect(readPanderoJson(whole.slice(0, whole.length / 2))).toMatchObject({
      ok: false,
      issues: [{ code: 'not-json' }],
    });
  });
  test('a backup of version 5 knew no days', () => {
    const { trips: _trips, onDeck: _onDeck, ...rest } = backup;
    expect(readPanderoJson(JSON.stringify({ ...rest, version: 5 }))).toMatchObject({
      ok: true,
      value: { value: { version: 7, trips: [], onDeck: null, tank: backup.tank, builds: backup.builds } },
    });
  });
  test('a backup of version 4 knew neither a tank nor a year', () => {
    const { tank: _tank, year: _year, trips: _trips, onDeck: _onDeck, ...rest } = backup;
    expect(readPanderoJson(JSON.stringify({ ...rest, version: 4 }))).toMatchObject({
      ok: true,
      value: { value: { version: 7, tank: null, year: null, builds: backup.builds } },
    });
  });
  test('a backup of version 3 knew no screen and set nothing aside', () => {
    const {
      screen: _screen,
      setAside: _setAside,
      tank: _tank,
      year: _year,
      trips: _trips,
      onDeck: _onDeck,
      ...rest
    } = backup;
    expect(readPanderoJson(JSON.stringify({ ...rest, version: 3 }))).toMatchObject({
      ok: true,
      value: { value: { version: 7, tank: null, year: null, screen: null, setAside: [], builds: backup.builds } },
    });
  });
  test('a backup of version 1 had one water without a place', () => {
    const {
      waters: _waters,
      atHand: _atHand,
      screen: _screen,
      setAside: _setAside,
      tank: _tank,
      year: _year,
      trips: _trips,
      onDeck: _onDeck,
      ...rest
    } = backup;
    const old = {
      ...rest,
      version: 1,
      water: NORTH_ARM,
      box: { kind: 'box', version: 1, heads: [], skirts: [], trailers: [] },
    };
    expect(readPanderoJson(JSON.stringify(old))).toMatchObject({
      ok: true,
      value: {
        value: {
          version: 7,
          builds: [],
          onBench: null,
          atHand: 'current',
          waters: [{ id: 'current', place: '', day: null, water: NORTH_ARM }],
        },
      },
    });
    expect(readPanderoJson(JSON.stringify({ ...old, water: null }))).toMatchObject({
      ok: true,
      value: { value: { waters: [], atHand: null } },
    });
  });
});

describe('refusing', () => {
  test.each([
    ['nothing', '', ['-  empty-file']],
    ['cut short', '{\n  "kind": "box",\n  "version": 1,', ['3  not-json']],
    ['a stray comma', '{\n "kind": "box",\n "version": 1,,\n}', ['3  not-json']],
    ['a list', '[1, 2]', ['1  not-pandero']],
    ['a number', '7', ['1  not-pandero']],
    ['foreign', '{"type": "FeatureCollection", "features": []}', ['1  not-pandero']],
    ['foreign kind', '{"kind": "recipe"}', ['1  not-pandero']],
    ['from the future', '{\n"kind": "box",\n"version": 99}', ['3 version newer-version']],
    ['a tray that is none', '{"kind": "box", "version": 2, "heads": 3}', ['1 heads wrong-type']],
  ])('%s', (_, text, expected) => expect(problems(text)).toEqual(expected));
  test('a wrong field inside is found by line and path', () => {
    const text = writeTickets([ticket]).replace('"weightOz":0.5', '"weightOz":"half"');
    const line = text.split('\n').findIndex((row) => row.includes('"half"')) + 1;
    expect(problems(text)[0]).toBe(`${line} tickets[0].rig.head.weightOz not-a-number`);
  });
  test('an unknown field of our own file is an error', () => {
    const text = writeBox(DEMO_BOX).replace('"name"', '"nmae"');
    expect(problems(text)).toEqual([expect.stringMatching(/^\d+ nmae unknown-field$/)]);
  });
  test('the wrong one of our files is called by its name', () => {
    const read = readPanderoJson(JSON.stringify(jig()), ['box']);
    expect(read.ok ? '' : issueText(read.issues[0]!)).toMatch(/This file is a rig; here a box is wanted/);
  });
  test('a file too large is not even parsed', () => {
    expect(problems(`{"kind":"box"${' '.repeat(JSON_LIMIT_CHARS)}}`)).toEqual(['-  too-big-a-file']);
  });
  test('whatever is thrown at it, it answers and never throws', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.json(),
          fc.json().map((json) => `{"kind":"box","version":1,"heads":${json}}`),
        ),
        (text) => {
          const read = readPanderoJson(text);
          expect(read.ok ? text : read.issues.length > 0).toEqual(
            read.ok ? expect.stringContaining('"heads":[]') : true,
          );
        },
      ),
    );
  });
});

describe('check', () => {
  test('tells kinds apart by contents', () => {
    expect(checkFile(writeBackup(backup))).toMatchObject({
      format: 'json',
      kind: 'backup',
      counts: { parts: 66, tickets: 1, outings: 3, tests: 1 },
    });
    expect(checkFile('style,weight\nball,1/4\n')).toMatchObject({ format: 'csv', kind: 'heads', counts: { heads: 1 } });
    expect(checkFile('{').issues.map(({ code }) => code)).toEqual(['not-json']);
    expect(checkFile('hello').issues.map(({ code }) => code)).toEqual(['wrong-header']);
    expect(checkFile(JSON.stringify(NORTH_ARM))).toMatchObject({ kind: 'water', counts: { cover: 2 } });
    expect(checkFile(writeTickets([ticket]))).toMatchObject({ kind: 'tickets', counts: { tickets: 1 } });
    expect(checkFile(JSON.stringify(jig()))).toMatchObject({ kind: 'rig' });
    expect(checkFile(writeBox(DEMO_BOX))).toMatchObject({
      kind: 'box',
      counts: { heads: 20, skirts: 10, trailers: 18, blades: 3, hooks: 2, lines: 4, rods: 6, reels: 3 },
    });
  });
});

test('a ticket of a reeled rig comes back the same, and says nothing of what was not asked of it', () => {
  const water: Water = { ...NORTH_ARM, depthM: 2.4, cover: [], band: { fromM: 0.4, toM: 1 } };
  // blades without a tail have nothing that kicks
  const picks = [
    ...advise(water, DEMO_BOX, 6).picks,
    ...advise({ ...water, families: ['spinner'] }, DEMO_BOX, 3).picks,
  ];
  for (const pick of picks) {
    const made = makeTicket(pick, water, { id: 'a', madeAt: '2026-09-26T10:00:00.000Z', name: '' });
    expect('kick' in made.has).toBe(Number.isFinite(pick.has.kick));
    const read = readPanderoJson(writeTickets([made]));
    expect(read).toMatchObject({ ok: true, value: { value: { tickets: [made] } } });
  }
  expect(picks.some(({ has }) => !Number.isFinite(has.kick))).toBe(true);
});
