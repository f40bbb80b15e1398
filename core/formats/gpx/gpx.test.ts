import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_BOX } from '../../../demo/brindle-mere';
import { DEMO_WEEKEND } from '../../../demo/weekend';
import { tripOf } from '../../deck/kept-trip';
import { checkFile } from '../check';
import { parseXml } from './gpx';
import { readGpx, type GpxFile } from './read';
import { writeGpx } from './write';
import { runs } from '../../testing/runs';

const TRIP = tripOf(DEMO_WEEKEND[1]!, DEMO_BOX);
const FOREIGN = `<?xml version="1.0" encoding="UTF-8"?>
<gpx version="1.1" creator="somebody" xmlns="http://www.topografix.com/GPX/1/1" xmlns:sea="urn:somebody:sea">
  <metadata><name>a chart</name></metadata>
  <wpt lat="45.01" lon="-30.02"><ele>12</ele><time>2026-09-01T06:00:00Z</time><name>weir &amp; wall</name><sym>Anchor</sym>
    <extensions><sea:colour>red</sea:colour></extensions></wpt>
  <wpt lat="45.02" lon="-30.03"/>
  <trk><name>a way</name><trkseg><trkpt lat="45" lon="-30"/></trkseg></trk>
</gpx>`;
const read = (text: string): GpxFile => {
  const found = readGpx(text);
  if (!found.ok) throw new Error(JSON.stringify(found.issues));
  return found.value;
};
const problems = (text: string): unknown => {
  const found = readGpx(text);
  return found.ok
    ? []
    : found.issues.map(({ code, path, line }) => [code, path, ...(line === undefined ? [] : [line])]);
};
const gpx = (inner: string): string =>
  `<gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1" xmlns:stop="urn:pandero:stop:1">${inner}</gpx>`;

describe('places of a GPX file', () => {
  test('names, places and what others wrote; nothing is made up for what they do not say', () => {
    const { places, rest, notes } = read(FOREIGN);
    expect(places).toMatchObject([
      { name: 'weir & wall', lat: 45.01, lon: -30.02, minutes: 30, water: {} },
      { name: '', lat: 45.02, lon: -30.03 },
    ]);
    expect(notes).toEqual([]);
    expect(rest).toContain('<trkpt');
    expect(rest).toContain('a chart');
    expect(rest).not.toContain('<wpt');
    expect(places[0]!.gpx).toContain('Anchor');
  });
  test('a name is put where the format asks for it: behind height, time, declination and geoid, before all else', () => {
    const before = '<ele>1</ele><time>2026-09-01T06:00:00Z</time><magvar>3</magvar><geoidheight>4</geoidheight>';
    const { places } = read(gpx(`<wpt lat="1" lon="2">${before}<cmt>deep</cmt></wpt>`));
    const text = writeGpx([{ ...places[0]!, name: 'weir', water: TRIP.stops[0]!.water }]);
    expect(text).toContain('creator="Pandero"');
    const wpt = text.slice(text.indexOf('<wpt'));
    const order = [...wpt.matchAll(/<(ele|time|magvar|geoidheight|name|cmt|extensions)\b/g)].map(([, name]) => name);
    expect(order).toEqual(['ele', 'time', 'magvar', 'geoidheight', 'name', 'cmt', 'extensions']);
  });
  test('written again what others wrote is as it came, renamed and moved where we did', () => {
    const { places, rest } = read(FOREIGN);
    const water = TRIP.stops[0]!.water;
    const stops = places.map((place, at) => ({
      ...place,
      water,
      ...(at === 0 ? { name: 'the wall', lat: 45.5 } : {}),
    }));
    const text = writeGpx(stops, rest!);
    for (const kept of [
      '<sym>Anchor</sym>',
      'sea:colour',
      '<ele>12</ele>',
      '<trkpt',
      'a chart',
      '2026-09-01T06:00:00Z',
    ])
      expect(text).toContain(kept);
    const again = read(text);
    expect(again.places.map(({ name, lat }) => [name, lat])).toEqual([
      ['the wall', 45.5],
      ['', 45.02],
    ]);
    expect(again.rest).toContain('<trkpt');
    // waypoints stand behind the head of the file and before its tracks
    expect(text.indexOf('<metadata')).toBeLessThan(text.indexOf('<wpt'));
    expect(text.lastIndexOf('<wpt')).toBeLessThan(text.indexOf('<trk'));
    // and once more nothing is doubled
    const twice = writeGpx(
      again.places.map((place) => ({ ...place, water })),
      again.rest!,
    );
    expect(twice.match(/<stop:stop/g)).toHaveLength(2);
    expect(twice.match(/<sym>/g)).toHaveLength(1);
  });
  test('our own stops come back with depth, cover, minutes and counts', () => {
    const { places } = read(writeGpx(TRIP.stops));
    expect(places).toHaveLength(TRIP.stops.length);
    places.forEach(({ water, gpx: _gpx, ...place }, at) => {
      const { water: was, name, lat, lon, minutes, weight, coverM } = TRIP.stops[at]!;
      expect(place).toEqual({ name, lat, lon, minutes, coverM, ...(weight === undefined ? {} : { weight }) });
      expect(water).toMatchObject({ depthM: was.depthM, visibilityM: was.visibilityM, cover: was.cover });
    });
  });
  test('signs that some readers take for the end of a line come back as they were', () => {
    for (const name of ['north\u2028arm', 'long\u0085bar']) {
      expect(read(writeGpx([{ ...TRIP.stops[0]!, name }])).places[0]!.name).toBe(name);
    }
  });
  test('any name comes back as it was', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60, unit: 'grapheme' }), (name) => {
        const plain = name.replace(/[\u0000-\u001f\ufffe\uffff]/gu, '').trim();
        fc.pre(!/[\ud800-\udfff]/.test(plain) || plain === plain.normalize());
        const [place] = read(writeGpx([{ ...TRIP.stops[0]!, name: plain }])).places;
        expect(place!.name).toBe(plain);
      }),
      { numRuns: runs(200) },
    );
  });
  test('stops without a place are left out; a route serves where there are no waypoints', () => {
    const { lat: _lat, ...nowhere } = TRIP.stops[0]!;
    expect(writeGpx([nowhere]).match(/<wpt/g)).toBeNull();
    const route = read(
      gpx('<rte><name>r</name><rtept lat="45" lon="-30"><name>a</name></rtept><rtept lat="46" lon="-31"/></rte>'),
    );
    expect(route.places.map(({ name, lat }) => [name, lat])).toEqual([
      ['a', 45],
      ['', 46],
    ]);
    expect(route.places[0]!.gpx).toBeUndefined();
    expect(route.rest).toContain('<rtept');
  });
  test('ten thousand points are read, and so many that nobody chooses among them are not', () => {
    const many = (count: number): string =>
      gpx(Array.from({ length: count }, (_, at) => `<wpt lat="45.${at}" lon="-30"><name>p${at}</name></wpt>`).join(''));
    const { places } = read(many(10_000));
    expect([places.length, places.at(-1)!.name]).toEqual([10_000, 'p9999']);
    expect(problems(many(20_001))).toEqual([['too-many-rows', '']]);
  });
  test('a track too long to be kept beside a plan is told, and left out', () => {
    const long = gpx(`<wpt lat="45" lon="-30"/><trk>${'<trkpt lat="45.123" lon="-30.456"/>'.repeat(20_000)}</trk>`);
    expect(read(long)).toMatchObject({ rest: null, notes: [{ code: 'rest-too-long' }] });
  });
});

describe('files that mean harm, or are torn', () => {
  test.each([
    ['not XML at all', 'name,minutes', [['not-xml', '']]],
    ['torn', gpx('<wpt lat="45" lon="-30"').slice(0, -6), [['not-xml', '']]],
    ['another kind of XML', '<kml></kml>', [['not-xml', '']]],
    ['without places', gpx('<trk/>'), [['no-places', '']]],
    [
      'with words of its own',
      `<!DOCTYPE gpx [<!ENTITY a "aaaa">]>${gpx('<wpt lat="45" lon="-30"/>')}`,
      [['not-xml', '']],
    ],
    ['nested without end', gpx('<a>'.repeat(5000) + '</a>'.repeat(5000)), [['too-deep', '']]],
    [
      'a place that is none',
      gpx('<wpt lat="95" lon="x"/>'),
      [
        ['too-large', 'wpt[0].lat'],
        ['not-a-number', 'wpt[0].lon'],
      ],
    ],
    [
      'no place',
      gpx('<wpt/><wpt lat="45"/>'),
      [
        ['missing', 'wpt[0].lat'],
        ['missing', 'wpt[0].lon'],
        ['missing', 'wpt[1].lon'],
      ],
    ],
    [
      'ours, torn',
      gpx(
        '<wpt lat="45" lon="-30"><extensions><stop:stop minutes="0" depthM="deep" at="6 o’clock"><stop:cover kind="squid" density="some"/></stop:stop></extensions></wpt>',
      ),
      [
        ['not-a-number', 'wpt[0].depthM'],
        ['too-small', 'wpt[0].minutes'],
        ['not-one-of', 'wpt[0].cover.kind'],
        ['not-one-of', 'wpt[0].cover.density'],
        ['wrong-type', 'wpt[0].at'],
      ],
    ],
  ])('%s', (_what, text, found) => {
    const told = problems(text) as unknown[][];
    expect(told.map(([code, path]) => [code, path])).toEqual(found);
  });
  test('where it breaks is told by line', () => {
    expect(problems(`${gpx('<wpt lat="45" lon="-30"/>').replace('</gpx>', '\n\n<wpt lat="1"></gpx>')}`)).toEqual([
      ['not-xml', '', expect.any(Number)],
    ]);
  });
  test('random text never throws', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => void readGpx(`<gpx>${text}</gpx>`)),
      { numRuns: runs(300) },
    );
    expect(parseXml('x'.repeat(10)).ok).toBe(false);
  });
  test('check tells what it is', () => {
    expect(checkFile(FOREIGN)).toMatchObject({ format: 'gpx', kind: 'places', counts: { places: 2 }, issues: [] });
    expect(checkFile(gpx('<wpt/>')).issues).toHaveLength(2);
  });
});
