import { lengthMFromFt } from '../../units/units';
import { always, type PreferRule } from '../rule';

const feet = lengthMFromFt;

/** Hook wire, guards, and doing without one. @source craft-practice */
export const HOOK_AND_GUARD_RULES = [
  { id: 'stout-wire-in-thick', when: (w) => w.density === 3, target: { wire: ['heavy', 'extra-heavy'] }, weight: 0.8 },
  {
    id: 'fine-wire-in-open',
    when: (w) => w.density <= 1 && w.seenM >= feet(3),
    target: { wire: ['light', 'medium'] },
    weight: 0.5,
  },
  {
    id: 'lighter-wire-in-early-year',
    when: (w) => (w.water.season === 'winter' || w.water.season === 'prespawn') && w.density <= 2,
    target: { wire: ['light', 'medium'] },
    weight: 0.3,
  },
  {
    id: 'lighter-wire-for-smaller-fish',
    when: (w) => w.water.species !== 'largemouth' && w.density <= 2,
    target: { wire: ['light', 'medium'] },
    weight: 0.4,
  },
  {
    id: 'heavy-wire-for-giants',
    when: (w) => w.water.aim === 'size' && w.water.species === 'largemouth' && w.density === 2,
    target: { wire: ['heavy'] },
    weight: 0.2,
  },
  { id: 'football-on-medium-wire', when: always, target: { head: ['football'], wire: ['medium'] }, weight: 0.2 },
  {
    id: 'light-wire-swim-stays-light',
    when: (w) => !w.bottom,
    target: { head: ['swim'], wire: ['light'], weight: ['3/8', '1/2', '3/4', '1'] },
    weight: -0.5,
  },
  {
    id: 'medium-wire-swim-stops-early',
    when: (w) => !w.bottom,
    target: { head: ['swim'], wire: ['medium'], weight: ['3/4', '1'] },
    weight: -0.5,
  },
  {
    id: 'heavy-wire-swim-wants-weight',
    when: (w) => !w.bottom,
    target: { head: ['swim'], wire: ['heavy', 'extra-heavy'], weight: ['1/8', '3/16', '1/4'] },
    weight: -0.4,
  },
  {
    id: 'heavy-wire-swim-in-cover',
    when: (w) => !w.bottom && w.density >= 2 && w.water.species === 'largemouth',
    target: { head: ['swim'], wire: ['heavy'] },
    weight: 0.5,
  },
  {
    id: 'medium-wire-swim-everyday',
    when: (w) => !w.bottom && w.density <= 1 && w.water.pressure === 'low' && w.water.species === 'largemouth',
    target: { head: ['swim'], wire: ['medium'] },
    weight: 0.5,
  },
  {
    id: 'light-wire-swim-for-small-fish',
    when: (w) => !w.bottom && w.density <= 1 && (w.water.species !== 'largemouth' || w.water.pressure === 'high'),
    target: { head: ['swim'], wire: ['light'] },
    weight: 0.9,
  },
  { id: 'full-guard-in-cover', when: (w) => w.wood && w.density >= 2, target: { guard: ['full'] }, weight: 0.6 },
  {
    id: 'soft-guard-in-open',
    when: (w) => !w.inCover || (w.stone && !w.wood && !w.grass),
    target: { guard: ['light', 'wire'] },
    weight: 0.4,
  },
  {
    id: 'one-wire-when-they-look',
    when: (w) => w.seenM >= feet(4) && w.density <= 1 && !w.wood && !w.grass,
    target: { guard: ['wire'] },
    weight: 0.3,
  },
  { id: 'one-wire-hangs', when: (w) => w.wood || w.grass, target: { guard: ['wire'] }, weight: -0.6 },
  {
    id: 'swim-guard-just-enough',
    when: (w) => !w.bottom && w.density <= 2,
    target: { head: ['swim'], guard: ['full'] },
    weight: -0.2,
  },
  {
    id: 'guardless-buried-in-junk',
    when: (w) => w.inCover,
    school: 'guard:guardless',
    target: { guardless: [true], head: ['ball', 'casting', 'flipping', 'swim'] },
    weight: 1.8,
  },
  {
    id: 'guard-keeps-it-simple',
    when: (w) => w.inCover,
    school: 'guard:tune',
    target: { guardless: [true], head: ['ball', 'casting', 'flipping', 'football', 'swim', 'vertical'] },
    weight: -0.5,
  },
] as const satisfies readonly PreferRule[];
