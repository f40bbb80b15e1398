export const tileOf = (tile: string | number, tiles: string | number): string =>
  `Part ${tile} of ${tiles}: lay the dashed lines with the same letter over each other.`;
export const numbersAndBands = 'Numbers, with the band they are likely in';
export const cutCardTitle = 'Pandero cut card · drawn 1:1';
export const printAt100 = 'Print at 100 %, not "fit to page". Then lay a rule on both scales: they must agree.';
export const cutList = 'Cut list';
export const lookAgain = 'Look again';
export const takeCare = 'Take care';
export const sheetOf = (at: string | number, count: string | number): string => `sheet ${at} of ${count}`;
export const ribs = (ribs: string | number): string => `, ${ribs} ribs`;
export const cut = (mm: string | number, ribs: string | number): string => `cut ${mm}${ribs}`;
export const cutAt = (mm: string | number): string => `cut ${mm}`;
export const hookOut = (mm: string | number): string => `hook out ${mm} from the nose`;
export const trailerOnBoard = 'Trailer on the board';
export const underside = ', underside';
export const skirt = (mm: string | number, rig: string | number): string => `skirt ${mm}${rig}`;
export const past = 'past';
export const shortOf = 'short of';
export const guardAndPoint = (mm: string | number, mm2: string | number, past: string | number): string =>
  `guard ${mm}, ${mm2} ${past} the point`;
export const outAt = (mm: string | number): string => `out at ${mm}`;
export const putTogether = 'Put together, from the side';
export const fromAbove = 'From above';
export const headOn = 'Head-on: arm over hook';
