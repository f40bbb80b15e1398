import { BLADE_FINISHES, BLADE_SHAPES, PLATE_LINKS, PLATE_SIZES } from '../../tackle/blades';
import { LINE_KINDS, ROD_ACTIONS, ROD_POWERS } from '../../tackle/gear';
import { HEAD_STYLES, HEADS, METALS, NOSES } from '../../tackle/heads';
import { HOOK_SIZES, HOOK_WIRES } from '../../tackle/hooks';
import { SKIRT_MATERIALS } from '../../tackle/skirts';
import { SOFTNESSES, TRAILER_KINDS, TRAILERS } from '../../tackle/trailers';
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

/** One column of a tray's CSV: its header, where its value goes in a part, how to read and write it. */
export interface Column extends CellKind {
  readonly name: string;
  /** place in the part: `outer`, `outer.inner`, or `outer.0.inner` for one of a list */
  readonly field: string;
  readonly required?: boolean;
  readonly example: string;
  readonly about: string;
}

const titlesOf = (rows: Readonly<Record<string, { readonly title: string }>>): Record<string, string> =>
  Object.fromEntries(Object.entries(rows).map(([id, { title }]) => [id, title]));

const choice = (values: readonly string[], about = values.join(', ')): Pick<Column, 'about' | 'read' | 'write'> => ({
  about,
  ...oneOf(values),
});

const OWNED: readonly Column[] = [
  {
    name: 'quantity',
    field: 'quantity',
    example: '3',
    about: 'how many you have; empty means some, 0 used up',
    ...count,
  },
  {
    name: 'condition',
    field: 'condition',
    example: '',
    ...choice(CONDITIONS, 'good, torn or rusty; empty means good'),
  },
  { name: 'label', field: 'label', example: '', about: 'your own words for it', ...words },
];
const MASS: readonly Column[] = [
  { name: 'mass', field: 'massG', example: '', about: 'only if you weighed it; g unless oz is written', ...grams },
  {
    name: 'mass counts',
    field: 'massTrust',
    example: '',
    ...choice(MASS_TRUSTS, 'where mass and size disagree: scale or size; empty means scale'),
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
      about: `one of ${HEAD_STYLES.join(', ')}`,
      ...oneOf(HEAD_STYLES, titlesOf(HEADS)),
    },
    {
      name: 'weight',
      field: 'weightOz',
      required: true,
      example: '3/8 oz',
      about: 'the head alone; oz unless g is written',
      ...ounces,
    },
    { name: 'metal', field: 'metal', example: 'lead', ...choice(METALS) },
    { name: 'nose', field: 'nose', example: '', ...choice(NOSES) },
    { name: 'cams', field: 'cams', example: 'no', about: 'yes or no', ...yesNo },
    { name: 'finesse', field: 'finesse', example: 'no', about: 'yes or no', ...yesNo },
    { name: 'hook', field: 'hook.size', example: '4/0', ...choice(HOOK_SIZES) },
    { name: 'wire', field: 'hook.wire', example: 'medium', ...choice(HOOK_WIRES) },
    { name: 'wire measured', field: 'hook.wireMm', example: '', about: 'its diameter, in mm', ...thickness },
    { name: 'keeper', field: 'keeper', example: 'barb', ...choice(KEEPERS) },
    {
      name: 'guard fibres',
      field: 'guard.fibres',
      example: '18',
      about: 'empty for no guard; 1 with kind wire',
      ...count,
    },
    {
      name: 'guard kind',
      field: 'guard.kind',
      example: '',
      ...choice(['fibre', 'wire'], 'fibre or wire; empty means fibre'),
    },
    {
      name: 'guard length',
      field: 'guard.lengthMm',
      example: '28 mm',
      about: 'in inches unless mm is written',
      ...length,
    },
    { name: 'guard spread', field: 'guard.spread', example: '', ...choice(GUARD_SPREADS) },
    { name: 'guard bevel', field: 'guard.bevel', example: '', about: 'yes or no', ...yesNo },
    {
      name: 'skirt material',
      field: 'skirt.material',
      example: 'silicone',
      about: 'empty for a bare head',
      ...oneOf(SKIRT_MATERIALS),
    },
    { name: 'skirt strands', field: 'skirt.strands', example: '50', about: 'strands of its own skirt', ...count },
    { name: 'skirt length', field: 'skirt.lengthMm', example: '55 mm', about: 'from the collar back', ...length },
    { name: 'skirt colour', field: 'skirt.colour', example: 'green pumpkin', about: 'plain words', ...words },
    {
      name: 'plate',
      field: 'blade.size',
      example: '',
      ...choice(PLATE_SIZES, `vibrating heads: ${PLATE_SIZES.join(', ')}`),
    },
    { name: 'plate link', field: 'blade.link', example: '', ...choice(PLATE_LINKS) },
    { name: 'plate finish', field: 'blade.finish', example: '', about: 'plain words', ...words },
    {
      name: 'first blade',
      field: 'blades.0.shape',
      example: '',
      ...choice(BLADE_SHAPES, `spinner frames: ${BLADE_SHAPES.join(', ')}`),
    },
    { name: 'first blade size', field: 'blades.0.size', example: '', about: '2 to 6', ...count },
    { name: 'first blade finish', field: 'blades.0.finish', example: '', ...choice(BLADE_FINISHES) },
    { name: 'second blade', field: 'blades.1.shape', example: '', ...choice(BLADE_SHAPES, 'empty for one blade') },
    { name: 'second blade size', field: 'blades.1.size', example: '', about: '2 to 6', ...count },
    { name: 'second blade finish', field: 'blades.1.finish', example: '', ...choice(BLADE_FINISHES) },
    {
      name: 'arm length',
      field: 'arms.upperMm',
      example: '',
      about: 'spinner frames: the upper arm, in inches unless mm is written',
      ...length,
    },
    { name: 'arm angle', field: 'arms.angleDeg', example: '', about: 'between the arms, degrees', ...count },
    {
      name: 'arm twist',
      field: 'arms.twistDeg',
      example: '',
      about: 'upper arm out of line with the hook, degrees',
      ...count,
    },
    { name: 'arms squeezed', field: 'arms.squeezed', example: '', about: 'yes or no', ...yesNo },
    ...MASS,
    ...OWNED,
  ],
  skirts: [
    { name: 'material', field: 'material', required: true, example: 'silicone', ...choice(SKIRT_MATERIALS) },
    { name: 'strands', field: 'strands', required: true, example: '50', about: 'how many', ...count },
    { name: 'length', field: 'lengthMm', example: '55 mm', about: 'from the collar back', ...length },
    { name: 'colour', field: 'colour', example: 'black/blue', about: 'plain words', ...words },
    ...MASS,
    ...OWNED,
  ],
  trailers: [
    {
      name: 'kind',
      field: 'kind',
      required: true,
      example: 'flapper-craw',
      about: `one of ${TRAILER_KINDS.join(', ')}`,
      ...oneOf(TRAILER_KINDS, titlesOf(TRAILERS)),
    },
    {
      name: 'length',
      field: 'lengthMm',
      required: true,
      example: '4 in',
      about: 'in inches unless mm is written',
      ...length,
    },
    { name: 'softness', field: 'softness', example: 'medium', ...choice(SOFTNESSES) },
    { name: 'colour', field: 'colour', example: 'green pumpkin', about: 'plain words', ...words },
    {
      name: 'width',
      field: 'widthMm',
      example: '',
      about: 'widest place of the body, measured; mm unless in is written',
      ...thickness,
    },
    {
      name: 'thickness',
      field: 'heightMm',
      example: '',
      about: 'thickest place of the body, measured; mm unless in is written',
      ...thickness,
    },
    ...MASS,
    ...OWNED,
  ],
  blades: [
    { name: 'shape', field: 'shape', required: true, example: 'colorado', ...choice(BLADE_SHAPES) },
    { name: 'size', field: 'size', required: true, example: '4', about: '2 to 6', ...count },
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
      about: 'single or treble',
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
      about: 'breaking load; lb unless kg is written',
      ...pounds,
    },
    { name: 'diameter', field: 'diameterMm', example: '', about: 'only if you measured it, mm', ...thickness },
    ...OWNED,
  ],
  rods: [
    {
      name: 'rod length',
      field: 'lengthM',
      required: true,
      example: '7.2 ft',
      about: 'in feet unless m is written',
      ...longLength,
    },
    { name: 'power', field: 'power', required: true, example: 'medium-heavy', ...choice(ROD_POWERS) },
    { name: 'action', field: 'action', example: 'fast', ...choice(ROD_ACTIONS) },
    {
      name: 'lure from',
      field: 'lureFromOz',
      example: '1/4 oz',
      about: 'lightest lure it casts; oz unless g is written',
      ...ounces,
    },
    {
      name: 'lure to',
      field: 'lureToOz',
      example: '1 oz',
      about: 'heaviest lure it casts; oz unless g is written',
      ...ounces,
    },
    ...OWNED,
  ],
  reels: [
    { name: 'gear ratio', field: 'ratio', required: true, example: '7.1:1', about: '7.1:1 or 7.1', ...ratio },
    {
      name: 'line a turn',
      field: 'perTurnM',
      example: '0.72 m',
      about: 'line taken up by one turn of the handle, in feet unless m is written',
      ...longLength,
    },
    ...OWNED,
  ],
};
