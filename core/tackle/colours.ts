export const COLOUR_CLASSES = ['natural', 'dark', 'white-shad', 'bright', 'panfish', 'perch', 'crayfish'] as const;
export type ColourClass = (typeof COLOUR_CLASSES)[number];

/** What fish eat that a class of colours passes for. @source craft-practice */
const PASSES_FOR: Readonly<Record<ColourClass, readonly ('shad' | 'panfish' | 'crayfish' | 'perch' | 'minnow')[]>> = {
  natural: ['panfish', 'crayfish', 'perch'],
  dark: [],
  'white-shad': ['shad', 'minnow'],
  bright: [],
  panfish: ['panfish', 'perch'],
  perch: ['perch'],
  crayfish: ['crayfish'],
};
/** Classes of colours that pass for a food. */
export const classesFor = (food: (typeof PASSES_FOR)[ColourClass][number]): ColourClass[] =>
  COLOUR_CLASSES.filter((of) => PASSES_FOR[of].includes(food));

interface ColourRow {
  readonly name: string;
  readonly of: ColourClass;
  /** what the silhouette is filled with */
  readonly swatch: string;
}

/** Colours by plain words. The swatch is for drawing only; judging uses the class. */
export const COLOURS: readonly ColourRow[] = [
  { name: 'green pumpkin', of: 'natural', swatch: '#7f8443' },
  { name: 'watermelon', of: 'natural', swatch: '#7d9257' },
  { name: 'brown', of: 'natural', swatch: '#7a5433' },
  { name: 'brown/orange', of: 'crayfish', swatch: '#9a5a2b' },
  { name: 'red craw', of: 'crayfish', swatch: '#8f3b2a' },
  { name: 'black/blue', of: 'dark', swatch: '#2b3350' },
  { name: 'black/red', of: 'dark', swatch: '#43262a' },
  { name: 'black', of: 'dark', swatch: '#2d2926' },
  { name: 'white', of: 'white-shad', swatch: '#d9d5c6' },
  { name: 'pearl', of: 'white-shad', swatch: '#d5cfbd' },
  { name: 'shad grey', of: 'white-shad', swatch: '#a3a7a4' },
  { name: 'chartreuse', of: 'bright', swatch: '#b6c237' },
  { name: 'chartreuse/white', of: 'bright', swatch: '#c3cb6c' },
  { name: 'orange', of: 'bright', swatch: '#cc6f2c' },
  { name: 'bluegill mix', of: 'panfish', swatch: '#66764f' },
  { name: 'perch mix', of: 'perch', swatch: '#8f8a3a' },
];

/** Words that tell the class of a colour nobody listed, first match wins. */
const HINTS: readonly (readonly [RegExp, ColourClass])[] = [
  [/bluegill|panfish|sunfish|bream/, 'panfish'],
  [/perch/, 'perch'],
  [/craw|crayfish|brown.*orange|orange.*brown/, 'crayfish'],
  [/black|dark|purple|navy/, 'dark'],
  [/chartreuse|lime|orange|yellow|pink|fluorescent|bright/, 'bright'],
  [/white|pearl|shad|silver|grey|gray|smoke/, 'white-shad'],
  [/green|pumpkin|watermelon|brown|olive|natural|tan|amber/, 'natural'],
];

const known = new Map(COLOURS.map((row) => [row.name, row]));

/**
 * Class of a colour given in plain words.
 * @returns the class, or null when no word of it is known: the caller says so and counts it as natural
 */
export function colourClassOf(colour: string): ColourClass | null {
  const plain = colour.trim().toLowerCase();
  const row = known.get(plain);
  if (row) return row.of;
  for (const [pattern, of] of HINTS) if (pattern.test(plain)) return of;
  return null;
}

const CLASS_SWATCH: Readonly<Record<ColourClass, string>> = {
  natural: '#7f8443',
  dark: '#2b3350',
  'white-shad': '#d9d5c6',
  bright: '#b6c237',
  panfish: '#66764f',
  perch: '#8f8a3a',
  crayfish: '#9a5a2b',
};

/** Fill for drawing a part of this colour. */
export const colourSwatch = (colour: string): string =>
  known.get(colour.trim().toLowerCase())?.swatch ?? CLASS_SWATCH[colourClassOf(colour) ?? 'natural'];

/** What people call the classes. */
export const CLASS_TITLE: Readonly<Record<ColourClass, string>> = {
  natural: 'natural: green, brown',
  dark: 'dark: black, purple',
  'white-shad': 'white or shad',
  bright: 'bright: chartreuse, orange',
  panfish: 'like a panfish',
  perch: 'like a perch',
  crayfish: 'like a crayfish',
};
/** The word that names a class in a colour: `colourClassOf` knows it. */
const CLASS_WORD: Readonly<Record<ColourClass, string>> = {
  natural: 'natural',
  dark: 'dark',
  'white-shad': 'white',
  bright: 'bright',
  panfish: 'panfish',
  perch: 'perch',
  crayfish: 'craw',
};

/** A colour of one's own with its class in it, so that it is known in every file and on every machine: `night owl (dark)`. */
export function namedClass(colour: string, of: ColourClass): string {
  const told = ` (${CLASS_WORD[of]})`;
  return `${colour.trim().slice(0, COLOUR_LETTERS - told.length)}${told}`;
}
/** Longest a colour may be, as all short texts of a part. */
const COLOUR_LETTERS = 60;
