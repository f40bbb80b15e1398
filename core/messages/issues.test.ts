import { describe, expect, test } from '@jest/globals';
import { issue, type Issue, type IssueCode } from '../result';
import { issuePlace, issueSays, issueText } from './issues-en';

/** Each code with the facts it carries where it is raised. */
const EXAMPLES: Readonly<Record<IssueCode, Issue['data']>> = {
  missing: { expected: 'a file, or - for stdin' },
  'wrong-type': { expected: 'boolean', got: '7' },
  'not-a-number': { got: 'heavy' },
  'too-small': { got: -2, limit: 0 },
  'too-large': { got: 90, limit: 4 },
  'not-one-of': { got: 'squid', allowed: 'chunk flat-bug' },
  'unknown-field': {},
  'below-the-bottom': { got: 3, depthM: 2 },
  'upside-down-band': { fromM: 2, toM: 1 },
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
  'does-not-fit': { got: 'the disk is full' },
  'no-value': {},
  'unknown-command': { got: 'sing', allowed: 'advise rig' },
  'unknown-option': { allowed: '--water --box' },
  'cannot-write': { got: 'x.pdf', why: 'ENOENT' },
  'no-such-file': { got: 'x.json' },
  'never-moves': {},
  'cast-too-short': { got: 3, limit: 4 },
  'not-downwards': { got: 5 },
  'needs-block': { family: 'spinner', block: 'blades' },
  'no-such-size': { got: 2, allowed: '3 4 5 6' },
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
  test('place first, as far as it is known', () => {
    expect(issuePlace(issue('missing', 'a.b'))).toBe('a.b');
    expect(issuePlace(issue('missing', 'weight', {}, 3))).toBe('line 3, weight');
    expect(issuePlace(issue('broken-row', '', {}, 3))).toBe('line 3');
    expect(issueText(issue('empty-file', ''))).toMatch(/^There is nothing in it/);
    expect(issueText(issue('too-small', 'depthM', { got: 0, limit: 0.1 }))).toMatch(/^depthM: 0 is too small/);
  });
});
