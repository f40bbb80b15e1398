import {
  BLADE_PURPOSE,
  GALLERY_WORDS,
  HEAD_PURPOSE,
  PLATE_PURPOSE,
  TRAILER_PURPOSE,
  vibratingTitle,
  type TackleWords,
} from '../locale/en/gallery';
import { BLADE_TITLE, HEAD_TITLE, TRAILER_TITLE } from '../locale/en/tackle';
import type { Tray } from '../rig/parts/box';
import { NAME } from '../locale/en/names';

type Words = Readonly<Record<string, TackleWords>>;
const together = <K extends string>(title: Readonly<Record<K, string>>, purpose: Readonly<Record<K, string>>): Words =>
  Object.fromEntries((Object.keys(title) as K[]).map((kind) => [kind, { title: title[kind], purpose: purpose[kind] }]));
const VIBRATING: Words = Object.fromEntries(
  (Object.keys(PLATE_PURPOSE) as (keyof typeof PLATE_PURPOSE)[]).map((size) => [
    `vibrating-${size}`,
    { title: vibratingTitle(NAME[size]), purpose: PLATE_PURPOSE[size] },
  ]),
);
const WORDS: Readonly<Record<Tray, Words>> = {
  ...GALLERY_WORDS,
  heads: { ...together(HEAD_TITLE, HEAD_PURPOSE), ...GALLERY_WORDS.heads, ...VIBRATING },
  trailers: together(TRAILER_TITLE, TRAILER_PURPOSE),
  blades: together(BLADE_TITLE, BLADE_PURPOSE),
};

/**
 * What a kind in the gallery is called, and what it is for.
 * @throws RangeError for a kind nobody has words for: a new row of the gallery needs them
 */
export function galleryWords(tray: Tray, id: string): TackleWords {
  const found = WORDS[tray][id];
  if (!found) throw new RangeError(`galleryWords: no words for ${tray} ${id}; add them to core/locale/en/gallery.ts`);
  return found;
}
