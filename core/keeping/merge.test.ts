import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { changedBuild, keptVersion, startBuild, undone, type Build } from '../bench/build';
import { mergeBuilds } from '../bench/merge-builds';
import { jig } from '../testing/fixtures/rigs';
import { byField, decide, type Change } from './decide';
import { mergeFields, sameJson } from './merge';
import { runs } from '../testing/runs';

const fields = fc.dictionary(
  fc.constantFrom('a', 'b', 'c', 'd'),
  fc.oneof(fc.integer({ max: 3, min: 0 }), fc.dictionary(fc.constantFrom('x', 'y'), fc.integer({ max: 3, min: 0 }))),
  { noNullPrototype: true },
);

describe('whether two values say the same', () => {
  /** Sorted, without what is undefined: two texts are equal where the values say the same. */
  const told = (value: unknown): string =>
    Array.isArray(value)
      ? `[${value.map(told).join()}]`
      : typeof value === 'object' && value !== null
        ? `{${Object.entries(value)
            .filter(([, inner]) => inner !== undefined)
            .map(([name, inner]) => `${JSON.stringify(name)}:${told(inner)}`)
            .sort()
            .join()}}`
        : `${typeof value}${String(value)}`;
  const any = fc.anything({
    key: fc.constantFrom('a', 'b', '__proto__', 'toString'),
    values: [fc.constantFrom(0, 1, '', '0', null, undefined, NaN, true)],
    maxDepth: 3,
    withNullPrototype: true,
  });
  test('as an independent account of them does', () => {
    fc.assert(
      fc.property(any, any, (a, b) => expect(sameJson(a, b)).toBe(told(a) === told(b))),
      { numRuns: runs(5000) },
    );
    fc.assert(
      fc.property(any, (a) => expect([sameJson(a, structuredClone(a)), sameJson([a], [a, 0])]).toEqual([true, false])),
      { numRuns: runs(1000) },
    );
  });
  test.each([
    [{ a: undefined }, {}, true],
    [{ a: undefined }, { b: undefined }, true],
    [{ a: 1, b: undefined }, { b: 1, a: undefined }, false],
    [{ a: 0, toString: undefined }, { a: 0 }, true],
    [{ toString: undefined }, { toString: 1 }, false],
    [[], {}, false],
    [-0, 0, true],
    [null, {}, false],
    [[undefined], [], false],
  ])('%p and %p: %p', (a, b, same) => expect([sameJson(a, b), sameJson(b, a)]).toEqual([same, same]));
});

describe('two changes to one document', () => {
  test('what one hand left alone is as the other left it', () => {
    fc.assert(
      fc.property(fields, fields, (base, other) => {
        expect(mergeFields(base, other, base)).toEqual({ value: other, clashes: [] });
        expect(mergeFields(base, base, other)).toEqual({ value: other, clashes: [] });
        expect(mergeFields(base, other, other)).toEqual({ value: other, clashes: [] });
      }),
      { numRuns: runs(5000) },
    );
  });
  test('whoever writes first: without a clash the same comes of it, and a clash is one both ways', () => {
    fc.assert(
      fc.property(fields, fields, fields, (base, mine, theirs) => {
        const one = mergeFields(base, mine, theirs);
        const other = mergeFields(base, theirs, mine);
        expect(one.clashes.map(({ path }) => path).sort()).toEqual(other.clashes.map(({ path }) => path).sort());
        if (one.clashes.length === 0) expect(sameJson(one.value, other.value)).toBe(true);
        // nothing of mine is ever overwritten
        for (const [name, value] of Object.entries(mine)) {
          if (typeof value === 'number' && value !== base[name]) expect(one.value[name]).toBe(value);
        }
      }),
      { numRuns: runs(5000) },
    );
  });
  test('fields far inside meet by themselves; a clash names its place and both values', () => {
    const base = { rig: { nose: 0, tail: 0, core: { mm: 20 } }, name: 'a' };
    const mine = { rig: { nose: 12, tail: 3, core: { mm: 20 } }, name: 'a' };
    const theirs = { rig: { nose: 0, tail: 5, core: { mm: 25 } }, name: 'b' };
    expect(mergeFields(base, mine, theirs)).toEqual({
      value: { rig: { nose: 12, tail: 3, core: { mm: 25 } }, name: 'b' },
      clashes: [{ path: ['rig', 'tail'], mine: 3, theirs: 5 }],
    });
  });
  test('a field taken away by one stays away', () => {
    expect(mergeFields<object>({ a: 1, b: 2 }, { a: 1 }, { a: 5, b: 2 }).value).toEqual({ a: 5 });
  });
});

describe('what a change does to the store', () => {
  const usual = byField<{ n: number; m?: number }>(({ n }) => n < 10);
  const change = (
    base: { n: number } | null,
    row: { n: number; m?: number } | null,
  ): Change<{ n: number; m?: number }> => ({ base, row, epoch: 'e' });
  test.each([
    ['new', change(null, { n: 1 }), null, { as: 'write', row: { n: 1 }, merged: false }],
    ['as it was read', change({ n: 1 }, { n: 2 }), { n: 1 }, { as: 'write', row: { n: 2 }, merged: false }],
    ['there already', change({ n: 1 }, { n: 2 }), { n: 2 }, { as: 'is-so' }],
    [
      'changed elsewhere in another field',
      change({ n: 1 }, { n: 2 }),
      { n: 1, m: 7 },
      { as: 'write', row: { n: 2, m: 7 }, clashes: [], merged: true },
    ],
    [
      'changed elsewhere in the same field',
      change({ n: 1 }, { n: 2 }),
      { n: 3 },
      { as: 'write', row: { n: 2 }, clashes: [{ path: ['n'], mine: 2, theirs: 3 }] },
    ],
    ['deleted elsewhere', change({ n: 1 }, { n: 2 }), null, { as: 'gone-meanwhile' }],
    ['deleted here', change({ n: 1 }, null), { n: 1 }, { as: 'delete' }],
    ['deleted twice', change({ n: 1 }, null), null, { as: 'is-so' }],
    ['deleted here, changed elsewhere', change({ n: 1 }, null), { n: 4 }, { as: 'changed-meanwhile', row: { n: 4 } }],
  ])('%s', (_, given, stored, expected) => expect(decide(given, stored, 'e', usual)).toMatchObject(expected));
  test('a change from before everything was cleared is not written back', () => {
    expect(decide(change(null, { n: 1 }), null, 'later', usual)).toEqual({ as: 'gone-meanwhile' });
  });
  test('where both together cannot be, mine stands whole and it is said', () => {
    const strict = byField<{ n: number; m?: number }>(({ n, m }) => n + (m ?? 0) < 10);
    expect(decide(change({ n: 1 }, { n: 8 }), { n: 1, m: 7 }, 'e', strict)).toMatchObject({
      as: 'write',
      row: { n: 8 },
      clashes: [{ path: [] }],
    });
  });
});

describe('two hands on one build', () => {
  const at = (minute: number): { at: string } => ({ at: `2026-09-26T06:${String(minute).padStart(2, '0')}:00.000Z` });
  const bug = jig({ trailer: 'flat-bug' });
  const base = startBuild(bug, { id: 'b', name: 'mine', ...at(0) });
  const cut = (build: Build, minute: number, part: object): Build =>
    changedBuild(build, { ...build.rig, trailer: { ...build.rig.trailer!, ...part } }, at(minute));
  test('both cuts are made, and each can be taken back, mine first', () => {
    const mine = cut(cut(base, 3, { cutNoseMm: 6 }), 4, { cutNoseMm: 12 });
    const theirs = cut(base, 2, { cutTailMm: 8 });
    const { value, clashes } = mergeBuilds(base, mine, theirs);
    expect(clashes).toEqual([]);
    expect(value.rig.trailer).toMatchObject({ cutNoseMm: 12, cutTailMm: 8 });
    const back = [
      undone(value, at(9)),
      undone(undone(value, at(9)), at(9)),
      undone(undone(undone(value, at(9)), at(9)), at(9)),
    ];
    expect(back.map(({ rig }) => [rig.trailer!.cutNoseMm, rig.trailer!.cutTailMm])).toEqual([
      [6, 8],
      [0, 8],
      [0, 0],
    ]);
  });
  test('the same cut: mine stands, it is said, and one step back is theirs', () => {
    const { value, clashes } = mergeBuilds(base, cut(base, 3, { cutNoseMm: 12 }), cut(base, 2, { cutNoseMm: 5 }));
    expect(clashes).toEqual([{ path: ['rig', 'trailer', 'cutNoseMm'], mine: 12, theirs: 5 }]);
    expect([value.rig.trailer!.cutNoseMm, undone(value, at(9)).rig.trailer!.cutNoseMm]).toEqual([12, 5]);
  });
  test('a name here and a version there are both kept', () => {
    const mine = { ...base, name: 'for the weir' };
    const theirs = keptVersion(base, { ...at(5), name: 'short' });
    const { value } = mergeBuilds(base, mine, theirs);
    expect([value.name, value.versions.map(({ name }) => name)]).toEqual(['for the weir', ['short']]);
    expect(mergeBuilds(base, theirs, mine).value.versions).toHaveLength(1);
  });
  test('cuts that cannot both be made: mine lies on the bench, theirs is one step back', () => {
    const long = bug.trailer!.lengthMm;
    const mine = cut(base, 3, { cutNoseMm: long * 0.45 });
    const theirs = cut(base, 2, { cutTailMm: long * 0.45 });
    const { value, clashes } = mergeBuilds(base, mine, theirs);
    expect(clashes).toMatchObject([{ path: ['rig'] }]);
    expect(value.rig).toEqual(mine.rig);
    expect(undone(value, at(9)).rig).toEqual(theirs.rig);
  });
});
