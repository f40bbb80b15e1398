import { cutList } from '../../bench/cut-list';
import { rigReadouts } from '../../bench/measure-build';
import { clockOf, type MadePlan, type StopTime } from '../../deck';
import { BENCH_CAUTION_TEXT, stepText } from '../../locale/en/bench';
import * as phrases from '../../locale/en/reports';
import { CAUTION_TEXT } from '../../locale/en/words';
import type { UnitSystem } from '../../units/display';
import { rigTitles } from '../../wording/rig-titles';
import { cardSheets, type Card } from './card';
import { line, SOFT, text, wrapped } from './draw';
import { heading, MARGIN_MM, numbered, PAPERS, section, Sheets, TEXT_MM, type Paper } from './sheets';
import { isColdWater } from '../../water/cold-water';

/** A stop on the sheet of a day. */
export interface SheetStop extends Pick<StopTime, 'fromMin' | 'toMin' | 'water'> {
  readonly name: string;
  /** another rig is tied on for it */
  readonly isReTied: boolean;
}
export interface DaySheetInput {
  readonly title: string;
  readonly plan: MadePlan;
  readonly stops: readonly SheetStop[];
  /** name of each rod of the plan, with its reel and line, in the order of the plan */
  readonly gear: readonly string[];
  /** what is packed, in words */
  readonly packing: readonly string[];
  readonly system: UnitSystem;
  readonly paper: Paper;
}

/** Where no water is known, °C. */
const USUAL_C = 15;
/** Columns of the table of stops, mm from its left edge. */
const COLUMN_MM = { time: 0, name: 26, rod: 78 } as const;

function stopRows(sheets: Sheets, { plan, stops, gear }: DaySheetInput, titles: readonly string[]): void {
  heading(sheets, phrases.stopsOfTheDay, 2 * TEXT_MM);
  const rowMm = TEXT_MM * 1.35;
  stops.forEach(({ name, fromMin, toMin, isReTied }, stop) => {
    const at = plan.rods.findIndex((rod) => rod.stops.includes(stop));
    const rig = at === -1 ? phrases.nothingThere : titles[at]!;
    const named = wrapped(name || phrases.stopAt(stop + 1), TEXT_MM, COLUMN_MM.rod - COLUMN_MM.name - 2);
    const told = [
      ...(at === -1 ? [] : wrapped(gear[at]!, TEXT_MM, sheets.wide - COLUMN_MM.rod)),
      ...wrapped(isReTied ? phrases.tieOn(rig) : rig, TEXT_MM, sheets.wide - COLUMN_MM.rod),
    ];
    const rows = Math.max(named.length, told.length);
    sheets.room((rows + 0.6) * rowMm);
    const put = (x: number, row: number, words: string, bold = false): void =>
      sheets.put(text(MARGIN_MM + x, sheets.y + (row + 1) * rowMm, TEXT_MM, words, { bold }));
    put(COLUMN_MM.time, 0, `${clockOf(fromMin)}-${clockOf(toMin)}`, true);
    named.forEach((words, row) => put(COLUMN_MM.name, row, words));
    told.forEach((words, row) => put(COLUMN_MM.rod, row, words, isReTied && row === told.length - 1));
    sheets.y += (rows + 0.6) * rowMm;
    sheets.put(line(MARGIN_MM, sheets.y, MARGIN_MM + sheets.wide, sheets.y, 0.1));
  });
}

/**
 * Everything for the night before on one print: the day, every rig with its cuts, what to pack, cautions; and behind it the cut card of
 * each rig at true size.
 */
export function layOutDay(input: DaySheetInput): Card {
  const { title, plan, stops, gear, packing, system, paper } = input;
  const titles = rigTitles(
    plan.rods.map(({ rig }) => rig),
    system,
  );
  const sheets = new Sheets(PAPERS[paper], TEXT_MM);
  sheets.words(phrases.daySheet, TEXT_MM, { colour: SOFT });
  sheets.words(title, 6, { bold: true });
  stopRows(sheets, input, titles);
  const cautions = new Set<string>();
  plan.rods.forEach(({ rig, base }, at) => {
    const steps = cutList(rig, base);
    for (const caution of steps.flatMap((step) => step.cautions)) cautions.add(BENCH_CAUTION_TEXT[caution]);
    section(sheets, gear[at]!, [
      titles[at]!,
      ...steps.map((step, n) => {
        const { title: what, text: how } = stepText(step, system);
        return `${n + 1}  ${what}: ${how}`;
      }),
    ]);
  });
  section(
    sheets,
    phrases.toPack,
    packing.map((words) => `[ ] ${words}`),
  );
  const isCold = stops.some(({ water }) => isColdWater(water));
  const all = [
    ...cautions,
    ...(isCold ? [CAUTION_TEXT['cold-water']] : []),
    CAUTION_TEXT['snag-recoil'],
    CAUTION_TEXT['embedded-hook'],
    CAUTION_TEXT['local-rules'],
  ];
  section(
    sheets,
    phrases.takeCare,
    all.map((words) => `· ${words}`),
  );
  const cards = plan.rods.map(({ rig, base }) => {
    const water = stops[plan.rods.find((rod) => rod.rig === rig)?.stops[0] ?? 0]?.water;
    return cardSheets({
      rig,
      ...(base ? { base } : {}),
      readouts: rigReadouts(rig, water?.temperatureC ?? USUAL_C),
      system,
      paper,
    });
  });
  const pages = [...sheets.pages, ...cards.flatMap((card) => card.sheets.pages)];
  return { title, pages: numbered(pages, paper), tiles: cards.reduce((most, { tiles }) => Math.max(most, tiles), 1) };
}
