import { NAME } from '../../locale/en/names';
import * as says from '../../locale/en/part-fields';
import { TRAILER_TITLE } from '../../locale/en/tackle';
import { computedBodyMm } from '../../rig/body/part-mass';
import { SOFTNESSES, TRAILER_KINDS } from '../../tackle/trailers';
import { choiceOf, LENGTH, THICKNESS } from '../kinds';
import { type FieldRow, PLAIN_COLOUR, fixed, ofPart, COLOUR, OWNED, weighed } from '../field-row';

export const TRAILERS: readonly FieldRow[] = [
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
