import { afterAll, beforeEach, expect, test } from '@jest/globals';
import { db } from '../db/database';
import { backupReminder } from './reminder';

const NOW = Date.parse('2026-09-30T08:00:00.000Z');
beforeEach(() => Promise.all([db.settings.clear(), db.tickets.clear()]));
afterAll(() => db.close());
const ticket = (madeAt: string): Promise<unknown> => db.tickets.put({ id: 't', madeAt } as never);

test('nothing to lose, nothing to say', async () => expect(await backupReminder(NOW)).toBeNull());
test('something old that was never saved is spoken of', async () => {
  await ticket('2026-09-20T08:00:00.000Z');
  expect(await backupReminder(NOW)).toBeNull();
  await ticket('2026-09-16T08:00:00.000Z');
  expect(await backupReminder(NOW)).toMatch(/^Your first ticket is 14 days old/);
});
test('a backup counts from when it was made', async () => {
  await ticket('2026-01-01T08:00:00.000Z');
  await db.settings.put({ key: 'backed-up', value: '2026-09-29T08:00:00.000Z' });
  expect(await backupReminder(NOW)).toBeNull();
  await db.settings.put({ key: 'backed-up', value: '2026-08-30T08:00:00.000Z' });
  expect(await backupReminder(NOW)).toMatch(/last backup is 31 days old/);
});
