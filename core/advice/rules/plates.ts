import { trailersWith } from '../../tackle/trailers';
import { all, always, any, not } from '../conditions/condition';
import {
  aim,
  asDeepAs,
  atLeastF,
  clearTo,
  eat,
  inCover,
  mood,
  murkierThan,
  pressure,
  season,
  spring,
  weed,
  wood,
} from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { PreferRule } from './rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

const SMALL = ['2 1/4', '2 3/4', '3 1/4'] as const;

/** Where only the softest knock is new to them. */
const QUIET = all(clearTo(feet(3)), any(asDeepAs(feet(8)), pressure('high')));

/** Sizes of plates, and how they are linked to the head. @source craft-practice */
export const PLATE_RULES = [
  {
    id: 'compact-plate-where-they-look',
    when: any(all(pressure('high'), clearTo(inches(16))), QUIET),
    target: { plate: ['compact'] },
    weight: 1.2,
  },
  {
    id: 'compact-plate-small-trailer',
    when: always,
    target: { plate: ['compact'], trailerSize: SMALL },
    weight: 0.5,
  },
  {
    id: 'compact-plate-swamped',
    when: always,
    target: { plate: ['compact'], trailerSize: ['4 1/4', '4 3/4', '5 1/4'] },
    weight: -0.6,
  },
  {
    id: 'compact-with-cut-claws-as-it-warms',
    when: any(all(spring, atLeastF(55)), eat('panfish')),
    target: { plate: ['compact'], trailer: ['flapper-craw', 'small-craw'], trailerSize: SMALL },
    weight: 1.6,
  },
  {
    id: 'oversize-plate-for-big-fish-in-colour',
    when: all(murkierThan(feet(1.5)), any(aim('size'), murkierThan(inches(10))), not(pressure('high'))),
    target: { plate: ['oversize'] },
    weight: 2,
  },
  {
    id: 'oversize-plate-too-loud-here',
    when: any(clearTo(feet(4)), pressure('high'), mood('inactive')),
    target: { plate: ['oversize'] },
    weight: -0.8,
  },
  {
    id: 'subtle-plate-lost-in-colour',
    when: murkierThan(feet(2)),
    target: { plate: ['subtle'] },
    weight: -1.5,
  },
  {
    id: 'compact-plate-lost-in-mud',
    when: all(murkierThan(inches(16)), not(pressure('high'))),
    target: { plate: ['compact'] },
    weight: -2,
  },
  {
    id: 'large-plate-on-a-light-head',
    when: always,
    target: { plate: ['oversize'], weight: ['1/8', '3/16', '1/4'] },
    weight: -1.5,
  },
  {
    id: 'oversize-plate-full-length-trailer',
    when: clearTo(feet(2)),
    target: { plate: ['oversize'], trailer: trailersWith('straight'), trailerSize: ['4 1/4', '4 3/4', '5 1/4'] },
    weight: 0.6,
  },
  {
    id: 'oversize-plate-creature-on-panfish-beds',
    when: all(eat('panfish'), any(season('spawn'), season('postspawn'), season('summer')), murkierThan(feet(2))),
    target: { plate: ['oversize'], trailer: ['creature'] },
    weight: 1.8,
  },
  {
    id: 'subtle-plate-clear-deep-or-seen-it-all',
    when: QUIET,
    target: { plate: ['subtle'] },
    weight: 1.3,
  },
  {
    id: 'subtle-plate-ribbed-tail-upside-down',
    when: always,
    target: { plate: ['subtle'], trailer: ['ribbed-paddle-tail'], orientation: ['inverted'] },
    weight: 1.2,
  },
  {
    id: 'ribbed-tail-upright-hampers-it',
    when: always,
    target: { plate: ['subtle'], trailer: ['ribbed-paddle-tail'], orientation: ['flat'] },
    weight: -0.8,
  },
  {
    id: 'standard-plate-for-most',
    when: all(any(murkierThan(feet(4)), pressure('low')), clearTo(inches(10)), not(QUIET)),
    target: { plate: ['standard'] },
    weight: 0.6,
  },
  {
    id: 'direct-link-sheds-weed',
    when: any(weed, wood),
    target: { link: ['direct'] },
    weight: 0.8,
  },
  { id: 'direct-link-every-day', when: always, target: { link: ['direct'] }, weight: 0.3 },
  {
    id: 'linked-plate-gathers-weed',
    when: weed,
    target: { link: ['ring', 'wire'] },
    weight: -1.2,
  },
  {
    id: 'linked-plate-in-open-water',
    when: not(inCover),
    target: { link: ['ring', 'wire'] },
    weight: 0.2,
  },
] as const satisfies readonly PreferRule[];
