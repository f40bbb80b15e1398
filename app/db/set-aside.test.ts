import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { PanderoDatabase, type PartRow, type WaterRow } from './database';
import { keepAside, moveAside, tryAgain, unlisted } from './set-aside';
import { createSieve } from './sieve';

let db: PanderoDatabase;
let number = 0;
beforeEach(() => {
  db = new PanderoDatabase(`unreadable-${number++}`);
});
afterEach(() => db.close());

const good = (id: string): PartRow => ({ id, tray: 'heads', at: Number(id.slice(1)), part: { ...DEMO_BOX.heads[0] } });
const bad = (id: string): PartRow => ({ ...good(id), part: { style: 'anvil' } });
const water: WaterRow = { key: 'a', place: '', day: null, at: 1, value: NORTH_ARM };

test('one bad row of many is parted from the others, and only it leaves its table', async () => {
  const rows = [good('p1'), bad('p2'), good('p3')];
  await db.parts.bulkAdd(rows);
  const sifted = await createSieve('part').sift(rows);
  expect([sifted.good.map(({ id }) => id), sifted.bad.map(({ row }) => row.id)]).toEqual([['p1', 'p3'], ['p2']]);
  expect(await moveAside(sifted.bad, 7, db)).toBe(1);
  expect(await db.parts.toCollection().primaryKeys()).toEqual(['p1', 'p3']);
  expect(await db.setAside.toArray()).toMatchObject([{ from: 'part', key: 'p2', at: 7, row: bad('p2') }]);
});
test('one that was mended meanwhile stays where it is', async () => {
  await db.parts.add(good('p1'));
  expect(await moveAside([{ kind: 'part', row: bad('p1'), issues: [] }], 7, db)).toBe(0);
  expect(await db.parts.count()).toBe(1);
});
test('thousands are looked at in slices, each once', async () => {
  const rows = Array.from({ length: 2000 }, (_, at) => (at === 1234 ? bad(`p${at}`) : good(`p${at}`)));
  const sieve = createSieve('part');
  const first = sieve.sift(rows);
  expect(first).toBeInstanceOf(Promise);
  expect((await first).bad.map(({ row }) => row.id)).toEqual(['p1234']);
  const again = sieve.sift(rows);
  expect(again).not.toBeInstanceOf(Promise);
  expect((await again).good).toHaveLength(1999);
});
test('a row no list would show is found', async () => {
  await db.waters.add(water);
  await db.waters.add({ key: 'lost', place: '', day: null, value: NORTH_ARM } as never);
  expect((await unlisted(db)).map(({ kind, row }) => [kind, (row as WaterRow).key])).toEqual([['water', 'lost']]);
});
test('what can be read after all goes back to its place, the rest stays aside', async () => {
  await keepAside(
    [
      { from: 'water', key: 'a', why: [], row: water },
      { from: 'part', key: 'p2', why: [], row: bad('p2') },
      { from: 'heads', key: 'line 3', why: [], row: { style: 'ball' } },
    ],
    1,
    db,
  );
  expect(await tryAgain(db)).toBe(1);
  expect([await db.waters.get('a'), await db.setAside.count()]).toEqual([water, 2]);
});
