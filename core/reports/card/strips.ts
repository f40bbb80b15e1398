import { guardToPointMm } from '../../hold/guard';
import { hookPoint } from '../../hold/hook-point';
import { rigBody, type RigBody } from '../../rig/body/body';
import { ribsTaken } from '../../tackle/ribs';
import { rigOutline, trailerFromMm } from '../../rig/outline/rig-outline';
import type { Outline, OutlinePart, OutlineShape } from '../../rig/outline/outline-shape';
import { skirtEnvelope } from '../../rig/outline/skirt-outline';
import { rigHeadOn } from '../../rig/outline/head-on';
import { trailerSheet } from '../../rig/outline/trailer-sheet';
import { CRAWL_MPS } from '../../rig/body/skirt-shape';
import type { Rig } from '../../rig/parts/schema';
import { shown, type UnitSystem } from '../../units/display';
import { lengthMFromMm, mmFromLengthM } from '../../units/units';
import { CUT, INK, line, SOFT, text, type CardItem } from './draw';
import * as phrases from '../../locale/en/reports';

/** One drawing of a card at true size: its items in its own mm, the room it takes, and what stands over it. */
export interface Strip {
  readonly title: string;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly items: readonly CardItem[];
}

const LABEL_MM = 3;
/** Half of a colour and half of white: drawings are for scissors, ink is dear. */
function pale(swatch: string): string {
  const half = (at: number): string =>
    Math.round((parseInt(swatch.slice(at, at + 2), 16) + 2 * 255) / 3)
      .toString(16)
      .padStart(2, '0');
  return `#${half(1)}${half(3)}${half(5)}`;
}

const FILLS: Partial<Record<OutlinePart, string>> = { head: '#d8d2c6', point: INK };
const DASHED: ReadonlySet<OutlinePart> = new Set(['hook-inside', 'offcut']);

function shapeItem(shape: OutlineShape): CardItem {
  const { part, d, strokeMm, swatch } = shape;
  if (part === 'cut') return { kind: 'path', d, strokeMm: 0.5, stroke: CUT };
  if (part === 'exit') return { kind: 'path', d, strokeMm: 0.5, stroke: CUT, fill: '#ffffff' };
  if (part === 'offcut') return { kind: 'path', d, strokeMm: 0.25, stroke: SOFT, dashMm: [1.5, 1] };
  if (strokeMm === undefined) {
    return { kind: 'path', d, strokeMm: 0.3, stroke: INK, fill: swatch ? pale(swatch) : (FILLS[part] ?? '#ffffff') };
  }
  const stroke = part === 'skirt' || part === 'skirt-shade' ? SOFT : part === 'core' ? pale(swatch ?? '#ffffff') : INK;
  const thin = part === 'skirt' || part === 'skirt-shade' || part === 'guard' ? 0.25 : strokeMm;
  return { kind: 'path', d, strokeMm: thin, stroke, ...(DASHED.has(part) ? { dashMm: [1.2, 0.8] as const } : {}) };
}

function stripOf(
  title: string,
  outline: Outline,
  more: readonly CardItem[],
  room: { readonly above: number; readonly below: number },
): Strip {
  const { x, y, width, height } = outline.bounds;
  return {
    title,
    left: x - 1,
    right: x + width + 1,
    top: y - room.above,
    bottom: y + height + room.below,
    items: [...outline.shapes.map(shapeItem), ...more],
  };
}

/** A leader from a place to a label under or over the drawing. */
const mark = (
  x: number,
  fromY: number,
  toY: number,
  words: string,
  anchor: 'start' | 'middle' | 'end' = 'middle',
): CardItem[] => [
  line(x, fromY, x, toY, 0.3, CUT),
  text(x + (anchor === 'start' ? 1 : anchor === 'end' ? -1 : 0), toY + (toY > fromY ? LABEL_MM : -1), LABEL_MM, words, {
    anchor,
    colour: CUT,
  }),
];

function sheetStrip(rig: Rig, body: RigBody, mm: (value: number) => string): Strip | null {
  const outline = trailerSheet(rig);
  const { trailer } = rig;
  if (!outline || !trailer) return null;
  const { y, height } = outline.bounds;
  const below = y + height;
  const items: CardItem[] = [];
  if (trailer.cutNoseMm > 0) {
    const ribs = ribsTaken(trailer.kind, trailer.lengthMm, trailer.cutNoseMm);
    items.push(
      ...mark(trailer.cutNoseMm, 0, y - 2, phrases.cut(mm(trailer.cutNoseMm), ribs ? phrases.ribs(ribs) : ''), 'start'),
    );
  }
  if (trailer.cutTailMm > 0)
    items.push(...mark(trailer.lengthMm - trailer.cutTailMm, 0, y - 2, phrases.cutAt(mm(trailer.cutTailMm)), 'end'));
  const { exitMm } = hookPoint(rig, body);
  if (exitMm !== null) items.push(...mark(trailer.cutNoseMm + exitMm, 1.6, below + 2, phrases.hookOut(mm(exitMm))));
  return stripOf(phrases.trailerOnBoard, outline, items, { above: 7, below: 7 });
}

function sideStrip(rig: Rig, body: RigBody, mm: (value: number) => string): Strip {
  const outline = rigOutline(rig, body, 'side');
  const { y, height } = outline.bounds;
  const below = y + height;
  const headMm = mmFromLengthM(body.head.lengthM);
  const items: CardItem[] = [];
  const envelope = skirtEnvelope(rig, body, CRAWL_MPS, 'side');
  if (envelope) items.push({ kind: 'path', d: envelope, strokeMm: 0.2, stroke: SOFT, dashMm: [1, 1] });
  if (rig.skirt) {
    const x = headMm + rig.skirt.lengthMm;
    const words = phrases.skirt(mm(rig.skirt.lengthMm), rig.skirt.trim === 'under' ? phrases.underside : '');
    items.push(line(x, y, x, below, 0.3, CUT), text(x + 1, below + 5, LABEL_MM, words, { colour: CUT }));
  }
  if (rig.guard?.kind === 'fibre') {
    const past = rig.guard.lengthMm - guardToPointMm(rig);
    const words = phrases.guardAndPoint(
      mm(rig.guard.lengthMm),
      mm(Math.abs(past)),
      past >= 0 ? phrases.past : phrases.shortOf,
    );
    items.push(text(0, y - 2, LABEL_MM, words, { colour: CUT }));
  }
  const { exitMm } = hookPoint(rig, body);
  if (exitMm !== null) {
    const x = trailerFromMm(rig, body) + exitMm;
    items.push(...mark(x, 0, below + 1.5, phrases.outAt(mm(exitMm)), 'end'));
  }
  return stripOf(phrases.putTogether, outline, items, { above: 6, below: 7 });
}

/** All drawings of a card in the order of the work. */
export function cardStrips(rig: Rig, system: UnitSystem): Strip[] {
  const body = rigBody(rig);
  const mm = (value: number): string => shown('cut', lengthMFromMm(value), system);
  const sheet = sheetStrip(rig, body, mm);
  return [
    ...(sheet ? [sheet] : []),
    sideStrip(rig, body, mm),
    stripOf(phrases.fromAbove, rigOutline(rig, body, 'top'), [], { above: 1, below: 1 }),
    ...(rig.family === 'spinner'
      ? [
          stripOf(phrases.headOn, rigHeadOn(rig, body, CRAWL_MPS), [line(0, -60, 0, 20, 0.2, CUT)], {
            above: 1,
            below: 1,
          }),
        ]
      : []),
  ];
}
