export const title = 'Rod, reel and line';
export const of = { rod: 'Rod', reel: 'Reel', line: 'Line' } as const;
export const bestOfBox = (name: string): string => `best of the box: ${name}`;
export const labelled = (label: string, name: string): string => `${label}, ${name}`;
export const carries = 'All of it is enough.';
export const weakest = (name: string): string => `Weakest: ${name}.`;
export const lacks =
  'The box has no rod, reel and line together: put one of each in, and what they carry is told here.';
export const marginSays = (name: string, value: string, band: string): string =>
  `${name} ${value} what is needed, ${band}`;
export const times = (value: string): string => `${value}×`;
export const between = (from: string, to: string): string => `${from} to ${to}`;
export const oneIsEnough = '1× is just enough';
export const wouldLift = 'What would lift it';
export const take = 'Take it';
