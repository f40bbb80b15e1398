import * as says from '../../locale/en/part-fields';
import { LONG_LENGTH, RATIO } from '../kinds';
import { type FieldRow, ofPart, OWNED } from '../field-row';

/** Line taken up by one turn of the handle of a common reel, m to one of its gear ratio. @source craft-practice */
const TURN_M_PER_RATIO = 0.1;

export const REELS: readonly FieldRow[] = [
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
