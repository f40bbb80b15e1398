import { expect, test } from '@jest/globals';
import { moment, plural } from './intl';
import { inYourBox } from './en/box';
import { rulesFound } from './en/handbook';
import { notesSetAside, rowsSetAside } from './en/notices';
import { countedOf, wasNotTakenIn } from './en/parts';
import { changesWait, daysAgo } from './en/shell';
import { tickets } from './en/tickets';

test.each([
  [0, 'several'],
  [1, 'one'],
  [2, 'several'],
  [21, 'several'],
])('%d is %s', (count, form) => expect(plural(count, { one: 'one', other: 'several' })).toBe(form));
test('where a language has no word of its own for a count, the other form is said', () =>
  expect(plural(1, { other: 'any' })).toBe('any'));

test.each([
  [inYourBox, '1 part in your box', '2 parts in your box'],
  [rulesFound, '1 rule', '2 rules'],
  [tickets, '1 ticket', '2 tickets'],
  [daysAgo, 'a day ago', '2 days ago'],
  [countedOf.parts, '1 part', '2 parts'],
  [countedOf.tickets, '1 ticket', '2 tickets'],
  [changesWait, '1 change waits to be stored; noted already.', '2 changes wait to be stored; noted already.'],
] as const)('one and two: %p', (say, one, two) => expect([say(1), say(2)]).toEqual([one, two]));

test('whole sentences change with the count', () => {
  expect(wasNotTakenIn(1)).toContain('one problem.');
  expect(wasNotTakenIn(3)).toContain('3 problems.');
  expect(notesSetAside(1)).toMatch(/^A change .* is set aside/);
  expect(notesSetAside(2)).toMatch(/^2 changes .* are set aside/);
  expect(rowsSetAside(1, '')).toMatch(/is set aside as it came/);
  expect(rowsSetAside(4, ' Why.')).toMatch(/are set aside as they came.* Why\.$/);
});

test('a moment is told in the app’s own language, whatever the browser’s is', () => {
  expect(moment('2026-09-26T12:30:00', 'long')).toBe('September 26, 2026 at 12:30 PM');
  expect(moment('2026-09-26T12:30:00', 'medium')).toBe('Sep 26, 2026, 12:30 PM');
});
