import { describe, expect, test } from '@jest/globals';
import { DEFAULT_WATER, type CoverKind, type Water } from '../../water/schema';
import { GUARD_CLASSES, type GuardClass } from '../rules/rule';
import { headForm, SNAG_TABLE, snagProofing, type HeadForm, type SnagInput } from './snag-resistance';
import { waterFacts } from '../conditions/water-facts';

const on = (...cover: Water['cover']) => waterFacts({ ...DEFAULT_WATER, cover });
const facts = (kind: CoverKind, density: 'sparse' | 'medium' | 'thick' = 'medium') => on({ kind, density });
const rig = (form: HeadForm, more: Partial<SnagInput> = {}): SnagInput => ({
  form,
  guard: 'full',
  buried: false,
  trailer: 'flat-bug',
  ...more,
});
const best = (kind: CoverKind): HeadForm =>
  (Object.keys(SNAG_TABLE) as HeadForm[]).reduce((a, b) =>
    snagProofing(rig(b), facts(kind)) > snagProofing(rig(a), facts(kind)) ? b : a,
  );

describe('heads against cover', () => {
  test.each([
    ['rock', 'football-cams'],
    ['riprap', 'football-cams'],
    ['hardwood', 'casting'],
    ['flooded-bush', 'casting'],
    ['dock', 'casting'],
    ['houseboat', 'casting'],
    ['grass-matted', 'bullet'],
    ['grass-submerged', 'flipping-pointed'],
  ] as const)('in %s %s comes back most often', (kind, form) => expect(best(kind)).toBe(form));

  test('a pointed nose is worse in forks than a rounded one, and better in weed', () => {
    const share = (form: HeadForm, kind: CoverKind): number => snagProofing(rig(form), facts(kind));
    for (const kind of ['hardwood', 'flooded-bush', 'laydown'] as const) {
      expect(share('flipping-pointed', kind)).toBeLessThan(share('flipping-round', kind));
    }
    for (const kind of ['grass-submerged', 'reeds', 'pads', 'grass-matted'] as const) {
      expect(share('flipping-pointed', kind)).toBeGreaterThan(share('flipping-round', kind));
    }
  });
  test('a plain football jams in riprap, cams roll it out', () => {
    const riprap = facts('riprap');
    expect(snagProofing(rig('football-cams'), riprap)).toBeGreaterThan(snagProofing(rig('football'), riprap) + 0.1);
  });
  test('every number of the table is a share', () => {
    for (const row of Object.values(SNAG_TABLE)) {
      for (const share of Object.values(row)) {
        expect(share).toBeGreaterThan(0);
        expect(share).toBeLessThanOrEqual(1);
      }
    }
  });
  test.each([
    ['football', 'round', true, 'football-cams'],
    ['football', 'round', false, 'football'],
    ['flipping', 'pointed', false, 'flipping-pointed'],
    ['flipping', 'flat-pointed', false, 'flipping-flat'],
    ['flipping', 'round', false, 'flipping-round'],
    ['swim', 'round', false, 'swim'],
  ] as const)('%s, %s, cams %p is the form %s', (style, nose, cams, form) => {
    expect(headForm(style, nose, cams)).toBe(form);
  });
});

describe('guard, legs and mixed cover', () => {
  test('more guard never hangs more', () => {
    for (const kind of ['brush', 'rock', 'pads'] as const) {
      const shares = GUARD_CLASSES.map((guard: GuardClass) => snagProofing(rig('casting', { guard }), facts(kind)));
      expect(shares).toEqual([...shares].sort((a, b) => a - b));
    }
  });
  test('one wire is enough on stone and not in brush', () => {
    const lost = (kind: CoverKind): number =>
      1 - snagProofing(rig('casting', { guard: 'wire' }), facts(kind)) / snagProofing(rig('casting'), facts(kind));
    expect(lost('rock')).toBeLessThan(0.1);
    expect(lost('brush')).toBeGreaterThan(0.3);
  });
  test('a point buried in plastic is nearly as good as a full guard', () => {
    const buried = snagProofing(rig('casting', { guard: 'none', buried: true }), facts('brush'));
    expect(buried / snagProofing(rig('casting'), facts('brush'))).toBeGreaterThan(0.95);
  });
  test('kicking legs wrap twigs, and do not matter on stone', () => {
    const share = (trailer: SnagInput['trailer'], kind: CoverKind): number =>
      snagProofing(rig('casting', { trailer }), facts(kind));
    expect(share('kick-bug', 'brush')).toBeLessThan(share('flat-bug', 'brush'));
    expect(share('kick-bug', 'rock')).toBe(share('flat-bug', 'rock'));
  });
  test('thicker cover counts more in a mixture', () => {
    const thickBrush = on({ kind: 'brush', density: 'thick' }, { kind: 'dock', density: 'sparse' });
    const thickDock = on({ kind: 'brush', density: 'sparse' }, { kind: 'dock', density: 'thick' });
    expect(snagProofing(rig('casting'), thickBrush)).toBeLessThan(snagProofing(rig('casting'), thickDock));
  });
  test('open water holds nothing', () => {
    expect(snagProofing(rig('football'), on())).toBeGreaterThan(0.85);
    expect(snagProofing(rig('football'), on({ kind: 'open', density: 'sparse' }))).toBeGreaterThan(0.85);
  });
});
