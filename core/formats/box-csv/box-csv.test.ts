import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_BOX } from '../../../demo/brindle-mere';
import { issueText } from '../../locale/en/issues';
import { TRAYS } from '../../rig/parts/box';
import { massKgFromG, ozFromMassKg } from '../../units/units';
import { COLUMNS } from './columns';
import { CSV_LIMITS, readBoxCsv } from './read';
import { csvTemplate, writeBoxCsv } from './write';

const lines = (text: string): string[] => {
  const read = readBoxCsv(text);
  return read.ok ? [] : read.issues.map(({ code, line, path }) => `${line ?? '-'} ${path} ${code}`);
};
const parts = (text: string) => {
  const read = readBoxCsv(text);
  if (!read.ok) throw new Error(read.issues.map(issueText).join('\n'));
  return { ...read.value, parts: read.value.parts as unknown as readonly Record<string, never>[] };
};

describe('reading', () => {
  test('a short list is enough: what is left out is usual', () => {
    expect(parts('style,weight\ncasting,3/8 oz\n').parts).toEqual([
      {
        style: 'casting',
        weightOz: 0.375,
        metal: 'lead',
        finesse: false,
        hook: { size: '4/0', wire: 'medium' },
        guard: null,
        skirt: null,
      },
    ]);
  });
  test.each([
    ['3/8 oz', 0.375],
    ['3/8', 0.375],
    ['0.375', 0.375],
    ['"0,375"', 0.375],
    ['1 1/4 oz', 1.25],
    ['⅜ oz', 0.375],
    ['10.5 g', ozFromMassKg(massKgFromG(10.5))],
  ])('weight %s', (cell, weightOz) => {
    expect(parts(`style,weight\ncasting,${cell}\n`).parts[0]!['weightOz']).toBeCloseTo(weightOz, 5);
  });
  test.each([
    ['4 in', 101.6],
    ['"4"""', 101.6],
    ['100 mm', 100],
    ['10 cm', 100],
    ['4 1/4', 107.95],
  ])('length %s', (cell, lengthMm) => {
    expect(parts(`kind,length\nchunk,${cell}\n`).parts[0]!['lengthMm']).toBeCloseTo(lengthMm, 6);
  });
  test('semicolons with decimal commas, a byte-order mark, Windows line ends, blank lines, other capitals', () => {
    const { parts: trailers } = parts('\uFEFFKind;LENGTH;Mass\r\nFlapper Craw;4,25 in;9,4 g\r\n\r\n;;\r\nchunk;3;\r\n');
    expect(trailers).toHaveLength(2);
    expect(trailers[0]).toMatchObject({ kind: 'flapper-craw', massG: 9.4, softness: 'medium' });
    expect(trailers[0]!['lengthMm']).toBeCloseTo(107.95, 6);
  });
  test('tabs', () => expect(parts('material\tstrands\nsilicone\t50\n').parts).toHaveLength(1));
  test('a kind by its title counts as its id', () => {
    expect(parts('kind,length\nflat-tail bug,4\nTwin-tail Grub,4\n').parts.map(({ kind }) => kind)).toEqual([
      'flat-bug',
      'twin-tail-grub',
    ]);
  });
  test('a colour nobody knows is taken, and said', () => {
    const read = parts('kind,length,colour\nchunk,3,moonshine\n');
    expect(read.notes.map(({ code, line }) => `${line} ${code}`)).toEqual(['2 unknown-colour']);
  });
  test('spreadsheet dust is swept, dates it made of fractions are named', () => {
    expect(parts('style,weight,quantity\ncasting,0.37500000001,2.9999999999\n').parts[0]).toMatchObject({
      quantity: 3,
    });
    expect(lines('style,weight\ncasting,03-Aug\nball,8/3/2026\n')).toEqual([
      '2 weight looks-like-a-date',
      '3 weight looks-like-a-date',
    ]);
  });
  test('a mass that contradicts the size is taken, and said by line', () => {
    const odd = 'kind,length,mass\nchunk,3 in,25 g\nchunk,3 in,8 g\n';
    expect(parts(odd).notes.map(({ code, line }) => `${line} ${code}`)).toEqual(['2 mass-contradicts-size']);
    expect(parts(odd).parts[0]).toMatchObject({ massG: 25 });
    expect(parts('kind,length,mass,mass counts\nchunk,3 in,25 g,size\n').notes).toEqual([]);
  });
  test('vibrating heads and spinner frames, blades and arms', () => {
    const text =
      'style,weight,plate,plate link,first blade,first blade size,second blade,arm length\n' +
      'casting,3/8,standard,direct,,,,\nbullet,1/2,,,colorado,4,willow,60 mm\n';
    const [vibrating, spinner] = parts(text).parts;
    expect(vibrating).toMatchObject({ blade: { size: 'standard', link: 'direct' } });
    expect(spinner).toMatchObject({
      blades: [
        { shape: 'colorado', size: 4 },
        { shape: 'willow', size: 4 },
      ],
      arms: { upperMm: 60 },
    });
  });
  test('rods in feet or metres, lines in pounds, reels by their ratio', () => {
    expect(parts('rod length,power\n7 ft,heavy\n2.1 m,medium\n').parts).toMatchObject([
      { lengthM: 2.1336, power: 'heavy', action: 'fast' },
      { lengthM: 2.1 },
    ]);
    expect(parts('line,strength\nbraid,50 lb\n').parts).toEqual([{ kind: 'braid', lb: 50 }]);
    expect(parts('gear ratio,line a turn\n7.1:1,0.71 m\n').parts).toEqual([{ ratio: 7.1, perTurnM: 0.71 }]);
  });
  test('20,000 rows, and not one more', () => {
    expect(parts(`style,weight\n${'casting,3/8\n'.repeat(20_000)}`).parts).toHaveLength(20_000);
  });
  test('5,000 rows', () => {
    const rows = Array.from({ length: 5000 }, (_, i) => `casting,${1 + (i % 12)}/16 oz`);
    expect(parts(`style,weight\n${rows.join('\n')}\n`).parts).toHaveLength(5000);
  });
});

describe('refusing, all or nothing, by line and column', () => {
  test.each([
    ['nothing at all', '', ['-  empty-file']],
    ['a header alone', 'style,weight\n', ['-  empty-file']],
    ['a header of something else', 'name,price\nx,3\n', ['1  wrong-header']],
    ['a column too many', 'style,weight,price\ncasting,3/8,4\n', ['1 price unknown-column']],
    ['a column twice', 'style,weight,weight\ncasting,3/8,1/2\n', ['1 weight duplicate-id']],
    ['a number that is none', 'style,weight\ncasting,heavy\n', ['2 weight not-a-number']],
    ['an unknown unit', 'style,weight\ncasting,3 kg\n', ['2 weight not-one-of']],
    ['an unknown kind', 'kind,length\nsquid,4 in\n', ['2 kind not-one-of']],
    ['a weight no jig has', 'style,weight\ncasting,90 oz\n', ['2 weight too-large']],
    ['a negative quantity', 'style,weight,quantity\ncasting,3/8,-2\n', ['2 quantity too-small']],
    ['half a part', 'style,weight,quantity\ncasting,3/8,1.5\n', ['2 quantity wrong-type']],
    ['an empty cell that is needed', 'style,weight\ncasting,\n', ['2 weight missing']],
    ['too many cells', 'style,weight\ncasting,3/8,what\n', ['2  broken-row']],
    ['a quote never closed', 'style,weight\n"casting,3/8\n', ['2  broken-quotes']],
    ['a hook of no size', 'style,weight,hook\ncasting,3/8,9/0\n', ['2 hook not-one-of']],
    ['negative strands', 'material,strands\nsilicone,-5\n', ['2 strands too-small']],
  ])('%s', (_, text, expected) => expect(lines(text)).toEqual(expected));
  test('one bad row of many: every problem, and nothing taken', () => {
    expect(lines('style,weight\ncasting,3/8\nanvil,3/8\ncasting,x\ncasting,1/2\n')).toEqual([
      '3 style not-one-of',
      '4 weight not-a-number',
    ]);
  });
  test('more rows or characters than it takes', () => {
    const rows = `${'casting,3/8\n'.repeat(CSV_LIMITS.rows + 1)}`;
    expect(lines(`style,weight\n${rows}`)).toEqual(['-  too-many-rows']);
    expect(lines('x'.repeat(CSV_LIMITS.chars + 1))).toEqual(['-  too-big-a-file']);
  });
  test('each problem says place, what was there and what to do', () => {
    const read = readBoxCsv('style,weight\ncasting,heavy\n');
    expect(read.ok ? '' : issueText(read.issues[0]!)).toBe(
      'line 2, weight: "heavy" is not a number. Write 0.375, 0,375 or 3/8.',
    );
  });
  test('whatever is thrown at it, it answers and never throws', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (noise) => {
        expect(typeof readBoxCsv(noise).ok).toBe('boolean');
        expect(typeof readBoxCsv(`style,weight\n${noise}`).ok).toBe('boolean');
      }),
    );
  });
});

describe('writing', () => {
  test.each(TRAYS)('%s of the demo box come back as they were', (tray) => {
    expect(parts(writeBoxCsv(DEMO_BOX, tray)).parts).toEqual(
      DEMO_BOX[tray].map((part) => (tray === 'heads' ? { skirt: null, ...part } : part)),
    );
  });
  test.each(TRAYS)('the template for %s can be read and holds every column', (tray) => {
    const template = csvTemplate(tray);
    expect(parts(template).tray).toBe(tray);
    expect(template.split('\r\n')[0]).toBe(`\uFEFF${COLUMNS[tray].map(({ name }) => name).join(',')}`);
  });
});

describe('the line a problem is on', () => {
  test.each([
    ['the first row', 'style,weight\ncasting,heavy\n', 2],
    ['the third row', 'style,weight\ncasting,3/8 oz\nball,1/4 oz\ncasting,heavy\n', 4],
    ['after an empty line', 'style,weight\ncasting,3/8 oz\n\ncasting,heavy\n', 4],
    ['after a cell of two lines', 'style,weight,label\ncasting,3/8 oz,"one\ntwo"\ncasting,heavy,\n', 4],
    ['with the ends of lines of another system', 'style,weight\r\ncasting,3/8 oz\r\ncasting,heavy\r\n', 3],
  ])('%s', (_, text, line) => {
    expect(lines(text).map((found) => Number(found.split(' ')[0]))).toEqual([line]);
  });
});
