import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { advise } from '../advice/recommend/advise';
import { judgeRig } from '../advice/recommend/judge';
import { gearShare } from '../advice/conditions/own-gear';
import { emptyBox } from '../rig/parts/box';
import { bestGear } from './best-gear';
import { carries, fishedOf, marginsOf, weakestOf } from './margins';
import { gearNamed, type GearTrays } from './named-gear';
import { isTooMuchGear, ownGear } from './own-gear';

const TRAYS: GearTrays = {
  rods: DEMO_BOX.rods.map((rod, at) => ({ ...rod, id: `rod-${at}` })),
  reels: DEMO_BOX.reels,
  lines: DEMO_BOX.lines.map((line, at) => ({ ...line, id: `line-${at}` })),
};
const picksOn = (trays: GearTrays, top = 6) =>
  advise(NORTH_ARM, DEMO_BOX, top, { asks: 'own-school', own: { gear: ownGear(trays), log: null } }).picks;

describe('picks on the gear the angler has', () => {
  test('each goes on the best of it, is fished on that line and judged so', () => {
    for (const pick of picksOn(TRAYS)) {
      const { gear, handled, rig } = pick;
      expect(gear).not.toBeNull();
      expect(handled.plan.line).toEqual({ kind: gear!.line.kind, lb: gear!.line.lb });
      const fished = fishedOf(rig, handled, NORTH_ARM);
      const best = bestGear(fished, { ...emptyBox(), ...TRAYS })!;
      const margins = marginsOf(fished, gear!);
      expect(weakestOf(margins).value).toBeCloseTo(weakestOf(best.margins).value, 6);
      expect(gear!.weakest.value).toBeCloseTo(weakestOf(margins).value, 6);
      // judged again it comes to the same
      expect(judgeRig(NORTH_ARM, rig, { gear: ownGear(TRAYS), log: null }).score).toBeCloseTo(pick.score, 9);
    }
  });
  test('gear that carries nothing heavy takes from what is: another rig leads, or the same one says what is lacking', () => {
    const [finesse] = TRAYS.rods.filter(({ label }) => label === 'finesse');
    const light: GearTrays = { ...TRAYS, rods: [finesse!], lines: [{ kind: 'fluorocarbon', lb: 8 }] };
    const [asked] = advise(NORTH_ARM, DEMO_BOX, 1, { asks: 'own-school' }).picks;
    const [own] = picksOn(light, 1);
    expect(judgeRig(NORTH_ARM, asked!.rig, { gear: ownGear(light), log: null }).score).toBeLessThan(asked!.score);
    expect(own!.score).toBeLessThan(asked!.score);
    expect(own!.gear!.weakest.value).toBeLessThan(1);
    expect(carries(marginsOf(fishedOf(own!.rig, own!.handled, NORTH_ARM), own!.gear!))).toBe(false);
  });
  test('what gear lacks is taken off, so much at most', () => {
    const gear = (value: number) => ({
      rod: TRAYS.rods[0]!,
      reel: TRAYS.reels[0]!,
      line: TRAYS.lines[0]!,
      weakest: { id: 'cast', value },
    });
    expect([null, gear(1.4), gear(1), gear(0.8), gear(0.1)].map(gearShare)).toEqual([1, 1, 1, 0.8, 0.6]);
  });
  test('without a rod, a reel or a line there is none; nor where there is too much to go through', () => {
    expect(ownGear({ ...TRAYS, reels: [] })).toBeNull();
    expect(isTooMuchGear(TRAYS)).toBe(false);
    expect(isTooMuchGear({ ...TRAYS, rods: Array.from({ length: 600 }, () => TRAYS.rods[0]!) })).toBe(true);
    expect(ownGear({ ...TRAYS, rods: Array.from({ length: 600 }, () => TRAYS.rods[0]!) })).toBeNull();
    expect(picksOn({ ...TRAYS, lines: [] }, 1)[0]!.gear).toBeNull();
  });
  test('what is named counts alone, unless it is gone or used up', () => {
    expect(gearNamed(TRAYS, { rod: 'rod-2' }).rods.map(({ label }) => label)).toEqual(['hedge rod']);
    expect(gearNamed(TRAYS, { rod: 'gone' }).rods).toHaveLength(6);
    const used = { ...TRAYS, rods: TRAYS.rods.map((rod, at) => (at === 2 ? { ...rod, quantity: 0 } : rod)) };
    expect(gearNamed(used, { rod: 'rod-2' }).rods).toHaveLength(5);
    expect(gearNamed(TRAYS).lines).toHaveLength(4);
  });
});
