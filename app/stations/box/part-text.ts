import {
  BLADES,
  COLOUR_CLASSES,
  colourClassOf,
  colourSwatch,
  countedMassG,
  HEADS,
  familyOfHead,
  lengthMFromMm,
  lineDiameterMm,
  massKgFromG,
  massKgFromLb,
  massKgFromOz,
  rodText,
  shown,
  shownHeadStep,
  TRAILERS,
  type AnyPart,
  type PartOf,
  type Tray,
  type UnitSystem,
} from '@core';
import type { PartRow } from '../../db/database';

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
  heads: 'Heads',
  skirts: 'Skirts',
  trailers: 'Trailers',
  blades: 'Blades',
  hooks: 'Hooks',
  lines: 'Lines',
  rods: 'Rods',
  reels: 'Reels',
};
/** One of a tray, for buttons and headings. */
export const TRAY_ONE: Readonly<Record<Tray, string>> = {
  heads: 'head',
  skirts: 'skirt',
  trailers: 'trailer',
  blades: 'blade',
  hooks: 'hook',
  lines: 'line',
  rods: 'rod',
  reels: 'reel',
};

type Told = readonly [title: string, about: readonly string[], colour?: string | undefined];

const weighed = (part: { massG?: number; massTrust?: 'scale' | 'size' }, system: UnitSystem): string[] =>
  part.massG === undefined
    ? []
    : [
        `weighed ${shown('mass', massKgFromG(part.massG), system)}${countedMassG(part) === null ? ', not counted' : ''}`,
      ];

function tellHead(part: PartOf<'heads'>, system: UnitSystem): Told {
  const weight = shownHeadStep(massKgFromOz(part.weightOz), system);
  const family = part.blade ? 'vibrating ' : part.arms || part.blades ? 'spinner ' : '';
  const about = [
    `${part.hook.size} ${part.hook.wire} wire`,
    part.guard ? (part.guard.kind === 'wire' ? 'wire guard' : `${part.guard.fibres} fibres`) : 'no guard',
    ...(part.keeper === 'screw' ? ['screw keeper'] : []),
    ...(part.nose ? [`${part.nose} nose`] : []),
    ...(part.cams ? ['side cams'] : []),
    ...(part.metal === 'lead' ? [] : [part.metal]),
    ...(part.skirt ? ['comes with its skirt'] : []),
    ...(part.blade ? [`${part.blade.size} plate, ${part.blade.link} link`] : []),
    ...(part.blades ?? []).map(({ shape, size, finish }) => `${finish} ${BLADES[shape].title} ${size}`),
    ...weighed(part, system),
  ];
  return [`${weight} ${part.finesse ? 'finesse ' : ''}${family}${HEADS[part.style].title}`, about, part.skirt?.colour];
}

const TELL: { readonly [T in Tray]: (part: PartOf<T>, system: UnitSystem) => Told } = {
  heads: tellHead,
  skirts: (part, system) => [
    `${part.strands} strands ${part.material}`,
    [shown('partLength', lengthMFromMm(part.lengthMm), system), ...weighed(part, system)],
    part.colour,
  ],
  trailers: (part, system) => [
    `${shown('partLength', lengthMFromMm(part.lengthMm), system)} ${TRAILERS[part.kind].title}`,
    [`${part.softness} plastic`, ...weighed(part, system)],
    part.colour,
  ],
  blades: (part, system) => [`${BLADES[part.shape].title} ${part.size}`, [part.finish, ...weighed(part, system)]],
  hooks: (part) => [`${part.size} ${part.kind} hook`, [`${part.wire} wire`]],
  lines: (part, system) => [
    `${shown('lineStrength', massKgFromLb(part.lb), system)} ${part.kind}`,
    [
      `${shown('thickness', lengthMFromMm(part.diameterMm ?? lineDiameterMm(part.kind, part.lb)), system)} thick${part.diameterMm ? ', measured' : ''}`,
    ],
  ],
  rods: (part, system) => [
    `${rodText(part.lengthM, system)} ${part.power}`,
    [
      `${part.action} action`,
      ...(part.lureFromOz !== undefined && part.lureToOz !== undefined
        ? [
            `casts ${shownHeadStep(massKgFromOz(part.lureFromOz), system)} to ${shownHeadStep(massKgFromOz(part.lureToOz), system)}`,
          ]
        : []),
    ],
  ],
  reels: (part, system) => [
    `${part.ratio}:1 reel`,
    part.perTurnM === undefined ? [] : [`${shown('depth', part.perTurnM, system)} a turn`],
  ],
};

/** Why a part stays out of the picks. */
function whyOut(tray: Tray, part: AnyPart): string | null {
  if (part.quantity === 0) return 'used up';
  if (part.condition === 'torn' || part.condition === 'rusty') return part.condition;
  return tray === 'heads' && familyOfHead(part as PartOf<'heads'>) === null ? 'kept until it has blades' : null;
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

export const partLine = (row: PartRow & { readonly tray: Tray }, system: UnitSystem): PartLine =>
  tellPart(row.tray, row.part as unknown as AnyPart, system);

export const quantityText = (quantity: number | undefined): string =>
  quantity === undefined ? 'some' : String(quantity);

/** Class of a colour in words, said when it is not evident. */
export const colourHint = (colour: string): string =>
  colour !== '' && colourClassOf(colour) === null ? `counts as ${COLOUR_CLASSES[0]}` : '';

/** Whether every word looked for stands somewhere in a part's line. */
export function isFound(line: PartLine, words: string): boolean {
  const text = `${line.title} ${line.about} ${line.colour} ${line.out ?? ''}`.toLowerCase();
  return words
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
