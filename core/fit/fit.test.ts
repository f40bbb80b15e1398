import { describe, expect, test } from '@jest/globals';
import { jig } from '../testing/fixtures/rigs';
import { DEFAULT_WATER, type Water } from '../water/schema';
import { emptyBox } from '../rig/parts/box';
import { DEMO_BOX } from '../../demo/brindle-mere';
import { isLike, readCases } from './cases';
import { cannotBeTold, crossValidated, holdsIn, learn } from './learn';
import { poolOf, type CasePool, type PoolRig } from './pool';

const of = (part: Record<string, unknown>): Record<string, unknown> => ({
  ...{ id: 'a', practice: 'one', about: 'made up', why: 'made up', water: DEFAULT_WATER, box: null, firmness: 2 },
  ...part,
});

describe('cases as they are read', () => {
  test('what fits the form is read, with what it asks', () => {
    const { cases, leftOut } = readCases([of({ first: [{ style: ['casting'], oz: [0.3, 0.5] }] })]);
    expect(leftOut).toEqual([]);
    expect(cases).toMatchObject([{ id: 'a', firmness: 2, box: null, first: [{ style: ['casting'] }], among: [] }]);
  });
  test.each<[string, Record<string, unknown>, RegExp]>([
    ['a newer form', { mightBe: [{}] }, /of another form/],
    ['a pattern nobody knows', { first: [{ smell: ['garlic'] }] }, /of another form/],
    ['a firmness there is not', { firmness: 4 }, /of another form/],
    ['a water that cannot be read', { water: { temperatureC: 'warm' } }, /cannot be read/],
    ['a box that cannot be read', { box: { heads: 3 } }, /cannot be read/],
    ['what it forbids', { first: [{ style: ['ball'] }], never: [{ style: ['ball'] }] }, /forbids/],
  ])('%s is left out and told', (_, part, because) => {
    const { cases, leftOut } = readCases([of(part), of({ id: 'b', first: [{ style: ['swim'] }] })]);
    expect(leftOut).toMatchObject([{ id: 'a', because: expect.stringMatching(because) }]);
    expect(cases.map(({ id }) => id)).toEqual(['b']);
  });
  test('of two that contradict each other on one water the second is left out', () => {
    const { cases, leftOut } = readCases([
      of({ first: [{ style: ['ball'] }] }),
      of({ id: 'b', first: [{ style: ['swim'] }] }),
      of({ id: 'c', first: [{ style: ['swim', 'ball'] }] }),
    ]);
    expect(leftOut).toEqual([{ id: 'b', because: 'it contradicts a' }]);
    expect(cases.map(({ id }) => id)).toEqual(['a', 'c']);
  });
  test('what is no list holds no case', () => expect(readCases({ cases: [] })).toEqual({ cases: [], leftOut: [] }));
});

describe('whether a rig is like a pattern', () => {
  const rig = jig({ oz: 0.375, style: 'casting', trailer: 'chunk', lengthIn: 3 });
  test.each<[Parameters<typeof isLike>[0], boolean]>([
    [{}, true],
    [{ style: ['casting', 'ball'], oz: [0.375, 0.375] }, true],
    [{ style: ['casting'], oz: [0.4, 1] }, false],
    [{ nose: ['round'] }, true],
    [{ trailer: ['chunk'], trailerIn: [2.9, 3.1] }, true],
    [{ trailer: ['none'] }, false],
    [{ trailerColour: ['natural'] }, true],
    [{ skirtColour: ['green pumpkin'] }, true],
    [{ skirtColour: ['dark'] }, false],
    [{ guard: 'fibre', fibres: [20, 20] }, true],
    [{ guard: 'none' }, false],
    [{ blades: [['colorado', 1, 6]] }, false],
    [{ bladeCount: 0, trailerHook: 'none', core: false, splitTails: false }, true],
    [{ plate: ['standard'] }, false],
  ])('%j: %s', (pattern, holds) => expect(isLike(pattern, rig)).toBe(holds));
  test('a length counts as it came and as it was cut', () => {
    const cut = jig({ trailer: 'chunk', lengthIn: 4, more: { cutNoseMm: 25.4 } });
    expect([isLike({ trailerIn: [2.9, 3.1] }, cut), isLike({ trailerIn: [3.9, 4.1] }, cut)]).toEqual([true, true]);
    expect(isLike({ trailerIn: [3.3, 3.6] }, cut)).toBe(false);
  });
});

/** Two rigs of two kinds: what is asked for answers one want and one rule, what leads today another rule. */
const rig = (part: Partial<PoolRig>): PoolRig => ({
  ...{ field: 0, kin: 'x', fits: [0.5, 0.5], rules: [], faults: 0, isFirst: false, isAmong: false, isNever: false },
  ...part,
});
const pool = (part: Partial<CasePool> = {}): CasePool => ({
  id: 'a',
  practice: 'one',
  firmness: 2,
  asks: { first: true, among: false, never: false },
  fields: [
    {
      family: 'skirted',
      worth: 1,
      wants: [
        ['fall', 3],
        ['push', 2],
      ],
      rules: [
        ['praised', 1],
        ['disliked', -0.5],
      ],
    },
  ],
  rigs: [
    rig({ kin: 'asked', fits: [0.9, 0.5], isFirst: true, rules: [1] }),
    rig({ kin: 'leads', fits: [0.6, 0.6], rules: [0] }),
  ],
  ...part,
});

describe('weights learned from cases', () => {
  test('what speaks for the rig that is asked for is raised, what speaks for the other lowered, and the case holds then', () => {
    expect(holdsIn(pool(), {})).toBe(false);
    const factors = learn([pool()], 0.001);
    expect(factors['want:skirted:fall']).toBeGreaterThan(1.2);
    expect(factors['rule:praised']).toBeLessThan(0.8);
    expect(factors['rule:disliked']).toBeLessThan(0.8);
    expect(holdsIn(pool(), factors)).toBe(true);
    for (const factor of Object.values(factors)) {
      expect(factor).toBeGreaterThanOrEqual(1 / 3 - 1e-9);
      expect(factor).toBeLessThanOrEqual(3 + 1e-9);
    }
  });
  test('the same cases give the same weights, and a strong pull leaves them as they are', () => {
    expect(learn([pool()], 0.01)).toEqual(learn([pool()], 0.01));
    for (const factor of Object.values(learn([pool()], 1000))) expect(factor).toBeCloseTo(1, 1);
  });
  test('what all contenders share teaches nothing', () => {
    const alike = pool({ rigs: [rig({ kin: 'a', isFirst: true }), rig({ kin: 'b' })] });
    const factors = learn([alike], 0.01);
    expect(factors['rule:disliked']).toBeCloseTo(1, 6);
    expect(cannotBeTold([pool({ id: 'z', rigs: [rig({ kin: 'a' }), rig({ kin: 'b', isFirst: true })] })], {})).toEqual([
      { id: 'z', because: 'nothing differs' },
    ]);
  });
  test('a rig that is not made ready cannot win, whatever the weights', () => {
    const without = pool({ rigs: [rig({ kin: 'b' })] });
    expect(cannotBeTold([without], {})).toEqual([{ id: 'a', because: 'not in the pool' }]);
  });
  test('never and among go by the first three of different kinds', () => {
    const kinds = ['a', 'b', 'c', 'd'];
    const rigs = kinds.map((kin, at) =>
      rig({ kin, fits: [0.9 - at / 10, 0.5], isAmong: kin === 'c', isNever: kin === 'd' }),
    );
    const asks = { first: false, among: true, never: true };
    expect(holdsIn(pool({ rigs, asks }), {})).toBe(true);
    // a second one of a kind takes no place
    expect(holdsIn(pool({ rigs: [...rigs, rig({ kin: 'a', fits: [0.85, 0.5] })], asks }), {})).toBe(true);
    expect(holdsIn(pool({ rigs: rigs.filter(({ kin }) => kin !== 'b'), asks }), {})).toBe(false);
  });
  test('each practice is left out once and asked', () => {
    const pools = [pool(), pool({ id: 'b', practice: 'two' }), pool({ id: 'c', practice: 'two' })];
    const { byPractice, all } = crossValidated(pools, 0.001);
    expect(byPractice).toEqual({ one: { held: 1, of: 1 }, two: { held: 2, of: 2 } });
    expect(all).toEqual({ held: 3, of: 3 });
  });
});

describe('the rigs that contend for a case', () => {
  const water: Water = { ...DEFAULT_WATER, families: ['skirted'] };
  const asked = { id: 'a', practice: 'one', firmness: 2, water, among: [], never: [] } as const;
  test('of a box: what a pattern asks for is among them, and their parts are those of a judged rig', () => {
    const { rigs, fields } = poolOf({ ...asked, box: DEMO_BOX, first: [{ style: ['football'] }] });
    expect(rigs.some(({ isFirst }) => isFirst)).toBe(true);
    expect(rigs.some(({ isFirst }) => !isFirst)).toBe(true);
    for (const one of rigs) {
      expect(one.fits).toHaveLength(fields[one.field]!.wants.length);
      for (const fit of one.fits) expect(fit >= 0 && fit <= 1 + 1e-9).toBe(true);
      expect(one.faults).toBeGreaterThanOrEqual(0);
    }
  });
  test('a box with one rig, and one that nothing can be tied from', () => {
    const [head] = DEMO_BOX.heads.filter(({ style, skirt }) => style === 'casting' && !skirt);
    const [skirt] = DEMO_BOX.skirts;
    const [trailer] = DEMO_BOX.trailers;
    const one = poolOf({
      ...asked,
      first: [],
      box: { ...emptyBox(), heads: [head!], skirts: [skirt!], trailers: [trailer!] },
    });
    expect(one.rigs.length).toBeGreaterThan(0);
    expect(one.rigs.length).toBeLessThan(8);
    expect(poolOf({ ...asked, first: [], box: emptyBox() }).rigs).toEqual([]);
  });
});
