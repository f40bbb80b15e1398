import { ft, inches, just, seen, HIGH, school, type Cases } from '../../testing/fixtures/case-waters';
import type { COLOUR_RULES } from './colour';

export const COLOUR_CASES: Cases<typeof COLOUR_RULES> = {
  'dark-in-murk': [seen(inches(14) - just), seen(inches(14))],
  'bright-in-mud': [
    { ...seen(inches(14) - just), ...school('mud-colour', 'bright') },
    { ...seen(inches(14)), ...school('mud-colour', 'bright') },
  ],
  'natural-with-a-bright-core': [
    { ...seen(inches(14) - just), usualVisibilityM: ft(4) },
    { ...seen(inches(14) - just), usualVisibilityM: ft(4) - just },
  ],
  'natural-awaits-its-core': [{ ...seen(inches(14) - just), usualVisibilityM: ft(4) }, seen(inches(14) - just)],
  'black-with-chartreuse': [
    { ...seen(inches(14) - just), ...school('mud-colour', 'black-chartreuse') },
    seen(inches(14) - just),
  ],
  'core-only-in-murk': [seen(inches(14)), seen(inches(14) - just)],
  'core-in-any-mud': [seen(inches(12) - just), seen(inches(12))],
  'dark-under-a-dark-sky': [
    { visibilityM: ft(3), sky: 'dark' },
    { visibilityM: ft(2), sky: 'mixed' },
  ],
  'natural-when-they-see': [seen(inches(14)), seen(inches(14) - just)],
  'crayfish-browns': [{ forage: ['shad', 'crayfish'] }, { forage: ['shad'] }],
  'panfish-tones': [{ forage: ['panfish'] }, { forage: ['perch'] }],
  'white-for-shad': [{ forage: ['shad'] }, { forage: ['crayfish'] }],
  'perch-tones': [{ forage: ['perch'] }, { forage: ['panfish'] }],
  'the-very-perch': [{ forage: ['perch'] }, { forage: ['shad'] }],
  'the-very-panfish': [{ forage: ['panfish'] }, { forage: ['perch', 'panfish'] }],
  'bright-swim-jig-in-murk': [
    { ...HIGH, ...seen(inches(18) - just) },
    { ...HIGH, ...seen(inches(18)) },
  ],
  'black-with-green-when-clear': [seen(ft(3)), seen(ft(3) - just)],
  'green-behind-black-when-clear': [seen(ft(3)), seen(ft(3) - just)],
  'swim-jigs-are-baitfish': [HIGH, { ...HIGH, forage: ['shad'] }],
  'trailer-matches-skirt': [{}, school('trailer-colour', 'accent')],
  'trailer-gives-an-accent': [school('trailer-colour', 'accent'), {}],
  'trailer-stands-out': [school('trailer-colour', 'contrast'), {}],
};
