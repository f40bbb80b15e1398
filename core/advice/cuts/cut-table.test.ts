import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX, NORTH_ARM } from '../../../demo/brindle-mere';
import { advise } from '../recommend/advise';
import { judgeRig } from '../recommend/judge';
import { compileWater } from '../rules/wants';
import { edited } from './cut-options';
import { cutTable } from './cut-table';

const { base } = advise(NORTH_ARM, DEMO_BOX, 1, { asks: 'own-school' }).picks[0]!;
const table = cutTable(compileWater(NORTH_ARM, base.family), base);

describe('weights against cuts', () => {
  test('a row for every weight the head is made in, its own among them, a column for each cut', () => {
    expect(table.of).toBe('fall');
    expect(table.weightsOz).toContain(base.head.weightOz);
    expect(table.columns[0]).toEqual({ edit: null, value: null });
    expect(table.columns.map(({ edit }) => edit)).toEqual(expect.arrayContaining(['nose', 'tail', 'split']));
    expect(table.cells).toHaveLength(table.weightsOz.length);
    for (const row of table.cells) expect(row).toHaveLength(table.columns.length);
  });
  test('the heavier the faster, whatever is cut', () => {
    for (const at of table.columns.keys()) {
      const falls = table.cells.flatMap((row) => row[at]?.moves.value ?? []);
      expect(falls).toEqual([...falls].sort((a, b) => a - b));
    }
  });
  test('a cell is what the rig would do, cut so', () => {
    const row = table.weightsOz.indexOf(base.head.weightOz);
    for (const [at, { edit, value }] of table.columns.entries()) {
      const rig = edit === null ? base : edited(base, base, edit, value!)!;
      const { has, wants } = judgeRig(NORTH_ARM, rig);
      expect(table.cells[row]![at]!.moves.value).toBeCloseTo(has.fall, 9);
      const { from, to } = wants.find(({ id }) => id === 'fall')!;
      if (has.fall > from && has.fall < to) expect(table.cells[row]![at]!.moves.wanted).toBe(true);
    }
  });
  test('where it is reeled, depths', () => {
    const water = { ...NORTH_ARM, families: ['vibrating' as const], depthM: 3 };
    const { base: plate } = advise(water, DEMO_BOX, 1, { asks: 'own-school' }).picks[0]!;
    const runs = cutTable(compileWater(water, 'vibrating'), plate);
    expect(runs.of).toBe('run');
    const [first] = runs.cells.map((row) => row[0]!.moves.value);
    expect(runs.cells.at(-1)![0]!.moves.value).toBeGreaterThanOrEqual(first!);
  });
});
