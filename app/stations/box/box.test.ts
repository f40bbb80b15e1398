/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import {
  at,
  choose,
  dialog,
  every,
  field,
  gone,
  heading,
  inApp,
  key,
  noDialog,
  pageSays,
  press,
  says,
  saysNot,
  the,
  type,
  until,
  user,
} from '../../testing/in-app';

inApp('demo', '/box');

test('/ finds across all trays', async () => {
  await heading('66 parts in your box');
  await key('/');
  await user.keyboard('4 in green');
  await heading(/^Found for 4 in green/);
  const rows = every('listitem', undefined, await at('box-list'));
  expect(rows.length).toBeGreaterThan(2);
  for (const row of rows) expect(row.textContent).toMatch(/4 in.*green|green.*4 in/s);
  await key('Escape');
  await type('Find a part', 'zebra');
  await pageSays('Nothing of that name');
});

test('every tray shows its kinds, takes one and opens its sheet', async () => {
  for (const [tray, one] of [
    ['Blades', 'blade'],
    ['Hooks', 'hook'],
    ['Lines', 'line'],
    ['Rods', 'rod'],
    ['Reels', 'reel'],
  ] as const) {
    await press(new RegExp(`^${tray}`));
    await press(`Add a ${one}`);
    await the('listitem', undefined, dialog());
    await press('Done');
    await noDialog();
    await press(/open its sheet/, 'box-list');
    await at('part-sheet');
    await press('Close the sheet');
    await gone('part-sheet');
  }
});

test('duplicate, without a guard, torn, taken out, undone', async () => {
  await press(/^Heads/);
  await press(/1\/4 oz casting.*open its sheet/);
  await press('Duplicate', 'part-sheet');
  await heading('67 parts in your box');
  await press('Without guard', 'part-sheet');
  await says('box-list', 'no guard');
  await press('With guard', 'part-sheet');
  await press('rusty', 'part-sheet');
  await says('part-sheet', 'Left out of the picks: rusty');
  await press(/^Take out this head/, 'part-sheet');
  await pageSays('taken out.');
  await heading('66 parts in your box');
  await press('Undo');
  await heading('67 parts in your box');
});

test('a size outside its range is refused in the field, the last good one counts', async () => {
  await press(/^Trailers/);
  await press(/flapper craw.*open its sheet/);
  await type(/^Length/, '3 3/4', 'part-sheet');
  await heading('3 3/4 in flapper craw');
  for (const [typed, why] of [
    ['-3', /Outside /],
    ['', /Empty/],
    ['long', /Not a number/],
    ['4 g', /Not a number/],
  ] as const) {
    await type(/^Length/, typed, 'part-sheet');
    await says('part-sheet', why);
    await heading('3 3/4 in flapper craw');
  }
  await type(/^Length/, '10 cm', 'part-sheet');
  await heading('3.94 in flapper craw');
  await choose(/Plastic/, 'soft', 'part-sheet');
  await says('box-list', 'soft plastic');
});

test('a colour nobody knows is asked about once; the next part comes in the colour last chosen; a tray says what it lacks', async () => {
  await press(/^Trailers/);
  await says('missing', /issing/);
  await press('Add a trailer');
  await choose('In', 'perch mix', dialog());
  await press('Add stick worm, 4 in');
  await press('Done');
  await says('box-list', 'perch mix');
  await press('Add a trailer');
  await until(() => expect(every('combobox', 'In')[0]).toHaveProperty('value', 'perch mix'));
  await press('Done');
  await noDialog();
  await press(/stick worm, perch mix: open its sheet/);
  const colour = await the('combobox', 'Colour');
  await user.clear(colour);
  await user.type(colour, 'night owl{Tab}');
  const asked = await at('unknown-colours');
  await choose(/.*/, 'dark: black, purple', asked);
  await gone('unknown-colours');
  await says('box-list', 'night owl (dark)');
});

test('what is missing for this water is named, fewest parts first; what to buy, by what it adds', async () => {
  await press('Look for the fewest parts');
  await says('gaps', /answers \d+ of 100/);
  expect(every('listitem', undefined, await at('gaps'))[0]!.textContent).toMatch(/with .+for .+ oz/s);
  await press(/^Rank every kind/, 'buy');
  await says('buy', /\+[\d.]+|Nothing: no single part/);
});

test('one that is used up is left out of the picks, and counts again once there is one more', async () => {
  await press(/^Trailers/);
  await press(/flapper craw.*open its sheet/);
  while ((await at('sheet-quantity')).textContent !== '0') await press('One less', 'part-sheet');
  await says('part-sheet', 'Left out of the picks: used up');
  await press('One more', 'part-sheet');
  await saysNot('part-sheet', 'used up');
  expect((await field(/^Length/, 'part-sheet')).value).not.toBe('');
});
