/** Where something is drawn on paper, mm from the upper left corner of the sheet. */
export type CardItem =
  | {
      readonly kind: 'path';
      readonly d: string;
      readonly strokeMm?: number;
      readonly stroke?: string;
      readonly fill?: string;
      readonly dashMm?: readonly [on: number, off: number];
    }
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly sizeMm: number;
      readonly text: string;
      readonly bold?: boolean;
      readonly anchor?: 'start' | 'middle' | 'end';
      readonly colour?: string;
    }
  /** drawn moved by so much, and only inside the window, which is in sheet coordinates */
  | {
      readonly kind: 'group';
      readonly dx: number;
      readonly dy: number;
      readonly window?: Window;
      readonly items: readonly CardItem[];
    };

export interface Window {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface CardPage {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly items: readonly CardItem[];
}

export const INK = '#231c17';
export const SOFT = '#5f5145';
export const CUT = '#8d2b1c';
export const HAIR_MM = 0.2;

const round2 = (value: number): number => Math.round(value * 100) / 100;

export const line = (x1: number, y1: number, x2: number, y2: number, strokeMm = HAIR_MM, stroke = INK): CardItem => ({
  kind: 'path',
  d: `M${round2(x1)} ${round2(y1)}L${round2(x2)} ${round2(y2)}`,
  strokeMm,
  stroke,
});

export const text = (
  x: number,
  y: number,
  sizeMm: number,
  words: string,
  more: Partial<Extract<CardItem, { kind: 'text' }>> = {},
): CardItem => ({
  kind: 'text',
  x,
  y,
  sizeMm,
  text: onPaper(words),
  ...more,
});

/** The plain letters that every printer has: what else a name holds loses its accents, or becomes a question mark. */
export const onPaper = (words: string): string =>
  words
    .replace(/−/g, '-')
    .replace(/’/g, "'")
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[^\x20-\x7e°±·–×]/g, '?');

/** Widths of the plain face every printer has, thousandths of its size, from the space on. */
const WIDTHS = [
  278, 278, 355, 556, 556, 889, 667, 191, 333, 333, 389, 584, 278, 333, 278, 278, 556, 556, 556, 556, 556, 556, 556,
  556, 556, 556, 278, 278, 584, 584, 584, 556, 1015, 667, 667, 722, 722, 667, 611, 778, 722, 278, 500, 667, 556, 833,
  722, 778, 667, 778, 722, 667, 611, 722, 667, 944, 667, 667, 611, 278, 278, 278, 469, 556, 333, 556, 556, 500, 556,
  556, 278, 556, 556, 222, 222, 500, 222, 833, 556, 556, 556, 556, 333, 500, 278, 556, 500, 722, 500, 500, 500, 334,
  260, 334, 584,
];
const FIRST = 32;
const OTHER = 556;
const BOLD_SHARE = 1.08;

/** Width of a line of words, mm. */
export function textWidthMm(words: string, sizeMm: number, bold = false): number {
  const thousandths = [...words].reduce((sum, letter) => sum + (WIDTHS[letter.charCodeAt(0) - FIRST] ?? OTHER), 0);
  return (thousandths / 1000) * sizeMm * (bold ? BOLD_SHARE : 1);
}

/** Breaks words into lines no wider than a column. */
export function wrapped(words: string, sizeMm: number, widthMm: number, bold = false): string[] {
  const lines: string[] = [];
  let now = '';
  for (const word of words.split(/\s+/).filter(Boolean)) {
    const longer = now === '' ? word : `${now} ${word}`;
    if (now !== '' && textWidthMm(longer, sizeMm, bold) > widthMm) {
      lines.push(now);
      now = word;
    } else now = longer;
  }
  return now === '' ? lines : [...lines, now];
}
