import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX } from '../../demo/brindle-mere';
import { DEMO_WEEKEND } from '../../demo/weekend';
import { tripOf } from '../deck/kept-trip';
import { checkFile } from './check';
import { isStopsCsv, readStopsCsv, writeStopsCsv } from './stops-csv';

const TRIP = tripOf(DEMO_WEEKEND[1]!, DEMO_BOX);
const rows = TRIP.stops.map((stop) => ({ ...stop, rod: 'the jig rod', rig: '1/2 oz', answers: 0.8 }));
const problems = (text: string): unknown => {
  const found = readStopsCsv(text);
  return found.ok ? found.value : found.issues.map(({ code, path, line }) => [code, path, line]);
};

describe('stops as a list', () => {
  test('come back with all they say of place and water', () => {
    const found = readStopsCsv(writeStopsCsv(rows));
    expect(
      found.ok &&
        found.value.map(({ water, ...place }) => [place.name, place.minutes, place.lat, water.depthM, water.cover]),
    ).toEqual(TRIP.stops.map(({ name, minutes, lat, water }) => [name, minutes, lat, water.depthM, water.cover]));
  });
  test('a name a spreadsheet would run is text, and comes back', () => {
    const text = writeStopsCsv([{ ...rows[0]!, name: '=2+5' }]);
    expect(text).toContain("'=2+5");
    const found = readStopsCsv(text);
    expect(found.ok && found.value[0]!.name).toBe('=2+5');
  });
  test('a list by hand: semicolons, decimal commas, few columns', () => {
    expect(
      problems('name;minutes;depthM;cover;at\nweir;30;1,5;riprap;6:40\n;;;;\nbar;;;laydown thick 0.5; \n'),
    ).toMatchObject([
      {
        name: 'weir',
        minutes: 30,
        at: '06:40',
        water: { depthM: 1.5, cover: [{ kind: 'riprap', density: 'medium' }] },
      },
      { name: 'bar', minutes: 30, water: { cover: [{ kind: 'laydown', density: 'thick', topM: 0.5 }] } },
    ]);
  });
  test('every problem by line and column, and nothing is taken', () => {
    expect(problems('name,minutes,lat,cover,at\na,soon,91,squid some,noon\nb,0,,,\n')).toEqual([
      ['not-a-number', 'minutes', 2],
      ['too-large', 'lat', 2],
      ['wrong-type', 'at', 2],
      ['not-one-of', 'cover', 2],
      ['not-one-of', 'cover', 2],
      ['too-small', 'minutes', 3],
    ]);
    expect(problems('name,minutes,colour\na,3,red\n')).toEqual([['unknown-column', 'colour', 1]]);
    expect(problems('minutes,lat\n3,45\n')).toEqual([['wrong-header', '', 1]]);
    expect(problems('name,minutes\n')).toEqual([['empty-file', '', undefined]]);
    expect(problems('name,minutes\n"a,3\n')).toEqual([['broken-quotes', '', 2]]);
    expect(problems('')).toEqual([['empty-file', '', undefined]]);
  });
  test('is told from a list of the box', () => {
    expect([isStopsCsv(writeStopsCsv(rows)), isStopsCsv('style,weight oz\ncasting,3/8\n')]).toEqual([true, false]);
    expect(checkFile(writeStopsCsv(rows))).toMatchObject({ format: 'csv', kind: 'stops', counts: { stops: 8 } });
  });
});
