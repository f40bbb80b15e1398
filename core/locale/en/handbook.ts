import type { Target } from '../../advice/rules/rule';
import { WANT_TITLE } from './words';

/** Chapters of the handbook but those of handling, which are its choices. */
export const CHAPTER_TITLE = {
  families: 'Jig, plate or blades',
  ...WANT_TITLE,
  heads: 'Head, nose and tie',
  'hooks-and-guards': 'Wire and guard',
  skirts: 'Skirt',
  trailers: 'Trailer on the bottom and in cover',
  swim: 'Trailer on a swim head',
  vibrating: 'Vibrating jigs',
  spinner: 'Spinnerbaits',
  colour: 'Colour',
  mistakes: 'Mistakes that parts make together',
  'not-a-jig': 'When something else is the answer',
} as const;

/** Lines of rules name this water; read by themselves they speak of any: what stands in place of its numbers, the first that fits. */
export const GENERIC_TEXT: readonly (readonly [pattern: RegExp, text: string])[] = [
  [/\{vis\} of visibility\{light\}/, 'With this visibility'],
  [/\{temp\} is/, 'the water is'],
  [/\bat \{temp\}/gi, 'at that temperature'],
  [/\{temp\}/g, 'at that temperature'],
  [/\{depth\}/g, 'that depth'],
  [/\{cover\}/g, 'cover'],
  [/\{\w+\}/g, ''],
];

/** How what a rule aims at is read with its values. */
export const ATTRIBUTE_TEXT: Readonly<Partial<Record<keyof Target, (values: string) => string>>> = {
  family: (values) => values,
  head: (values) => `${values} head`,
  nose: (values) => `${values} nose`,
  cams: (values) => (values === 'yes' ? 'with cams' : 'without cams'),
  finesse: (values) => (values === 'yes' ? 'finesse or compact' : 'full size'),
  wire: (values) => `${values} wire`,
  guard: (values) => (values === 'none' ? 'no guard' : `${values} guard`),
  guardless: () => 'no guard, point buried on a screw',
  weight: (values) => values,
  skirtMaterial: (values) => `skirt of ${values}`,
  skirtBulk: (values) => `${values} skirt`,
  trailer: (values) => (values === 'none' ? 'no trailer' : values),
  trailerSize: (values) => `trailer of ${values}`,
  core: (values) => (values === 'yes' ? 'a bright core' : 'no core'),
  orientation: (values) => ({ flat: 'hung flat', edge: 'on edge', inverted: 'upside down' })[values] ?? values,
  hang: (values) => (values === 'hung' ? 'hung at its end' : values),
  softness: (values) => `${values} plastic`,
  skirtColour: (values) => `${values} skirt`,
  trailerColour: (values) => `${values} trailer`,
  sameColour: (values) => (values === 'yes' ? 'trailer and skirt in one tone' : 'trailer and skirt in different tones'),
  plate: (values) => `${values} plate`,
  link: (values) => `${values} link`,
  blades: (values) => values,
  bladeSize: (values) => `largest blade ${values}`,
  finish: (values) => `${values} blades`,
  arms: (values) => `${values} arms`,
  squeezed: () => 'arms pressed together',
};

/** What a rule does. */
export const RULE_DOES = {
  setsBand: 'sets the band, unless a rule above it speaks',
  settles: 'settles it, unless a rule above it speaks',
  movesBand: (by: string): string => `moves the band by ${by}`,
  speaks: (isFor: boolean, target: string): string => `${isFor ? 'for' : 'against'}: ${target}`,
} as const;
