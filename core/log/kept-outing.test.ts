import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NORTH_ARM } from '../../demo/brindle-mere';
import { withTheirs } from '../keeping/merge';
import { parseWith } from '../parse';
import { jig, spinner, vibrating } from '../testing/fixtures/rigs';
import {
  freeMoment,
  joinOutings,
  shiftClock,
  splitOuting,
  standing,
  withChanged,
  withEvent,
  withoutEvent,
} from './edits';
import {
  eventKeys,
  keptOutingSchema,
  lastMoment,
  mergeKeptOutings,
  momentOf,
  offsetOf,
  outingOf,
  unite,
  type KeptOuting,
} from './kept-outing';
import { odditiesOf, outingSums } from './oddities';
import { msOf, type LogEvent } from './schema';
import { shortStrikeAdvice, shortStrikes } from './short-strikes';
import { spellsOf } from './spells';

const at = (clock: string, day = '2026-09-26'): string => `${day}T${clock}:00.000-02:00`;
const CHUNK = jig({ trailer: 'chunk' });
const BUG = jig({ trailer: 'flat-bug' });
const ev = (clock: string, what: LogEvent['what'], rod?: number, more: Partial<LogEvent> = {}): LogEvent => ({
  at: at(clock),
  what,
  ...(rod === undefined ? {} : { rod }),
  ...more,
});
const STAMP = '2026-09-26T12:00:00.000Z';
const outing = (events: LogEvent[], more: Partial<KeptOuting> = {}): KeptOuting => ({
  id: 'o',
  changedAt: STAMP,
  place: 'Brindle Mere',
  from: at('06:00'),
  to: at('10:00'),
  events,
  ...more,
});
const TIED = ev('06:00', 'tie-on', 0, { rig: CHUNK, water: NORTH_ARM, stop: 'weir' });
const isKept = (of: KeptOuting): boolean => parseWith(keptOutingSchema, of).ok;

describe('moments', () => {
  test('carry the clock of their place, through midnight and a change of clocks', () => {
    const ms = Date.UTC(2026, 9, 25, 0, 30);
    expect(momentOf(ms, 60)).toBe('2026-10-25T01:30:00.000+01:00');
    expect(momentOf(ms + 3_600_000, 0)).toBe('2026-10-25T01:30:00.000+00:00');
    // the same hour by the clock, an hour apart
    expect(msOf(momentOf(ms + 3_600_000, 0)) - msOf(momentOf(ms, 60))).toBe(3_600_000);
    expect([offsetOf('2026-09-26T06:00:00-02:30'), offsetOf('2026-09-26T06:00:00Z')]).toEqual([-150, 0]);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4e12 }), fc.integer({ min: -720, max: 840 }), (when, offset) => {
        const moment = momentOf(when, offset);
        expect(msOf(moment)).toBe(when);
        expect(offsetOf(moment)).toBe(offset);
      }),
    );
  });
  test('hours through a night whose clocks go back are hours, not what the dial says', () => {
    const night = outing([{ at: '2026-10-25T01:00:00+01:00', what: 'tie-on', rod: 0, rig: CHUNK }], {
      from: '2026-10-25T01:00:00+01:00',
      to: '2026-10-25T02:00:00+00:00',
    });
    expect(isKept(night)).toBe(true);
    expect(spellsOf(outingOf(night))[0]!.hours).toBe(2);
  });
});

describe('an outing that is kept', () => {
  test('runs without an end, and reads as one that ends with what was noted last', () => {
    const running = outing([TIED, ev('07:10', 'bite', 0)], { to: null });
    expect(isKept(running)).toBe(true);
    expect(outingOf(running).to).toBe(at('07:10'));
    expect(lastMoment(outing([], { to: null }))).toBe(at('06:00'));
  });
  test('takes an event at its place in time, changes it and gives it up again', () => {
    const before = outing([TIED, ev('08:00', 'bite', 0)]);
    const more = withEvent(before, ev('07:00', 'nip', 0));
    expect(more.events.map(({ what }) => what)).toEqual(['tie-on', 'nip', 'bite']);
    const [, key] = eventKeys(more.events);
    const moved = withChanged(more, key!, ev('11:00', 'landed', 0, { lengthMm: 400 }));
    expect(moved.events.at(-1)).toMatchObject({ what: 'landed', lengthMm: 400 });
    expect(moved.to).toBe(at('11:00'));
    expect(isKept(moved)).toBe(true);
    expect(withoutEvent(more, key!).events).toEqual(before.events);
    expect(withChanged(more, 'nothing', ev('11:00', 'bite', 0))).toBe(more);
  });
  test('two keys within one thousandth of a second are two events', () => {
    const events = [TIED];
    expect(freeMoment(events, msOf(TIED.at))).toBe(msOf(TIED.at) + 1);
    expect(freeMoment(events, msOf(TIED.at) + 50)).toBe(msOf(TIED.at) + 50);
    expect(new Set(eventKeys([ev('07:00', 'bite', 0), ev('07:00', 'bite', 0)])).size).toBe(2);
  });
  test('is split where somebody says so: what was on the rods is tied on again, and no hour or fish is lost', () => {
    const whole = outing(
      [TIED, ev('07:00', 'bite', 0), ev('07:30', 'tie-on', 1, { rig: BUG }), ev('09:00', 'bite', 1)],
      {
        track: [
          [0, 45, -30, 3, null],
          [7300, 45, -30, 4, null],
        ],
      },
    );
    const split = splitOuting(whole, at('08:00'), { id: 'p', changedAt: STAMP });
    if (!split.ok) throw new Error('not split');
    const [first, second] = split.value;
    expect([first, second].every(isKept)).toBe(true);
    const sums = [first, second].map((one) => outingSums(spellsOf(outingOf(one))));
    expect(sums[0]!.hours + sums[1]!.hours).toBeCloseTo(outingSums(spellsOf(outingOf(whole))).hours, 9);
    expect(sums.map(({ bites }) => bites)).toEqual([1, 1]);
    expect(standing(second.events)).toMatchObject({ water: NORTH_ARM, stop: 'weir' });
    expect(second.track).toEqual([[100, 45, -30, 4, null]]);
    expect(splitOuting(whole, at('11:00'), { id: 'p', changedAt: STAMP }).ok).toBe(false);
    // and back together
    const joined = joinOutings(first, second, STAMP);
    expect(isKept(joined)).toBe(true);
    expect(outingSums(spellsOf(outingOf(joined)))).toEqual(outingSums(spellsOf(outingOf(whole))));
    expect(joined.track).toEqual(whole.track);
  });
  test('two with a gap are joined without fishing it; the same one twice is one', () => {
    const [morning, evening] = [
      outing([TIED, ev('07:00', 'bite', 0)], { to: at('08:00') }),
      outing([ev('18:00', 'tie-on', 0, { rig: BUG })], { id: 'e', from: at('18:00'), to: at('20:00') }),
    ];
    const day = joinOutings(evening, morning, STAMP);
    expect(day.id).toBe('o');
    expect(isKept(day)).toBe(true);
    expect(outingSums(spellsOf(outingOf(day))).hours).toBe(4);
    expect(outingSums(spellsOf(outingOf(joinOutings(morning, { ...morning, id: 'copy' }, STAMP))))).toEqual(
      outingSums(spellsOf(outingOf(morning))),
    );
  });
  test('whose clock was wrong is moved whole', () => {
    const moved = shiftClock(outing([TIED, ev('07:00', 'bite', 0)]), -60, STAMP);
    expect(moved.events[1]!.at).toBe(at('06:00'));
    expect(moved.from).toBe(at('05:00'));
    expect(isKept(moved)).toBe(true);
    expect(shiftClock(moved, 60, STAMP)).toEqual(outing([TIED, ev('07:00', 'bite', 0)]));
  });
});

describe('two hands on one outing', () => {
  const base = outing([TIED, ev('07:00', 'bite', 0)], { to: null });
  test('events of both tabs stand, what one took away is gone, a clash is said and mine stands', () => {
    const mine = withEvent(base, ev('08:00', 'nip', 0));
    const theirs = withEvent(withoutEvent(base, eventKeys(base.events)[1]!), ev('08:30', 'snag', 0));
    const { value, clashes } = mergeKeptOutings(base, mine, theirs);
    expect(value.events.map(({ what }) => what)).toEqual(['tie-on', 'nip', 'snag']);
    expect(clashes).toEqual([]);
    const long = (mm: number): KeptOuting =>
      withChanged(base, eventKeys(base.events)[1]!, ev('07:00', 'bite', 0, { lengthMm: mm }));
    const clash = mergeKeptOutings(base, long(300), long(400));
    expect(clash.value.events[1]).toMatchObject({ lengthMm: 300 });
    expect(clash.clashes).toHaveLength(1);
    const taken = withTheirs(clash.value, clash.clashes);
    expect(taken.events[1]).toMatchObject({ lengthMm: 400 });
    expect(isKept(taken)).toBe(true);
    const places = mergeKeptOutings(base, { ...base, place: 'a' }, { ...base, place: 'b' });
    expect([places.value.place, places.clashes.length]).toEqual(['a', 1]);
  });
  test('one that was ended in one tab and noted to in the other ends with what was noted last', () => {
    const { value } = mergeKeptOutings(base, { ...base, to: at('09:00') }, withEvent(base, ev('09:30', 'bite', 0)));
    expect(value.to).toBe(at('09:30'));
    expect(isKept(value)).toBe(true);
  });
  test('the same outing of two devices is one: nothing twice, nothing lost, whichever way round', () => {
    fc.assert(
      fc.property(fc.subarray([1, 2, 3, 4, 5, 6]), fc.subarray([1, 2, 3, 4, 5, 6]), (some, others) => {
        const of = (minutes: readonly number[]): KeptOuting =>
          outing([TIED, ...minutes.map((minute) => ev(`07:0${minute}`, 'bite', 0))]);
        const [one, other] = [of(some), of(others)];
        const both = unite(one, other);
        expect(both.outing.events).toHaveLength(1 + new Set([...some, ...others]).size);
        expect(both.added).toBe(others.filter((minute) => !some.includes(minute)).length);
        expect(unite(other, one).outing.events).toEqual(both.outing.events);
        expect(unite(both.outing, other)).toMatchObject({ added: 0, differ: 0 });
        expect(isKept(both.outing)).toBe(true);
      }),
    );
  });
  test('one that still runs here goes on when a copy of it that was saved earlier comes back', () => {
    const here = outing([TIED, ev('07:00', 'bite', 0)], { to: null });
    const copy = { ...outing([TIED]), to: at('06:00') };
    expect(unite(here, copy).outing.to).toBeNull();
  });
  test('what one device noted more of an event is filled in, what they tell differently is counted and stays', () => {
    const here = outing([TIED, ev('07:00', 'landed', 0, { lengthMm: 380 })]);
    const there = outing([TIED, ev('07:00', 'landed', 0, { lengthMm: 410, hookedBy: 'front' })]);
    const { outing: both, differ, added } = unite(here, there);
    expect(both.events[1]).toMatchObject({ lengthMm: 380, hookedBy: 'front' });
    expect([differ, added]).toEqual([1, 0]);
  });
});

describe('what is odd about an outing', () => {
  const now = msOf(at('12:00'));
  const odd = (of: KeptOuting, others: readonly KeptOuting[] = []): string[] =>
    odditiesOf(of, now, [of, ...others]).map(({ what }) => what);
  test('nothing, where nothing is', () => {
    expect(odd(outing([TIED, ev('07:00', 'bite', 0), ev('07:01', 'landed', 0)]))).toEqual([]);
  });
  test('events before the tie-on, on a rod that is down, and where it is not said on which of two', () => {
    const found = odditiesOf(
      outing([
        ev('06:00', 'bite', 0),
        ev('06:10', 'tie-on', 0, { rig: CHUNK }),
        ev('06:10', 'tie-on', 1, { rig: BUG }),
        ev('06:20', 'bite'),
        ev('06:30', 'put-down', 1),
        ev('06:40', 'bite'),
        ev('06:50', 'bite', 1),
      ]),
      now,
      [],
    );
    expect(found).toEqual([{ what: 'no-rig', count: 3 }]);
  });
  test('more landed than hooked, two days at one go, the future, another at the same time', () => {
    expect(odd(outing([TIED, ev('07:00', 'hooked', 0), ev('07:01', 'landed', 0), ev('07:02', 'landed', 0)]))).toEqual([
      'landed-over-hooked',
    ]);
    const days = outing([TIED], { from: at('06:00', '2026-09-24'), to: null, events: [] });
    expect(odditiesOf(days, now, [])).toMatchObject([{ what: 'left-running', hours: 54 }]);
    expect(odd({ ...days, to: at('06:00') })).toEqual(['very-long']);
    expect(odd(outing([], { from: at('11:00'), to: at('13:00') }))).toEqual(['in-the-future']);
    expect(odd(outing([]), [outing([], { id: 'x', from: at('09:00'), to: at('11:00') })])).toEqual(['overlaps']);
    expect(odd(outing([]), [outing([], { id: 'x', from: at('10:00'), to: at('11:00') })])).toEqual([]);
  });
});

describe('short strikes', () => {
  const now = msOf(at('08:00'));
  test('are nips, and bites that hooked nothing, on this rod, since its rig was tied on, lately', () => {
    const events = [
      TIED,
      ev('06:30', 'nip', 0),
      ev('07:30', 'nip', 0),
      ev('07:40', 'bite', 0),
      ev('07:41', 'hooked', 0),
      ev('07:45', 'bite', 0),
      ev('07:46', 'nip', 1),
    ];
    expect(shortStrikes(events, 0, now)).toBe(2);
    expect(shortStrikes([...events, ev('07:50', 'tie-on', 0, { rig: BUG })], 0, now)).toBe(0);
  });
  test('one is chance; of two the craft says what to change, blades first slower and a hook last', () => {
    const long = jig({ trailer: 'twin-tail-grub', lengthIn: 5 });
    expect(shortStrikeAdvice(long, null, 1)).toEqual([]);
    const changes = (rig: Parameters<typeof shortStrikeAdvice>[0], water = NORTH_ARM): string[] =>
      shortStrikeAdvice(rig, water, 2).map(({ change }) => change);
    expect(changes(long)[0]).toBe('shorten');
    // a guard is there for what a second hook would foul
    expect(changes(long)).not.toContain('trailer-hook');
    const blades = spinner([['willow', 4]]);
    expect(changes(blades)[0]).toBe('slower');
    expect(changes(blades).at(-1)).toBe('trailer-hook');
    expect(changes({ ...blades, trailerHook: { kind: 'single', point: 'up', size: '1/0' } })).not.toContain(
      'trailer-hook',
    );
    // where a second hook is not allowed it is not advised
    expect(changes(blades, { ...NORTH_ARM, localRules: { trailerHook: false } })).not.toContain('trailer-hook');
    expect(changes(vibrating())).toContain('slower');
    // nothing is cut off that is not there
    expect(changes(jig({ trailer: null }))).toEqual(['slower']);
  });
});
