import { NAME } from '../../locale/en/names';
import * as says from '../../locale/en/part-fields';
import { DEFAULT_SKIRT } from '../../rig/parts/catalogue';
import { SKIRT_MATERIALS } from '../../tackle/skirts';
import { choiceOf, COUNT, LENGTH } from '../kinds';
import { type FieldRow, PLAIN_COLOUR, fixed, ofPart, COLOUR, OWNED, weighed } from '../field-row';

export const SKIRTS: readonly FieldRow[] = [
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
