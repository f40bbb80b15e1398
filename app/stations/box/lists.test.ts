/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import { db } from '../../db/database';
import {
  button,
  dialog,
  downloaded,
  giveFile,
  goTo,
  group,
  heading,
  inApp,
  noDialog,
  pageSays,
  press,
  says,
  saysNot,
  the,
  until,
  user,
} from '../../testing/in-app';

inApp('empty', '/box');

const openList = (): Promise<void> => press('Import a list…');
const takeIn = async (): Promise<void> => {
  await press('Take it in');
  await noDialog();
};

test('a list is refused by line and field, and nothing is taken in', async () => {
  await openList();
  const refused = async (text: string, why: string): Promise<void> => {
    await giveFile('list.csv', text);
    await says(dialog(), why);
    expect(((await button('Take it in')) as HTMLButtonElement).disabled).toBe(true);
  };
  const date = 'style,weight,quantity\ncasting,03-Aug,2\nball,1/4,-3\n';
  await refused(date, 'line 2, weight: "03-Aug" is what a spreadsheet makes of a fraction');
  await refused(date, 'line 3, quantity: -3 is too small');
  await refused('name,price\nx,3\n', 'line 1: The header "name,price" fits no tray');
  await refused('style,weight\ncasting,3/8 oz\ncasting,heavy\n', 'line 3, weight: "heavy" is not a number');
  await refused('kind,length\nsquid,4 in\n', 'line 2, kind: "squid" is not known here');
  await refused('', 'There is nothing in it');
  await refused('{\n  "kind": "box",\n  "heads": [', 'line 3: breaks off as JSON');
  await refused('{"type": "Topology"}', 'not a file of Pandero');
  await refused('{"temperatureC": 14}', 'This file is a water');
  const box = '{"kind":"box","version":1,\n"heads":[],"skirts":[],"trailers":[{"kind":"chunk"}]}';
  await refused(box, 'line 2, trailers[0].lengthMm: is missing');
  await press('Cancel');
  await noDialog();
  await heading('Your box is empty');
});

test('20,000 rows are read, and one more is refused', async () => {
  const rows = (count: number): string => `style,weight\n${'casting,3/8\n'.repeat(count)}`;
  await openList();
  await giveFile('many.csv', rows(20_001));
  await says(dialog(), '20001 rows; the most is 20000');
  await giveFile('heads.csv', rows(20_000));
  await says('import-preview', '20000 new');
  await says(dialog(), 'is the same as line 2');
});

test('semicolons, a byte-order mark, decimal commas and 3/8 oz are taken', async () => {
  await openList();
  await giveFile('heads.csv', '\uFEFFstyle;weight;quantity\r\ncasting;3/8 oz;2\r\nball;0,25;1\r\n');
  await says(dialog(), '2 parts, read without a problem');
  await takeIn();
  await heading('2 parts in your box');
  await says('box-list', '3/8 oz casting');
  await says('box-list', '1/4 oz ball');
});

test('a mass that contradicts the size is asked about, and both numbers stay', async () => {
  await openList();
  await giveFile('list.csv', 'kind,length,mass\nflapper-craw,4 in,25 g\n');
  await says(dialog(), 'weighs 25 g where its size computes to');
  await takeIn();
  await press(/^Trailers/);
  await press(/flapper craw.*open its sheet/);
  const ask = group('Scale against size');
  await says(ask, 'over 40 % apart');
  await press('The size', ask);
  await says('box-list', 'weighed 0.88 oz, not counted');
  await press('The scale', group('Scale against size'));
  await saysNot('box-list', 'not counted');
});

test('a list that names what is there raises its number, or replaces the tray', async () => {
  await openList();
  await giveFile('list.csv', 'style,weight,quantity\ncasting,3/8,2\nball,1/4,1\n');
  await takeIn();
  await openList();
  await giveFile('list.csv', 'style,weight,quantity\ncasting,3/8,3\n');
  await takeIn();
  await heading('2 parts in your box');
  await until(() => expect(document.querySelector('[aria-label="quantity 5"]')).not.toBeNull());
  await openList();
  await giveFile('list.csv', 'style,weight\nfootball,1/2\n');
  await user.click(await the('radio', 'Replace the tray by this list'));
  await takeIn();
  await heading('1 part in your box');
  await says('box-list', '1/2 oz football');
});

test('a list with bad rows is refused, or taken without them', async () => {
  await openList();
  await giveFile('heads.csv', 'style,weight\ncasting,3/8\nanvil,3/8\nball,1/4\n');
  await says(dialog(), 'line 3, style: "anvil" is not known here');
  await press(/^Take what can be read/);
  await says(dialog(), '1 of 3 rows set aside');
  await takeIn();
  await heading('2 parts in your box');
  const aside = await db.setAside.toArray();
  expect(aside.map(({ from, key }) => `${from} ${key}`)).toEqual(['heads line 3']);
});

test('a box without trailers is ranked and says so; one without heads says what is missing', async () => {
  await openList();
  await giveFile('heads.csv', 'style,weight,skirt material\ncasting,3/8 oz,silicone\nfootball,1/2 oz,silicone\n');
  await takeIn();
  await heading('2 parts in your box');
  await goTo('Pick');
  await says('pick-1', 'no trailer');
  await pageSays('No trailer in this box');
  await goTo('Box');
  await press('Empty the box');
  await heading('Your box is empty');
  await goTo('Pick');
  await pageSays('No head in this box');
});

test('a box goes out as lists and comes back the same', async () => {
  await press('Fill with the demo parts');
  await heading('66 parts in your box');
  const before = await db.parts.toArray();
  const lists: string[] = [];
  for (const tray of ['heads', 'skirts', 'trailers', 'blades', 'hooks', 'lines', 'rods', 'reels']) {
    await press(new RegExp(`^${tray}`, 'i'));
    lists.push(await downloaded(() => press(`Export ${tray}`)));
    const template = await downloaded(() => press(`Template for ${tray}`));
    expect(template.split('\n')[0]).toBe(lists.at(-1)!.split('\n')[0]);
  }
  await press('Empty the box');
  await heading('Your box is empty');
  for (const text of lists) {
    await openList();
    await giveFile('list.csv', text);
    await takeIn();
  }
  await heading('66 parts in your box');
  const after = await db.parts.toArray();
  // what a list leaves empty is none of it
  const told = (rows: typeof before): string[] =>
    rows
      .map(({ tray, part }) => {
        const fields = Object.entries(part).filter(([, value]) => value !== null);
        return `${tray} ${JSON.stringify(fields.sort(([a], [b]) => (a < b ? -1 : 1)))}`;
      })
      .sort();
  expect(told(after)).toEqual(told(before));
  await goTo('Pick');
  await heading('4,843 rigs');
});
