import { all, holds, not, type Condition } from '../conditions/condition';
import {
  aim,
  clearTo,
  forFamily,
  matted,
  mood,
  noHookAllowed,
  pressure,
  weed,
  weedAtLeast,
} from '../conditions/of-water';
import { onWater, school, type Answered } from '../conditions/on-water';
import type { Water } from '../../water/schema';
import { lengthMFromFt } from '../../units/units';
import { schoolAnswers } from '../conditions/schools';
import { waterFacts, type WaterFacts } from '../conditions/water-facts';

const feet = lengthMFromFt;

interface ElseRule {
  readonly id: string;
  readonly when: Condition<Answered>;
}

/** Waters on which another lure than ours is the answer; the first that holds is said. @source craft-practice */
export const NOT_A_JIG_RULES = [
  {
    id: 'nothing-with-a-hook',
    when: onWater(noHookAllowed),
  },
  {
    id: 'worm-rig-through-grass',
    when: all(onWater(weed), onWater(not(matted)), school('grass-jig', 'worm-rig')),
  },
  {
    id: 'worm-rig-in-clear-water',
    when: all(onWater(clearTo(feet(3))), school('clear-water', 'leave-the-jig')),
  },
  {
    id: 'worm-rig-for-wary-fish-in-very-clear-water',
    when: onWater(all(clearTo(feet(8)), pressure('high'), mood('inactive'))),
  },
  {
    id: 'worm-rig-to-search-thick-weed',
    when: onWater(all(aim('search'), not(matted), weedAtLeast('thick'))),
  },
  {
    id: 'soft-minnow-for-short-strikes',
    when: all(onWater(not(forFamily('skirted'))), school('trailer-hook', 'change-lure')),
  },
] as const satisfies readonly ElseRule[];

export type NotAJigId = (typeof NOT_A_JIG_RULES)[number]['id'];

/** Whether something else than a jig, a plate or blades is the answer on a water, and by which rule. */
export function notAJig(water: Water, family: WaterFacts['family']): NotAJigId | null {
  const w = waterFacts(water, family);
  const answered: Answered = { w, schools: schoolAnswers(w) };
  return NOT_A_JIG_RULES.find(({ when }: ElseRule) => holds(when, answered))?.id ?? null;
}
