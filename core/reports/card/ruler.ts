import { lengthMFromIn, mmFromLengthM } from '../../units/units';
import { INK, line, text, type CardItem } from './draw';

/** Rulers printed on every card: measured after printing they tell whether the sheet came out at true size. */
export const CHECK_MM = 100;
export const CHECK_IN = 4;

const TICK_MM = { whole: 4, half: 2.8, part: 1.6 } as const;
const SPINE_MM = 0.4;

interface Scale {
  readonly unitMm: number;
  readonly parts: number;
  readonly count: number;
  readonly name: string;
}
const CENTIMETRES: Scale = { unitMm: 10, parts: 10, count: CHECK_MM / 10, name: `${CHECK_MM} mm` };
const INCHES: Scale = { unitMm: mmFromLengthM(lengthMFromIn(1)), parts: 8, count: CHECK_IN, name: `${CHECK_IN} in` };

function scale(x: number, y: number, { unitMm, parts, count, name }: Scale, numbersBy: number): CardItem[] {
  const items: CardItem[] = [line(x, y, x + count * unitMm, y, SPINE_MM)];
  for (let tick = 0; tick <= count * parts; tick++) {
    const at = x + (tick * unitMm) / parts;
    const long = tick % parts === 0 ? TICK_MM.whole : tick % (parts / 2) === 0 ? TICK_MM.half : TICK_MM.part;
    items.push(line(at, y, at, y - long));
    if (tick % parts === 0) {
      items.push(text(at, y + 3.4, 2.8, String((tick / parts) * numbersBy), { anchor: 'middle' }));
    }
  }
  items.push(text(x + count * unitMm + 3, y, 3.2, name, { bold: true, colour: INK }));
  return items;
}

/** Both check rulers, their zero at x; they take up to 118 by 18 mm. */
export const checkRulers = (x: number, y: number): CardItem[] => [
  ...scale(x, y + 5, CENTIMETRES, 10),
  ...scale(x, y + 15, INCHES, 1),
];
export const RULERS_TALL_MM = 20;
