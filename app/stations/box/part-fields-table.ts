import {
  BLADE_FINISHES,
  BLADE_SHAPES,
  COLOURS,
  computedMassG,
  fibreGuard,
  HEAD_STYLES,
  HEADS,
  HOOK_SIZES,
  HOOK_WIRES,
  KEEPERS,
  lengthMFromMm,
  lineDiameterMm,
  LINE_KINDS,
  massKgFromG,
  massKgFromOz,
  METALS,
  mmFromLengthM,
  NOSES,
  ozFromMassKg,
  gFromMassKg,
  PART_LIMITS,
  PLATE_LINKS,
  PLATE_SIZES,
  ROD_ACTIONS,
  ROD_POWERS,
  SKIRT_MATERIALS,
  SOFTNESSES,
  trailerBody,
  TRAILER_KINDS,
  TRAILERS,
  uncutTrailer,
  WIRE_DIAMETER_MM,
  type AnyPart,
  type HookWire,
  type LineKind,
  type PartOf,
  type Quantity,
  type Tray,
  type WeighedTray,
} from '@core';

interface FieldBase {
  /** place in the part: `outer`, or `outer.inner` */
  readonly field: string;
  readonly label: string;
}
/** One of a few. */
export interface ChoiceField extends FieldBase {
  readonly kind: 'choice';
  readonly options: readonly { readonly value: string; readonly title: string }[];
  /** title of "none", where the field may be left out */
  readonly none?: string;
}
/** A number with a unit; `unit` is that of files. */
export interface AmountField extends FieldBase {
  readonly kind: 'amount';
  readonly quantity: Quantity;
  readonly unit: FileUnit;
  readonly min: number;
  readonly max: number;
  readonly optional?: boolean;
}
/** A whole number, or any number without a unit. */
export interface CountField extends FieldBase {
  readonly kind: 'count';
  readonly min: number;
  readonly max: number;
  readonly whole?: boolean;
  readonly optional?: boolean;
}
export interface WordsField extends FieldBase {
  readonly kind: 'words';
  readonly suggestions?: readonly string[];
  readonly optional?: boolean;
}
export interface FlagField extends FieldBase {
  readonly kind: 'flag';
}
export type PartField = ChoiceField | AmountField | CountField | WordsField | FlagField;

/** Units of files, and the way to SI and back. */
export const FILE_UNITS = {
  oz: { toSi: massKgFromOz, fromSi: ozFromMassKg },
  g: { toSi: massKgFromG, fromSi: gFromMassKg },
  mm: { toSi: lengthMFromMm, fromSi: mmFromLengthM },
  m: { toSi: (m: number): number => m, fromSi: (m: number): number => m },
} as const;
export type FileUnit = keyof typeof FILE_UNITS;

const asIs = (values: readonly string[]): { value: string; title: string }[] =>
  values.map((value) => ({ value, title: value }));
const titled = <K extends string>(ids: readonly K[], rows: Readonly<Record<K, { readonly title: string }>>) =>
  ids.map((value) => ({ value, title: rows[value].title }));

const {
  weightOz,
  trailerMm,
  skirtMm,
  strands,
  fibres,
  bodyMm,
  wireMm,
  lineLb,
  lineMm,
  rodM,
  reelRatio,
  reelTurnM,
  massG,
} = PART_LIMITS;
const COLOUR_NAMES = COLOURS.map(({ name }) => name);
const WORDS: readonly PartField[] = [{ kind: 'words', field: 'label', label: 'Your own words for it', optional: true }];

/** What can be said about a part of each tray, besides how many there are. */
export const PART_FIELDS: Readonly<Record<Tray, readonly PartField[]>> = {
  heads: [
    { kind: 'choice', field: 'style', label: 'Style', options: titled(HEAD_STYLES, HEADS) },
    {
      kind: 'amount',
      field: 'weightOz',
      label: 'Weight of the head alone',
      quantity: 'headMass',
      unit: 'oz',
      ...weightOz,
    },
    { kind: 'choice', field: 'metal', label: 'Metal', options: asIs(METALS) },
    { kind: 'choice', field: 'nose', label: 'Nose', options: asIs(NOSES), none: 'as the style has it' },
    { kind: 'choice', field: 'hook.size', label: 'Hook', options: asIs(HOOK_SIZES) },
    { kind: 'choice', field: 'hook.wire', label: 'Wire', options: asIs(HOOK_WIRES) },
    { kind: 'choice', field: 'keeper', label: 'Keeper', options: asIs(KEEPERS), none: 'barb' },
    { kind: 'flag', field: 'finesse', label: 'finesse version' },
    { kind: 'flag', field: 'cams', label: 'side cams' },
    ...WORDS,
  ],
  skirts: [
    { kind: 'choice', field: 'material', label: 'Material', options: asIs(SKIRT_MATERIALS) },
    { kind: 'count', field: 'strands', label: 'Strands, counted', whole: true, ...strands },
    {
      kind: 'amount',
      field: 'lengthMm',
      label: 'Length behind the collar',
      quantity: 'partLength',
      unit: 'mm',
      ...skirtMm,
    },
    { kind: 'words', field: 'colour', label: 'Colour', suggestions: COLOUR_NAMES },
    ...WORDS,
  ],
  trailers: [
    { kind: 'choice', field: 'kind', label: 'Kind', options: titled(TRAILER_KINDS, TRAILERS) },
    { kind: 'amount', field: 'lengthMm', label: 'Length', quantity: 'partLength', unit: 'mm', ...trailerMm },
    { kind: 'choice', field: 'softness', label: 'Plastic', options: asIs(SOFTNESSES) },
    { kind: 'words', field: 'colour', label: 'Colour', suggestions: COLOUR_NAMES },
    ...WORDS,
  ],
  blades: [
    { kind: 'choice', field: 'shape', label: 'Shape', options: asIs(BLADE_SHAPES) },
    { kind: 'count', field: 'size', label: 'Size', min: 2, max: 6, whole: true },
    { kind: 'choice', field: 'finish', label: 'Finish', options: asIs(BLADE_FINISHES) },
    ...WORDS,
  ],
  hooks: [
    { kind: 'choice', field: 'kind', label: 'Kind', options: asIs(['single', 'treble']) },
    { kind: 'choice', field: 'size', label: 'Size', options: asIs(HOOK_SIZES) },
    { kind: 'choice', field: 'wire', label: 'Wire', options: asIs(HOOK_WIRES) },
    ...WORDS,
  ],
  lines: [
    { kind: 'choice', field: 'kind', label: 'Line', options: asIs(LINE_KINDS) },
    { kind: 'count', field: 'lb', label: 'Breaking load, lb', ...lineLb },
    ...WORDS,
  ],
  rods: [
    { kind: 'amount', field: 'lengthM', label: 'Length', quantity: 'depth', unit: 'm', ...rodM },
    { kind: 'choice', field: 'power', label: 'Power', options: asIs(ROD_POWERS) },
    { kind: 'choice', field: 'action', label: 'Action', options: asIs(ROD_ACTIONS) },
    {
      kind: 'amount',
      field: 'lureFromOz',
      label: 'Lightest lure',
      quantity: 'headMass',
      unit: 'oz',
      ...weightOz,
      optional: true,
    },
    {
      kind: 'amount',
      field: 'lureToOz',
      label: 'Heaviest lure',
      quantity: 'headMass',
      unit: 'oz',
      ...weightOz,
      optional: true,
    },
    ...WORDS,
  ],
  reels: [{ kind: 'count', field: 'ratio', label: 'Gear ratio, to 1', ...reelRatio }, ...WORDS],
};

/** Fields of a head's own fittings, shown while it has them. */
export const FITTING_FIELDS: Readonly<Record<'guard' | 'skirt' | 'blade' | 'arms', readonly PartField[]>> = {
  guard: [
    { kind: 'choice', field: 'guard.kind', label: 'Guard', options: asIs(['fibre', 'wire']) },
    { kind: 'count', field: 'guard.fibres', label: 'Fibres', whole: true, ...fibres },
    {
      kind: 'amount',
      field: 'guard.lengthMm',
      label: 'Guard length',
      quantity: 'partLength',
      unit: 'mm',
      min: 5,
      max: 60,
    },
  ],
  skirt: [
    { kind: 'choice', field: 'skirt.material', label: 'Its skirt', options: asIs(SKIRT_MATERIALS) },
    { kind: 'count', field: 'skirt.strands', label: 'Its strands', whole: true, ...strands },
    { kind: 'amount', field: 'skirt.lengthMm', label: 'Its length', quantity: 'partLength', unit: 'mm', ...skirtMm },
    { kind: 'words', field: 'skirt.colour', label: 'Its colour', suggestions: COLOUR_NAMES },
  ],
  blade: [
    { kind: 'choice', field: 'blade.size', label: 'Plate', options: asIs(PLATE_SIZES) },
    { kind: 'choice', field: 'blade.link', label: 'Link', options: asIs(PLATE_LINKS) },
    { kind: 'words', field: 'blade.finish', label: 'Finish' },
  ],
  arms: [
    {
      kind: 'amount',
      field: 'arms.upperMm',
      label: 'Upper arm',
      quantity: 'partLength',
      unit: 'mm',
      min: 20,
      max: 150,
    },
    { kind: 'count', field: 'arms.angleDeg', label: 'Angle of the arms, degrees', min: 10, max: 120 },
    { kind: 'flag', field: 'arms.squeezed', label: 'arms squeezed together' },
  ],
};

/** What a head gets when it is given a fitting it lacked; taking it off leaves the field as a bare head has it. */
export const NEW_FITTING: Readonly<
  Record<keyof typeof FITTING_FIELDS, { readonly title: string; readonly put: object; readonly off: null | undefined }>
> = {
  guard: { title: 'guard', put: fibreGuard(18), off: null },
  skirt: {
    title: 'skirt of its own',
    put: { material: 'silicone', strands: 50, lengthMm: 55, colour: 'green pumpkin' },
    off: null,
  },
  blade: { title: 'plate in front', put: { size: 'standard', link: 'direct', finish: 'black' }, off: undefined },
  arms: {
    title: 'spinner frame',
    put: { upperMm: 60, angleDeg: 55, twistDeg: 0, squeezed: false },
    off: undefined,
  },
};

/** Something that can be measured on a part: what the tables compute, beside what was found. */
export interface MeasuredField extends AmountField {
  /** by the tables, in the unit of files; null where they cannot tell */
  computed(part: AnyPart): number | null;
}

const massOf = (tray: WeighedTray): MeasuredField => ({
  kind: 'amount',
  field: 'massG',
  label: tray === 'heads' ? 'Mass with hook and guard' : 'Mass',
  quantity: 'mass',
  unit: 'g',
  ...massG,
  optional: true,
  computed: (part) => computedMassG[tray](part as never),
});
const bare = (part: AnyPart): PartOf<'trailers'> => {
  const { massG: _mass, widthMm: _width, heightMm: _height, ...rest } = part as PartOf<'trailers'>;
  return rest;
};
const body = (part: AnyPart) => trailerBody(uncutTrailer(bare(part)));
const thickness = (
  field: string,
  label: string,
  computed: (part: AnyPart) => number,
  limit: { readonly min: number; readonly max: number } = bodyMm,
): MeasuredField => ({
  kind: 'amount',
  field,
  label,
  quantity: 'thickness',
  unit: 'mm',
  ...limit,
  optional: true,
  computed,
});

export const MEASURED_FIELDS: Readonly<Record<Tray, readonly MeasuredField[]>> = {
  heads: [
    massOf('heads'),
    thickness(
      'hook.wireMm',
      'Wire',
      (part) => WIRE_DIAMETER_MM[(part as { hook: { wire: HookWire } }).hook.wire],
      wireMm,
    ),
  ],
  skirts: [massOf('skirts')],
  trailers: [
    massOf('trailers'),
    thickness('widthMm', 'Widest place', (part) => mmFromLengthM(body(part).widthM)),
    thickness('heightMm', 'Thickest place', (part) => mmFromLengthM(body(part).heightM)),
  ],
  blades: [massOf('blades')],
  hooks: [],
  lines: [
    thickness(
      'diameterMm',
      'Diameter',
      (part) => lineDiameterMm((part as { kind: LineKind }).kind, (part as { lb: number }).lb),
      lineMm,
    ),
  ],
  rods: [],
  reels: [
    {
      kind: 'amount',
      field: 'perTurnM',
      label: 'Line a turn',
      quantity: 'depth',
      unit: 'm',
      ...reelTurnM,
      optional: true,
      computed: (part) => 0.1 * (part as { ratio: number }).ratio,
    },
  ],
};

/** Value at `outer` or `outer.inner`. */
export const valueAt = (part: unknown, field: string): unknown =>
  field.split('.').reduce<unknown>((at, name) => (at as Record<string, unknown> | null | undefined)?.[name], part);

export const numberAt = (part: unknown, field: string): number | undefined => {
  const value = valueAt(part, field);
  return typeof value === 'number' ? value : undefined;
};

/** A copy with a value put at `outer` or `outer.inner`; `undefined` takes the field away. */
export function withValue(part: object, field: string, value: unknown): Record<string, unknown> {
  const [outer = '', inner] = field.split('.');
  const copy: Record<string, unknown> = { ...part };
  if (inner !== undefined) copy[outer] = withValue((copy[outer] as object | null | undefined) ?? {}, inner, value);
  else if (value === undefined) delete copy[outer];
  else copy[outer] = value;
  return copy;
}
