import { describe, expect, test } from '@jest/globals';
import { NORTH_ARM } from '../../demo/brindle-mere';
import { clockOf, daylightOf, minuteOf, sunDegAt, timesOf, waterAtMinute } from './day';
import { parseWith } from '../parse';
import { stopSchema, tripSchema, type Stop } from './trip';

const stop = (more: Partial<Stop> = {}): Stop => ({ name: 'weir', minutes: 60, water: NORTH_ARM, ...more });
const DAY = { day: '2026-06-21', from: '05:00', utcOffsetMin: 0, lat: 51.4779, lon: 0 } as const;

describe('clocks', () => {
  test('minutes of a clock and back; past midnight it is the next day’s', () => {
    expect([minuteOf('00:00'), minuteOf('06:40'), minuteOf('23:59')]).toEqual([0, 400, 1439]);
    expect([clockOf(0), clockOf(400), clockOf(1439.6), clockOf(1500)]).toEqual(['00:00', '06:40', '00:00', '01:00']);
  });
});

describe('the sun', () => {
  // published: Greenwich, longest day 2026, upper transit 12:02 UT at 61.96 degrees; sunrise 03:43, sunset 20:21 UT
  test('stands as high at noon, and rises and sets, as almanacs have it', () => {
    expect(sunDegAt(DAY, {}, 722)!).toBeCloseTo(61.96, 0);
    const light = daylightOf(DAY);
    expect(light?.kind).toBe('usual');
    if (light?.kind !== 'usual') return;
    expect(Math.abs(light.upMin - minuteOf('03:43'))).toBeLessThan(3);
    expect(Math.abs(light.downMin - minuteOf('20:21'))).toBeLessThan(3);
  });
  test('clocks ahead of Greenwich tell the same moment later', () => {
    const ahead = daylightOf({ ...DAY, utcOffsetMin: 60 });
    const light = daylightOf(DAY);
    if (light?.kind !== 'usual' || ahead?.kind !== 'usual') throw new Error('no daylight');
    expect(ahead.upMin - light.upMin).toBeCloseTo(60, 6);
  });
  test('a place of the far north has days without light and days without night', () => {
    expect(daylightOf({ ...DAY, lat: 75, day: '2026-12-21' })).toEqual({ kind: 'none' });
    expect(daylightOf({ ...DAY, lat: 75 })).toEqual({ kind: 'all-day' });
  });
  test('without a place or a day nothing is known; a stop’s own place serves', () => {
    const { lat: _lat, lon: _lon, ...nowhere } = DAY;
    expect(daylightOf(nowhere)).toBeNull();
    expect(sunDegAt(nowhere, {}, 720)).toBeNull();
    expect(sunDegAt(nowhere, { lat: 51.4779, lon: 0 }, 722)!).toBeCloseTo(61.96, 0);
    const { day: _day, ...never } = DAY;
    expect(daylightOf(never)).toBeNull();
  });
});

describe('the water by the hour', () => {
  const hours = [
    { at: '06:00', temperatureC: 10, visibilityM: 0.4 },
    { at: '08:00', wind: 'chop' as const },
    { at: '10:00', temperatureC: 14, visibilityM: 1.6, sky: 'dark' as const },
  ];
  const at = (clock: string) => waterAtMinute({}, stop({ hours }), minuteOf(clock));
  test('temperature goes straight, sight by even shares, wind and sky from an hour on; ends hold', () => {
    expect(at('05:00').temperatureC).toBe(10);
    expect(at('08:00').temperatureC).toBeCloseTo(12, 9);
    expect(at('08:00').visibilityM).toBeCloseTo(0.8, 9);
    expect(at('12:00')).toMatchObject({ temperatureC: 14, visibilityM: 1.6, sky: 'dark' });
    expect([at('07:59').wind, at('08:00').wind]).toEqual([NORTH_ARM.wind, 'chop']);
  });
  test('a low sun takes light from a bright sky, and none from a dark one', () => {
    const bright = stop({ water: { ...NORTH_ARM, sky: 'bright' } });
    const skies = ['03:30', '04:20', '05:40', '12:00'].map((clock) => waterAtMinute(DAY, bright, minuteOf(clock)).sky);
    expect(skies).toEqual(['dark', 'mixed', 'bright', 'bright']);
    expect(waterAtMinute(DAY, stop({ water: { ...NORTH_ARM, sky: 'dark' } }), 720).sky).toBe('dark');
  });
  test('hours stand in order', () => {
    const box = { kind: 'box', version: 2 };
    const trip = { kind: 'trip', version: 1, rods: 1, box, stops: [{ ...stop({ hours: [hours[1]!, hours[0]!] }) }] };
    const read = parseWith(tripSchema, trip);
    expect(read.ok ? [] : read.issues.map(({ code, path }) => [code, path])).toEqual([
      ['not-in-order', 'stops[0].hours[1].at'],
    ]);
    expect(parseWith(stopSchema, { ...stop(), hours: [{ at: '24:10' }] })).toMatchObject({ ok: false });
  });
});

describe('stops one after another', () => {
  test('each begins when the one before ends, or at its own time; the middle of it says its water', () => {
    const found = timesOf({
      from: '07:00',
      stops: [
        stop(),
        stop({
          at: '09:00',
          minutes: 30,
          hours: [
            { at: '09:00', temperatureC: 8 },
            { at: '09:30', temperatureC: 12 },
          ],
        }),
      ],
    });
    if (!found.ok) throw new Error('overlap');
    expect(found.value.stops.map(({ fromMin, toMin }) => [fromMin, toMin])).toEqual([
      [420, 480],
      [540, 570],
    ]);
    expect(found.value.stops[1]!.water.temperatureC).toBeCloseTo(10, 9);
    expect(found.value.stops.at(-1)!.toMin).toBe(570);
  });
  test('two that overlap are refused, with both their places', () => {
    const found = timesOf({ from: '07:00', stops: [stop(), stop({ at: '07:30' }), stop({ name: '', at: '07:40' })] });
    expect(found.ok ? [] : found.issues).toMatchObject([
      { code: 'overlaps', path: 'stops[1].at', data: { got: '07:30', until: '08:00', name: 'weir' } },
      { code: 'overlaps', path: 'stops[2].at' },
    ]);
    const early = timesOf({ from: '07:00', stops: [stop({ at: '06:00' })] });
    expect(early.ok ? [] : early.issues).toMatchObject([{ path: 'stops[0].at', data: { name: 'day' } }]);
  });
  test('minutes past the end of the day are told; a night ends after midnight', () => {
    const over = timesOf({ from: '07:00', until: '07:45', stops: [stop()] });
    expect(over.ok && over.value.overMin).toBe(15);
    const night = timesOf({ from: '22:30', until: '01:00', stops: [stop(), stop({ at: '00:10' })] });
    expect(night.ok && [night.value.stops[1]!.fromMin, night.value.overMin]).toEqual([1450, 10]);
  });
});
