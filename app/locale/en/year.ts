export const title = 'The year here';
export const climate = 'Begin with';
export const climates = { cool: 'cool waters', mild: 'mild waters', warm: 'warm waters' } as const;
export const byHand = 'as drawn';
export const temperature = 'Temperature';
export const visibility = 'Visibility';
export const inMonth = (what: string, month: string): string => `${what}, ${month}`;
export const look = 'Ask the months';
export const lookAgain = 'Ask them anew';
export const asking = 'The months are being asked…';
export const stop = 'Stop';
export const clock = (count: number): string =>
  count === 1 ? 'One rig all year round' : `${count} rigs round the year, by month; the list beside it says which`;
export const ties = 'Tie on';
export const turns = 'Changes';
export const lacks = 'The box lacks';
export const month = 'Month';
export const noRig = 'no rig';
export const changes = {
  family: 'family',
  head: 'head',
  weight: 'weight',
  wire: 'wire',
  trailer: 'plastic',
  blades: 'blades',
  plate: 'plate',
  colour: 'colour',
} as const;
export const nothingLacks = 'Nothing this box lacks would add to a month.';
export const drawTheCurve = 'The curve: drag each month, or use the arrow keys';
export const takeMonth = (name: string): string => `Take the water of ${name}`;
export const waterTaken = (name: string): string => `The water is now that of ${name}.`;
export const tooManyParts = (limit: number): string =>
  `A year is asked of boxes of up to ${limit} parts, not of every kind there is. Pick from your box.`;
export const tableOf = 'Month by month';
export const withAskedGear = 'Asked with the gear each rig should have, not with your own: picks may differ from it.';
