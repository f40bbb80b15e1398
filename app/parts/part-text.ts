import {
  BLADE_TITLE,
  COLOUR_CLASSES,
  colourClassOf,
  colourSwatch,
  countedMassG,
  HEAD_TITLE,
  headPartTitle,
  familyOfHead,
  lengthMFromMm,
  lineDiameterMm,
  massKgFromG,
  massKgFromLb,
  massKgFromOz,
  rodText,
  shown,
  shownHeadStep,
  TRAILER_TITLE,
  type AnyPart,
  type PartOf,
  type Tray,
  type UnitSystem,
  NAME,
} from '@core';
import type { PartRow } from '../db/database';
import * as words from '../locale/en/box';

/** One part as a line of the box: what it is, its particulars, its colour. */
export interface PartLine {
  readonly title: string;
  readonly about: string;
  readonly colour: string;
  readonly swatch: string | null;
  /** what keeps it out of the picks, in words; null while it is fished */
  readonly out: string | null;
}

export const TRAY_TITLE: Readonly<Record<Tray, string>> = {
  heads: words.heads,
  skirts: words.skirts,
  trailers: words.trailers,
  blades: words.blades,
  hooks: words.hooks,
  lines: words.lines,
  rods: words.rods,
  reels: words.reels,
};
/** One of a tray, for buttons and headings. */
export const TRAY_ONE: Readonly<Record<Tray, string>> = words.one;

type Told = readonly [title: string, about: readonly string[], colour?: string | undefined];

const weighed = (part: { massG?: number; massTrust?: 'scale' | 'size' }, system: UnitSystem): string[] =>
  part.massG === undefined
    ? []
    : [
        words.weighed(
          shown('mass', massKgFromG(part.massG), system),
          countedMassG(part) === null ? words.notCounted : '',
        ),
      ];

function tellHead(part: PartOf<'heads'>, system: UnitSystem): Told {
  // a frame that still waits for its blades is no spinnerbait yet
  const isFrame = part.arms !== undefined && !part.blades?.length;
  const isReeled = part.blade !== undefined || part.arms !== undefined;
  const about = [
    words.hookAndWire(part.hook.size, NAME[part.hook.wire]),
    part.guard ? (part.guard.kind === 'wire' ? words.wireGuard : words.fibreCount(part.guard.fibres)) : words.noGuard,
    ...(part.keeper === 'screw' ? [words.screwKeeper] : []),
    ...(isReeled ? [HEAD_TITLE[part.style]] : []),
    ...(isReeled && part.metal !== 'lead' ? [NAME[part.metal]] : []),
    ...(part.skirt ? [words.comesWithItsSkirt] : []),
    ...(part.blade ? [words.plateLink(NAME[part.blade.size], NAME[part.blade.link])] : []),
    ...weighed(part, system),
  ];
  const name = headPartTitle(part, system);
  return [isFrame ? words.frameOf(name) : name, about, part.skirt?.colour];
}

const TELL: { readonly [T in Tray]: (part: PartOf<T>, system: UnitSystem) => Told } = {
  heads: tellHead,
  skirts: (part, system) => [
    words.strands(part.strands, NAME[part.material]),
    [shown('partLength', lengthMFromMm(part.lengthMm), system), ...weighed(part, system)],
    part.colour,
  ],
  trailers: (part, system) => [
    `${shown('partLength', lengthMFromMm(part.lengthMm), system)} ${TRAILER_TITLE[part.kind]}`,
    [words.softnessOf(NAME[part.softness]), ...weighed(part, system)],
    part.colour,
  ],
  blades: (part, system) => [`${BLADE_TITLE[part.shape]} ${part.size}`, [NAME[part.finish], ...weighed(part, system)]],
  hooks: (part) => [words.hookKind(part.size, NAME[part.kind]), [words.wireWeight(NAME[part.wire])]],
  lines: (part, system) => [
    `${shown('lineStrength', massKgFromLb(part.lb), system)} ${NAME[part.kind]}`,
    [
      words.thick(
        shown('thickness', lengthMFromMm(part.diameterMm ?? lineDiameterMm(part.kind, part.lb)), system),
        part.diameterMm ? words.andMeasured : '',
      ),
    ],
  ],
  rods: (part, system) => [
    `${rodText(part.lengthM, system)} ${NAME[part.power]}`,
    [
      words.actionOf(NAME[part.action]),
      ...(part.lureFromOz !== undefined && part.lureToOz !== undefined
        ? [
            words.castsTo(
              shownHeadStep(massKgFromOz(part.lureFromOz), system),
              shownHeadStep(massKgFromOz(part.lureToOz), system),
            ),
          ]
        : []),
    ],
  ],
  reels: (part, system) => [
    words.reelRatio(part.ratio),
    part.perTurnM === undefined ? [] : [words.lineOfATurn(shown('depth', part.perTurnM, system))],
  ],
};

/** Why a part stays out of the picks. */
function whyOut(tray: Tray, part: AnyPart): string | null {
  if (part.quantity === 0) return words.isUsedUp;
  if (part.condition === 'torn' || part.condition === 'rusty') return NAME[part.condition];
  return tray === 'heads' && familyOfHead(part as PartOf<'heads'>) === null ? words.keptUntilHasBlades : null;
}

/** The line of a part of any tray. */
export function tellPart(tray: Tray, part: AnyPart, system: UnitSystem): PartLine {
  const tell = TELL[tray] as (part: AnyPart, system: UnitSystem) => Told;
  const [title, about, colour = ''] = tell(part, system);
  return {
    title,
    about: [...about, ...(part.label ? [part.label] : [])].join(', '),
    colour,
    swatch: colour === '' ? null : colourSwatch(colour),
    out: whyOut(tray, part),
  };
}

/** A part in one line: what it is, and its colour. */
export function partTitle(tray: Tray, part: AnyPart, system: UnitSystem): string {
  const { title, colour } = tellPart(tray, part, system);
  return [title, colour].filter(Boolean).join(', ');
}

/** Names of parts that stand in one list: those that would read the same say in what they differ. */
export function partTitles(
  rows: readonly { readonly tray: Tray; readonly part: AnyPart }[],
  system: UnitSystem,
): readonly string[] {
  const titles = rows.map(({ tray, part }) => partTitle(tray, part, system));
  const details = rows.map(({ tray, part }) => tellPart(tray, part, system).about.split(', '));
  // what all that read the same have in common tells none of them from the others
  const alike = new Map<string, { rows: number; readonly having: Map<string, number> }>();
  titles.forEach((title, at) => {
    const group = alike.get(title) ?? { rows: 0, having: new Map<string, number>() };
    group.rows++;
    for (const detail of new Set(details[at])) group.having.set(detail, (group.having.get(detail) ?? 0) + 1);
    alike.set(title, group);
  });
  return titles.map((title, at) => {
    const { rows: count, having } = alike.get(title)!;
    const own = details[at]!.filter((detail) => having.get(detail) !== count);
    return own.length === 0 ? title : `${title} (${own.join(', ')})`;
  });
}

export const partLine = (row: PartRow & { readonly tray: Tray }, system: UnitSystem): PartLine =>
  tellPart(row.tray, row.part as unknown as AnyPart, system);

export const quantityText = (quantity: number | undefined): string =>
  quantity === undefined ? words.some : String(quantity);

/** Class of a colour in words, said when it is not evident. */
export const colourHint = (colour: string): string =>
  colour !== '' && colourClassOf(colour) === null ? words.countsAs(COLOUR_CLASSES[0]) : '';

/** Whether every word looked for stands somewhere in a part's line. */
export function isFound(line: PartLine, sought: string): boolean {
  const text = `${line.title} ${line.about} ${line.colour} ${line.out ?? ''}`.toLowerCase();
  return sought
    .toLowerCase()
    .split(/\s+/)
    .every((word) => {
      const at = text.indexOf(word);
      if (at === -1 || !/^\d/.test(word)) return at !== -1;
      // a number is looked for as one: 4 is neither 34 nor 1.4 nor 3/4
      const plain = word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
      return new RegExp(`(^|[^\\d./])${plain}(?![\\d./])`).test(text);
    });
}
