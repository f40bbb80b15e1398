import { plural } from '../intl';

export const waters = (count: number): string => plural(count, { one: '1 water', other: `${count} waters` });
export const parts = (count: number): string => plural(count, { one: '1 part', other: `${count} parts` });
export const tickets = (count: number): string => plural(count, { one: '1 ticket', other: `${count} tickets` });
export const trips = (count: number): string => plural(count, { one: '1 day', other: `${count} days` });
export const outings = (count: number): string => plural(count, { one: '1 outing', other: `${count} outings` });
export const tests = (count: number): string => plural(count, { one: '1 test', other: `${count} tests` });
export const builds = (count: number): string => plural(count, { one: '1 build', other: `${count} builds` });
export const rowsAside = (count: number): string =>
  plural(count, { one: '1 row set aside', other: `${count} rows set aside` });
export const savedFromScreen = (held: string | number): string =>
  `The store could not be read, so the file holds what is on the screen: ${held}. It was read back and is whole.`;
export const broughtBack = 'Everything is as it was before. What was entered since can come back too.';
export const notBroughtBack = 'Nothing was put back, and nothing was touched. It can be tried again.';
export const savedWhole = (held: string | number): string => `Saved and read back whole: ${held}.`;
export const whatFilesHold = 'a box, tickets, a day, a log or a backup';
export const line = (lines: string | number): string => `line ${lines}`;
export const readingWritingFiles = 'Reading and writing files';
