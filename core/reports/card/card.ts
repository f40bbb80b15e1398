import { rigFaults } from '../../wording/rig-faults';
import { rigTitle } from '../../wording/values';
import { CAUTION_TEXT } from '../../locale/en/words';
import type { Rig } from '../../rig/parts/schema';
import type { UnitSystem } from '../../units/display';
import { cutList } from '../../bench/cut-list';
import { BENCH_CAUTION_TEXT, stepText } from '../../locale/en/bench';
import { READOUT_TEXT } from '../../locale/en/readouts';
import { readoutText } from '../../wording/readouts';
import type { Readout } from '../../bench/readouts/table';
import { CUT, line, SOFT, text, type CardItem, type CardPage } from './draw';
import { heading, MARGIN_MM, numbered, PAPERS, section, Sheets, TEXT_MM, type Paper } from './sheets';
import { checkRulers, RULERS_TALL_MM } from './ruler';
import { cardStrips, type Strip } from './strips';
import * as phrases from '../../locale/en/reports';

/** How far parts of a drawing that is longer than the sheet lie over each other, mm. */
export const OVERLAP_MM = 15;
const GAP_MM = 3;

export interface CardInput {
  readonly rig: Rig;
  /** before any cut; left out, as far as the rig tells */
  readonly base?: Rig;
  readonly readouts: readonly Readout[];
  readonly system: UnitSystem;
  readonly paper: Paper;
}

/** A card laid out: its sheets, and how many parts its drawings are in. */
export interface Card {
  readonly title: string;
  readonly pages: readonly CardPage[];
  readonly tiles: number;
}

/** How many parts a drawing of a width is cut into. */
export const tilesFor = (widthMm: number, windowMm: number): number =>
  widthMm <= windowMm ? 1 : 1 + Math.ceil((widthMm - windowMm) / (windowMm - OVERLAP_MM));

interface Block {
  readonly items: readonly CardItem[];
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Drawings under each other, their left edges on one line. */
function blockOf(strips: readonly Strip[]): Block {
  const left = Math.min(...strips.map((strip) => strip.left));
  const right = Math.max(...strips.map((strip) => strip.right));
  let y = 0;
  const items = strips.flatMap((strip): CardItem[] => {
    const caption = text(0, y + TEXT_MM, TEXT_MM, strip.title, { colour: SOFT });
    y += TEXT_MM + 1;
    const drawn: CardItem = { kind: 'group', dx: -left, dy: y - strip.top, items: strip.items };
    y += strip.bottom - strip.top + GAP_MM;
    return [caption, drawn];
  });
  return { items, widthMm: right - left, heightMm: y };
}

const LETTERS = 'ABCDEFGHIJ';
/** Marks that lie on each other when two parts are laid together: both ends of the overlap, with the same letter. */
function overlapMarks(tile: number, tiles: number, windowMm: number, heightMm: number): CardItem[] {
  const stepMm = windowMm - OVERLAP_MM;
  return [tile - 1, tile].flatMap((seam): CardItem[] => {
    if (seam < 0 || seam >= tiles - 1) return [];
    const from = (seam + 1) * stepMm;
    return [from, from + OVERLAP_MM].flatMap((x): CardItem[] => [
      { kind: 'path', d: `M${x} 0L${x} ${heightMm}`, strokeMm: 0.25, stroke: CUT, dashMm: [3, 2] },
      text(x + (x === from ? 1.5 : -1.5), heightMm - 1, 4, LETTERS[seam]!, {
        bold: true,
        colour: CUT,
        anchor: x === from ? 'start' : 'end',
      }),
    ]);
  });
}

function putBlock(sheets: Sheets, block: Block): number {
  const tiles = tilesFor(block.widthMm, sheets.wide);
  const heightMm = Math.min(block.heightMm, sheets.bottom - MARGIN_MM - 8);
  for (let tile = 0; tile < tiles; tile++) {
    if (tile > 0) sheets.turn();
    else sheets.room(heightMm);
    if (tiles > 1) {
      sheets.words(phrases.tileOf(tile + 1, tiles), TEXT_MM, { colour: CUT });
    }
    const shift = tile * (sheets.wide - OVERLAP_MM);
    sheets.put({
      kind: 'group',
      dx: MARGIN_MM - shift,
      dy: sheets.y,
      window: { x: MARGIN_MM, y: sheets.y, width: sheets.wide, height: heightMm },
      items: [...block.items, ...overlapMarks(tile, tiles, sheets.wide, heightMm)],
    });
    sheets.y += heightMm;
  }
  return tiles;
}

/** Columns of numbers. */
function putNumbers(sheets: Sheets, readouts: readonly Readout[], system: UnitSystem): void {
  const rows = readouts
    .filter(({ value, word }) => value !== null || (word !== undefined && word !== 'not-applicable'))
    .map((readout) => ({ title: READOUT_TEXT[readout.id].title, ...readoutText(readout, system) }));
  const columns = 2;
  const perColumn = Math.ceil(rows.length / columns);
  const rowMm = sheets.textMm * 1.45;
  heading(sheets, phrases.numbersAndBands, perColumn * rowMm);
  const wide = sheets.wide / columns;
  rows.forEach(({ title, value, band }, at) => {
    const x = MARGIN_MM + Math.floor(at / perColumn) * wide;
    const y = sheets.y + ((at % perColumn) + 1) * rowMm - 1;
    sheets.put(
      text(x, y, sheets.textMm, title),
      text(x + wide * 0.36, y, sheets.textMm, value, { bold: true }),
      text(x + wide * 0.68, y, sheets.textMm * 0.9, band, { colour: SOFT }),
    );
  });
  sheets.y += perColumn * rowMm;
}

/** Sheets with all that a card holds. */
function filled(
  { rig, base, readouts, system, paper }: CardInput,
  textMm: number,
  turnsBeforeNumbers: boolean,
): { readonly sheets: Sheets; readonly tiles: number } {
  const sheets = new Sheets(PAPERS[paper], textMm);
  sheets.words(phrases.cutCardTitle, textMm, { colour: SOFT });
  sheets.words(rigTitle(rig, system), 6, { bold: true });
  sheets.words(phrases.printAt100, textMm);
  sheets.put(...checkRulers(MARGIN_MM + 1, sheets.y + 1));
  sheets.y += RULERS_TALL_MM + GAP_MM;
  sheets.put(line(MARGIN_MM, sheets.y - 1, MARGIN_MM + sheets.wide, sheets.y - 1));
  const tiles = putBlock(sheets, blockOf(cardStrips(rig, system)));

  const steps = cutList(rig, base);
  const told = steps.map((step, at) => {
    const { title, text: words } = stepText(step, system);
    return `${at + 1}  ${title}: ${words}`;
  });
  section(sheets, phrases.cutList, told);
  const faults = rigFaults(rig, {}, system).map(({ says, remedy }) => `${says} ${remedy}`);
  section(sheets, phrases.lookAgain, faults, CUT);
  if (turnsBeforeNumbers) sheets.turn();
  putNumbers(sheets, readouts, system);
  const cautions = [...new Set(steps.flatMap((step) => step.cautions))].map((id) => BENCH_CAUTION_TEXT[id]);
  const all = [...cautions, CAUTION_TEXT['embedded-hook'], CAUTION_TEXT['local-rules']];
  section(
    sheets,
    phrases.takeCare,
    all.map((words) => `· ${words}`),
  );
  return { sheets, tiles };
}

/** A last sheet with less than this on it is nearly empty, share of its height. */
const NEARLY_EMPTY = 0.2;
/** How the card is laid out, tried in this order: as it is, in smaller letters, or with the numbers on a sheet of their own. */
const LAYOUTS = [
  [TEXT_MM, false],
  [TEXT_MM * 0.92, false],
  [TEXT_MM * 0.84, false],
  [TEXT_MM, true],
] as const;

/** A card before its sheets are numbered: no sheet stays nearly empty. */
export function cardSheets(input: CardInput): { readonly sheets: Sheets; readonly tiles: number } {
  const tried = LAYOUTS.map(([textMm, turns]) => filled(input, textMm, turns));
  return tried.find(({ sheets }) => sheets.pages.length === 1 || sheets.filled >= NEARLY_EMPTY) ?? tried[0]!;
}

/** A cut card: drawings at true size with cut and exit marks, rulers to check the print, numbers, the cut list and its cautions. */
export function layOutCard(input: CardInput): Card {
  const { sheets, tiles } = cardSheets(input);
  return { title: rigTitle(input.rig, input.system), pages: numbered(sheets.pages, input.paper), tiles };
}
