import { INK, SOFT, text, wrapped, type CardItem, type CardPage } from './draw';
import * as phrases from '../../locale/en/reports';

/** Sheets of paper that are filled from the top with words and drawings. */

export const PAPERS = { a4: { widthMm: 210, heightMm: 297 }, letter: { widthMm: 215.9, heightMm: 279.4 } } as const;
export type Paper = keyof typeof PAPERS;

/** What no printer leaves white, mm. */
export const MARGIN_MM = 12;

/** Size of running text, mm. */
export const TEXT_MM = 3.3;

/** Sheets that are filled from the top. */
export class Sheets {
  readonly pages: CardItem[][] = [[]];
  y = MARGIN_MM;
  constructor(
    readonly size: { readonly widthMm: number; readonly heightMm: number },
    /** size of running text, mm */
    readonly textMm = TEXT_MM,
  ) {}
  get wide(): number {
    return this.size.widthMm - 2 * MARGIN_MM;
  }
  get bottom(): number {
    return this.size.heightMm - MARGIN_MM;
  }
  /** How much of the last sheet is used, 0 to 1. */
  get filled(): number {
    return (this.y - MARGIN_MM) / (this.bottom - MARGIN_MM);
  }
  /** Room that words take, mm. */
  tall(words: string, sizeMm: number): number {
    return wrapped(words, sizeMm, this.wide).length * sizeMm * 1.35;
  }
  room(tallMm: number): void {
    if (this.y + tallMm > this.bottom) this.turn();
  }
  turn(): void {
    this.pages.push([]);
    this.y = MARGIN_MM;
  }
  put(...items: CardItem[]): void {
    this.pages.at(-1)!.push(...items);
  }
  /** Words in a column, and the room they took. */
  words(
    words: string,
    sizeMm: number,
    more: { readonly bold?: boolean; readonly colour?: string; readonly indent?: number } = {},
  ): void {
    const indent = more.indent ?? 0;
    for (const row of wrapped(words, sizeMm, this.wide - indent, more.bold)) {
      this.room(sizeMm * 1.35);
      this.y += sizeMm * 1.35;
      this.put(
        text(MARGIN_MM + indent, this.y - sizeMm * 0.3, sizeMm, row, {
          bold: more.bold ?? false,
          colour: more.colour ?? INK,
        }),
      );
    }
  }
}

const HEADING_MM = 4;

/** A heading that stays with what follows it. */
export function heading(sheets: Sheets, words: string, nextMm: number): void {
  sheets.room(2 + HEADING_MM * 1.35 + nextMm);
  sheets.y += 2;
  sheets.words(words, HEADING_MM, { bold: true });
}

/** A heading with lines under it; the first of them stays with it. */
export function section(sheets: Sheets, title: string, lines: readonly string[], colour = INK): void {
  if (lines.length === 0) return;
  heading(sheets, title, sheets.tall(lines[0]!, sheets.textMm));
  for (const words of lines) sheets.words(words, sheets.textMm, { colour });
}

/** Sheets with their numbers at the foot. */
export const numbered = (pages: readonly (readonly CardItem[])[], paper: Paper): CardPage[] =>
  pages.map((items, at): CardPage => ({
    ...PAPERS[paper],
    items: [
      ...items,
      text(PAPERS[paper].widthMm - MARGIN_MM, PAPERS[paper].heightMm - 5, 2.6, phrases.sheetOf(at + 1, pages.length), {
        anchor: 'end',
        colour: SOFT,
      }),
    ],
  }));
