export const title = 'What leads where';
export const across = 'Across';
export const upwards = 'Upwards';
export const axes = { temperature: 'temperature', visibility: 'visibility', depth: 'depth', sky: 'light' } as const;
export const skies = { bright: 'bright', mixed: 'mixed', dark: 'dark' } as const;
export const fineness = 'Fineness';
export const finenesses: Readonly<Record<number, string>> = { 16: 'coarse', 32: 'fine', 64: 'finest' };
export const draw = 'Draw it';
export const drawAgain = 'Draw it anew';
export const stop = 'Stop';
export const asking = (asked: string, of: string): string => `${asked} of ${of} cells asked`;
export const drawn = (asked: string, of: string): string =>
  `${of} cells, ${asked} of them asked; the rest lies between answers that agree`;
export const ofAnotherWater = 'The water changed since: draw it anew.';
export const tooManyParts = (limit: number): string =>
  `A map asks hundreds of answers: it is drawn of boxes of up to ${limit} parts, not of every kind there is. Pick from your box, or look at single waters.`;
export const today = 'today';
export const noRig = 'no rig';
export const mapLabel = (across: string, upwards: string): string =>
  `Map of first picks, ${across} across, ${upwards} upwards. Arrow keys move over it, Enter takes its water.`;
export const cellSays = (where: string, rig: string): string => `${where}: ${rig}`;
export const takeThis =
  'Point at a place, or tap it, to see what leads there; a click or Enter makes it the water at hand';
export const takeTheWater = 'Take this water';
export const waterTaken = (where: string): string => `The water is now at ${where}.`;
export const regions = 'Regions';
export const changesTo = (what: string): string => `changes ${what}`;
export const asNow = 'as today';
export const changes = {
  family: 'the family',
  head: 'the head',
  weight: 'the weight',
  trailer: 'the plastic',
  blades: 'the blades',
  plate: 'the plate',
} as const;
export const asTable = 'As a table';
export const asMap = 'As a map';
export const shape = 'Shown';
export const shareOf = (percent: number): string => (percent < 1 ? 'under 1 %' : `${percent} %`);
export const tableOf = 'First picks, as a table';
export const withAskedGear = 'Asked with the gear each rig should have, not with your own: picks may differ from it.';
export const elsewhereIn = (colours: string): string => `elsewhere in ${colours}`;
