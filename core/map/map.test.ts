import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { advise } from '../advice/recommend/advise';
import { emptyBox } from '../rig/parts/box';
import { unsaidWater } from '../water/said';
import { waterSchema } from '../water/schema';
import { anyWater } from '../testing/fixtures/boxes';
import { jig } from '../testing/fixtures/rigs';
import {
  cellOfWater,
  cellValue,
  MAP_AXES,
  mapPlan,
  placeOfWater,
  placeOnAxis,
  sideOfWater,
  waterAt,
  waterLater,
} from './axes';
import { MapRefinement } from './refine';
import { regionsOf } from './regions';
import { isSameWinner, MAP_CHANGES, partsThatDiffer, winnerKey, winnersOf, type Winner } from './winner';
import { isSampled, runs } from '../testing/runs';

describe('sides of a map', () => {
  test('any cell of any map of any water is a water', () => {
    fc.assert(
      fc.property(
        anyWater,
        fc.constantFrom(...MAP_AXES),
        fc.constantFrom(...MAP_AXES),
        fc.nat(31),
        fc.nat(31),
        (water, x, y, column, row) => {
          const plan = mapPlan(x, y, 32);
          const there = waterAt(water, plan, Math.min(column, plan.wide - 1), Math.min(row, plan.high - 1));
          expect(waterSchema.safeParse(there).success).toBe(true);
          expect(waterSchema.safeParse(waterLater(water)).success).toBe(true);
        },
      ),
      { numRuns: 200 },
    );
  });
  test.each(MAP_AXES)('%s: a cell lies where its value is, and what is beyond lies on the end', (axis) => {
    const cells = mapPlan(axis, 'depth', 32).wide;
    for (let at = 0; at < cells; at++) expect(placeOnAxis(axis, cells, cellValue(axis, cells, at))).toBeCloseTo(at, 9);
    expect(placeOnAxis(axis, cells, 1e9)).toBeCloseTo(cells - 1, 9);
    expect(placeOnAxis(axis, cells, -5)).toBeCloseTo(0, 9);
  });
  test('a season nobody said is that of each cell’s temperature; one that was said stays', () => {
    const plan = { ...mapPlan('temperature', 'depth', 16), month: 2 };
    const water = unsaidWater(plan.month);
    expect(waterAt(water, plan, 0, 0)).toMatchObject({ season: 'winter', assumed: water.assumed });
    expect(waterAt(water, plan, plan.wide - 1, 0).season).toBe('summer');
    expect(waterAt({ ...NORTH_ARM, season: 'autumn' }, plan, plan.wide - 1, 0).season).toBe('autumn');
  });
  test.each(MAP_AXES)(
    '%s: the cell a water lies in is that water to the last digit, the one beside it is not',
    (axis) => {
      fc.assert(
        fc.property(anyWater, (water) => {
          const plan = mapPlan(axis, axis === 'depth' ? 'temperature' : 'depth', 16);
          const { column, row } = cellOfWater(water, plan);
          expect(waterAt(water, plan, column, row)).toBe(water);
          const beside = column > 0 ? column - 1 : 1;
          expect(sideOfWater(axis, waterAt(water, plan, beside, row))).toBeCloseTo(
            cellValue(axis, plan.wide, beside),
            9,
          );
        }),
        { numRuns: 60 },
      );
    },
  );
  test('today lies on the map where its water is; a muddying day leads down, a bright one to the right', () => {
    const plan = mapPlan('temperature', 'visibility', 32);
    const here = placeOfWater(NORTH_ARM, plan);
    expect(cellValue('temperature', 32, here.column)).toBeCloseTo(NORTH_ARM.temperatureC, 9);
    const later = placeOfWater(waterLater({ ...NORTH_ARM, trend: 'rising-muddy', sky: 'bright' }), plan);
    expect(later.row).toBeLessThan(here.row);
    expect(later.column).toBeGreaterThan(here.column);
  });
});

describe('a map that is asked coarse first, then along its borders', () => {
  /** a made-up world of slanting borders and a hole */
  const world = (column: number, row: number): string =>
    Math.hypot(column - 20, row - 9) < 5 ? 'hole' : column * 0.7 + row > 26 ? 'b' : column > 22 ? 'c' : 'a';
  const run = (cells: number): { readonly right: number; readonly asked: number } => {
    const plan = mapPlan('temperature', 'visibility', cells);
    const scale = 32 / cells;
    const of = (column: number, row: number): string => world(column * scale, row * scale);
    const map = new MapRefinement<string>(plan, (one, other) => one === other);
    for (let ask = map.next(); ask.length > 0; ask = map.next()) {
      for (const cell of ask) map.tell(cell, of(cell.column, cell.row));
    }
    let right = 0;
    for (let row = 0; row < plan.high; row++) {
      for (let column = 0; column < plan.wide; column++) if (map.at({ column, row }) === of(column, row)) right++;
    }
    return { right: right / (plan.wide * plan.high), asked: map.asked / (plan.wide * plan.high) };
  };
  test.each([16, 32, 64])('%p cells to a side: 98 of 100 are right', (cells) => {
    expect(run(cells).right).toBeGreaterThanOrEqual(0.98);
  });
  test('the finer, the smaller the share that is asked', () => {
    expect(run(64).asked).toBeLessThan(run(32).asked);
    expect(run(32).asked).toBeLessThan(0.65);
  });
  test('one answer everywhere is soon known; one side of three cells is all asked', () => {
    const plan = mapPlan('temperature', 'visibility', 32);
    const map = new MapRefinement<string>(plan, () => true);
    for (let ask = map.next(); ask.length > 0; ask = map.next()) for (const cell of ask) map.tell(cell, 'a');
    expect(map.asked).toBeLessThan(60);
    const sky = mapPlan('visibility', 'sky', 8);
    expect([sky.wide, sky.high]).toEqual([8, 3]);
  });
  test('a cell that must be asked is asked, though all around it agree', () => {
    const plan = mapPlan('temperature', 'visibility', 32);
    const today = { column: 13, row: 3 };
    const ask = (map: MapRefinement<string>): string => {
      for (let cells = map.next(); cells.length > 0; cells = map.next())
        for (const cell of cells)
          map.tell(cell, cell.column === today.column && cell.row === today.row ? 'today' : 'a');
      return map.at(today)!;
    };
    const same = (one: string, other: string): boolean => one === other;
    expect(ask(new MapRefinement(plan, same))).toBe('a');
    expect(ask(new MapRefinement(plan, same, [today]))).toBe('today');
  });
  test('where no rig can be tied the map says so, and does not borrow from its neighbours', () => {
    const plan = mapPlan('temperature', 'visibility', 16);
    const map = new MapRefinement<string | null>(plan, (one, other) => one === other);
    for (let ask = map.next(); ask.length > 0; ask = map.next()) {
      for (const cell of ask) map.tell(cell, cell.column < 8 ? null : 'a');
    }
    expect(map.at({ column: 3, row: 5 })).toBeNull();
    expect(map.at({ column: 0, row: 0 })).toBeNull();
    expect(map.at({ column: 12, row: 5 })).toBe('a');
    // nor is every such cell asked
    expect(map.asked).toBeLessThan(130);
  });
  test('before anything is known there is nothing; then the nearest that was asked', () => {
    const map = new MapRefinement<string>(mapPlan('temperature', 'depth', 16), (one, other) => one === other);
    expect(map.at({ column: 3, row: 3 })).toBeNull();
    map.tell({ column: 0, row: 0 }, 'a');
    expect(map.at({ column: 3, row: 3 })).toBe('a');
  });
});

describe('winners and regions', () => {
  test('colours and cuts make no region; weight, plastic and turn do', () => {
    const rig = jig();
    expect(winnerKey({ ...rig, skirt: { ...rig.skirt!, colour: 'white' } })).toBe(winnerKey(rig));
    expect(winnerKey(jig({ oz: 0.5 }))).not.toBe(winnerKey(rig));
    expect(partsThatDiffer(rig, jig({ oz: 0.5, trailer: 'creature' }), MAP_CHANGES)).toEqual(['weight', 'trailer']);
    expect(partsThatDiffer(rig, rig, MAP_CHANGES)).toEqual([]);
  });
  test('regions hang together, the largest first, each with its label inside it', () => {
    const plan = { ...mapPlan('temperature', 'visibility', 4), wide: 4, high: 3 };
    const keys = [...('aab' + 'b'), ...'aabb', ...'caab'];
    const regions = regionsOf(keys, plan);
    expect(regions.map(({ key, cells }) => [key, cells.length])).toEqual([
      ['a', 6],
      ['b', 5],
      ['c', 1],
    ]);
    for (const { key, labelAt } of regions) expect(keys[labelAt.row * 4 + labelAt.column]).toBe(key);
  });
  test('the end of a row and the begin of the next are no neighbours; a label keeps to the middle of a stretch', () => {
    const plan = mapPlan('temperature', 'visibility', 4);
    const split = regionsOf([...'bba', ...'abb'], { ...plan, wide: 3, high: 2 });
    expect(split.map(({ key, cells }) => [key, cells.length])).toEqual([
      ['b', 4],
      ['a', 1],
      ['a', 1],
    ]);
    const [row] = regionsOf([...'aaaaa'], { ...plan, wide: 5, high: 1 });
    expect(row!.labelAt).toEqual({ column: 2, row: 0 });
  });
  test('on the demo box a refined map says what Pick would say of each cell', () => {
    const plan = mapPlan('temperature', 'visibility', 9);
    const map = new MapRefinement<Winner | null>(plan, isSameWinner);
    const quick = winnersOf(DEMO_BOX);
    for (let ask = map.next(); ask.length > 0; ask = map.next()) {
      for (const cell of ask) map.tell(cell, quick(waterAt(NORTH_ARM, plan, cell.column, cell.row)));
    }
    let [looked, wrong] = [0, 0];
    for (let row = 0; row < 9; row++) {
      for (let column = 0; column < 9; column++) {
        if (!isSampled(9 * row + column)) continue;
        looked++;
        const [first] = advise(waterAt(NORTH_ARM, plan, column, row), DEMO_BOX, 1, { asks: 'own-school' }).picks;
        if (map.at({ column, row })?.key !== winnerKey(first!.base)) wrong++;
      }
    }
    expect(wrong).toBeLessThanOrEqual(Math.floor(0.02 * looked));
  });
  test('asked after another water, a box answers as if it were asked first', () => {
    const after = winnersOf(DEMO_BOX);
    fc.assert(
      fc.property(anyWater, (water) => {
        expect(after(water)).toEqual(winnersOf(DEMO_BOX)(water));
      }),
      { numRuns: runs(30) },
    );
  });
  test('a box without a rig has no winner', () => {
    expect(winnersOf(emptyBox())(NORTH_ARM)).toBeNull();
  });
});
