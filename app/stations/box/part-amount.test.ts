/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import { field, inApp, key, press, says, saysNot, type, until, user, value } from '../../testing/in-app';

inApp('demo', '/box');

const openCraw = async (): Promise<void> => {
  await press(/^Trailers/);
  await press(/4 in flapper craw.*open its sheet/);
};

test('a length is stepped with buttons and arrows, on the steps of the unit that is read', async () => {
  await openCraw();
  await press('More: Length', 'part-sheet');
  await value(/^Length/, '4 1/4', 'part-sheet');
  await press('Less: Length', 'part-sheet');
  await press('Less: Length', 'part-sheet');
  await value(/^Length/, '3 3/4', 'part-sheet');
  await user.click(await field(/^Length/, 'part-sheet'));
  await key('ArrowUp');
  await value(/^Length/, '4', 'part-sheet');
  await says('box-list', '4 in flapper craw');
});

test('in metric the steps are of millimetres', async () => {
  (document.activeElement as HTMLElement | null)?.blur();
  await key('u');
  await press(/^Trailers/);
  await press(/102 mm flapper craw.*open its sheet/);
  await press('More: Length', 'part-sheet');
  await value(/^Length, mm/, '105', 'part-sheet');
});

test('a step takes a complaint away, and none goes past what a part may be', async () => {
  await openCraw();
  await type(/^Length/, '-3', 'part-sheet');
  await says('part-sheet', /Outside/);
  await press('More: Length', 'part-sheet');
  await saysNot('part-sheet', /Outside/);
  await type(/^Length/, '300 mm', 'part-sheet');
  for (let step = 0; step < 60; step++) await press('More: Length', 'part-sheet');
  await until(async () => {
    const before = (await field(/^Length/, 'part-sheet')).value;
    await press('More: Length', 'part-sheet');
    expect((await field(/^Length/, 'part-sheet')).value).toBe(before);
  });
});

test('a mass nobody weighed begins where it may, and can be left out again', async () => {
  await press(/^Trailers/);
  await press(/3 in chunk, black\/blue.*open its sheet/);
  await value(/^Mass measured/, '', 'part-sheet');
  await press('More: Mass', 'part-sheet');
  await until(async () => expect((await field(/^Mass measured/, 'part-sheet')).value).not.toBe(''));
  await type(/^Mass measured/, '', 'part-sheet');
  await saysNot('part-sheet', /Empty/);
  await saysNot('box-list', /black\/blue · medium plastic, weighed/);
});

test('pieces are counted in whole ones', async () => {
  await press(/^Heads/);
  await press(/1\/4 oz casting.*open its sheet/);
  await type(/^Fibres/, '12.5', 'part-sheet');
  await says('part-sheet', 'Whole pieces only.');
  await type(/^Fibres/, '12', 'part-sheet');
  await press('More: Fibres', 'part-sheet');
  await value(/^Fibres/, '13', 'part-sheet');
  await says('box-list', '13 fibres');
});
