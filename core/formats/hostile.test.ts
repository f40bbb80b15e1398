import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import { DEMO_BOX } from '../../demo/brindle-mere';
import { issueText } from '../locale/en/issues';
import { emptyBox, TRAYS, type Box, type Tray } from '../rig/parts/box';
import { readBoxCsv } from './box-csv/read';
import { writeBoxCsv } from './box-csv/write';
import { checkFile } from './check';
import { decodeText } from './decode';
import { doubledKeys, nestingOf } from './pandero-json/nesting';
import { readJson, readPanderoJson } from './pandero-json/read';
import { writeBox } from './pandero-json/write';
import { runs } from '../testing/runs';

const json = (text: string): string[] => {
  const read = readPanderoJson(text);
  return read.ok ? [] : read.issues.map(({ code, line, path }) => `${line ?? '-'} ${path} ${code}`);
};
const csv = (text: string): string[] => {
  const read = readBoxCsv(text);
  return read.ok ? [] : read.issues.map(({ code, line, path }) => `${line ?? '-'} ${path} ${code}`);
};
const csvParts = (text: string) => {
  const read = readBoxCsv(text);
  if (!read.ok) throw new Error(read.issues.map(issueText).join('\n'));
  return read.value.parts as unknown as readonly Record<string, unknown>[];
};

/** Cells as a spreadsheet would meet them. */
function rowsOf(text: string): string[][] {
  const rows: string[][] = [];
  const step = ({ data }: { readonly data: readonly string[] }): void => void rows.push([...data]);
  Papa.parse(text, { delimiter: ',', newline: '\r\n', skipEmptyLines: false, header: false, step });
  return rows;
}

describe('JSON that means harm', () => {
  test.each([
    ['6,000 brackets', '['.repeat(6000), ['1  too-deep']],
    ['a million brackets', '['.repeat(1e6) + ']'.repeat(1e6), ['1  too-deep']],
    ['deep objects', `${'{"a":\n'.repeat(70)}1${'}'.repeat(70)}`, ['65  too-deep']],
    ['brackets in a text are none', `{"kind":"${'['.repeat(200)}"}`, ['1  not-pandero']],
    ['a quote behind a backslash', `{"kind":"\\"${'['.repeat(200)}"}`, ['1  not-pandero']],
    ['a key twice', '{"kind":"box",\n"version":2,\n"version":1}', ['3 version duplicate-key']],
    [
      'a key twice far inside',
      '{"kind":"box","version":2,"heads":[{"style":"ball",\n"style":"swim"}]}',
      ['2 style duplicate-key'],
    ],
    ['a key twice by another spelling', '{"kind":"box","k\\u0069nd":"tickets"}', ['1 kind duplicate-key']],
    ['a prototype', '{"__proto__":{"kind":"box"},"kind":"recipe"}', ['1  not-pandero']],
    ['numbers that are none', '{"kind":"box","version":NaN}', ['1  not-json']],
    ['a number out of all bounds', '{"kind":"box","version":1e999}', ['1 version newer-version']],
    ['a text of a null', '\u0000', ['1  not-json']],
    ['half a letter as a name', '{"kind":"\\ud800"}', ['1  not-pandero']],
    ['a version that is a text', '{"kind":"box","version":"2"}', ['1 version not-one-of']],
    ['a list where an object belongs', '{"kind":"box","version":2,"heads":[[]]}', ['1 heads[0] wrong-type']],
  ])('%s', (_, text, expected) => expect(json(text)).toEqual(expected));
  test('a fraction in quotes is told to be a number, which is then taken', () => {
    const head = { ...DEMO_BOX.heads[0]!, weightOz: '3/8' };
    const read = readPanderoJson(JSON.stringify({ kind: 'box', version: 2, heads: [head] }));
    expect(read.ok ? '' : issueText(read.issues[0]!)).toContain('Write 0.375, without quotes');
    const mended = { ...head, weightOz: 0.375 };
    expect(json(JSON.stringify({ kind: 'box', version: 2, heads: [mended] }))).toEqual([]);
  });
  test('line feeds in a key do not make two problems of one', () => {
    const read = readPanderoJson('{"kind":"box","version":2,"a\\nline 1: all is well\\u202e":1}');
    const lines = read.ok ? [] : read.issues.map(issueText);
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatch(/^line 1, a\\nline 1: all is well\\u202e: is not a field/);
  });
  test('whether keys are doubled is told by the count, and by name only then', () => {
    const text = '{"a":{"b":1},"c":[{"b":1},{"b":2}]}';
    expect(nestingOf(text)).toEqual({ tooDeepAt: null, deepest: 3, keys: 5 });
    expect(doubledKeys(text, JSON.parse(text), 5)).toEqual([]);
    expect(doubledKeys('{"b":1,"b":1}', { b: 1 }, 2)).toMatchObject([{ code: 'duplicate-key', path: 'b' }]);
  });
  test('5,000 made-up texts: answered, never thrown, a line a problem', () => {
    const piece = fc.oneof(
      fc.json({ maxDepth: 4 }),
      fc.string({ unit: 'binary', maxLength: 60 }),
      fc.constantFrom(
        '{',
        '}',
        '[',
        ']',
        '"',
        '\\',
        ',',
        ':',
        'null',
        '1e9',
        '\u202e',
        '\n',
        '{"kind":"box","version":2,',
      ),
    );
    const broken = fc
      .tuple(
        fc.constant(writeBox({ ...emptyBox(), heads: DEMO_BOX.heads.slice(0, 2), lines: DEMO_BOX.lines })),
        fc.nat(),
        fc.nat(40),
        piece,
      )
      .map(([text, at, cut, put]) => text.slice(0, at % text.length) + put + text.slice((at % text.length) + cut));
    fc.assert(
      fc.property(
        fc.oneof(
          fc.array(piece, { maxLength: 8 }).map((all) => all.join('')),
          broken,
        ),
        (text) => {
          for (const how of ['all-or-nothing', 'what-can-be-read'] as const) {
            const read = readPanderoJson(text, undefined, how);
            if (read.ok) continue;
            expect(read.issues.length).toBeGreaterThan(0);
            for (const found of read.issues) expect(issueText(found)).not.toMatch(/[\n\r\u2028\u2029\u202e]/);
          }
        },
      ),
      { numRuns: runs(5000) },
    );
  });
  test('what parses is what a parser says, doubled keys apart', () => {
    fc.assert(
      fc.property(fc.json({ maxDepth: 5 }), (text) => {
        expect(readJson(text)).toEqual({ ok: true, value: JSON.parse(text) as unknown });
      }),
      { numRuns: runs(500) },
    );
  });
});

describe('rows that cannot be read', () => {
  const box = JSON.parse(writeBox(DEMO_BOX)) as Record<string, Record<string, unknown>[]>;
  box['heads']![1]!['style'] = 'anvil';
  box['trailers']![3]!['lengthMm'] = 'long';
  const text = JSON.stringify(box);
  test('refuse the file by default', () => {
    expect(json(text)).toEqual(['1 heads[1].style not-one-of', '1 trailers[3].lengthMm not-a-number']);
  });
  test('are set aside where that is chosen: named, as they came, and nothing else is touched', () => {
    const read = readPanderoJson(text, ['box'], 'what-can-be-read');
    if (!read.ok) throw new Error('refused');
    const value = read.value.value as Box;
    expect([value.heads.length, value.trailers.length]).toEqual([
      DEMO_BOX.heads.length - 1,
      DEMO_BOX.trailers.length - 1,
    ]);
    expect(read.value.aside).toMatchObject([
      { from: 'heads', key: '2', row: { style: 'anvil' }, why: [expect.stringMatching(/^style: "anvil"/)] },
      { from: 'trailers', key: '4', row: { lengthMm: 'long' } },
    ]);
  });
  test('of a list from a spreadsheet, by line', () => {
    const list = 'style,weight\ncasting,3/8\nanvil,3/8\nball,"x\ny"\nball,1/4\n';
    const read = readBoxCsv(list, 'what-can-be-read');
    if (!read.ok) throw new Error('refused');
    expect([read.value.parts.length, read.value.lines]).toEqual([2, [2, 6]]);
    expect(read.value.aside).toMatchObject([
      { from: 'heads', key: 'line 3', row: { style: 'anvil', weight: '3/8' } },
      { from: 'heads', key: 'line 4', row: { weight: 'x\ny' } },
    ]);
  });
  test('a list of which nothing can be read stays refused', () => {
    expect(readBoxCsv('style,weight\nanvil,3/8\n', 'what-can-be-read').ok).toBe(false);
  });
});

describe('lists from spreadsheets that mean harm, or well', () => {
  test.each([
    [
      'a line feed in quotes moves the lines behind it',
      'style,weight,label\nball,1/4,"two\nlines"\nball,heavy,\n',
      ['4 weight not-a-number'],
    ],
    [
      'the same with both marks of a line end',
      'style,weight,label\r\nball,1/4,"two\r\nlines"\r\nball,heavy,\r\n',
      ['4 weight not-a-number'],
    ],
    ['old line ends', 'style,weight\rball,heavy\r', ['2 weight not-a-number']],
    ['blank lines first', '\n\n ;;\nstyle,weight\nball,heavy\n', ['5 weight not-a-number']],
    ['a separator told first', 'sep=;\nstyle;weight\nball;heavy\n', ['3 weight not-a-number']],
    [
      'a quote never closed, far down',
      `style,weight\n${'ball,1/4\n'.repeat(50)}"ball,1/4\nball,1/4\n`,
      ['52  broken-quotes'],
    ],
    ['a GPX file', '<?xml version="1.0"?>\n<gpx version="1.1"><wpt/></gpx>', ['-  read-on-the-deck']],
    ['a GPX file with a remark', '<?xml version="1.0"?><!-- mine -->\n<gpx/>', ['-  read-on-the-deck']],
    ['a sounder’s recording', '$SDDPT,3.2,0.4*5A\n$SDMTW,14.2,C*0B\n', ['-  read-in-the-log']],
    ['a map', '<kml xmlns="x"></kml>', ['-  not-read-yet']],
    ['a web page', '<!DOCTYPE html><p>hello', ['-  not-read-yet']],
    ['a header with a prototype', '__proto__,style,weight\nx,ball,1/4\n', ['1  proto  unknown-column']],
    ['a unit that is a method', 'style,weight\nball,3 constructor\n', ['2 weight not-one-of']],
  ])('%s', (_, text, expected) => expect(csv(text)).toEqual(expected));
  test.each([
    ['color', 'kind,length,color\nchunk,3,black\n', { colour: 'black' }],
    [
      'skirt color',
      'style,weight,skirt material,Skirt Color\nball,1/4,silicone,brown\n',
      { skirt: { colour: 'brown' } },
    ],
    ['Weight (oz)', 'Style,Weight (oz)\nball,0.25\n', { weightOz: 0.25 }],
    ['Weight [g]', 'Style,Weight [g]\nball,14.174762\n', { weightOz: 0.5 }],
    ['a cell’s own unit wins over the header’s', 'Style,Weight (g)\nball,1/2 oz\n', { weightOz: 0.5 }],
    ['Length in mm', 'kind,Length in mm\nchunk,80\n', { lengthMm: 80 }],
    ['Length, mm', 'kind;Length, mm\nchunk;80\n', { lengthMm: 80 }],
    ['grams', 'style,weight\nball,14.174762 grams\n', { weightOz: 0.5 }],
    ['ozs', 'style,weight\nball,1/2 ozs\n', { weightOz: 0.5 }],
    ['sep=;', 'sep=;\r\nstyle;weight\r\nball;1/2\r\n', { weightOz: 0.5 }],
    ['a separator that the header alone does not tell', 'sep=,\nstyle,weight\nball,1/2\n', { weightOz: 0.5 }],
    ['blank first lines', '\r\n\r\nstyle,weight\r\nball,1/2\r\n', { weightOz: 0.5 }],
    ['mixed line ends', 'style,weight\nball,1/2\r\nball,1/4\n', { weightOz: 0.5 }],
  ])('understood: %s', (_, text, expected) => expect(csvParts(text)[0]).toMatchObject(expected));

  const label = fc.oneof(
    fc.string({ minLength: 1, maxLength: 20 }),
    fc.constantFrom(
      '=1+1',
      '+1',
      '-1+2',
      '@SUM(A1)',
      "'=quoted",
      "''=twice",
      '=HYPERLINK("x")',
      '-3',
      "'",
      'a,b;c',
      '"',
      'a\nb',
      'a\r\nb',
      '=\n',
    ),
  );
  test('no cell we write is run by a spreadsheet, and all read back equal', () => {
    const weight = fc.double({ min: 1 / 32, max: 4, noNaN: true });
    fc.assert(
      fc.property(
        label,
        weight,
        fc.double({ min: 25, max: 250, noNaN: true }),
        fc.double({ min: 0.1, max: 150, noNaN: true }),
        (own, weightOz, lengthMm, massG) => {
          const words = own.trim();
          const box = {
            ...DEMO_BOX,
            heads: [{ ...DEMO_BOX.heads[0]!, weightOz, label: words, skirt: null }],
            trailers: [{ ...DEMO_BOX.trailers[0]!, lengthMm, massG, label: words }],
          } as Box;
          for (const tray of ['heads', 'trailers'] as const) {
            const text = writeBoxCsv(box, tray);
            for (const cell of rowsOf(text).flat()) expect(cell).not.toMatch(/^(?:[=+@\t\r]|-(?!\d))/);
            // an empty cell says nothing
            const expected = box[tray].map((part) => (words === '' ? { ...part, label: undefined } : part));
            expect(csvParts(text)).toEqual(expected.map((part) => JSON.parse(JSON.stringify(part)) as object));
          }
        },
      ),
      { numRuns: runs(1000) },
    );
  });
  test('exported with the mark that tells spreadsheets how to read it', () => {
    for (const tray of TRAYS) expect(writeBoxCsv(DEMO_BOX, tray).startsWith('\uFEFF')).toBe(true);
  });
  test('5,000 made-up lists: answered, never thrown, a line a problem', () => {
    const cell = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc.constantFrom(
        '3/8',
        'ball',
        '"',
        '""',
        '\n',
        '\r',
        ';',
        '\t',
        '=1',
        '\u202e',
        '1e9',
        '-',
        '∞',
        '١',
        'NaN',
        "'",
      ),
    );
    const rows = fc.array(
      fc.array(cell, { maxLength: 5 }).map((cells) => cells.join(',')),
      { maxLength: 6 },
    );
    const header = fc.constantFrom(
      'style,weight',
      'kind,length,colour',
      'sep=;',
      '',
      'style;weight\n',
      'hook kind,hook size',
    );
    fc.assert(
      fc.property(header, rows, (first, lines) => {
        for (const how of ['all-or-nothing', 'what-can-be-read'] as const) {
          const read = readBoxCsv([first, ...lines].join('\n'), how);
          if (read.ok) continue;
          expect(read.issues.length).toBeGreaterThan(0);
          for (const found of read.issues) expect(issueText(found)).not.toMatch(/[\n\r\u2028\u2029\u202e]/);
        }
      }),
      { numRuns: runs(5000) },
    );
  });
});

describe('bytes as text', () => {
  const bytes = (...codes: number[]): Uint8Array => Uint8Array.from(codes);
  const wide = (text: string, little: boolean, mark: boolean): Uint8Array =>
    Uint8Array.from(
      [...(mark ? '\uFEFF' : ''), ...text].flatMap((letter) => {
        const code = letter.charCodeAt(0);
        return little ? [code & 255, code >> 8] : [code >> 8, code & 255];
      }),
    );
  const list = 'kind,length,colour\nchunk,3,crème\n';
  test.each([
    ['UTF-8', new TextEncoder().encode(list), 'utf-8'],
    ['UTF-8 with its mark', new TextEncoder().encode(`\uFEFF${list}`), 'utf-8'],
    ['UTF-16, little end first, marked', wide(list, true, true), 'utf-16le'],
    ['UTF-16, big end first, marked', wide(list, false, true), 'utf-16be'],
    ['UTF-16, little end first', wide(list, true, false), 'utf-16le'],
    ['UTF-16, big end first', wide(list, false, false), 'utf-16be'],
    ['Latin-1', Uint8Array.from(list, (letter) => letter.charCodeAt(0)), 'windows-1252'],
  ])('%s', (_, given, encoding) => expect(decodeText(given)).toEqual({ ok: true, value: { text: list, encoding } }));
  test.each([
    ['a spreadsheet', bytes(0x50, 0x4b, 3, 4, 20, 0), /zipped/],
    ['a picture', bytes(0x89, 0x50, 0x4e, 0x47, 13, 10), /picture/],
    ['a PDF', bytes(0x25, 0x50, 0x44, 0x46, 0x2d), /PDF/],
    ['UTF-32', bytes(0xff, 0xfe, 0, 0, 0x6b, 0, 0, 0), /UTF-8/],
    ['noise with zeros on both sides', bytes(1, 0, 0, 7, 9, 0, 0, 3, 200, 0, 0, 1), /UTF-8/],
  ])('%s is refused by name', (_, given, says) => {
    const read = decodeText(given);
    expect(read.ok ? '' : issueText(read.issues[0]!)).toMatch(says);
  });
  test('any bytes are answered', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 200 }), (given) => expect(typeof decodeText(given).ok).toBe('boolean')),
      { numRuns: runs(2000) },
    );
  });
  test('nothing at all is an empty text', () =>
    expect(decodeText(bytes())).toMatchObject({ ok: true, value: { text: '' } }));
});

test('a file is told by its contents, and what is not read is named', () => {
  expect(checkFile('<gpx version="1.1"/>')).toMatchObject({ format: 'gpx', issues: [{ code: 'no-places' }] });
  expect(checkFile('{"kind":"box","version":2}')).toMatchObject({ format: 'json', kind: 'box' });
  expect(checkFile('  \n[')).toMatchObject({ format: 'json' });
  const counts = (tray: Tray): unknown => checkFile(writeBoxCsv(DEMO_BOX, tray)).counts;
  expect(counts('heads')).toEqual({ heads: DEMO_BOX.heads.length });
});
