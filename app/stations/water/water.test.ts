/** @jest-environment ./scripts/page-environment.mjs */
import { describe, expect, test } from '@jest/globals';
import {
  at,
  choose,
  every,
  field,
  goTo,
  group,
  inApp,
  key,
  noDialog,
  pageSays,
  press,
  reopen,
  says,
  saysNot,
  the,
  type,
  until,
  value,
} from '../../testing/in-app';
import { useWater } from '../../stores/water';

inApp('demo');
const TEMPERATURE = /^Water temperature/;
const tieOn = (): Promise<HTMLElement> => the('region', 'What to tie on');

describe('numbers that cannot be', () => {
  test.each([
    [TEMPERATURE, '', 'Empty. Enter 32 °F to 104 °F'],
    [TEMPERATURE, 'warm', 'Not a number in °F'],
    [TEMPERATURE, '300', 'Outside 32 °F to 104 °F'],
    [TEMPERATURE, '-5', 'Outside 32 °F to 104 °F'],
    [TEMPERATURE, '57 in', 'Not a number in °F'],
    [/^Depth/, '-2', /Outside .* ft/],
    [/^Depth/, 'deep', 'Not a number in ft'],
    [/^Depth/, '1e9', /Outside|Not a number/],
    ['Visibility, in', '-1', /Outside .* in/],
    ['Visibility, in', '9 F', 'Not a number in in'],
  ] as const)('%s, typed as "%s", is explained, and the last good one counts', async (name, typed, why) => {
    const before = { ...useWater().water };
    await type(name, typed);
    await pageSays(why);
    expect(useWater().water).toEqual(before);
  });

  test('a number in the other unit is understood; a good one takes the complaint away', async () => {
    await type(TEMPERATURE, 'warm');
    await pageSays('Not a number in °F');
    await type(TEMPERATURE, '14 C');
    await the('link', /^The water: 57 °F/);
    await saysNot(document.body, 'Not a number in °F');
    await type(/^Depth/, '2 m');
    await the('link', /6\.6 ft/);
  });
});

test('cover is added, described, given a top, taken away and brought back', async () => {
  const cover = await the('region', 'Cover');
  await press('Add cover');
  await choose(/^What/, 'riprap', group('Cover 3'));
  await choose(/^How thick/, 'thick', group('Cover 3'));
  await says('want-snag', '72 or more');
  await press('How high does it reach?', group('Cover 3'));
  await type(/^Top at depth/, '9', group('Cover 3'));
  await says(cover, 'Outside 0 ft to 4 ft');
  await type(/^Top at depth/, '2', group('Cover 3'));
  await saysNot(cover, 'Outside 0 ft to 4 ft');
  await reopen();
  await value(/^Top at depth/, '2', group('Cover 3'));
  for (const number of [3, 2, 1]) await press(`Remove cover ${number}`);
  await says(the('region', 'Cover'), 'None: open water');
  await says('want-snag', 'Nothing here holds a hook');
  await the('link', /^The water: .*no cover/);
  await press('Undo');
  await the('link', /^The water: .*hedgerow/);
});

describe('what a water can be', () => {
  test('high over weed asks for a light head and a swim head; on the bottom it has to get in', async () => {
    await press('Remove cover 2');
    await choose(/^What/, 'grass below', group('Cover 1'));
    await type(/^Top at depth/, '2', group('Cover 1'));
    await press('high up', group('Lure works'));
    await says('want-weight', 'It must ride above the weed');
    await until(async () => expect((await tieOn()).textContent).toContain('swim'));
    await press('on bottom', group('Lure works'));
    await says('want-weight', 'It has to get into the grass below');
  });
  test('a shallower water takes its cover with it', async () => {
    await type(/^Depth/, '0.5');
    await until(() => expect(every('textbox', /^Top at depth/)[0]).toHaveProperty('value', '0.5'));
  });
  test('low light is said to fish murkier', async () => {
    await press('dark', group('Light'));
    await pageSays('stained; in this light it fishes like muddy');
    await says('want-push', 'and little light');
  });
  test('a water that contradicts itself is asked about, and taken all the same', async () => {
    await press('spawn', group('Season'));
    await type(TEMPERATURE, '40');
    await says('odd-water', 'They do not spawn in water this cold');
    await says('want-fall', '40 °F');
    await type(TEMPERATURE, '64');
    await saysNot(document.body, 'They do not spawn in water this cold');
  });
});

test('in metric every number changes, and nothing is lost on the way', async () => {
  await key('u');
  await the('link', 'The water: 13.9 °C · 36 cm · 1.2 m · hedgerow +1. Edit it');
  await value(/^Water temperature, °C/, '13.9');
  await says('want-fall', 'm/s');
  await press('More water temperature');
  await value(/^Water temperature, °C/, '14.5');
  await press('Less visibility');
  await value(/^Visibility, cm/, '30');
  await key('u');
  await says('want-fall', 'ft/s');
});

test('several waters by place and day: a new day is a copy, the one before comes back', async () => {
  await press(/^Water at hand: Brindle Mere, north arm · 27/);
  // what is typed for the next one renames the one at hand not at all
  await type('Its place', 'Brindle Mere, dam end');
  await value('Place', 'Brindle Mere, north arm');
  await press('From the one at hand');
  await value('Place', 'Brindle Mere, dam end');
  await press('Close');
  await noDialog();
  await type(TEMPERATURE, '71');
  await reopen();
  await value(TEMPERATURE, '71');
  await press(/^Water at hand: Brindle Mere, dam end/);
  await press(/^Brindle Mere, north arm · 27/);
  await press('Close');
  await value(TEMPERATURE, '57');
});

test('a clear water that muddied asks for a natural jig', async () => {
  await type(/^Usual visibility/, '60');
  await type('Visibility, in', '10');
  await press('rising, muddy', group('Trend'));
  await goTo('Pick');
  await press(/.*/, 'pick-1');
  await says('pick-1', 'Stay natural in fresh mud');
});

test('salt is a field where there is some, is kept, has its range, and goes again', async () => {
  await press('Salt in it…');
  await value('Salt, g/kg', '5');
  await type('Salt, g/kg', '20');
  await reopen();
  await value('Salt, g/kg', '20');
  await type('Salt, g/kg', '55');
  await until(() => expect(document.body.textContent).toContain('40 g/kg'));
  await press('Fresh water');
  await until(() => expect(document.body.textContent).not.toContain('Salt, g/kg'));
});

test('the newest water wins, however fast it changes', async () => {
  for (const typed of ['40', '50', '60', '70', '80', '44']) await type(TEMPERATURE, typed);
  await goTo('Pick');
  await press(/.*/, 'pick-1');
  await says('pick-1', '44 °F');
  await saysNot('pick-1', '80 °F');
});

test('local rules: what is forbidden is not picked, and it is said; they stay with the place', async () => {
  await press('Local rules: none entered');
  await press('0', group('Hooks to a line'));
  await press(/^Shortest that may be kept/);
  await press('Done');
  await noDialog();
  await press('Local rules: 2 entered');
  await press('Done');
  await until(async () => expect((await tieOn()).textContent).toContain('local rules'));
  await goTo('Pick');
  await says('not-a-jig', 'allow no hook on the line');
  await says(the('region', 'Nothing to pick from'), 'correct “hooks to a line”');
  await reopen();
  await goTo('Water');
  await press('Local rules: 2 entered');
  await press('not said', group('Hooks to a line'));
  await press('forbidden', group('Lead'));
  await press('Done');
  await goTo('Pick');
  await press('Pick from every kind there is');
  await says('pick-1', 'tungsten');
});

test('when a jig is not the answer it is said plainly, with what to tie instead', async () => {
  await type('Visibility, in', '60');
  await goTo('Pick');
  await at('pick-1');
  await press(/^Schools/);
  await choose(/^In clear water/, 'leave the jig');
  await press('Done');
  await says('not-a-jig', 'weedless worm rig');
});

test('the number of a field and the one in the picture are the same one', async () => {
  const visibility = await field('Visibility, in');
  await the('slider', 'Visibility, in the picture');
  await type('Visibility, in', '20');
  await until(() =>
    expect(every('slider', 'Visibility, in the picture')[0]!.getAttribute('aria-valuetext')).toContain('20 in'),
  );
  expect(visibility.value).toBe('20');
});

test('what nobody said is marked, follows the water, is said with one press and taken back with another', async () => {
  const store = useWater();
  await store.startAnother('blank', { place: 'Nameless mere', day: '2026-03-10' });
  const season = await the('group', 'Season');
  const pressed = () =>
    [...season.querySelectorAll('[aria-pressed="true"]')].map(({ textContent }) => textContent?.trim());
  await says(season, 'not said');
  expect(pressed()).toEqual([]);
  store.change({ temperatureC: 12 });
  expect(store.water.season).toBe('prespawn');
  await pageSays('bottom not said');
  await press('spawn', season);
  expect(pressed()).toEqual(['spawn']);
  await saysNot(season, 'not said');
  store.change({ temperatureC: 25 });
  expect(store.water).toMatchObject({ season: 'spawn', assumed: { mood: true, bottom: true } });
  await press('spawn', season);
  await says(season, 'not said');
  expect(store.water.season).toBe('summer');
  await press('mud', await the('group', 'Bottom'));
  await saysNot(document.body, 'bottom not said');
  await says(await the('group', 'They eat'), 'not said');
});
