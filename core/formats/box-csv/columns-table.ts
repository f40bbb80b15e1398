import { BLADE_FINISHES, BLADE_SHAPES, PLATE_LINKS, PLATE_SIZES } from '../../tackle/blades';
import { LINE_KINDS, ROD_ACTIONS, ROD_POWERS } from '../../tackle/gear';
import { HEAD_STYLES, METALS, NOSES } from '../../tackle/heads';
import { HOOK_SIZES, HOOK_WIRES } from '../../tackle/hooks';
import { SKIRT_MATERIALS } from '../../tackle/skirts';
import { SOFTNESSES, TRAILER_KINDS } from '../../tackle/trailers';
import { GUARD_SPREADS, KEEPERS } from '../../rig/parts/schema';
import { CONDITIONS, MASS_TRUSTS, type Tray } from '../../rig/parts/box';
import {
  count,
  grams,
  length,
  longLength,
  oneOf,
  ounces,
  pounds,
  ratio,
  thickness,
  words,
  yesNo,
  type CellKind,
} from './cells';
import { HEAD_TITLE, TRAILER_TITLE } from '../../locale/en/tackle';
import * as columns from '../../locale/en/columns';

/** One column of a tray's CSV: its header, where its value goes in a part, how to read and write it. */
export interface Column extends CellKind {
  readonly name: string;
  /** place in the part: `outer`, `outer.inner`, or `outer.0.inner` for one of a list */
  readonly field: string;
  readonly required?: boolean;
  readonly example: string;
  readonly about: string;
}

const choice = (values: readonly string[], about = values.join(', ')): Pick<Column, 'about' | 'read' | 'write'> => ({
  about,
  ...oneOf(values),
});

const OWNED: readonly Column[] = [
  {
    name: 'quantity',
    field: 'quantity',
    example: '3',
    about: columns.howManyYouHave,
    ...count,
  },
  {
    name: 'condition',
    field: 'condition',
    example: '',
    ...choice(CONDITIONS, columns.goodTornOrRusty),
  },
  { name: 'label', field: 'label', example: '', about: columns.yourOwnWordsFor, ...words },
];
const MASS: readonly Column[] = [
  { name: 'mass', field: 'massG', example: '', about: columns.onlyIfYouWeighed, ...grams },
  {
    name: 'mass counts',
    field: 'massTrust',
    example: '',
    ...choice(MASS_TRUSTS, columns.whichCounts),
  },
];

/** Columns of each tray, in the order they are written. */
export const COLUMNS: Readonly<Record<Tray, readonly Column[]>> = {
  heads: [
    {
      name: 'style',
      field: 'style',
      required: true,
      example: 'casting',
      about: columns.oneOf(HEAD_STYLES.join(', ')),
      ...oneOf(HEAD_STYLES, HEAD_TITLE),
    },
    {
      name: 'weight',
      field: 'weightOz',
      required: true,
      example: '3/8 oz',
      about: columns.headAlone,
      ...ounces,
    },
    { name: 'metal', field: 'metal', example: 'lead', ...choice(METALS) },
    { name: 'nose', field: 'nose', example: '', ...choice(NOSES) },
    { name: 'cams', field: 'cams', example: 'no', about: columns.yesOrNo, ...yesNo },
    { name: 'finesse', field: 'finesse', example: 'no', about: columns.yesOrNo, ...yesNo },
    { name: 'hook', field: 'hook.size', example: '4/0', ...choice(HOOK_SIZES) },
    { name: 'wire', field: 'hook.wire', example: 'medium', ...choice(HOOK_WIRES) },
    { name: 'wire measured', field: 'hook.wireMm', example: '', about: columns.itsDiameterMm, ...thickness },
    { name: 'keeper', field: 'keeper', example: 'barb', ...choice(KEEPERS) },
    {
      name: 'guard fibres',
      field: 'guard.fibres',
      example: '18',
      about: columns.emptyForNoGuard,
      ...count,
    },
    {
      name: 'guard kind',
      field: 'guard.kind',
      example: '',
      ...choice(['fibre', 'wire'], columns.fibreOrWire),
    },
    {
      name: 'guard length',
      field: 'guard.lengthMm',
      example: '28 mm',
      about: columns.inInches,
      ...length,
    },
    { name: 'guard spread', field: 'guard.spread', example: '', ...choice(GUARD_SPREADS) },
    { name: 'guard bevel', field: 'guard.bevel', example: '', about: columns.yesOrNo, ...yesNo },
    {
      name: 'skirt material',
      field: 'skirt.material',
      example: 'silicone',
      about: columns.emptyForBareHead,
      ...oneOf(SKIRT_MATERIALS),
    },
    { name: 'skirt strands', field: 'skirt.strands', example: '50', about: columns.strandsItsOwnSkirt, ...count },
    { name: 'skirt length', field: 'skirt.lengthMm', example: '55 mm', about: columns.fromCollarBack, ...length },
    { name: 'skirt colour', field: 'skirt.colour', example: 'green pumpkin', about: columns.plainWords, ...words },
    {
      name: 'plate',
      field: 'blade.size',
      example: '',
      ...choice(PLATE_SIZES, columns.vibratingHeads(PLATE_SIZES.join(', '))),
    },
    { name: 'plate link', field: 'blade.link', example: '', ...choice(PLATE_LINKS) },
    { name: 'plate finish', field: 'blade.finish', example: '', about: columns.plainWords, ...words },
    {
      name: 'first blade',
      field: 'blades.0.shape',
      example: '',
      ...choice(BLADE_SHAPES, columns.spinnerFrames(BLADE_SHAPES.join(', '))),
    },
    { name: 'first blade size', field: 'blades.0.size', example: '', about: columns.bladeSizes, ...count },
    { name: 'first blade finish', field: 'blades.0.finish', example: '', ...choice(BLADE_FINISHES) },
    { name: 'second blade', field: 'blades.1.shape', example: '', ...choice(BLADE_SHAPES, columns.emptyForOneBlade) },
    { name: 'second blade size', field: 'blades.1.size', example: '', about: columns.bladeSizes, ...count },
    { name: 'second blade finish', field: 'blades.1.finish', example: '', ...choice(BLADE_FINISHES) },
    {
      name: 'arm length',
      field: 'arms.upperMm',
      example: '',
      about: columns.spinnerFramesUpperArm,
      ...length,
    },
    { name: 'arm angle', field: 'arms.angleDeg', example: '', about: columns.betweenArmsDegrees, ...count },
    {
      name: 'arm twist',
      field: 'arms.twistDeg',
      example: '',
      about: columns.upperArmOutLine,
      ...count,
    },
    { name: 'arms squeezed', field: 'arms.squeezed', example: '', about: columns.yesOrNo, ...yesNo },
    ...MASS,
    ...OWNED,
  ],
  skirts: [
    { name: 'material', field: 'material', required: true, example: 'silicone', ...choice(SKIRT_MATERIALS) },
    { name: 'strands', field: 'strands', required: true, example: '50', about: columns.howMany, ...count },
    { name: 'length', field: 'lengthMm', example: '55 mm', about: columns.fromCollarBack, ...length },
    { name: 'colour', field: 'colour', example: 'black/blue', about: columns.plainWords, ...words },
    ...MASS,
    ...OWNED,
  ],
  trailers: [
    {
      name: 'kind',
      field: 'kind',
      required: true,
      example: 'flapper-craw',
      about: columns.oneOf(TRAILER_KINDS.join(', ')),
      ...oneOf(TRAILER_KINDS, TRAILER_TITLE),
    },
    {
      name: 'length',
      field: 'lengthMm',
      required: true,
      example: '4 in',
      about: columns.inInches,
      ...length,
    },
    { name: 'softness', field: 'softness', example: 'medium', ...choice(SOFTNESSES) },
    { name: 'colour', field: 'colour', example: 'green pumpkin', about: columns.plainWords, ...words },
    {
      name: 'width',
      field: 'widthMm',
      example: '',
      about: columns.widestPlace,
      ...thickness,
    },
    {
      name: 'thickness',
      field: 'heightMm',
      example: '',
      about: columns.thickestPlace,
      ...thickness,
    },
    ...MASS,
    ...OWNED,
  ],
  blades: [
    { name: 'shape', field: 'shape', required: true, example: 'colorado', ...choice(BLADE_SHAPES) },
    { name: 'size', field: 'size', required: true, example: '4', about: columns.bladeSizes, ...count },
    { name: 'finish', field: 'finish', example: 'gold', ...choice(BLADE_FINISHES) },
    ...MASS,
    ...OWNED,
  ],
  hooks: [
    {
      name: 'hook kind',
      field: 'kind',
      required: true,
      example: 'single',
      about: columns.singleOrTreble,
      ...oneOf(['single', 'treble']),
    },
    { name: 'hook size', field: 'size', required: true, example: '2/0', ...choice(HOOK_SIZES) },
    { name: 'wire', field: 'wire', example: 'medium', ...choice(HOOK_WIRES) },
    ...OWNED,
  ],
  lines: [
    { name: 'line', field: 'kind', required: true, example: 'fluorocarbon', ...choice(LINE_KINDS) },
    {
      name: 'strength',
      field: 'lb',
      required: true,
      example: '15 lb',
      about: columns.breakingLoad,
      ...pounds,
    },
    { name: 'diameter', field: 'diameterMm', example: '', about: columns.onlyIfYouMeasured, ...thickness },
    ...OWNED,
  ],
  rods: [
    {
      name: 'rod length',
      field: 'lengthM',
      required: true,
      example: '7.2 ft',
      about: columns.inFeet,
      ...longLength,
    },
    { name: 'power', field: 'power', required: true, example: 'medium-heavy', ...choice(ROD_POWERS) },
    { name: 'action', field: 'action', example: 'fast', ...choice(ROD_ACTIONS) },
    {
      name: 'lure from',
      field: 'lureFromOz',
      example: '1/4 oz',
      about: columns.lightestLure,
      ...ounces,
    },
    {
      name: 'lure to',
      field: 'lureToOz',
      example: '1 oz',
      about: columns.heaviestLure,
      ...ounces,
    },
    ...OWNED,
  ],
  reels: [
    { name: 'gear ratio', field: 'ratio', required: true, example: '7.1:1', about: columns.eitherRatio, ...ratio },
    {
      name: 'line a turn',
      field: 'perTurnM',
      example: '0.72 m',
      about: columns.lineOfATurn,
      ...longLength,
    },
    ...OWNED,
  ],
};
