/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import { tripOf, writeTrip, type KeptTrip } from '@core';
import { DEMO_WEEKEND } from '../../../demo/weekend';
import { db } from '../../db/database';
import { useDeck } from '../../stores/deck';
import { downloaded, FEW_PARTS, inApp, press, says, the, type, until, user } from '../../testing/in-app';

inApp('demo with few parts', '/deck');

const kept = async (): Promise<KeptTrip | undefined> => db.trips.get(useDeck().trip!.id);
const planned = (): Promise<void> =>
  until(async () => {
    expect(useDeck().isPlanned).toBe(true);
    await says('deck-status', /of 100/);
  });

test('the demo’s Saturday is planned, proven, and kept with what is on each rod', async () => {
  await planned();
  await says('deck-status', 'Proven');
  await says('deck-grid', /flipping/);
  await until(async () => expect((await kept())?.plan?.rods.length).toBeGreaterThan(1));
  await says('packing', 'flipping stick');
  await says('packing', 'Life jacket');
  await says('deck-margins', 'Hook-set');
  await says('pace', /casts an hour/);
});

test('stops move by the arrow keys and buttons, are taken out and come back; every change is stored', async () => {
  await planned();
  const names = (): string[] => useDeck().trip!.stops.map(({ name }) => name);
  const before = names();
  const handle = await the('button', /^Move long hedgerow/);
  handle.focus();
  await user.keyboard('{ArrowRight}');
  expect(names()).toEqual([before[1], before[0], ...before.slice(2)]);
  await press('long hedgerow one place earlier');
  expect(names()).toEqual(before);
  await press('Take this stop out');
  expect(names()).toEqual(before.slice(1));
  await press('Undo');
  await until(() => expect(names()).toEqual(before));
  await until(async () => expect((await kept())?.stops.map(({ name }) => name)).toEqual(before));
});

test('a lock is kept and told; one to a rod that carries nothing says why; times that overlap are refused', async () => {
  await planned();
  await press('Lock finesse to long hedgerow');
  await until(() => expect(useDeck().trip!.stops[0]!.lock).toBeDefined());
  await planned();
  const rod = useDeck().from.rods.findIndex(({ label }) => label === 'finesse');
  await until(async () =>
    expect((await kept())?.plan?.rods.find(({ stops }) => stops.includes(useDeck().trip!.stops[0]!.id))?.rod).toBe(
      useDeck().from.rods[rod]!.id,
    ),
  );
  await press('Take the lock of finesse from long hedgerow');
  await until(() => expect(useDeck().trip!.stops[0]!.lock).toBeUndefined());
  await press('Show lily bay');
  await type('Name of the stop', 'reeds');
  const begins = document.querySelector<HTMLInputElement>('.stop input[type="time"]')!;
  begins.value = '07:00';
  begins.dispatchEvent(new Event('input', { bubbles: true }));
  await says('deck-status', /begins at 07:00, while stop “long hedgerow” lasts until 07:40/);
});

test('rods, minutes that are no number, and a stop more', async () => {
  await press('One rod less');
  expect(useDeck().trip!.rods).toBe(3);
  const minutes = await the('textbox', 'Minutes');
  await user.clear(minutes);
  await user.type(minutes, 'soon');
  await says('stop', 'Between 1 and 1440.');
  expect(useDeck().trip!.stops[0]!.minutes).toBe(60);
  await press('Add it');
  expect(useDeck().trip!.stops).toHaveLength(9);
});

test('parts are left out and let in again; what a rod and a part more add is told', async () => {
  await planned();
  await press('What each rod adds');
  await says('each-rod', /4: \d+/);
  await press('What one part more would add');
  await says('one-part', /of 100|No single part/);
  await press('Leave flipping stick out of this plan');
  await says('bans', 'flipping stick');
  await planned();
  expect(useDeck().asked!.trip.bans).toHaveLength(1);
  await press('Let flipping stick in again');
  await until(() => expect(useDeck().trip!.bans).toEqual([]));
});

test('files: day, GPX, CSV and the sheet; a day of a file is laid on the deck with its box', async () => {
  await planned();
  const file = await downloaded(() => press('Day as a file'));
  expect(JSON.parse(file)).toMatchObject({ kind: 'trip', stops: { length: 8 }, plan: { rods: expect.any(Array) } });
  expect(await downloaded(() => press('Stops as GPX'))).toContain('<wpt');
  expect(await downloaded(() => press('Plan as CSV'))).toMatch(
    new RegExp(`long hedgerow.*(${FEW_PARTS.rods.map(({ label }) => label).join('|')})`),
  );
  expect(await downloaded(() => press('Sheet for the night before (PDF)'))).toMatch(/^%PDF/);
  const mine = useDeck().trip!.id;
  expect(useDeck().takeIn({ ...tripOf(DEMO_WEEKEND[0]!, FEW_PARTS), name: 'of a friend' })).toEqual([]);
  await until(() => expect(useDeck().trip!.name).toBe('of a friend'));
  expect(useDeck().trip!.id).not.toBe(mine);
  await says('deck-status', 'This day came with its own box');
  await press('Plan from my box');
  await until(() => expect(useDeck().trip!.box).toBeNull());
  expect(writeTrip(useDeck().asFile()!)).toContain('of a friend');
});

test('a day begun anew has the water at hand; taken away it comes back with one tap', async () => {
  await press('New day');
  await until(() => expect(useDeck().trip!.stops).toHaveLength(1));
  const { id, stops } = useDeck().trip!;
  expect(stops[0]!.name).toBe('Brindle Mere, north arm');
  await press('Take this day away');
  await until(() => expect(useDeck().trip).toBeNull());
  await press('Undo');
  await until(() => expect(useDeck().trip?.id).toBe(id));
});
