import { NAME } from '../../locale/en/names';
import * as says from '../../locale/en/part-fields';
import { BLADE_TITLE } from '../../locale/en/tackle';
import { BLADE_FINISHES, BLADE_SHAPES } from '../../tackle/blades';
import { choiceOf, COUNT } from '../kinds';
import { type FieldRow, fixed, ofPart, OWNED, weighed } from '../field-row';

export const BLADES: readonly FieldRow[] = [
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
