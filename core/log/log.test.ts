import { describe, expect, test } from '@jest/globals';
import { NORTH_ARM } from '../../demo/brindle-mere';
import { jig } from '../testing/fixtures/rigs';
import type { Water } from '../water/schema';
import { valueOf, waterClass } from './groups';
import {
  betaBand,
  chanceBeats,
  commonRate,
  commonShare,
  gammaBand,
  hoursToSettle,
  rateAlone,
  rateKnown,
  shareKnown,
} from './pooled';
import { compared, ratesBy, trailerHookVerdict } from './rates';
import { parseLog, type LogEvent, type Outing } from './schema';
import { spellsOf, type Spell } from './spells';

const at = (clock: string): string => `2025-09-27T${clock}:00+01:00`;
const CHUNK = jig({ trailer: 'chunk' });
const BUG = jig({ trailer: 'flat-bug' });
const outing = (events: readonly LogEvent[], from = '06:00', to = '10:00'): Outing => ({
  id: 'o',
  place: 'Brindle Mere',
  from: at(from),
  to: at(to),
  events: [...events],
});
const tie = (clock: string, rod: number, rig = CHUNK, water?: Water): LogEvent => ({
  at: at(clock),
  what: 'tie-on',
  rod,
  rig,
  ...(water ? { water } : {}),
});
const ev = (clock: string, what: LogEvent['what'], rod?: number, more: Partial<LogEvent> = {}): LogEvent => ({
  at: at(clock),
  what,
  ...(rod === undefined ? {} : { rod }),
  ...more,
});

describe('hours of a rig', () => {
  test('run from tie-on to put-down, the next tie-on of its rod, or the end', () => {
    const spells = spellsOf(
      outing([tie('06:00', 0), tie('07:30', 0, BUG), ev('08:30', 'put-down', 0), tie('09:00', 1)]),
    );
    expect(spells.map(({ rod, rig, hours }) => [rod, rig.trailer!.kind, hours])).toEqual([
      [0, 'chunk', 1.5],
      [0, 'flat-bug', 1],
      [1, 'chunk', 1],
    ]);
  });
  test('two rods in use share the clock', () => {
    const spells = spellsOf(outing([tie('06:00', 0), tie('08:00', 1, BUG)]));
    expect(spells.map(({ hours }) => hours)).toEqual([3, 1]);
    expect(spells.reduce((sum, { hours }) => sum + hours, 0)).toBe(4);
  });
  test('a water said anew begins a new spell; the last one said holds', () => {
    const clear = { ...NORTH_ARM, visibilityM: 2 };
    const spells = spellsOf(
      outing([tie('06:00', 0, CHUNK, NORTH_ARM), ev('07:00', 'note', 0, { water: clear }), tie('08:00', 0, BUG)]),
    );
    expect(spells.map(({ water, hours }) => [water!.visibilityM, hours])).toEqual([
      [NORTH_ARM.visibilityM, 1],
      [2, 1],
      [2, 2],
    ]);
  });
  test('whoever notes only that a fish was landed is understood, and whoever notes each step is not counted twice', () => {
    const [only] = spellsOf(outing([tie('06:00', 0), ev('07:00', 'landed', 0, { hookedBy: 'front' })]));
    expect(only).toMatchObject({ bites: 1, hooked: 1, landed: 1, hookedBy: { front: 1 } });
    const [each] = spellsOf(
      outing([
        tie('06:00', 0),
        ...(['bite', 'hooked', 'lost'] as const).map((what) => ev('07:00', what, 0)),
        ev('07:30', 'bite', 0),
        ev('07:40', 'nip', 0),
      ]),
    );
    expect(each).toMatchObject({ bites: 2, hooked: 1, landed: 0, lost: 1, nips: 1 });
  });
  test('with one rod in use nobody needs to say which; with two what is not said is nobody’s', () => {
    expect(spellsOf(outing([tie('06:00', 0), ev('07:00', 'bite')]))[0]!.bites).toBe(1);
    const two = spellsOf(outing([tie('06:00', 0), tie('06:00', 1), ev('07:00', 'bite')]));
    expect(two.map(({ bites }) => bites)).toEqual([0, 0]);
  });
  test('an outing that runs backwards, events out of order or outside it, and ties without a rig are refused by field', () => {
    const bad = {
      kind: 'log',
      version: 1,
      outings: [
        { ...outing([]), from: at('10:00'), to: at('06:00') },
        outing([ev('08:00', 'tie-on', 0), ev('07:00', 'bite', 0), ev('11:00', 'bite', 0)]),
      ],
    };
    const read = parseLog(bad);
    expect(read.ok ? [] : read.issues.map(({ code, path }) => `${path} ${code}`)).toEqual([
      'outings[0].to ends-before',
      'outings[1].events[0].rig missing',
      'outings[1].events[1].at not-in-order',
      'outings[1].events[2].at outside-the-outing',
    ]);
  });
});

/** Chance from a seed, so that a world is the same twice. */
function dice(seed: number) {
  let state = seed * 7919 + 12_345;
  const next = (): number => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
  for (let at_ = 0; at_ < 5; at_++) next();
  const poisson = (mean: number): number => {
    let count = 0;
    for (let product = next(), limit = Math.exp(-mean); product > limit; product *= next()) count++;
    return count;
  };
  const normal = (): number => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
  return { next, poisson, normal };
}

describe('rates', () => {
  test('over 200 worlds with known rates the bands hold four times in five, of bites and of landed', () => {
    let [held, all, heldShare, allShare] = [0, 0, 0, 0];
    for (let world = 1; world <= 200; world++) {
      const { next, poisson, normal } = dice(world);
      const [mean, spread] = [0.5 + 1.5 * next(), 0.15 + 0.5 * next()];
      const groups = Array.from({ length: 6 }, () => {
        const hours = 4 + 40 * next();
        const rate = mean * Math.exp(spread * normal());
        const landing = 1 / (1 + Math.exp(-(0.8 + 0.5 * normal())));
        const count = poisson(rate * hours);
        return {
          hours,
          rate,
          landing,
          count,
          wins: Array.from({ length: count }, () => next() < landing).filter(Boolean).length,
        };
      });
      const common = commonRate(groups);
      const share = commonShare(groups.map(({ wins, count }) => ({ wins, tries: count })));
      for (const group of groups) {
        const [low, high] = gammaBand(rateKnown(group, common));
        all++;
        if (group.rate >= low && group.rate <= high) held++;
        const [a, b] = betaBand(shareKnown({ wins: group.wins, tries: group.count }, share));
        allShare++;
        if (group.landing >= a && group.landing <= b) heldShare++;
      }
    }
    expect(held / all).toBeGreaterThan(0.75);
    expect(held / all).toBeLessThan(0.85);
    expect(heldShare / allShare).toBeGreaterThan(0.75);
    expect(heldShare / allShare).toBeLessThan(0.85);
  });
  test('groups that hardly differ are drawn together, one alone is left to itself, hours narrow the band', () => {
    const alone = rateKnown({ count: 10, hours: 10 }, commonRate([{ count: 10, hours: 10 }]));
    expect(alone.shape / alone.rate).toBeCloseTo(1.05, 2);
    const few = { count: 6, hours: 4 };
    const rest = Array.from({ length: 5 }, () => ({ count: 40, hours: 40 }));
    const known = rateKnown(few, commonRate([few, ...rest]));
    expect(known.shape / known.rate).toBeLessThan(1.25);
    const width = (hours: number): number => {
      const [low, high] = gammaBand(rateAlone({ count: hours, hours }));
      return high / low;
    };
    expect(width(100)).toBeLessThan(width(10));
  });
  test('chance that one beats another: even for the same, and as the places of two known ones say', () => {
    expect(chanceBeats({ shape: 5, rate: 5 }, { shape: 5, rate: 5 })).toBeCloseTo(0.5, 6);
    // of two exponentials with means 2 and 1 the first is larger twice in three
    expect(chanceBeats({ shape: 1, rate: 1 }, { shape: 1, rate: 2 })).toBeCloseTo(2 / 3, 2);
  });
  test('hours that would settle it are the least: none where it is settled, none where nobody fishes so long', () => {
    expect(hoursToSettle(() => 0.95)).toBe(0);
    expect(hoursToSettle(() => 0.6)).toBeNull();
    const hours = hoursToSettle((more) => 0.5 + more / 1000)!;
    expect(hours).toBeGreaterThan(399);
    expect(hours).toBeLessThan(401);
  });
});

const spell = (more: Partial<Spell> & { readonly hours: number; readonly bites: number }): Spell => ({
  outing: 'o',
  rod: 0,
  rig: CHUNK,
  water: NORTH_ARM,
  nips: 0,
  hooked: more.bites,
  landed: 0,
  lost: 0,
  snags: 0,
  hookedBy: { front: 0, corner: 0, 'trailer-hook': 0 },
  ...more,
});
const CLEAR = { ...NORTH_ARM, visibilityM: 2.2 };

describe('like with like', () => {
  test('waters of one class are compared; where one rig was only fished in clear and the other only in mud, nothing is', () => {
    const none = compared([spell({ hours: 10, bites: 9 })], [spell({ hours: 10, bites: 2, rig: BUG, water: CLEAR })]);
    expect(none).toMatchObject({ ratio: null, chance: null, hoursToSettle: null });
    expect(none.unlike).toMatchObject([{ what: 'clarity', one: 'stained', other: 'clear', share: 1 }]);
  });
  test('a better rig that was fished in worse water more often is still the better one (Simpson)', () => {
    // in each water the first bites half as often again; over all it would seem the worse
    const one = [spell({ hours: 40, bites: 24 }), spell({ hours: 4, bites: 12, water: CLEAR })];
    const other = [spell({ hours: 4, bites: 1.6, rig: BUG }), spell({ hours: 40, bites: 80, rig: BUG, water: CLEAR })];
    const { ratio, chance } = compared(one, other);
    expect(24 + 12).toBeLessThan(80);
    expect(ratio).toBeCloseTo(1.5, 6);
    expect(chance).toBeGreaterThan(0.6);
  });
  test('what differed is named: hours that are lopsided too', () => {
    const { unlike } = compared([spell({ hours: 50, bites: 5 })], [spell({ hours: 5, bites: 1 })]);
    expect(unlike).toMatchObject([{ what: 'hours' }]);
  });
  test('order of events and of spells changes no rate', () => {
    const some = [
      spell({ hours: 3, bites: 2 }),
      spell({ hours: 5, bites: 1, rig: BUG }),
      spell({ hours: 2, bites: 4, water: CLEAR }),
    ];
    expect(ratesBy([...some].reverse(), 'trailer')).toEqual(ratesBy(some, 'trailer'));
  });
  test('every grouping names every spell', () => {
    expect(valueOf('trailer', spell({ hours: 1, bites: 0 }))).toBe('chunk');
    expect(valueOf('weight', spell({ hours: 1, bites: 0 }))).toBe(String(CHUNK.head.weightOz));
    expect(valueOf('water', spell({ hours: 1, bites: 0 }))).toBe(waterClass(NORTH_ARM));
    expect(valueOf('water', spell({ hours: 1, bites: 0, water: null }))).toBe('unknown');
    expect(valueOf('trailerHook', spell({ hours: 1, bites: 0 }))).toBe('without');
    expect(valueOf('school', spell({ hours: 1, bites: 0 }))).toMatch(/heaviest|slow-hand/);
    expect(valueOf('rig', spell({ hours: 1, bites: 0 }))).not.toBe(
      valueOf('rig', spell({ hours: 1, bites: 0, rig: BUG })),
    );
  });
});

describe('does a trailer hook pay', () => {
  const hooked = { ...CHUNK, trailerHook: { kind: 'single' as const, point: 'up' as const, size: '1/0' as const } };
  const verdict = (withBites: number, withLanded: number, bites: number, landed: number, hours = 60) =>
    trailerHookVerdict([
      spell({
        hours,
        bites: withBites,
        landed: withLanded,
        rig: hooked,
        hookedBy: { front: 0, corner: 0, 'trailer-hook': 3 },
      }),
      spell({ hours, bites, landed }),
    ])!;
  test('it pays where it lands more fish an hour, and not where bites are lost for nothing', () => {
    expect(verdict(70, 60, 75, 30)).toMatchObject({ verdict: 'pays', hoursToSettle: 0, savedFish: 3 });
    expect(verdict(30, 20, 75, 55).verdict).toBe('does-not-pay');
    const even = verdict(60, 40, 60, 40, 40);
    expect(even.verdict).toBe('unclear');
    expect(even.chance).toBeGreaterThan(0.4);
    expect(even.chance).toBeLessThan(0.6);
  });
  test('bites given up and the break-even are what they are made of', () => {
    const { bitesGivenUp, breakEven } = verdict(54, 45, 60, 40, 400);
    expect(bitesGivenUp).toBeCloseTo(0.1, 1);
    expect(breakEven).toBeCloseTo(0.2, 1);
  });
  test('without hours on both sides there is no verdict', () => {
    expect(trailerHookVerdict([spell({ hours: 5, bites: 2 })])).toBeNull();
  });
});
