import { describe, expect, test } from '@jest/globals';
import { atALook, mostToSay, NO_TRAILER, UNKNOWN, type Comparison, type GroupRate } from '../log';
import { jig } from '../testing/fixtures/rigs';
import { DEFAULT_WATER } from '../water/schema';
import { headlineText } from './log';

const group = (value: string, hours: number, bitesPerHour: number): GroupRate =>
  ({ value, hours, bitesPerHour }) as unknown as GroupRate;
const found = (part: Partial<Comparison>): Comparison => ({
  ...{ ratio: 1.5, chance: 0.95, hoursToSettle: 0, likeHours: { one: 20, other: 20 }, unlike: [] },
  ...part,
});

describe('what a log says in one sentence', () => {
  test('is about the one that is bitten most often, and the other that was fished longest', () => {
    const groups = [group('chunk', 30, 0.8), group('flapper-craw', 12, 1.4), group('paddle-tail', 9, 1)];
    expect(mostToSay(groups)).toEqual({ one: 'flapper-craw', other: 'chunk' });
    // an hour of luck and what nobody noted count for nothing
    expect(mostToSay([...groups, group('creature', 1, 9), group(UNKNOWN, 40, 3)])).toEqual({
      one: 'flapper-craw',
      other: 'chunk',
    });
    expect(mostToSay(groups.slice(0, 1))).toBeNull();
    expect(mostToSay([group('chunk', 4.9, 1), group(NO_TRAILER, 30, 1)])).toBeNull();
  });
  test('settled it says how much more often; open it says how sure, and what would settle it', () => {
    expect(headlineText('flapper craw', 'chunk', found({}))).toBe(
      'With a flapper craw you are bitten about half again as often as with a chunk in the same kind of water, and that is settled.',
    );
    // the other way round where the second leads
    expect(headlineText('chunk', 'no trailer', found({ chance: 0.05, ratio: 0.5 }))).toMatch(
      /^With no trailer you are bitten about twice as often as with a chunk/,
    );
    expect(headlineText('chunk', 'creature', found({ chance: 0.7, hoursToSettle: 11.2 }))).toBe(
      'So far a chunk is bitten more often than a creature, with a chance of 70 % that it stays so. About 12 h more on each would settle it.',
    );
    expect(headlineText('chunk', 'creature', found({ chance: null, ratio: null }))).toMatch(/never fished/);
  });
});

test('an outing at one look: when it bit, how warm it was, what was behind the heads', () => {
  const at = (minutes: number): string => new Date(Date.UTC(2026, 5, 1, 6, minutes)).toISOString();
  const rig = (kind: 'chunk' | null) => jig({ trailer: kind });
  const outing = {
    from: at(0),
    to: at(120),
    events: [
      { at: at(0), what: 'tie-on' as const, rod: 0, rig: rig('chunk'), water: { ...DEFAULT_WATER, temperatureC: 17 } },
      { at: at(30), what: 'bite' as const, rod: 0 },
      { at: at(60), what: 'landed' as const, rod: 0 },
      { at: at(70), what: 'snag' as const, rod: 0 },
      { at: at(80), what: 'tie-on' as const, rod: 0, rig: rig(null) },
      { at: at(90), what: 'tie-on' as const, rod: 0, rig: rig('chunk') },
    ],
  };
  expect(atALook(outing)).toEqual({
    bites: [0.25],
    landed: [0.5],
    temperatureC: 17,
    trailers: ['chunk', null],
  });
  // of no length, and of nothing
  expect(atALook({ ...outing, to: outing.from })).toMatchObject({ bites: [], landed: [] });
  expect(atALook({ from: at(0), to: null, events: [] } as never)).toEqual({
    bites: [],
    landed: [],
    temperatureC: null,
    trailers: [],
  });
});
