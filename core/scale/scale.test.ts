import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { createPan, seeded } from '../../standins/scale/pan';
import { readScaleLine } from './reading';
import { weighing, type TimedMass } from './weighing';

describe('a line of a scale', () => {
  test.each([
    ['9.42 g', 9.42],
    ['  +9.42 g ', 9.42],
    ['-0.02 g', -0.02],
    ['9,42 g', 9.42],
    ['0.332 oz', 9.412],
    ['47.1 ct', 9.42],
    ['145.4 gn', 9.4218],
  ])('%p is %p g', (line, massG) => {
    const reading = readScaleLine(line);
    expect(reading.kind).toBe('mass');
    expect(reading.kind === 'mass' ? reading.massG : NaN).toBeCloseTo(massG, 2);
  });
  test('while it moves it says so', () => expect(readScaleLine('9.4 g ?')).toMatchObject({ moving: true }));
  test.each([
    ['9.42', 'no-unit'],
    ['9.42 kg', 'no-unit'],
    ['OVER', 'overload'],
    ['# stand-in', 'remark'],
    ['8.?2 g', 'garbled'],
    ['12,3,4 g', 'garbled'],
    ['', 'garbled'],
    ['1e9 g', 'garbled'],
  ])('%p is %s, never a guess', (line, kind) => expect(readScaleLine(line).kind).toBe(kind));
  test('whatever comes, it answers, and a mass is a number', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (line) => {
        const reading = readScaleLine(line);
        if (reading.kind === 'mass') expect(Number.isFinite(reading.massG)).toBe(true);
      }),
    );
  });
});

/** Readings five times a second from a function of time, s. */
const feed = (massAt: (s: number) => number, seconds = 4): TimedMass[] =>
  Array.from({ length: seconds * 5 }, (_, i) => ({ atMs: i * 200, massG: massAt(i / 5) }));
const judge = (readings: readonly TimedMass[], tareG = 0) => weighing(readings, readings.at(-1)!.atMs, tareG);

describe('weighing', () => {
  test('nothing yet', () => expect(weighing([], 0).verdict).toBe('waiting'));
  test('a steady load is averaged with its spread', () => {
    const found = judge(feed((s) => 9.4 + (Math.round(s * 5) % 2 ? 0.02 : -0.02)));
    expect(found).toMatchObject({ verdict: 'steady', slips: 0 });
    expect(found.meanG).toBeCloseTo(9.4, 2);
    expect(found.bandG![0]).toBeLessThan(9.4);
    expect(found.bandG![1]).toBeGreaterThan(9.4);
  });
  test('one slip is set aside', () => {
    const found = judge(feed((s) => (s === 2 ? 30 : 9.4 + 0.01 * Math.sin(9 * s))));
    expect(found).toMatchObject({ verdict: 'steady', slips: 1 });
    expect(found.meanG).toBeCloseTo(9.4, 1);
  });
  test('creep is drift, jumping is noise, little is settling, silence is a stop, nothing on it is empty', () => {
    expect(judge(feed((s) => 9 + 0.2 * s)).verdict).toBe('drifting');
    expect(judge(feed((s) => 9 + 1.5 * Math.sin(37 * s))).verdict).toBe('noisy');
    expect(judge(feed(() => 9, 1)).verdict).toBe('settling');
    expect(
      weighing(
        feed(() => 9),
        10_000,
      ).verdict,
    ).toBe('stopped');
    expect(judge(feed(() => 0.02)).verdict).toBe('empty');
  });
  test('the tare comes off', () =>
    expect(
      judge(
        feed(() => 12.4),
        3,
      ).meanG,
    ).toBeCloseTo(9.4, 9));
  test('the band holds the truth about four times in five', () => {
    let inside = 0;
    const runs = 400;
    for (let seed = 1; seed <= runs; seed++) {
      const pan = createPan(seeded(seed * 7919), 0.05);
      pan.command('put 9.4');
      const readings: TimedMass[] = [];
      for (let ms = 0; ms <= 6000; ms += 200) {
        const reading = readScaleLine(pan.line(ms) ?? '');
        if (reading.kind === 'mass' && !reading.moving) readings.push({ atMs: ms, massG: reading.massG });
      }
      const { bandG, verdict } = weighing(readings, 6000);
      expect(verdict).toBe('steady');
      if (bandG![0] <= 9.4 && bandG![1] >= 9.4) inside++;
    }
    expect(inside / runs).toBeGreaterThan(0.7);
    expect(inside / runs).toBeLessThan(0.88);
  });
});

describe('the stand-in scale', () => {
  const pan = (...commands: string[]) => {
    const made = createPan(seeded(3), 0);
    made.line(0);
    for (const command of commands) expect(made.command(command)).not.toBeNull();
    return made;
  };
  test('shows what lies on it, moving at first', () => {
    const made = pan('put 9.4');
    expect(made.line(100)).toMatch(/ g \?$/);
    expect(made.line(2000)).toBe('9.40 g');
  });
  test('its unit key is the trap it is on real ones', () =>
    expect(pan('put 9.4', 'unit oz').line(2000)).toBe('0.3316 oz'));
  test('tare, drift, silence, garbage and overload', () => {
    expect(pan('put 5', 'tare', 'put 14').line(2000)).toBe('9.00 g');
    expect(pan('put 9', 'drift 0.1').line(10_000)).toBe('10.00 g');
    expect(pan('silence 5').line(4000)).toBeNull();
    expect(readScaleLine(pan('garble 2').line(100)!).kind).not.toBe('mass');
    expect(pan('put 900').line(5000)).toBe('OVER');
  });
  test.each(['', 'put', 'put x', 'put -3', 'unit stone', 'sing 4'])('%p is not understood', (line) =>
    expect(createPan(seeded(1)).command(line)).toBeNull(),
  );
});
