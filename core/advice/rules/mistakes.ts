import { trailersWith } from '../../tackle/trailers';
import { lengthMFromIn } from '../../units/units';
import { all, always, any, not } from '../conditions/condition';
import {
  clearTo,
  coverAtLeast,
  coverOf,
  eat,
  forkedWood,
  matted,
  onBottom,
  stems,
  weed,
  wood,
  colderThan,
  mood,
} from '../conditions/of-water';
import { FAULT_POINTS, SEVERITY, type FaultId } from './severity';
import type { PreferRule } from './rule';

/** Visibility under which a lure must be held in place to be hit, m. @source craft-practice */
const NO_SIGHT_M = lengthMFromIn(6);

type Row = Omit<PreferRule, 'id' | 'weight'> & { readonly id: FaultId };

/**
 * Faults that parts alone decide: the search avoids them as rules, the checks name them, by the same predicate. What a cut or a turn
 * cures is not among them, since no part has to change.
 * @source craft-practice
 */
const ROWS = [
  {
    id: 'legs-in-branches',
    // told of what falls among them; what swims by is told by other rules
    when: all(onBottom, any(weed, coverOf('brush'), coverOf('flooded-bush')), coverAtLeast('medium')),
    target: { family: ['skirted'], trailer: trailersWith('wraps') },
  },
  {
    id: 'claws-in-thick-brush',
    // in mud they have to be felt, and are worth the branch
    when: all(onBottom, any(coverOf('brush'), coverOf('flooded-bush')), coverAtLeast('thick'), clearTo(NO_SIGHT_M)),
    target: {
      family: ['skirted'],
      trailer: trailersWith('legs').filter((kind) => !trailersWith('wraps').includes(kind)),
    },
  },
  { id: 'ball-head-in-weed', when: weed, target: { family: ['skirted'], head: ['ball'] } },
  {
    id: 'lively-for-cold-fish',
    when: all(colderThan(45), mood('inactive')),
    target: {
      family: ['skirted'],
      trailer: trailersWith('legs').filter((kind) => trailersWith('kicks').includes(kind)),
    },
  },
  { id: 'one-wire-in-twigs', when: any(wood, weed), target: { family: ['skirted'], guard: ['wire'] } },
  // what is swum over and through twigs has to be narrow; what falls among them must not wedge
  { id: 'pointed-nose-in-forks', when: all(forkedWood, onBottom), target: { family: ['skirted'], nose: ['pointed'] } },
  {
    id: 'football-in-riprap',
    when: coverOf('riprap'),
    target: { family: ['skirted'], head: ['football'], cams: [false] },
  },
  { id: 'edge-in-a-mat', when: matted, target: { orientation: ['edge'] } },
  {
    id: 'legs-behind-a-plate',
    when: all(clearTo(NO_SIGHT_M), not(stems), not(wood), not(weed), not(eat('panfish'))),
    target: { family: ['vibrating'], trailer: trailersWith('legs') },
  },
  { id: 'link-gathers-weed', when: weed, target: { link: ['ring', 'wire'] } },
  {
    id: 'one-tail-on-stems',
    when: any(stems, wood),
    target: { family: ['vibrating'], trailer: trailersWith('one-tail') },
  },
  { id: 'bulk-behind-blades', when: always, target: { family: ['spinner'], trailer: trailersWith('bulky') } },
  {
    id: 'tail-lifts-blades-over-weed',
    when: coverOf('grass-submerged'),
    target: { family: ['spinner'], trailer: trailersWith('one-tail') },
  },
  {
    id: 'rolling-tail-overpowered',
    when: always,
    target: { family: ['skirted'], head: ['swim'], weight: ['3/8', '1/2'], trailer: ['rolling-paddle-tail'] },
  },
] as const satisfies readonly Row[];
export type MistakeId = (typeof ROWS)[number]['id'];

/** The same as rules: each takes from a rig what its fault costs. */
export const MISTAKE_RULES: readonly (PreferRule & { readonly id: MistakeId })[] = ROWS.map((row) => ({
  ...row,
  weight: -FAULT_POINTS[SEVERITY[row.id]],
}));
/** One of them by its fault. */
export const mistakeRule = (id: MistakeId): PreferRule => MISTAKE_RULES.find((rule) => rule.id === id)!;
const IDS: ReadonlySet<string> = new Set(ROWS.map(({ id }) => id));
export const isMistake = (id: string): id is MistakeId => IDS.has(id);
