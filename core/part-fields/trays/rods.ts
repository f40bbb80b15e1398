import { NAME } from '../../locale/en/names';
import * as says from '../../locale/en/part-fields';
import { ROD_ACTIONS, ROD_POWERS } from '../../tackle/gear';
import { choiceOf, LONG_LENGTH, WEIGHT } from '../kinds';
import { type FieldRow, fixed, ofPart, OWNED } from '../field-row';

export const RODS: readonly FieldRow[] = [
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
