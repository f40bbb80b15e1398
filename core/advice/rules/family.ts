import { all, any, not } from '../conditions/condition';
import {
  aim,
  asDeepAs,
  atLeastF,
  clearTo,
  colderThan,
  coverAtLeast,
  coverAtMost,
  coverOf,
  eat,
  foodKnown,
  inCover,
  matted,
  mood,
  murkierThan,
  noDeeperThan,
  offBottom,
  onBottom,
  overWeed,
  pressure,
  season,
  sky,
  species,
  stems,
  stone,
  wantedHigh,
  wind,
  wood,
} from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { FamilyRule } from './rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

/** Which family at all. Points add up; what a lure then does in the water counts on top. @source craft-practice */
export const FAMILY_RULES = [
  { id: 'jig-on-the-bottom', when: onBottom, family: 'skirted', weight: 1 },
  {
    id: 'jig-into-thick-shallow-cover',
    when: all(coverAtLeast('thick'), noDeeperThan(feet(8)), not(wantedHigh)),
    family: 'skirted',
    weight: 1.5,
  },
  { id: 'jig-for-size', when: aim('size'), family: 'skirted', weight: 0.7 },
  { id: 'jig-works-a-spot', when: aim('saturate'), family: 'skirted', weight: 1.5 },
  {
    id: 'jig-when-they-will-not-chase',
    when: mood('inactive'),
    family: 'skirted',
    weight: 1,
  },
  { id: 'jig-in-the-cold', when: all(colderThan(50), onBottom), family: 'skirted', weight: 0.8 },
  {
    id: 'jig-for-crayfish-on-stone',
    when: all(onBottom, eat('crayfish')),
    family: 'skirted',
    weight: 0.8,
  },
  { id: 'jig-stays-upright-on-slopes', when: all(onBottom, stone), family: 'skirted', weight: 0.5 },
  { id: 'jig-in-deep-water', when: all(onBottom, asDeepAs(feet(15))), family: 'skirted', weight: 1.5 },
  {
    id: 'swim-jig-quiet-for-wary-fish',
    when: all(offBottom, any(pressure('high'), mood('inactive'), all(sky('bright'), wind('calm')))),
    family: 'skirted',
    weight: 1.2,
  },
  {
    id: 'swim-jig-along-early-summer-banks',
    when: all(offBottom, any(season('postspawn'), season('summer')), inCover),
    family: 'skirted',
    weight: 0.6,
  },
  {
    id: 'swim-jig-over-cover-tops',
    when: overWeed,
    family: 'skirted',
    weight: 0.5,
  },

  {
    id: 'vibrating-before-the-spawn',
    when: all(any(season('prespawn'), season('spawn')), noDeeperThan(feet(8)), coverAtMost('medium')),
    family: 'vibrating',
    weight: 1.2,
  },
  {
    id: 'vibrating-runs-clean-through-weed',
    when: any(coverOf('grass-submerged'), stems),
    family: 'vibrating',
    weight: 0.8,
  },
  {
    id: 'vibrating-hunts-for-active-fish',
    when: all(mood('active'), atLeastF(55)),
    family: 'vibrating',
    weight: 0.7,
  },
  {
    id: 'vibrating-searches-too',
    when: aim('search'),
    family: 'vibrating',
    weight: 0.9,
  },
  {
    id: 'vibrating-calls-in-coloured-water',
    when: all(murkierThan(inches(18)), atLeastF(50)),
    family: 'vibrating',
    weight: 0.4,
  },
  {
    id: 'subtle-plate-where-they-look',
    when: all(clearTo(feet(3)), asDeepAs(feet(8)), pressure('high')),
    family: 'vibrating',
    weight: 0.5,
  },
  { id: 'plate-chokes-in-a-mat', when: matted, family: 'vibrating', weight: -2.5 },
  {
    id: 'plate-hangs-in-thick-branches',
    when: all(coverAtLeast('thick'), any(coverOf('brush'), coverOf('flooded-bush'))),
    family: 'vibrating',
    weight: -1,
  },

  { id: 'blades-search-big-water', when: aim('search'), family: 'spinner', weight: 1.5 },
  {
    id: 'blades-among-autumn-shad',
    when: all(season('autumn'), any(not(foodKnown), eat('shad'))),
    family: 'spinner',
    weight: 0.7,
  },
  {
    id: 'blades-in-wind-and-cloud',
    when: all(wind('chop'), not(sky('bright'))),
    family: 'spinner',
    weight: 0.8,
  },
  {
    id: 'blades-slow-rolled-in-cold-mud',
    when: all(colderThan(60), murkierThan(inches(12))),
    family: 'spinner',
    weight: 1,
  },
  {
    id: 'blades-pass-over-wood',
    when: all(wood, coverAtMost('medium'), offBottom),
    family: 'spinner',
    weight: 0.6,
  },
  {
    id: 'blades-burned-for-smaller-bass',
    when: all(not(species('largemouth')), mood('active'), clearTo(feet(3))),
    family: 'spinner',
    weight: 1,
  },
  {
    id: 'blades-put-wary-fish-off',
    when: any(pressure('high'), all(sky('bright'), wind('calm'))),
    family: 'spinner',
    weight: -0.6,
  },
  {
    id: 'plate-noise-puts-wary-fish-off',
    when: all(pressure('high'), murkierThan(feet(3))),
    family: 'vibrating',
    weight: -0.4,
  },
  { id: 'blades-foul-in-a-mat', when: matted, family: 'spinner', weight: -2.5 },
] as const satisfies readonly FamilyRule[];
