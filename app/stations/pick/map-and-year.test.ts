/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import { startingYear, type Year } from '@core';
import { fireEvent } from '@testing-library/dom';
import { db } from '../../db/database';
import { useMap } from '../../stores/map';
import { useWater } from '../../stores/water';
import { useYear } from '../../stores/year';
import { at, choose, every, inApp, press, says, the, until, user } from '../../testing/in-app';

inApp('demo', '/pick');

const kept = async (): Promise<Year | undefined> => (await db.settings.get('year'))?.value as Year | undefined;

test('the map says what leads on a cell, by keys; Enter takes its water and one tap gives it back; a newer water is told', async () => {
  useMap().sides = { x: 'temperature', y: 'sky' };
  useMap().cells = 8;
  await press('Map of picks');
  await until(() => expect(useMap().busy).toBe(false));
  await says('map', /24 cells, \d+ of them asked/);
  await says('map', 'as today');
  const before = useWater().water;
  const plane = await the('application', undefined, 'map');
  plane.focus();
  await user.keyboard('{ArrowLeft}{ArrowLeft}');
  await says('map', /°F, \w+: .* oz/);
  await user.keyboard('{Enter}');
  await until(() => expect(useWater().water.temperatureC).toBeLessThan(before.temperatureC));
  await says('map', 'The water changed since');
  await press('Undo');
  await until(() => expect(useWater().water).toEqual(before));
  await press('As a table');
  await until(() => expect(document.querySelector('.map__table table')).not.toBeNull());
  await says('map', 'mixed');
});

test('closing the map stops its work; what is not whole is drawn anew', async () => {
  useMap().sides = { x: 'temperature', y: 'visibility' };
  useMap().cells = 64;
  await press('Map of picks');
  await until(() => expect(useMap().busy).toBe(true));
  await press('Map of picks');
  expect(useMap().busy).toBe(false);
  expect(useMap().isOf(useWater().water)).toBe(false);
});

test('the year: months asked, turning points told, what the box lacks; a month dragged is kept and asked anew', async () => {
  await press('The year');
  await until(() => expect(useYear().winners).toHaveLength(12));
  await until(() => expect(useYear().busy).toBe(false));
  await says('year', 'January');
  await says('year', /oz/);
  await says('year', /weight|plastic/);
  const winners = useYear().winners;
  const july = every('slider', 'Temperature, July')[0] as HTMLInputElement;
  await fireEvent.input(july, { target: { value: '25' } });
  await until(async () => expect((await kept())?.temperatureC[6]).toBe(10));
  expect(every('slider', 'Temperature, July')[0]!.getAttribute('aria-valuetext')).toBe('50 °F');
  // that month is asked, and those beside it, whose season it moves
  await until(() => expect(useYear().winners[6]).not.toBe(winners[6]));
  expect(useYear().winners[0]).toBe(winners[0]);
  expect(useYear().winners[3]).toBe(winners[3]);
  await choose('Begin with', 'cool waters');
  await until(async () => expect(await kept()).toEqual(startingYear('cool', useWater().water.usualVisibilityM)));
  const before = useWater().water;
  await press('Take the water of January');
  await until(() => expect(useWater().water.season).toBe('winter'));
  await press('Undo');
  await until(() => expect(useWater().water).toEqual(before));
  await at('year');
  // another store in its place: the year that was drawn before is not there any more
  await db.settings.delete('year');
  await useYear().reload();
  expect(useYear().year).toEqual(startingYear('mild', useWater().water.usualVisibilityM));
});
