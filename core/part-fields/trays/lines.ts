import { NAME } from '../../locale/en/names';
import * as says from '../../locale/en/part-fields';
import { lineDiameterMm, LINE_KINDS, type LineKind } from '../../tackle/gear';
import { choiceOf, STRENGTH, THICKNESS } from '../kinds';
import { type FieldRow, ofPart, OWNED } from '../field-row';

export const LINES: readonly FieldRow[] = [
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
