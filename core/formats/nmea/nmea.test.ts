import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { finished } from '../../advice/search/progress';
import { checkFile } from '../check';
import { boatGate, depthBelowSurfaceM, recordingInSteps, TRACK_POINTS } from './recording';
import { asSentence, checksumOf, readSentence, sentenceLines } from './sentence';

const reading = (line: string): unknown => {
  const found = readSentence(line);
  return found.kind === 'reading' ? found.reading : found.kind;
};

describe('one sentence', () => {
  test('the checksum is that of the standard’s own examples', () => {
    expect(checksumOf('GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,')).toBe('47');
    expect(checksumOf('GPRMC,123519,A,4807.038,N,01131.000,E,022.4,084.4,230394,003.1,W')).toBe('6A');
  });
  test.each([
    ['depth with the way to the surface', '$SDDPT,3.4,0.5*55'.replace(/\*.*/, ''), { depthM: 3.4, offsetM: 0.5 }],
    ['depth in feet alone', '$SDDBT,12.0,f,,M,,F', { depthM: 3.6576 }],
    ['depth in metres before feet', '$SDDBT,12.1,f,3.7,M,2.0,F', { depthM: 3.7 }],
    ['depth in fathoms', '$SDDBT,,f,,M,2.0,F', { depthM: 3.6576 }],
    ['temperature', asSentence('YXMTW,14.3,C'), { temperatureC: 14.3 }],
    ['temperature in a unit nobody writes', '$YXMTW,57,F', {}],
    [
      'place and time',
      '$GPRMC,123519,A,4807.038,N,01131.000,W,022.4,084.4,230394,003.1,W*78',
      { timeS: 45_319, day: '1994-03-23', lat: 48 + 7.038 / 60, lon: -(11 + 31 / 60) },
    ],
    [
      'a void fix says its time alone',
      '$GPRMC,123519,V,4807.038,N,01131.000,E,,,230326,,',
      { timeS: 45_319, day: '2026-03-23' },
    ],
    ['GGA without a fix', '$GNGGA,000001.50,,,,,0,,,,,,,,', { timeS: 1.5 }],
    ['empty fields are unknown, not nought', '$SDDPT,,', {}],
    ['any talker', '$IIMTW,9.0,C', { temperatureC: 9 }],
    ['a tag in front', '\\s:SD,c:1700000000*11\\$SDDPT,2.0,0.0', { depthM: 2, offsetM: 0 }],
  ])('%s', (_what, line, found) => {
    const told = reading(line) as Record<string, number>;
    for (const [name, value] of Object.entries(found))
      if (typeof value === 'number') expect(told[name]).toBeCloseTo(value, 9);
      else expect(told[name]).toBe(value);
    expect(Object.keys(told).sort()).toEqual(Object.keys(found).sort());
  });
  test.each([
    ['a wrong checksum', '$SDDPT,3.4,0.5*00', 'corrupt'],
    ['a torn one', '$SDDPT,3.4,0.5*5', 'corrupt'],
    ['of another kind', '$GPGSV,3,1,11', 'foreign'],
    ['of a maker', '$PXYZ,1,2', 'foreign'],
    ['no sentence', 'hello', 'noise'],
    ['without an end', `$${'A'.repeat(500)}`, 'noise'],
  ])('%s is told as such', (_what, line, kind) => expect(readSentence(line).kind).toBe(kind));
  test('impossible numbers are unknown', () => {
    expect(reading('$SDDPT,-2,0')).toEqual({});
    expect(reading('$SDDPT,1e3,0')).toEqual({});
    expect(reading('$GPRMC,256199,A,9907.0,N,01131.0,E,,,331399,,')).toEqual({});
    expect(reading('$GPGGA,120000,4875.0,N,01131.0,E,1,,,,,,,,')).toEqual({ timeS: 43_200 });
  });
  test('random letters never throw', () => {
    fc.assert(fc.property(fc.string({ maxLength: 120 }), (text) => void readSentence(`$${text}`)));
  });
});

describe('sentences in pieces', () => {
  const whole = [asSentence('SDDPT,3.4,0.5'), asSentence('YXMTW,14.3,C'), asSentence('GPGGA,000001,,,,,0,,,,,,,,')];
  test('however they are cut into datagrams, each is heard once', () => {
    fc.assert(
      fc.property(fc.constantFrom('\r\n', '\n', ''), fc.array(fc.nat({ max: 90 }), { maxLength: 8 }), (end, cuts) => {
        const text = `${whole.join(end)}${end}`;
        const heard: string[] = [];
        const feed = sentenceLines((line) => heard.push(line));
        const places = [...new Set(cuts.map((cut) => Math.min(cut, text.length)))].sort((a, b) => a - b);
        // without line ends a sentence ends with its checksum: it must not be cut there
        const safe = places.filter((at) => end !== '' || !/\*[0-9A-F]?$/.test(text.slice(0, at)));
        [...safe, text.length].reduce((from, to) => (feed(text.slice(from, to)), to), 0);
        expect(heard.map((line) => line.trim())).toEqual(whole);
      }),
    );
  });
  test('a feed that never ends a line keeps no more than a sentence of it', () => {
    const heard: string[] = [];
    const feed = sentenceLines((line) => heard.push(line));
    for (let at = 0; at < 100; at++) feed('x'.repeat(1000));
    feed(`\n${whole[0]!}\n`);
    expect(heard.at(-1)).toBe(whole[0]);
    expect(heard[0]!.length).toBeLessThanOrEqual(1300);
  });
});

describe('a recording', () => {
  const lines = (count: number): string =>
    Array.from({ length: count }, (_, at) => {
      const s = 82_800 + at;
      const clock = [s / 3600, (s / 60) % 60, s % 60]
        .map((part, place) => String(Math.floor(place === 0 ? part % 24 : part)).padStart(2, '0'))
        .join('');
      return [
        asSentence(
          `GPRMC,${clock},A,4500.${String(5 * Math.abs(30 - (at % 60))).padStart(3, '0')},N,03000.000,W,,,260926,,`,
        ),
        asSentence(`SDDPT,${(3 + (at % 10) / 10).toFixed(1)},`),
        ...(at % 10 === 0 ? [asSentence('YXMTW,14.0,C'), '$GPGSV,1', '$SDDPT,1*00'] : []),
      ].join('\r\n');
    }).join('\r\n');
  test('becomes a track; midnight is passed, foreign and corrupt sentences are counted', () => {
    const found = finished(recordingInSteps(lines(5000), 0.3));
    expect(found).toMatchObject({ day: '2026-09-26', startS: 82_800, corrupt: 500, noise: 0, foreign: { GSV: 500 } });
    const [first] = found.track;
    expect([first![0], first![1]!.toFixed(4), ...first!.slice(2)]).toEqual([0, '45.0025', -30, null, null]);
    const last = found.track.at(-1)!;
    expect(last[0]).toBeGreaterThan(4900);
    expect(last[3]!).toBeGreaterThanOrEqual(3.3 - 1e-9);
    expect(last[4]).toBe(14);
    expect(found.track.every((point, at) => at === 0 || point[0] >= found.track[at - 1]![0])).toBe(true);
  });
  test('200,000 lines are read with progress, and the track stays as long as one', () => {
    const text = lines(100_000);
    const steps: number[] = [];
    const reading_ = recordingInSteps(text);
    let step = reading_.next();
    for (; !step.done; step = reading_.next()) steps.push(step.value);
    expect(step.value.sentences).toBeGreaterThan(200_000);
    expect(step.value.track.length).toBeLessThanOrEqual(TRACK_POINTS);
    expect(step.value.track.length).toBeGreaterThan(TRACK_POINTS / 4);
    expect(steps.length).toBeGreaterThan(20);
    expect([...steps].sort((a, b) => a - b)).toEqual(steps);
  });
  test('depth is told from the surface: by what the sentence says, else by where the transducer hangs', () => {
    expect(depthBelowSurfaceM({ depthM: 3, offsetM: 0.5 }, 0.2)).toBe(3.5);
    expect(depthBelowSurfaceM({ depthM: 3 }, 0.2)).toBe(3.2);
    expect(depthBelowSurfaceM({ depthM: 3, offsetM: -0.4 }, 0.2)).toBe(3.2);
    expect(depthBelowSurfaceM({})).toBeNull();
  });
  test('check tells what it is; one without readings is a problem', () => {
    expect(checkFile(lines(20))).toMatchObject({
      format: 'nmea',
      kind: 'recording',
      counts: { corrupt: 2 },
      issues: [],
    });
    expect(checkFile('$GPGSV,1\r\n$GPGSV,2').issues).toMatchObject([{ code: 'no-readings' }]);
  });
});

describe('what cannot be', () => {
  test.each(['$SDDPT,99999,0', '$SDDPT,4,300', '$SDDBT,,f,600,M,,F', '$YXMTW,99999,C', '$YXMTW,-40,C'])(
    '%s is no reading',
    (line) => expect(reading(line)).toBe('corrupt'),
  );
  test.each(['$SDDPT,120.5,-0.4', '$YXMTW,-0.5,C', '$YXMTW,34,C'])('%s is one', (line) =>
    expect(reading(line)).not.toBe('corrupt'),
  );
  test('a jump no boat makes is set aside; told again and again one is there after all', () => {
    const isThere = boatGate();
    expect(isThere(45, -90, 0)).toBe(true);
    // thirty metres in a second, and half a degree in a second
    expect(isThere(45.0003, -90, 1)).toBe(true);
    expect(isThere(45.5, -90, 2)).toBe(false);
    expect(isThere(45.0004, -90, 3)).toBe(true);
    expect([isThere(46, -91, 4), isThere(46, -91, 5), isThere(46, -91, 6), isThere(46, -91, 7)]).toEqual([
      false,
      false,
      true,
      true,
    ]);
    // across the line of the date it is a step
    const east = boatGate();
    expect([east(10, 179.9999, 0), east(10, -179.9999, 1)]).toEqual([true, true]);
  });
  test('in a recording the place stays where it was, and the jump is counted', () => {
    const line = (s: number, lat: string): string =>
      asSentence(`GPRMC,0600${String(s).padStart(2, '0')},A,${lat},N,09000.00,W,0.0,0.0,010626,,`);
    const text = [line(0, '4500.00'), line(1, '4730.00'), line(2, '4500.01')].join('\r\n');
    let step = recordingInSteps(text).next();
    const steps = recordingInSteps(text);
    for (step = steps.next(); !step.done; step = steps.next());
    expect(step.value.track.map(([, lat]) => lat?.toFixed(3))).toEqual(['45.000', '45.000']);
    expect(step.value.corrupt).toBe(1);
  });
});
