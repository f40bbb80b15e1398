import {
  COLOUR_CLASSES,
  colourClassOf,
  colourSwatch,
  HEADS,
  lengthMFromMm,
  massKgFromG,
  massKgFromOz,
  shown,
  shownHeadStep,
  TRAILERS,
  type HeadPart,
  type SkirtPart,
  type TrailerPart,
  type Tray,
  type UnitSystem,
} from '@core';
import type { PartRow } from '../../db/database';

/** One part as a line of the box: what it is, its particulars, its colour. */
export interface PartLine {
  readonly id: string;
  readonly title: string;
  readonly about: string;
  readonly colour: string;
  readonly swatch: string | null;
  readonly quantity: string;
}

const quantityText = (quantity: number | undefined): string => (quantity === undefined ? 'some' : String(quantity));

function headLine(part: HeadPart, system: UnitSystem): Omit<PartLine, 'id'> {
  const weight = shownHeadStep(massKgFromOz(part.weightOz), system);
  const more = [
    `${part.hook.size} ${part.hook.wire} wire`,
    part.guard ? `${part.guard.kind === 'wire' ? 'wire guard' : `${part.guard.fibres} fibres`}` : 'no guard',
    ...(part.nose ? [`${part.nose} nose`] : []),
    ...(part.cams ? ['side cams'] : []),
    ...(part.metal === 'lead' ? [] : [part.metal]),
    ...(part.skirt ? ['comes with its skirt'] : []),
    ...(part.label ? [part.label] : []),
  ];
  return {
    title: `${weight} ${part.finesse ? 'finesse ' : ''}${HEADS[part.style].title}`,
    about: more.join(', '),
    colour: part.skirt?.colour ?? '',
    swatch: part.skirt ? colourSwatch(part.skirt.colour) : null,
    quantity: quantityText(part.quantity),
  };
}

function skirtLine(part: SkirtPart, system: UnitSystem): Omit<PartLine, 'id'> {
  const length = shown('partLength', lengthMFromMm(part.lengthMm), system);
  return {
    title: `${part.strands} strands ${part.material}`,
    about: [length, ...(part.label ? [part.label] : [])].join(', '),
    colour: part.colour,
    swatch: colourSwatch(part.colour),
    quantity: quantityText(part.quantity),
  };
}

function trailerLine(part: TrailerPart, system: UnitSystem): Omit<PartLine, 'id'> {
  const length = shown('partLength', lengthMFromMm(part.lengthMm), system);
  const weighed = part.massG === undefined ? [] : [`weighed ${shown('mass', massKgFromG(part.massG), system)}`];
  return {
    title: `${length} ${TRAILERS[part.kind].title}`,
    about: [`${part.softness} plastic`, ...weighed, ...(part.label ? [part.label] : [])].join(', '),
    colour: part.colour,
    swatch: colourSwatch(part.colour),
    quantity: quantityText(part.quantity),
  };
}

/** The line of a stored part. */
export function partLine(row: PartRow, system: UnitSystem): PartLine {
  const part = row.part as unknown;
  const line: Readonly<Record<Tray, () => Omit<PartLine, 'id'>>> = {
    heads: () => headLine(part as HeadPart, system),
    skirts: () => skirtLine(part as SkirtPart, system),
    trailers: () => trailerLine(part as TrailerPart, system),
  };
  return { id: row.id, ...line[row.tray as Tray]() };
}

/** Class of a colour in words, said when it is not evident. */
export const colourHint = (colour: string): string =>
  colour !== '' && colourClassOf(colour) === null ? `counts as ${COLOUR_CLASSES[0]}` : '';
