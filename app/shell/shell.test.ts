/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import { db } from '../db/database';
import { useNotices } from '../stores/notices';
import {
  at,
  dialog,
  downloaded,
  every,
  giveFile,
  goTo,
  heading,
  inApp,
  key,
  noDialog,
  pageSays,
  press,
  reopen,
  says,
  the,
  type,
  until,
  user,
  value,
} from '../testing/in-app';

inApp('demo');
const item = async (title: string | RegExp): Promise<void> => {
  await press(/^Files/);
  const found = await until(() =>
    expect([...document.querySelectorAll('.v-list-item-title')].some((one) => matches(one, title))).toBe(true),
  ).then(() => [...document.querySelectorAll<HTMLElement>('.v-list-item')].find((one) => matches(one, title))!);
  await user.click(found);
};
const matches = (one: Element, title: string | RegExp): boolean =>
  typeof title === 'string' ? one.textContent!.startsWith(title) : title.test(one.textContent!);

test('stations, units and help by single keys; none while typing', async () => {
  await key('2');
  await at('pick-1');
  await key('7');
  await heading('66 parts in your box');
  await key('t');
  await heading('0 tickets');
  await key('h');
  await heading('Handbook');
  await key('1');
  await says('want-fall', 'ft/s');
  await key('u');
  await says('want-fall', 'm/s');
  await key('u');
  await key('?');
  await says(dialog(), 'switch between US and metric');
  await key('2');
  await says(dialog(), 'switch between US and metric');
  await key('Escape');
  await noDialog();
  const depth = await the('textbox', /^Depth/);
  depth.focus();
  await user.keyboard('7');
  await heading('What this water asks for');
});

test('a place that does not exist leads to the water', async () => {
  location.hash = '#/moon';
  await heading('What this water asks for');
});

test('everything is exported, cleared, and taken in again', async () => {
  await type(/^Water temperature/, '61');
  const backup = await downloaded(() => item('Export everything'));
  expect(JSON.parse(backup)).toMatchObject({ kind: 'backup', waters: [{ place: 'Brindle Mere, north arm' }] });
  await pageSays('Saved and read back whole: 1 water, 66 parts, 0 tickets, 0 builds');
  await item('Clear everything');
  await says('what-goes', '1 water, 66 parts, 0 tickets, 0 builds');
  await press('Clear', dialog());
  await pageSays('are cleared');
  await goTo('Box');
  await heading('Your box is empty');
  // the way back outlives the next notice
  useNotices().say('something else');
  // what is entered until then is not lost with it: it can come back too
  await goTo('Water');
  await type(/^Water temperature/, '48');
  await press('Undo', the('status', 'News'));
  await until(() => expect(useNotices().notice?.text).toContain('as it was before'));
  await value(/^Water temperature/, '61');
  await press('Undo', document.querySelector<HTMLElement>('.notice')!);
  await value(/^Water temperature/, '48');
  await until(() => expect(useNotices().notice?.text).toContain('as it was before'));
  await press('Undo', document.querySelector<HTMLElement>('.notice')!);
  await value(/^Water temperature/, '61');
  await goTo('Box');
  await heading('66 parts in your box');
  await item('Clear everything');
  await press('Clear', dialog());
  await heading('Your box is empty');
  await item('Import a file');
  await giveFile('backup.json', backup);
  await press('Take it in');
  await heading('66 parts in your box');
  // so does that of a restore: it was empty before
  await until(() => expect(useNotices().notice?.text).toContain('backup'));
  await press('Undo', document.querySelector<HTMLElement>('.notice')!);
  await heading('Your box is empty');
  await item('Import a file');
  await giveFile('backup.json', backup);
  await press('Take it in');
  await heading('66 parts in your box');
  await goTo('Water');
  await value(/^Water temperature/, '61');
});

test('a row that cannot be read takes nothing down: it is set aside, named, in every backup, and can be deleted', async () => {
  await goTo('Pick');
  await press(/.*/, 'pick-1');
  await press('Write the ticket for this rig');
  await at('ticket');
  await until(async () => expect(await db.tickets.count()).toBe(1));
  const [ticket] = await db.tickets.toArray();
  await db.tickets.put({ ...ticket!, id: 'odd', rig: { head: 7 }, wants: null } as never);
  await goTo('Tickets');
  await says(the('alert', 'Problems'), 'could not be read and is set aside');
  await heading('1 ticket');
  await until(async () => expect(await db.setAside.count()).toBe(1));
  await press('Understood');
  const text = await downloaded(() => item('Export everything'));
  const backup = JSON.parse(text) as { tickets: unknown[]; setAside: { from: string; key: string }[] };
  expect([backup.tickets.length, backup.setAside.map(({ from, key: of }) => `${from} ${of}`)]).toEqual([
    1,
    ['ticket odd'],
  ]);
  await item(/^Set aside/);
  await at('aside-row');
  await press('Try again', dialog());
  await pageSays('None of them can be read yet');
  await press('Delete ticket odd');
  await until(() => expect(document.querySelector('[data-testid="aside-row"]')).toBeNull());
});

test('a store without room is said, and everything is stored once there is', async () => {
  const put = IDBObjectStore.prototype.put;
  IDBObjectStore.prototype.put = () => {
    throw new DOMException('no room', 'QuotaExceededError');
  };
  await type(/^Water temperature/, '66');
  await says(the('alert', 'Problems'), 'is full, so this is not stored yet');
  const text = await downloaded(() => item('Export everything'));
  const { waters } = JSON.parse(text) as { waters: { water: { temperatureC: number } }[] };
  expect(waters[0]!.water.temperatureC).toBeCloseTo(18.89, 1);
  IDBObjectStore.prototype.put = put;
  await pageSays('Everything entered is stored now');
  expect(every('alert', 'Problems')).toEqual([]);
  await reopen();
  await value(/^Water temperature/, '66');
});

test('where it is kept is said, and the theme stays', async () => {
  await item('Where it is kept');
  await says(dialog(), 'In this browser on this machine, nowhere else');
  await press('Close', dialog());
  await noDialog();
  await press(/^Theme: light/);
  await the('button', /^Theme: night/);
  await reopen();
  await the('button', /^Theme: night/);
});
