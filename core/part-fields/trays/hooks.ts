import { NAME } from '../../locale/en/names';
import * as says from '../../locale/en/part-fields';
import { HOOK_SIZES, HOOK_WIRES } from '../../tackle/hooks';
import { choiceOf } from '../kinds';
import { type FieldRow, fixed, ofPart, OWNED } from '../field-row';

export const HOOKS: readonly FieldRow[] = [
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
