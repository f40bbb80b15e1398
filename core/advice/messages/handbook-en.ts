import { TRAILERS } from '../../tackle/trailers';
import type { ChapterId } from '../handbook';
import type { Choice } from '../handling';
import type { Target } from '../rule';
import { WANT_TITLE } from './words-en';

export const CHAPTER_TITLE: Readonly<Record<Exclude<ChapterId, Choice>, string>> = {
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
  'not-a-jig': 'When something else is the answer',
};

/** Lines of rules name this water; read by themselves they speak of any. */
export const genericText = (text: string): string => {
  const plain = text
    .replace('{vis} of visibility{light}', 'With this visibility')
    .replace('{temp} is', 'the water is')
    .replace(/\bat \{temp\}/gi, 'at that temperature')
    .replace(/\{temp\}/g, 'at that temperature')
    .replace(/\{depth\}/g, 'that depth')
    .replace(/\{cover\}/g, 'cover')
    .replace(/\{\w+\}/g, '');
  return plain.charAt(0).toUpperCase() + plain.slice(1);
};

/** How an axis is read in front of its values. */
const AXIS_TEXT: Readonly<Partial<Record<keyof Target, (values: string) => string>>> = {
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

const FAMILY_NAME = { skirted: 'jigs', vibrating: 'vibrating jigs', spinner: 'spinnerbaits' } as const;

const valueText = (axis: keyof Target, value: string | boolean): string => {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (axis === 'family') return FAMILY_NAME[value as keyof typeof FAMILY_NAME];
  if (axis === 'trailer' && value !== 'none') return TRAILERS[value as keyof typeof TRAILERS].title;
  if (axis === 'weight') return `{oz ${value}}`;
  if (axis === 'trailerSize' && value !== 'none') return `{in ${value}}`;
  return value.replace(/-/g, ' ');
};

/** What a rule aims at, in words. */
export const targetText = (target: Target): string =>
  (Object.entries(target) as [keyof Target, readonly (string | boolean)[]][])
    .map(([axis, values]) => AXIS_TEXT[axis]!(values.map((value) => valueText(axis, value)).join(' or ')))
    .join(', ');
