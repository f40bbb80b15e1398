import { all, always, any, not } from '../conditions/condition';
import {
  aim,
  clearTo,
  coverAtLeast,
  coverAtMost,
  coverIs,
  inCover,
  offBottom,
  pressure,
  season,
  species,
  stone,
  weed,
  wood,
} from '../conditions/of-water';
import { lengthMFromFt } from '../../units/units';
import type { PreferRule } from './rule';

const feet = lengthMFromFt;

/** Hook wire, guards, and doing without one. @source craft-practice */
export const HOOK_AND_GUARD_RULES = [
  { id: 'stout-wire-in-thick', when: coverAtLeast('thick'), target: { wire: ['heavy', 'extra-heavy'] }, weight: 0.8 },
  {
    id: 'fine-wire-in-open',
    when: all(coverAtMost('sparse'), clearTo(feet(3))),
    target: { wire: ['light', 'medium'] },
    weight: 0.5,
  },
  {
    id: 'lighter-wire-in-early-year',
    when: all(any(season('winter'), season('prespawn')), coverAtMost('medium')),
    target: { wire: ['light', 'medium'] },
    weight: 0.3,
  },
  {
    id: 'lighter-wire-for-smaller-fish',
    when: all(not(species('largemouth')), coverAtMost('medium')),
    target: { wire: ['light', 'medium'] },
    weight: 0.4,
  },
  {
    id: 'heavy-wire-for-giants',
    when: all(aim('size'), species('largemouth'), coverIs('medium')),
    target: { wire: ['heavy'] },
    weight: 0.2,
  },
  { id: 'football-on-medium-wire', when: always, target: { head: ['football'], wire: ['medium'] }, weight: 0.2 },
  {
    id: 'light-wire-swim-stays-light',
    when: offBottom,
    target: { head: ['swim'], wire: ['light'], weight: ['3/8', '1/2', '3/4', '1'] },
    weight: -0.5,
  },
  {
    id: 'medium-wire-swim-stops-early',
    when: offBottom,
    target: { head: ['swim'], wire: ['medium'], weight: ['3/4', '1'] },
    weight: -0.5,
  },
  {
    id: 'heavy-wire-swim-wants-weight',
    when: offBottom,
    target: { head: ['swim'], wire: ['heavy', 'extra-heavy'], weight: ['1/8', '3/16', '1/4'] },
    weight: -0.4,
  },
  {
    id: 'heavy-wire-swim-in-cover',
    when: all(offBottom, coverAtLeast('medium'), species('largemouth')),
    target: { head: ['swim'], wire: ['heavy'] },
    weight: 0.5,
  },
  {
    id: 'medium-wire-swim-everyday',
    when: all(offBottom, coverAtMost('sparse'), pressure('low'), species('largemouth')),
    target: { head: ['swim'], wire: ['medium'] },
    weight: 0.5,
  },
  {
    id: 'light-wire-swim-for-small-fish',
    when: all(offBottom, coverAtMost('sparse'), any(not(species('largemouth')), pressure('high'))),
    target: { head: ['swim'], wire: ['light'] },
    weight: 0.9,
  },
  { id: 'full-guard-in-cover', when: all(wood, coverAtLeast('medium')), target: { guard: ['full'] }, weight: 0.6 },
  {
    id: 'soft-guard-in-open',
    when: any(not(inCover), all(stone, not(wood), not(weed))),
    target: { guard: ['light', 'wire'] },
    weight: 0.4,
  },
  {
    id: 'one-wire-when-they-look',
    when: all(clearTo(feet(4)), coverAtMost('sparse'), not(wood), not(weed)),
    target: { guard: ['wire'] },
    weight: 0.3,
  },
  { id: 'one-wire-hangs', when: any(wood, weed), target: { guard: ['wire'] }, weight: -0.6 },
  {
    id: 'swim-guard-just-enough',
    when: all(offBottom, coverAtMost('medium')),
    target: { head: ['swim'], guard: ['full'] },
    weight: -0.2,
  },
  {
    id: 'guardless-buried-in-junk',
    when: inCover,
    school: 'guard:guardless',
    target: { guardless: [true], head: ['ball', 'casting', 'flipping', 'swim'] },
    weight: 1.8,
  },
  {
    id: 'guard-keeps-it-simple',
    when: inCover,
    school: 'guard:tune',
    target: { guardless: [true], head: ['ball', 'casting', 'flipping', 'football', 'swim', 'vertical'] },
    weight: -0.5,
  },
] as const satisfies readonly PreferRule[];
