/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import {
  at,
  choose,
  goTo,
  group,
  inApp,
  pageSays,
  press,
  reopen,
  says,
  saysNot,
  the,
  type,
  until,
  user,
} from '../../testing/in-app';
import { useWater } from '../../stores/water';

inApp('demo');
const intent = () => useWater().water.intent;
const row = (want: string): Promise<HTMLElement> => at(`want-${want}`);
const tieOn = (): Promise<HTMLElement> => the('region', 'What to tie on');

test('said in words it is yours: the water’s own stays beside it with its because, and one tap gives it back', async () => {
  await press('hangs, glides', await group('Falls'));
  await says(await row('fall'), 'yours');
  await says(await row('fall'), /Slower than this water asks \(1\.4 to 2\.3 ft\/s\): 57 °F is still cool/);
  expect(intent()).toEqual({ fall: { from: 0.15, to: 0.3 } });
  await until(async () => says(await tieOn(), /casting in .*, .* brown chunk/));
  await press('Give fall back to the water');
  await saysNot(await row('fall'), 'yours');
  expect(intent()).toBeUndefined();
});

test('one answer takes the place of another, and all of it is left to the water at once', async () => {
  await press('thumps', await group('Acts'));
  await press('slim minnow', await group('Looks'));
  expect(Object.keys(intent()!).sort()).toEqual(['length', 'push', 'ratio', 'show']);
  await press('dead still', await group('Acts'));
  expect(Object.keys(intent()!).sort()).toEqual(['length', 'ratio', 'show']);
  expect((await the('button', 'dead still')).getAttribute('aria-pressed')).toBe('true');
  await press('Leave it all to the water');
  expect(intent()).toBeUndefined();
  expect((await the('button', 'dead still')).getAttribute('aria-pressed')).toBe('false');
});

test('its ends are typed: what cannot be is explained and the last good one counts', async () => {
  await press('Take fall in hand');
  const own = await row('fall');
  await type('Least, ft/s', '1', own);
  expect(intent()!.fall!.from).toBeCloseTo(0.3048, 6);
  for (const [typed, why] of [
    ['', /Empty/],
    ['fast', /Not a number in ft\/s/],
    ['-1', /Outside/],
    ['99', /Outside/],
    ['5', /ends below it/],
  ] as const) {
    const before = intent();
    await type('Least, ft/s', typed, own);
    await says(own, why);
    expect(intent()).toEqual(before);
  }
  await type('Least, ft/s', '1.2', own);
  await saysNot(own, 'ends below it');
});

test('an end is moved by the arrow keys, on the steps of the unit, and pushes the other along', async () => {
  const least = await the('slider', 'Push, least');
  least.focus();
  await user.keyboard('{ArrowRight}');
  expect(intent()!.push).toEqual({ from: 60, to: 91 });
  await user.keyboard('{PageDown}{ArrowLeft}');
  expect(intent()!.push!.from).toBe(54);
  for (let up = 0; up < 8; up++) await user.keyboard('{PageUp}');
  expect(intent()!.push).toEqual({ from: 94, to: 94 });
  (await the('slider', 'Push, most')).focus();
  await user.keyboard('{PageDown}');
  expect(intent()!.push).toEqual({ from: 89, to: 89 });
});

test('so much or more has one end', async () => {
  await the('slider', 'Snag-proof, least');
  expect(document.querySelector('[data-edit="want-snag-to"]')).toBeNull();
});

test('what was taken in hand is stored, and goes where the depth goes', async () => {
  await press('high', await group('Runs'));
  expect(intent()!.run!.to).toBeCloseTo(0.37, 2);
  await type(/^Depth/, '8');
  await until(() => expect(intent()!.run!.to).toBeCloseTo(0.73, 2));
  await reopen();
  expect(intent()!.run!.to).toBeCloseTo(0.73, 2);
  expect((await the('button', 'high')).getAttribute('aria-pressed')).toBe('true');
});

test('over Pick it is chosen from lists, and the picks follow', async () => {
  await goTo('Pick');
  // folded away until somebody wants to say it
  await press('Say what it should do');
  await choose('Acts', 'kicks');
  expect(intent()).toEqual({ show: { from: 0.55, to: 1 } });
  await choose('Falls', 'like a stone');
  await the('slider', 'Fall, least');
  await choose('Acts', 'as asked');
  expect(intent()).toEqual({ fall: { from: 0.75, to: 1.2 } });
});

test('over Pick an end follows every press of a key, whether or not the picks have followed', async () => {
  await goTo('Pick');
  (await the('slider', 'Push, least')).focus();
  await user.keyboard('{ArrowRight}{ArrowRight}{ArrowRight}');
  expect(intent()!.push!.from).toBe(62);
  expect((await the('slider', 'Push, least')).getAttribute('aria-valuetext')).toBe('62');
});

test('why an end cannot be taken is said where it was typed', async () => {
  await press('Take fall in hand');
  const most = (): HTMLElement => document.querySelectorAll<HTMLElement>('[data-testid=want-fall] .typed')[1]!;
  await until(() => expect(most()).toBeDefined());
  await type('Most, ft/s', '0.5', await row('fall'));
  await says(most(), 'ends below it');
  await type('Most, ft/s', '2.5', await row('fall'));
  await saysNot(most(), 'ends below it');
});

test('what no rig of the box can do is said, with the nearest', async () => {
  await press('Take fall in hand');
  const own = await row('fall');
  await type('Most, ft/s', '9.5', own);
  await type('Least, ft/s', '9', own);
  await goTo('Pick');
  await pageSays(/Fall, 9\.0 to 9\.5 ft\/s: no rig of this box can do that\. The nearest comes to/);
});

test('over Pick the ends are typed too, as they are at this moment', async () => {
  await goTo('Pick');
  await press(/^Push, .*type its ends/);
  await type('Least, of 100', '40');
  expect(intent()!.push!.from).toBe(40);
  await type('Most, of 100', '50');
  expect(intent()!.push).toEqual({ from: 40, to: 50 });
  await press('Done');
});
