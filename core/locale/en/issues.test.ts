import { describe, expect, test } from '@jest/globals';
import { issue, type Issue, type IssueCode } from '../../result';
import { issuePlace, issueSays, issueText } from './issues';

/** Each code with the facts it carries where it is raised. */
const EXAMPLES: Readonly<Record<IssueCode, Issue['data']>> = {
  'read-in-the-log': {},
  'no-readings': {},
  'ends-before': { got: '2026-09-26T05:00:00Z', from: '2026-09-26T06:00:00Z' },
  'outside-the-outing': { got: '04:00', from: '06:00', to: '11:00' },
  'read-on-the-deck': {},
  'solver-missing': {},
  'cannot-unpack': {},
  'broken-code': {},
  'not-xml': { why: 'unclosed tag' },
  'no-places': {},
  'rest-too-long': { got: 600_000, limit: 500_000 },
  overlaps: { got: '08:00', until: '08:20', name: 'weir' },
  'not-in-order': {},
  missing: { expected: 'a file, or - for stdin' },
  'wrong-type': { expected: 'boolean', got: '7' },
  'not-a-number': { got: 'heavy' },
  'too-small': { got: -2, limit: 0 },
  'too-large': { got: 90, limit: 4 },
  'not-one-of': { got: 'squid', allowed: 'chunk flat-bug' },
  'unknown-field': {},
  'below-the-bottom': { got: 3, depthM: 2 },
  'upside-down-band': { fromM: 2, toM: 1 },
  'upside-down-want': { from: 2, to: 1 },
  'nothing-may-be-cut': { allowed: 'nose tail' },
  'cut-to-nothing': { cutMm: 70, lengthMm: 76, leftMm: 15 },
  'wrong-family': { family: 'skirted', block: 'blades' },
  'not-json': { column: 5 },
  'not-pandero': { got: 'no kind' },
  'newer-version': { got: 9, version: 1 },
  'wrong-kind': { got: 'a rig', allowed: 'a box' },
  'too-big-a-file': { got: 6000000, limit: 5000000 },
  'too-many-rows': { got: 20001, limit: 20000 },
  'empty-file': {},
  'unknown-column': { allowed: 'style, weight' },
  'wrong-header': { got: 'a,b', allowed: 'heads: style, weight' },
  'broken-row': { cells: 4, columns: 2 },
  'broken-quotes': {},
  'duplicate-id': { got: 'a' },
  'unknown-colour': { got: 'moonshine' },
  'looks-like-a-date': { got: '3-Aug' },
  'mass-contradicts-size': { measuredG: 25, computedG: 9.2 },
  'same-as-another': { got: 'line 3' },
  'too-deep': { limit: 64 },
  'duplicate-key': {},
  'not-read-yet': { got: 'a GPX file' },
  'not-text': { got: 'a picture' },
  'read-as-latin-1': {},
  'no-room': {},
  'store-blocked': {},
  'store-newer': {},
  'store-deleted': {},
  'store-closed': {},
  'store-unavailable': { got: 'SecurityError' },
  'store-broken': { got: 'UnknownError' },
  'cannot-be-stored': { got: 'DataCloneError' },
  'backup-differs': { got: 'tickets' },
  'worker-silent': { got: 'Ranking' },
  'worker-missing': { got: 'Ranking' },
  'our-fault': { got: 'x' },
  'takes-no-value': { got: 'yes' },
  'too-many-kept': { got: 1001, limit: 1000, what: 'builds' },
  'no-value': {},
  'unknown-command': { got: 'sing', allowed: 'advise rig' },
  'unknown-option': { allowed: '--water --box' },
  'cannot-write': { got: 'x.pdf', why: 'ENOENT' },
  'no-such-file': { got: 'x.json' },
  'jumps-past': { got: 1.2, from: 2, to: 3, unit: 's' },
  'never-half-way': {},
  'never-moves': {},
  'slack-beyond-cast': { got: 30, limit: 25 },
  'cast-not-first': {},
  'cast-too-short': { got: 3, limit: 4 },
  'not-downwards': { got: 5 },
  'needs-block': { family: 'spinner', block: 'blades' },
  'no-such-size': { got: 2, allowed: '3 4 5 6' },
  'none-to-take': { tray: 'rods' },
  'no-such-rod': { got: 9, count: 6 },
  'nothing-reaches': { got: 30, limit: 4.2 },
};

describe('wording of problems', () => {
  test.each(Object.entries(EXAMPLES))('%s says what is wrong and what to do', (code, data) => {
    const says = issueSays(issue(code as IssueCode, 'field', data));
    expect(says).not.toMatch(/undefined|null|NaN|\{|\}/);
    expect(says).toMatch(/\.$/);
    for (const value of Object.values(data)) {
      for (const word of String(value).split(' ')) expect(says).toContain(word);
    }
  });
  test.each([
    ['a line feed', 'a\nline 9: all is well', 'a\\nline 9: all is well'],
    ['a carriage return', 'a\rb', 'a\\rb'],
    ['a bell and an escape', '\u0007\u001b[2J', '\\u0007\\u001b[2J'],
    ['writing turned round', 'abc\u202edcba', 'abc\\u202edcba'],
    ['an isolate', '\u2067x\u2069', '\\u2067x\\u2069'],
    ['a line separator', 'a\u2028b', 'a\\u2028b'],
    ['half a letter', 'a\ud83d', 'a\\ud83d'],
    ['letters that hide', 'a\u200bb\u00adc', 'a\\u200bb\\u00adc'],
    ['plain words of any script', 'ñandú 釣り 🎣', 'ñandú 釣り 🎣'],
  ])('one problem is one line, whatever the value holds: %s', (_, value, shown) => {
    const inValue = issueText(issue('not-one-of', 'kind', { got: value, allowed: 'a b' }));
    const inPlace = issueText(issue('unknown-field', value));
    for (const text of [inValue, inPlace]) {
      expect(text).toContain(shown);
      expect(text.split(/[\n\r\u2028\u2029]/)).toHaveLength(1);
    }
  });
  test('what a file is told to write is what it accepts', () => {
    const json = issueSays(issue('not-a-number', 'x', { got: '3/8', in: 'json', reads: 0.375 }));
    expect(json).toBe('"3/8" is text where a number belongs. Write 0.375, without quotes.');
    expect(issueSays(issue('not-a-number', 'x', { got: 'heavy', in: 'json' }))).not.toMatch(/3\/8|0,375/);
    expect(issueSays(issue('not-a-number', 'x', { got: 'heavy' }))).toMatch(/3\/8/);
  });
  test('place first, as far as it is known', () => {
    expect(issuePlace(issue('missing', 'a.b'))).toBe('a.b');
    expect(issuePlace(issue('missing', 'weight', {}, 3))).toBe('line 3, weight');
    expect(issuePlace(issue('broken-row', '', {}, 3))).toBe('line 3');
    expect(issueText(issue('empty-file', ''))).toMatch(/^There is nothing in it/);
    expect(issueText(issue('too-small', 'depthM', { got: 0, limit: 0.1 }))).toMatch(/^depthM: 0 is too small/);
  });
});
