import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX } from '../../../demo/brindle-mere';
import { DEFAULT_WATER, type Water } from '../../water/schema';
import { tempCFromF } from '../../units/units';
import { advise, adviseInSteps, type Advice } from './advise';
import { isAsGood, isBlurred } from './score-off';
import { changed } from './tipping-points';

/** Open water, where many plates are as good as each other. */
const OPEN: Water = { ...DEFAULT_WATER, families: ['vibrating'], depthM: 3, cover: [] };
const at = (f: number) => changed(OPEN, 'temperatureC', tempCFromF(f));
const fresh = (f: number): Advice => advise(at(f), DEMO_BOX, 4, { asks: 'own-school' });
const after = (f: number, before: Advice): Advice =>
  advise(at(f), DEMO_BOX, 4, { asks: 'own-school', before: before.picks[0]!.base });
const FROM = 40;
const TO = 88;
const STEP = 3;

describe('the answer before', () => {
  test('stays first in a near tie, and only there, all along a spring', () => {
    let last = fresh(FROM);
    let [turns, freeTurns, kept] = [0, 0, 0];
    let free = last;
    for (let f = FROM + STEP; f <= TO; f += STEP) {
      const [next, alone] = [after(f, last), fresh(f)];
      const [first, best] = [next.picks[0]!, alone.picks[0]!];
      if (next.isKept) {
        kept++;
        expect(first.base).toEqual(last.picks[0]!.base);
        expect(first.base).not.toEqual(best.base);
        expect([f, isBlurred(first, best), best.score - first.score < 0.03]).toEqual([f, true, true]);
        // it stands there once, and the best is not lost behind it
        expect(next.picks.filter(({ base }) => JSON.stringify(base) === JSON.stringify(first.base))).toHaveLength(1);
        const most = Math.max(...alone.picks.map(({ score }) => score));
        expect(next.picks.slice(1).every(({ score }) => score <= most + 1e-9)).toBe(true);
      } else expect([f, first.base]).toEqual([f, best.base]);
      const isTurn = (one: Advice, was: Advice): number =>
        JSON.stringify(one.picks[0]!.base) === JSON.stringify(was.picks[0]!.base) ? 0 : 1;
      turns += isTurn(next, last);
      freeTurns += isTurn(alone, free);
      [last, free] = [next, alone];
    }
    expect(kept).toBeGreaterThan(0);
    expect(turns).toBeLessThanOrEqual(freeTurns);
  });
  test('is known from the first word on', () => {
    // an answer whose second is as good as its first
    const f = Array.from({ length: 40 }, (_, n) => 45 + n).find((one) => {
      const [first, second] = fresh(one).picks;
      return first!.score - second!.score < 0.015 && isAsGood(second!, first!) && second!.faults.length === 0;
    })!;
    const before = fresh(f).picks[1]!.base;
    const firsts: Advice[] = [];
    const steps = adviseInSteps(at(f), DEMO_BOX, 4, {
      before,
      tell: (told) => ('first' in told ? firsts.push(told.first) : undefined),
    });
    let step = steps.next();
    while (!step.done) step = steps.next();
    expect([firsts[0]!.picks.map(({ base }) => base), step.value.isKept]).toEqual([[before], true]);
    expect(firsts[0]!.picks[0]!.rig).toEqual(step.value.picks[0]!.rig);
  });
  test('is forgotten where its parts are gone, where its family is not asked, and where something is clearly better', () => {
    const before = fresh(55);
    const { base } = before.picks[0]!;
    const box = { ...DEMO_BOX, trailers: DEMO_BOX.trailers.filter(({ kind }) => kind !== base.trailer!.kind) };
    expect(advise(at(58), box, 2, { asks: 'own-school', before: base }).isKept).toBe(false);
    const bladed = { ...at(58), families: ['spinner' as const] };
    expect(advise(bladed, DEMO_BOX, 2, { asks: 'own-school', before: base }).isKept).toBe(false);
    expect(after(85, before).isKept).toBe(false);
  });
});
