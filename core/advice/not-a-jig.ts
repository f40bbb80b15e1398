import type { Water } from '../water/schema';
import { lengthMFromFt } from '../units/units';
import { schoolAnswers, type SchoolAnswers } from './schools';
import { waterFacts, type WaterFacts } from './water-facts';

const feet = lengthMFromFt;

interface ElseRule {
  readonly id: string;
  readonly when: (w: WaterFacts, schools: SchoolAnswers) => boolean;
}

/** Waters on which another lure than ours is the answer; the first that holds is said. @source craft-practice */
export const NOT_A_JIG_RULES = [
  {
    id: 'nothing-with-a-hook',
    when: ({ water }) => water.localRules?.hooksPerLine === 0,
  },
  {
    id: 'worm-rig-through-grass',
    when: (w, schools) => w.grass && !w.matted && schools['grass-jig'].school === 'worm-rig',
  },
  {
    id: 'worm-rig-in-clear-water',
    when: (w, schools) => w.seenM >= feet(3) && schools['clear-water'].school === 'leave-the-jig',
  },
  {
    id: 'worm-rig-for-wary-fish-in-very-clear-water',
    when: (w) => w.seenM >= feet(8) && w.water.pressure === 'high' && w.water.mood === 'inactive',
  },
  {
    id: 'worm-rig-to-search-thick-weed',
    when: (w) => w.water.aim === 'search' && !w.matted && w.weedDensity === 3,
  },
  {
    id: 'soft-minnow-for-short-strikes',
    when: (w, schools) => w.family !== 'skirted' && schools['trailer-hook'].school === 'change-lure',
  },
] as const satisfies readonly ElseRule[];

export type NotAJigId = (typeof NOT_A_JIG_RULES)[number]['id'];

/** Whether something else than a jig, a plate or blades is the answer on a water, and by which rule. */
export function notAJig(water: Water, family: WaterFacts['family']): NotAJigId | null {
  const facts = waterFacts(water, family);
  const schools = schoolAnswers(facts);
  return NOT_A_JIG_RULES.find(({ when }) => when(facts, schools))?.id ?? null;
}
