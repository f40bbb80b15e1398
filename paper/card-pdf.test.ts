import { inflateSync } from 'node:zlib';
import { describe, expect, test } from '@jest/globals';
import { applyEdit, cardSvg, layOutCard, PAPERS, rigReadouts, type Card, type Paper, type Rig } from '../core';
import { jig, spinner } from '../core/testing/fixtures/rigs';
import { cardPdf, pathSteps } from './card-pdf';

const MM_PER_PT = 25.4 / 72;

const cardOf = (rig: Rig, paper: Paper = 'a4', base = rig): Card =>
  layOutCard({ rig, base, readouts: rigReadouts(rig, 15), system: 'metric', paper });

/** What stands in a PDF: its sheets in mm, the straight lines and words of each. */
interface ReadBack {
  readonly sheets: readonly { readonly widthMm: number; readonly heightMm: number }[];
  readonly lines: readonly (readonly [x1: number, y1: number, x2: number, y2: number])[];
  readonly words: string;
  readonly all: string;
}

/** Reads a PDF back: page boxes, and the lines its content draws, with every transformation that is in force. */
function readBack(bytes: Uint8Array): ReadBack {
  const all = Buffer.from(bytes).toString('latin1');
  const sheets = [...all.matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)/g)].map(([, w, h]) => ({
    widthMm: Number(w) * MM_PER_PT,
    heightMm: Number(h) * MM_PER_PT,
  }));
  const contents = [...all.matchAll(/\/FlateDecode[^>]*>>\r?\nstream\r?\n/g)].map((found) => {
    const from = found.index + found[0].length;
    return inflateSync(Buffer.from(all.slice(from, all.indexOf('endstream', from)), 'latin1')).toString('latin1');
  });
  const lines: [number, number, number, number][] = [];
  for (const content of contents) {
    expect(content).not.toMatch(/^[\d. -]+ cm$/m);
    let at: [number, number] | null = null;
    for (const row of content.split('\n')) {
      const [, x, y, op] = /^(-?[\d.]+) (-?[\d.]+) ([ml])$/.exec(row) ?? [];
      if (op === undefined) continue;
      const to: [number, number] = [Number(x) * MM_PER_PT, Number(y) * MM_PER_PT];
      if (op === 'l' && at) lines.push([...at, ...to]);
      at = to;
    }
  }
  const words = contents
    .flatMap((content) => [...content.matchAll(/\((.*?)\) Tj/g)].map(([, said]) => said))
    .join('\n');
  return { sheets, lines, words, all };
}

/** Horizontal lines of a length, within a thousandth. */
const spans = ({ lines }: ReadBack, lengthMm: number): number =>
  lines.filter(([x1, y1, x2, y2]) => Math.abs(y2 - y1) < 1e-6 && Math.abs(Math.abs(x2 - x1) / lengthMm - 1) < 0.001)
    .length;

const bug = jig({ trailer: 'flat-bug' });
const cut = (['nose', 'skirt-length'] as const).reduce((rig, id) => {
  const edited = applyEdit(rig, bug, id, id === 'nose' ? 12.2 : 41);
  return edited.ok ? edited.rig : rig;
}, bug);

describe('a card as PDF, read back', () => {
  test.each(['a4', 'letter'] as const)('%s: the sheet is as large as the paper', (paper) => {
    const { sheets } = readBack(cardPdf(cardOf(cut, paper, bug)));
    for (const sheet of sheets) {
      expect(sheet.widthMm).toBeCloseTo(PAPERS[paper].widthMm, 1);
      expect(sheet.heightMm).toBeCloseTo(PAPERS[paper].heightMm, 1);
    }
  });
  test.each(['a4', 'letter'] as const)('%s: check rulers of 100 mm and 4 in, within a thousandth', (paper) => {
    const back = readBack(cardPdf(cardOf(cut, paper, bug)));
    expect(spans(back, 100)).toBe(1);
    expect(spans(back, 101.6)).toBe(1);
    expect(spans(back, 99)).toBe(0);
  });
  test('every tenth of the ruler has its tick where it belongs', () => {
    const { lines } = readBack(cardPdf(cardOf(cut, 'a4', bug)));
    const [spine] = lines.filter(([x1, y1, x2, y2]) => y1 === y2 && Math.abs(x2 - x1 - 100) < 0.1);
    const ticks = lines
      .filter(([x1, y1, x2]) => x1 === x2 && Math.abs(y1 - spine![1]) < 1e-6)
      .map(([x]) => x - spine![0]);
    for (let mm = 0; mm <= 100; mm++) expect(ticks.some((tick) => Math.abs(tick - mm) < 0.02)).toBe(true);
  });
  test('printers are told not to scale', () => {
    expect(readBack(cardPdf(cardOf(cut))).all).toContain('/PrintScaling /None');
  });
  test('cut, exit, cut list and cautions stand on it', () => {
    const { words } = readBack(cardPdf(cardOf(cut, 'a4', bug)));
    for (const said of [
      'cut 12 mm, 4 ribs',
      'hook out 31 mm from the nose',
      'Cut list',
      'skirt 41 mm',
      'Take care',
      '100 mm',
      '4 in',
    ]) {
      expect(words).toContain(said);
    }
  });
  test('a drawing longer than the sheet goes on, with the same letter on both sides of the seam', () => {
    const long = spinner([['colorado', 4]], { trailer: 'stick-worm', lengthIn: 7 });
    const card = cardOf(long);
    expect(card.tiles).toBe(2);
    const { words, sheets } = readBack(cardPdf(card));
    expect(words.match(/^A$/gm)).toHaveLength(4);
    expect(words).toMatch(/Part 2 of 2/);
    expect(sheets.length).toBe(card.pages.length);
    expect(cardOf(cut).tiles).toBe(1);
  });
  test('no heading stands alone at the foot, and no sheet is nearly empty, on cards of any length', () => {
    const HEADINGS = ['Cut list', 'Look again', 'Numbers, with the band they are likely in', 'Take care'];
    for (const paper of ['a4', 'letter'] as const) {
      for (const skirtMm of [60, 55, 50, 46, 41, 36]) {
        for (const noseMm of [0, 6, 12.2, 18]) {
          const changed = (
            [
              ['nose', noseMm],
              ['skirt-length', skirtMm],
            ] as const
          ).reduce((rig, [id, value]) => {
            const edited = applyEdit(rig, bug, id, value);
            return edited.ok ? edited.rig : rig;
          }, bug);
          for (const [at, page] of cardOf(changed, paper, bug).pages.entries()) {
            const rows = page.items.flatMap((item) => (item.kind === 'text' && item.sizeMm > 2.7 ? [item] : []));
            const lowest = Math.max(...rows.map(({ y }) => y));
            expect(HEADINGS).not.toContain(rows.find(({ y }) => y === lowest)?.text);
            if (at > 0) expect(lowest / page.heightMm).toBeGreaterThan(0.18);
          }
        }
      }
    }
  });
  test('letters no printer has lose their accents', () => {
    const named: Rig = {
      ...cut,
      trailer: { ...cut.trailer!, colour: 'zelená 青' },
      core: { lengthMm: 10, colour: 'žlutá' },
    };
    const card = cardOf(named);
    expect(JSON.stringify(card.pages)).toContain('zluta');
  });
});

describe('a card as SVG', () => {
  test('true millimetres, sheets under each other, no script in it', () => {
    const card = cardOf(cut, 'letter', bug);
    const svg = cardSvg(card);
    const tall = PAPERS.letter.heightMm * card.pages.length;
    expect(svg).toContain(`width="215.9mm" height="${tall}mm" viewBox="0 0 215.9 ${tall}"`);
    expect(svg).toMatch(/M13 [\d.]+L113 [\d.]+"/);
    expect(svg).not.toMatch(/<script|undefined|NaN/);
  });
  test('what is written by hand cannot break out of it', () => {
    const named: Rig = { ...cut, core: { lengthMm: 10, colour: '<b>&"' } };
    expect(cardSvg(cardOf(named))).toContain('&#60;b&#62;&#38;&#34;');
  });
});

test('paths of drawings become steps of a PDF', () => {
  expect(pathSteps('M1 2L3 4C1 1 2 2 3 3Z', 10, 20)).toEqual([
    { op: 'm', c: [11, 22] },
    { op: 'l', c: [13, 24] },
    { op: 'c', c: [11, 21, 12, 22, 13, 23] },
    { op: 'h', c: [] },
  ]);
});
