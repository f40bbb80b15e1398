import {
  BLADE_FINISHES,
  BLADE_SHAPES,
  COLOURS,
  computedMassG,
  fibreGuard,
  HEAD_STYLES,
  HEAD_TITLE,
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
  TRAILER_TITLE,
  uncutTrailer,
  WIRE_DIAMETER_MM,
  type AnyPart,
  type HookWire,
  type LineKind,
  type PartOf,
  type Quantity,
  type Tray,
  type WeighedTray,
  BLADE_TITLE,
  NAME,
  type Named,
} from '@core';
import * as words from '../../locale/en/box';

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
const named = (values: readonly Named[]): { value: string; title: string }[] =>
  values.map((value) => ({ value, title: NAME[value] }));
const titled = <K extends string>(ids: readonly K[], titles: Readonly<Record<K, string>>) =>
  ids.map((value) => ({ value, title: titles[value] }));

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
const WORDS: readonly PartField[] = [{ kind: 'words', field: 'label', label: words.yourOwnWordsFor, optional: true }];

/** What can be said about a part of each tray, besides how many there are. */
export const PART_FIELDS: Readonly<Record<Tray, readonly PartField[]>> = {
  heads: [
    { kind: 'choice', field: 'style', label: words.style, options: titled(HEAD_STYLES, HEAD_TITLE) },
    {
      kind: 'amount',
      field: 'weightOz',
      label: words.weightHeadAlone,
      quantity: 'headMass',
      unit: 'oz',
      ...weightOz,
    },
    { kind: 'choice', field: 'metal', label: words.metal, options: named(METALS) },
    { kind: 'choice', field: 'nose', label: words.nose, options: named(NOSES), none: words.asStyleHas },
    { kind: 'choice', field: 'hook.size', label: words.hook, options: asIs(HOOK_SIZES) },
    { kind: 'choice', field: 'hook.wire', label: words.wire, options: named(HOOK_WIRES) },
    { kind: 'choice', field: 'keeper', label: words.keeper, options: named(KEEPERS), none: NAME.barb },
    { kind: 'flag', field: 'finesse', label: words.finesseVersion },
    { kind: 'flag', field: 'cams', label: words.sideCams },
    ...WORDS,
  ],
  skirts: [
    { kind: 'choice', field: 'material', label: words.material, options: named(SKIRT_MATERIALS) },
    { kind: 'count', field: 'strands', label: words.strandsCounted, whole: true, ...strands },
    {
      kind: 'amount',
      field: 'lengthMm',
      label: words.lengthBehindCollar,
      quantity: 'partLength',
      unit: 'mm',
      ...skirtMm,
    },
    { kind: 'words', field: 'colour', label: words.colour, suggestions: COLOUR_NAMES },
    ...WORDS,
  ],
  trailers: [
    { kind: 'choice', field: 'kind', label: words.kind, options: titled(TRAILER_KINDS, TRAILER_TITLE) },
    { kind: 'amount', field: 'lengthMm', label: words.length, quantity: 'partLength', unit: 'mm', ...trailerMm },
    { kind: 'choice', field: 'softness', label: words.plastic, options: named(SOFTNESSES) },
    { kind: 'words', field: 'colour', label: words.colour, suggestions: COLOUR_NAMES },
    ...WORDS,
  ],
  blades: [
    { kind: 'choice', field: 'shape', label: words.shape, options: titled(BLADE_SHAPES, BLADE_TITLE) },
    { kind: 'count', field: 'size', label: words.size, min: 2, max: 6, whole: true },
    { kind: 'choice', field: 'finish', label: words.finish, options: named(BLADE_FINISHES) },
    ...WORDS,
  ],
  hooks: [
    { kind: 'choice', field: 'kind', label: words.kind, options: named(['single', 'treble']) },
    { kind: 'choice', field: 'size', label: words.size, options: asIs(HOOK_SIZES) },
    { kind: 'choice', field: 'wire', label: words.wire, options: named(HOOK_WIRES) },
    ...WORDS,
  ],
  lines: [
    { kind: 'choice', field: 'kind', label: words.line, options: named(LINE_KINDS) },
    { kind: 'count', field: 'lb', label: words.breakingLoadLb, ...lineLb },
    ...WORDS,
  ],
  rods: [
    { kind: 'amount', field: 'lengthM', label: words.length, quantity: 'depth', unit: 'm', ...rodM },
    { kind: 'choice', field: 'power', label: words.power, options: named(ROD_POWERS) },
    { kind: 'choice', field: 'action', label: words.action, options: named(ROD_ACTIONS) },
    {
      kind: 'amount',
      field: 'lureFromOz',
      label: words.lightestLure,
      quantity: 'headMass',
      unit: 'oz',
      ...weightOz,
      optional: true,
    },
    {
      kind: 'amount',
      field: 'lureToOz',
      label: words.heaviestLure,
      quantity: 'headMass',
      unit: 'oz',
      ...weightOz,
      optional: true,
    },
    ...WORDS,
  ],
  reels: [{ kind: 'count', field: 'ratio', label: words.gearRatio1, ...reelRatio }, ...WORDS],
};

/** Fields of a head's own fittings, shown while it has them. */
export const FITTING_FIELDS: Readonly<Record<'guard' | 'skirt' | 'blade' | 'arms', readonly PartField[]>> = {
  guard: [
    { kind: 'choice', field: 'guard.kind', label: words.guard, options: named(['fibre', 'wire']) },
    { kind: 'count', field: 'guard.fibres', label: words.fibres, whole: true, ...fibres },
    {
      kind: 'amount',
      field: 'guard.lengthMm',
      label: words.guardLength,
      quantity: 'partLength',
      unit: 'mm',
      min: 5,
      max: 60,
    },
  ],
  skirt: [
    { kind: 'choice', field: 'skirt.material', label: words.itsSkirt, options: named(SKIRT_MATERIALS) },
    { kind: 'count', field: 'skirt.strands', label: words.itsStrands, whole: true, ...strands },
    { kind: 'amount', field: 'skirt.lengthMm', label: words.itsLength, quantity: 'partLength', unit: 'mm', ...skirtMm },
    { kind: 'words', field: 'skirt.colour', label: words.itsColour, suggestions: COLOUR_NAMES },
  ],
  blade: [
    { kind: 'choice', field: 'blade.size', label: words.plate, options: named(PLATE_SIZES) },
    { kind: 'choice', field: 'blade.link', label: words.link, options: named(PLATE_LINKS) },
    { kind: 'words', field: 'blade.finish', label: words.finish },
  ],
  arms: [
    {
      kind: 'amount',
      field: 'arms.upperMm',
      label: words.upperArm,
      quantity: 'partLength',
      unit: 'mm',
      min: 20,
      max: 150,
    },
    { kind: 'count', field: 'arms.angleDeg', label: words.angleArmsDegrees, min: 10, max: 120 },
    { kind: 'flag', field: 'arms.squeezed', label: words.armsSqueezedTogether },
  ],
};

/** What a head gets when it is given a fitting it lacked; taking it off leaves the field as a bare head has it. */
export const NEW_FITTING: Readonly<
  Record<keyof typeof FITTING_FIELDS, { readonly title: string; readonly put: object; readonly off: null | undefined }>
> = {
  guard: { title: words.itsGuard, put: fibreGuard(18), off: null },
  skirt: {
    title: words.skirtItsOwn,
    put: { material: 'silicone', strands: 50, lengthMm: 55, colour: 'green pumpkin' },
    off: null,
  },
  blade: { title: words.plateInFront, put: { size: 'standard', link: 'direct', finish: 'black' }, off: undefined },
  arms: {
    title: words.spinnerFrame,
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
  label: tray === 'heads' ? words.massWithHookGuard : words.mass,
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
      words.wire,
      (part) => WIRE_DIAMETER_MM[(part as { hook: { wire: HookWire } }).hook.wire],
      wireMm,
    ),
  ],
  skirts: [massOf('skirts')],
  trailers: [
    massOf('trailers'),
    thickness('widthMm', words.widestPlace, (part) => mmFromLengthM(body(part).widthM)),
    thickness('heightMm', words.thickestPlace, (part) => mmFromLengthM(body(part).heightM)),
  ],
  blades: [massOf('blades')],
  hooks: [],
  lines: [
    thickness(
      'diameterMm',
      words.diameter,
      (part) => lineDiameterMm((part as { kind: LineKind }).kind, (part as { lb: number }).lb),
      lineMm,
    ),
  ],
  rods: [],
  reels: [
    {
      kind: 'amount',
      field: 'perTurnM',
      label: words.lineATurn,
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
