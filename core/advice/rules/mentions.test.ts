import { expect, test } from '@jest/globals';
import { COLOUR_CLASSES, classesFor } from '../../tackle/colours';
import { HEAD_STYLES, HEAD_TRAITS, headsWith } from '../../tackle/heads';
import { TRAILERS, TRAILER_KINDS, TRAILER_TRAITS, trailersWith } from '../../tackle/trailers';
import { COVERS, COVER_TRAITS } from '../../water/cover';
import { COVER_KINDS, FORAGE } from '../../water/schema';
import { clausesOf, type ClauseValues, type Condition } from '../conditions/condition';
import { FAMILY_RULES } from './family';
import type { Target } from './rule';
import { PREFER_RULES, WANT_TOPICS } from '.';

/** Values of some axes that a rule aims at. */
const aimedAt = (...axes: readonly (keyof Target)[]): ReadonlySet<unknown> =>
  new Set(PREFER_RULES.flatMap(({ target }) => axes.flatMap((axis): readonly unknown[] => target[axis] ?? [])));
const whens = [...WANT_TOPICS.flatMap(({ bands, shifts }) => [...bands, ...shifts]), ...PREFER_RULES, ...FAMILY_RULES];
const coversAsked = new Set(
  whens
    .flatMap(({ when }) => clausesOf(when as Condition<never>))
    .flatMap(({ key, values }) => (key === 'cover' ? [(values as ClauseValues['cover']).kind] : [])),
);

test('kinds no rule speaks about', () => {
  expect(TRAILER_KINDS.filter((kind) => !aimedAt('trailer').has(kind))).toEqual([]);
  expect(HEAD_STYLES.filter((style) => !aimedAt('head').has(style))).toEqual([]);
  expect(COLOUR_CLASSES.filter((of) => !aimedAt('skirtColour', 'trailerColour').has(of))).toEqual([]);
  // open water is cover's absence
  expect(COVER_KINDS.filter((kind) => COVERS[kind].traits.length === 0 && !coversAsked.has(kind))).toEqual(['open']);
});

test('every trait has its kinds, and every food a colour', () => {
  expect(TRAILER_TRAITS.filter((trait) => trailersWith(trait).length === 0)).toEqual([]);
  expect(HEAD_TRAITS.filter((trait) => headsWith(trait).length === 0)).toEqual([]);
  expect(COVER_TRAITS.filter((trait) => !COVER_KINDS.some((kind) => COVERS[kind].traits.includes(trait)))).toEqual([]);
  expect(FORAGE.filter((food) => classesFor(food).length === 0)).toEqual([]);
});

test('what kicks has a speed from which it does, and what has one kicks', () => {
  expect(trailersWith('kicks').filter((kind) => TRAILERS[kind].kickOnsetMps === null)).toEqual([]);
  expect(trailersWith('kicks')).toEqual(TRAILER_KINDS.filter((kind) => TRAILERS[kind].kickOnsetMps !== null));
});
