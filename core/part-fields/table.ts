import { BLADE_FINISHES, BLADE_SHAPES, PLATE_LINKS, PLATE_SIZES } from '../tackle/blades';
import { COLOURS } from '../tackle/colours';
import { lineDiameterMm, LINE_KINDS, ROD_ACTIONS, ROD_POWERS, type LineKind } from '../tackle/gear';
import { HEAD_STYLES, METALS, NOSES, type HeadStyle } from '../tackle/heads';
import { HOOK_SIZES, HOOK_WIRES, WIRE_DIAMETER_MM, type HookWire } from '../tackle/hooks';
import { SKIRT_MATERIALS } from '../tackle/skirts';
import { SOFTNESSES, TRAILER_KINDS } from '../tackle/trailers';
import { CONDITIONS, MASS_TRUSTS, type AnyPart, type Tray } from '../rig/parts/box';
import { DEFAULT_SKIRT, STYLE_FITTINGS } from '../rig/parts/catalogue';
import { DEFAULT_ARMS, GUARD_SPREADS, KEEPERS } from '../rig/parts/schema';
import { computedBodyMm, computedMassG, type WeighedTray } from '../rig/body/part-mass';
import { NAME } from '../locale/en/names';
import { BLADE_TITLE, HEAD_TITLE, TRAILER_TITLE } from '../locale/en/tackle';
import * as says from '../locale/en/part-fields';
import {
  choiceOf,
  COUNT,
  FLAG,
  LENGTH,
  LONG_LENGTH,
  MASS,
  RATIO,
  STRENGTH,
  THICKNESS,
  WEIGHT,
  WORDS,
  type FieldKind,
} from './kinds';

/** Fittings a head may carry; each has a part of the form of its own. */
export const FITTINGS = ['guard', 'skirt', 'blade', 'arms'] as const;
export type Fitting = (typeof FITTINGS)[number];

/**
 * One field of a part, told once: its place, its column in lists, its line in the form, what it is when nobody says.
 * Its limits, and whether it may be left out, are those of the schema (`described.ts` joins the two).
 */
export interface FieldRow {
  /** place in the part: `outer`, `outer.inner`, or `outer.0.inner` for one of a list */
  readonly place: string;
  readonly column: string;
  readonly of: FieldKind;
  /** what the column holds, in words; for a choice its ids unless said */
  readonly about?: string;
  readonly example?: string;
  /** what it is where nobody says, by the part as far as it is told; a list must say what has none and may not be left out */
  readonly fill?: (part: Readonly<Record<string, unknown>>) => unknown;
  /** where the form has it, and under which name */
  readonly form?: { readonly at: 'part' | 'measured' | Fitting; readonly title: string; readonly none?: string };
  /** what the tables say, in the unit of files, beside what was measured */
  readonly computed?: (part: AnyPart) => number | null;
}

const PLAIN_COLOUR = 'green pumpkin';
const fixed =
  <T>(value: T) =>
  (): T =>
    value;
const ofPart = (title: string, none?: string) => ({
  at: 'part' as const,
  title,
  ...(none === undefined ? {} : { none }),
});
const ofFitting = (at: Fitting, title: string) => ({ at, title });
const COLOUR: FieldKind = { ...WORDS, suggestions: COLOURS.map(({ name }) => name) };

const fittingsOf = (part: Readonly<Record<string, unknown>>): (typeof STYLE_FITTINGS)[HeadStyle] | undefined =>
  STYLE_FITTINGS[part['style'] as HeadStyle] as (typeof STYLE_FITTINGS)[HeadStyle] | undefined;

const OWNED: readonly FieldRow[] = [
  { place: 'quantity', column: 'quantity', of: COUNT, about: says.howManyYouHave, example: '3' },
  { place: 'condition', column: 'condition', of: choiceOf(CONDITIONS), about: says.goodTornOrRusty },
  { place: 'label', column: 'label', of: WORDS, about: says.yourOwnWordsFor, form: ofPart(says.label) },
];
const weighed = (tray: WeighedTray): readonly FieldRow[] => [
  {
    place: 'massG',
    column: 'mass',
    of: MASS,
    about: says.onlyIfYouWeighed,
    form: { at: 'measured', title: tray === 'heads' ? says.massWithHookGuard : says.mass },
    computed: (part) => computedMassG[tray](part as never),
  },
  { place: 'massTrust', column: 'mass counts', of: choiceOf(MASS_TRUSTS), about: says.whichCounts },
];
const blade = (at: 0 | 1, name: string, about: string): readonly FieldRow[] => [
  {
    place: `blades.${at}.shape`,
    column: name,
    of: choiceOf(BLADE_SHAPES, BLADE_TITLE),
    about,
    fill: fixed('colorado'),
  },
  { place: `blades.${at}.size`, column: `${name} size`, of: COUNT, about: says.bladeSizes, fill: fixed(4) },
  {
    place: `blades.${at}.finish`,
    column: `${name} finish`,
    of: choiceOf(BLADE_FINISHES, NAME),
    fill: fixed('nickel'),
  },
];

const HEADS: readonly FieldRow[] = [
  {
    place: 'style',
    column: 'style',
    of: choiceOf(HEAD_STYLES, HEAD_TITLE),
    about: says.oneOf(HEAD_STYLES.join(', ')),
    example: 'casting',
    form: ofPart(says.style),
  },
  {
    place: 'weightOz',
    column: 'weight',
    of: WEIGHT,
    about: says.headAlone,
    example: '3/8 oz',
    form: ofPart(says.weightHeadAlone),
  },
  {
    place: 'metal',
    column: 'metal',
    of: choiceOf(METALS, NAME),
    example: 'lead',
    fill: fixed('lead'),
    form: ofPart(says.metal),
  },
  { place: 'nose', column: 'nose', of: choiceOf(NOSES, NAME), form: ofPart(says.nose, says.asStyleHas) },
  { place: 'cams', column: 'cams', of: FLAG, about: says.yesOrNo, example: 'no', form: ofPart(says.sideCams) },
  {
    place: 'finesse',
    column: 'finesse',
    of: FLAG,
    about: says.yesOrNo,
    example: 'no',
    fill: fixed(false),
    form: ofPart(says.finesseVersion),
  },
  {
    place: 'hook.size',
    column: 'hook',
    of: choiceOf(HOOK_SIZES),
    example: '4/0',
    fill: (part) => fittingsOf(part)?.hook ?? '4/0',
    form: ofPart(says.hook),
  },
  {
    place: 'hook.wire',
    column: 'wire',
    of: choiceOf(HOOK_WIRES, NAME),
    example: 'medium',
    fill: (part) => fittingsOf(part)?.wire ?? 'medium',
    form: ofPart(says.wire),
  },
  {
    place: 'hook.wireMm',
    column: 'wire measured',
    of: THICKNESS,
    about: says.itsDiameterMm,
    form: { at: 'measured', title: says.wire },
    computed: (part) => WIRE_DIAMETER_MM[(part as { hook: { wire: HookWire } }).hook.wire],
  },
  {
    place: 'keeper',
    column: 'keeper',
    of: choiceOf(KEEPERS, NAME),
    example: 'barb',
    form: ofPart(says.keeper, NAME.barb),
  },
  {
    place: 'guard.fibres',
    column: 'guard fibres',
    of: COUNT,
    about: says.emptyForNoGuard,
    example: '18',
    fill: (part) => fittingsOf(part)?.fibres ?? 18,
    form: ofFitting('guard', says.fibres),
  },
  {
    place: 'guard.kind',
    column: 'guard kind',
    of: choiceOf(['fibre', 'wire'], NAME),
    about: says.fibreOrWire,
    fill: fixed('fibre'),
    form: ofFitting('guard', says.guard),
  },
  {
    place: 'guard.lengthMm',
    column: 'guard length',
    of: LENGTH,
    about: says.inInches,
    example: '28 mm',
    fill: fixed(28),
    form: ofFitting('guard', says.guardLength),
  },
  { place: 'guard.spread', column: 'guard spread', of: choiceOf(GUARD_SPREADS), fill: fixed('none') },
  { place: 'guard.bevel', column: 'guard bevel', of: FLAG, about: says.yesOrNo, fill: fixed(false) },
  {
    place: 'skirt.material',
    column: 'skirt material',
    of: choiceOf(SKIRT_MATERIALS, NAME),
    about: says.emptyForBareHead,
    example: 'silicone',
    fill: fixed(DEFAULT_SKIRT.material),
    form: ofFitting('skirt', says.itsSkirt),
  },
  {
    place: 'skirt.strands',
    column: 'skirt strands',
    of: COUNT,
    about: says.strandsItsOwnSkirt,
    example: '50',
    fill: fixed(DEFAULT_SKIRT.strands),
    form: ofFitting('skirt', says.itsStrands),
  },
  {
    place: 'skirt.lengthMm',
    column: 'skirt length',
    of: LENGTH,
    about: says.fromCollarBack,
    example: '55 mm',
    fill: fixed(DEFAULT_SKIRT.lengthMm),
    form: ofFitting('skirt', says.itsLength),
  },
  {
    place: 'skirt.colour',
    column: 'skirt colour',
    of: COLOUR,
    about: says.plainWords,
    example: 'green pumpkin',
    fill: fixed(PLAIN_COLOUR),
    form: ofFitting('skirt', says.itsColour),
  },
  {
    place: 'blade.size',
    column: 'plate',
    of: choiceOf(PLATE_SIZES, NAME),
    about: says.vibratingHeads(PLATE_SIZES.join(', ')),
    fill: fixed('standard'),
    form: ofFitting('blade', says.plate),
  },
  {
    place: 'blade.link',
    column: 'plate link',
    of: choiceOf(PLATE_LINKS, NAME),
    fill: fixed('direct'),
    form: ofFitting('blade', says.link),
  },
  {
    place: 'blade.finish',
    column: 'plate finish',
    of: WORDS,
    about: says.plainWords,
    fill: fixed('plain'),
    form: ofFitting('blade', says.finish),
  },
  ...blade(0, 'first blade', says.spinnerFrames(BLADE_SHAPES.join(', '))),
  ...blade(1, 'second blade', says.emptyForOneBlade),
  {
    place: 'arms.upperMm',
    column: 'arm length',
    of: LENGTH,
    about: says.spinnerFramesUpperArm,
    fill: fixed(DEFAULT_ARMS.upperMm),
    form: ofFitting('arms', says.upperArm),
  },
  {
    place: 'arms.angleDeg',
    column: 'arm angle',
    of: COUNT,
    about: says.betweenArmsDegrees,
    fill: fixed(DEFAULT_ARMS.angleDeg),
    form: ofFitting('arms', says.angleArmsDegrees),
  },
  {
    place: 'arms.twistDeg',
    column: 'arm twist',
    of: COUNT,
    about: says.upperArmOutLine,
    fill: fixed(DEFAULT_ARMS.twistDeg),
  },
  {
    place: 'arms.squeezed',
    column: 'arms squeezed',
    of: FLAG,
    about: says.yesOrNo,
    fill: fixed(DEFAULT_ARMS.squeezed),
    form: ofFitting('arms', says.armsSqueezedTogether),
  },
  ...weighed('heads'),
  ...OWNED,
];

const SKIRTS: readonly FieldRow[] = [
  {
    place: 'material',
    column: 'material',
    of: choiceOf(SKIRT_MATERIALS, NAME),
    example: 'silicone',
    form: ofPart(says.material),
  },
  {
    place: 'strands',
    column: 'strands',
    of: COUNT,
    about: says.howMany,
    example: '50',
    form: ofPart(says.strandsCounted),
  },
  {
    place: 'lengthMm',
    column: 'length',
    of: LENGTH,
    about: says.fromCollarBack,
    example: '55 mm',
    fill: fixed(DEFAULT_SKIRT.lengthMm),
    form: ofPart(says.lengthBehindCollar),
  },
  {
    place: 'colour',
    column: 'colour',
    of: COLOUR,
    about: says.plainWords,
    example: 'black/blue',
    fill: fixed(PLAIN_COLOUR),
    form: ofPart(says.colour),
  },
  ...weighed('skirts'),
  ...OWNED,
];

const TRAILERS: readonly FieldRow[] = [
  {
    place: 'kind',
    column: 'kind',
    of: choiceOf(TRAILER_KINDS, TRAILER_TITLE),
    about: says.oneOf(TRAILER_KINDS.join(', ')),
    example: 'flapper-craw',
    form: ofPart(says.kind),
  },
  {
    place: 'lengthMm',
    column: 'length',
    of: LENGTH,
    about: says.inInches,
    example: '4 in',
    form: ofPart(says.length),
  },
  {
    place: 'softness',
    column: 'softness',
    of: choiceOf(SOFTNESSES, NAME),
    example: 'medium',
    fill: fixed('medium'),
    form: ofPart(says.plastic),
  },
  {
    place: 'colour',
    column: 'colour',
    of: COLOUR,
    about: says.plainWords,
    example: 'green pumpkin',
    fill: fixed(PLAIN_COLOUR),
    form: ofPart(says.colour),
  },
  {
    place: 'widthMm',
    column: 'width',
    of: THICKNESS,
    about: says.widestPlace,
    form: { at: 'measured', title: says.widest },
    computed: (part) => computedBodyMm(part as never).widthMm,
  },
  {
    place: 'heightMm',
    column: 'thickness',
    of: THICKNESS,
    about: says.thickestPlace,
    form: { at: 'measured', title: says.thickest },
    computed: (part) => computedBodyMm(part as never).heightMm,
  },
  ...weighed('trailers'),
  ...OWNED,
];

const BLADES: readonly FieldRow[] = [
  {
    place: 'shape',
    column: 'shape',
    of: choiceOf(BLADE_SHAPES, BLADE_TITLE),
    example: 'colorado',
    form: ofPart(says.shape),
  },
  {
    place: 'size',
    column: 'size',
    of: COUNT,
    about: says.bladeSizes,
    example: '4',
    form: ofPart(says.size),
  },
  {
    place: 'finish',
    column: 'finish',
    of: choiceOf(BLADE_FINISHES, NAME),
    example: 'gold',
    fill: fixed('nickel'),
    form: ofPart(says.finish),
  },
  ...weighed('blades'),
  ...OWNED,
];

const HOOKS: readonly FieldRow[] = [
  {
    place: 'kind',
    column: 'hook kind',
    of: choiceOf(['single', 'treble'], NAME),
    about: says.singleOrTreble,
    example: 'single',
    form: ofPart(says.kind),
  },
  {
    place: 'size',
    column: 'hook size',
    of: choiceOf(HOOK_SIZES),
    example: '2/0',
    form: ofPart(says.size),
  },
  {
    place: 'wire',
    column: 'wire',
    of: choiceOf(HOOK_WIRES, NAME),
    example: 'medium',
    fill: fixed('medium'),
    form: ofPart(says.wire),
  },
  ...OWNED,
];

const LINES: readonly FieldRow[] = [
  {
    place: 'kind',
    column: 'line',
    of: choiceOf(LINE_KINDS, NAME),
    example: 'fluorocarbon',
    form: ofPart(says.line),
  },
  {
    place: 'lb',
    column: 'strength',
    of: STRENGTH,
    about: says.breakingLoad,
    example: '15 lb',
    form: ofPart(says.breakingLoadLb),
  },
  {
    place: 'diameterMm',
    column: 'diameter',
    of: THICKNESS,
    about: says.onlyIfYouMeasured,
    form: { at: 'measured', title: says.diameter },
    computed: (part) => lineDiameterMm((part as { kind: LineKind }).kind, (part as { lb: number }).lb),
  },
  ...OWNED,
];

const RODS: readonly FieldRow[] = [
  {
    place: 'lengthM',
    column: 'rod length',
    of: LONG_LENGTH,
    about: says.inFeet,
    example: '7.2 ft',
    form: ofPart(says.length),
  },
  {
    place: 'power',
    column: 'power',
    of: choiceOf(ROD_POWERS, NAME),
    example: 'medium-heavy',
    form: ofPart(says.power),
  },
  {
    place: 'action',
    column: 'action',
    of: choiceOf(ROD_ACTIONS, NAME),
    example: 'fast',
    fill: fixed('fast'),
    form: ofPart(says.action),
  },
  {
    place: 'lureFromOz',
    column: 'lure from',
    of: WEIGHT,
    about: says.lightestLure,
    example: '1/4 oz',
    form: ofPart(says.lureFrom),
  },
  {
    place: 'lureToOz',
    column: 'lure to',
    of: WEIGHT,
    about: says.heaviestLure,
    example: '1 oz',
    form: ofPart(says.lureTo),
  },
  ...OWNED,
];

/** Line taken up by one turn of the handle of a common reel, m to one of its gear ratio. @source craft-practice */
const TURN_M_PER_RATIO = 0.1;

const REELS: readonly FieldRow[] = [
  {
    place: 'ratio',
    column: 'gear ratio',
    of: RATIO,
    about: says.eitherRatio,
    example: '7.1:1',
    form: ofPart(says.gearRatio),
  },
  {
    place: 'perTurnM',
    column: 'line a turn',
    of: LONG_LENGTH,
    about: says.lineOfATurn,
    example: '0.72 m',
    form: { at: 'measured', title: says.lineATurn },
    computed: (part) => TURN_M_PER_RATIO * (part as { ratio: number }).ratio,
  },
  ...OWNED,
];

/** Fields of the parts of each tray, in the order lists are written. */
export const FIELD_ROWS: Readonly<Record<Tray, readonly FieldRow[]>> = {
  heads: HEADS,
  skirts: SKIRTS,
  trailers: TRAILERS,
  blades: BLADES,
  hooks: HOOKS,
  lines: LINES,
  rods: RODS,
  reels: REELS,
};
