import { describe, expect, test } from '@jest/globals';
import { NORTH_ARM } from '../../demo/brindle-mere';
import { parseLog, type Log } from '../log/schema';
import { ratesReport } from '../reports/rates-report';
import { jig } from '../testing/fixtures/rigs';
import { checkFile } from './check';
import { isLogCsv, readLogCsv, writeLogCsv } from './log-csv';
import { readPanderoJson } from './pandero-json/read';

const at = (clock: string): string => `2025-09-27T${clock}:00+01:00`;
const hook = { kind: 'single', point: 'up', size: '1/0' } as const;
const LOG: Log = {
  kind: 'log',
  version: 1,
  outings: [
    {
      id: 'one',
      place: '=weir, "north"',
      from: at('06:00'),
      to: at('11:00'),
      events: [
        { at: at('06:00'), what: 'tie-on', rod: 0, rig: jig({ trailer: 'chunk' }), water: NORTH_ARM },
        { at: at('07:00'), what: 'landed', rod: 0, hookedBy: 'front', lengthMm: 410, says: 'by the third post' },
        { at: at('09:00'), what: 'tie-on', rod: 0, rig: { ...jig({ trailer: 'chunk' }), trailerHook: hook } },
        { at: at('10:00'), what: 'bite', rod: 0 },
      ],
    },
    { id: 'two', place: '', from: at('15:00'), to: at('16:00'), events: [] },
  ],
};
const problems = (text: string): unknown => {
  const found = readLogCsv(text);
  return found.ok ? [] : found.issues.map(({ code, path, line }) => [code, path, line]);
};

describe('a log as a table', () => {
  test('comes back the same, an empty outing too', () => {
    const text = writeLogCsv(LOG);
    expect(isLogCsv(text)).toBe(true);
    expect(readLogCsv(text)).toEqual({ ok: true, value: LOG });
    expect(checkFile(text)).toMatchObject({ kind: 'log', counts: { outings: 2 }, issues: [] });
  });
  test('every problem by line and column, and nothing is taken', () => {
    const text = writeLogCsv(LOG);
    expect(problems(text.replace('landed', 'eaten'))).toEqual([['not-one-of', 'what', 3]]);
    expect(problems(text.replace(',410,', ',4100,'))).toEqual([['too-large', 'lengthMm', 3]]);
    expect(problems(text.replace(at('10:00'), at('08:00')))).toEqual([['not-in-order', 'at', 5]]);
    expect(problems('outing,what,colour\na,bite,red\n')).toEqual([['unknown-column', 'colour', 1]]);
    expect(problems('outing,what,rig\n,bite,\n')).toEqual([['missing', 'outing', 2]]);
    expect(problems('outing,what,rig\na,tie-on,{\n')).toEqual([['not-json', 'rig', 2]]);
    expect(problems('')).toEqual([['empty-file', '', undefined]]);
  });
  test('as JSON it is a file of ours, and what it says is told in the shape of files', () => {
    const read = readPanderoJson(JSON.stringify(LOG), ['log']);
    expect(read).toMatchObject({ ok: true, value: { kind: 'log' } });
    expect(parseLog(LOG).ok).toBe(true);
    const report = ratesReport(LOG) as {
      groups: { by: string; value: string; hours: number; bites: number }[];
      trailerHook: { verdict: string };
    };
    expect(
      report.groups.filter(({ by }) => by === 'trailerHook').map(({ value, hours, bites }) => [value, hours, bites]),
    ).toEqual([
      ['without', 3, 1],
      ['with', 2, 1],
    ]);
    expect(report.trailerHook.verdict).toBe('unclear');
    const alone = ratesReport({ ...LOG, outings: [] }) as {
      groups: unknown[];
      trailerHook: { chance: null; because: string };
    };
    expect([alone.groups, alone.trailerHook.chance]).toEqual([[], null]);
    expect(alone.trailerHook.because).toContain('nothing to compare');
  });
});

test('a spreadsheet that writes decimals with a comma is understood; what is no length is refused by line and column', () => {
  const row = (length: string): string =>
    [
      'outing;place;from;to;at;what;rod;lengthMm',
      'a;Brindle Mere;2026-09-26T06:40:00-02:00;2026-09-26T11:00:00-02:00;2026-09-26T07:00:00-02:00;landed;0;' + length,
      '',
    ].join('\r\n');
  const read = readLogCsv(row('412,5'));
  expect(read.ok && read.value.outings[0]!.events[0]).toMatchObject({ lengthMm: 412.5 });
  const bad = readLogCsv(row('long'));
  expect(bad.ok ? [] : bad.issues.map(({ line, path }) => [line, path])).toEqual([[2, 'lengthMm']]);
  // a clock that is not stated is no moment
  const bare = readLogCsv(row('400').replaceAll('-02:00', ''));
  expect(bare.ok).toBe(false);
});
