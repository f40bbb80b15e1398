import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import { always, type PreferRule } from '../rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

/** Colour comes last: forage when it is known, else light and clarity. @source craft-practice */
export const COLOUR_RULES = [
  {
    id: 'dark-in-murk',
    when: (w) => w.seenM < inches(14) && w.water.forage.length === 0,
    target: { skirtColour: ['dark'] },
    weight: 0.9,
  },
  {
    id: 'dark-in-mud-whatever-they-eat',
    when: (w) => w.seenM < inches(8) && w.water.forage.length > 0,
    target: { skirtColour: ['dark'] },
    weight: 0.9,
  },
  {
    id: 'natural-when-they-see',
    when: (w) => w.seenM >= inches(14) && w.water.forage.length === 0,
    target: { skirtColour: ['natural', 'crayfish'] },
    weight: 0.8,
  },
  {
    id: 'crayfish-browns',
    when: (w) => w.water.forage.includes('crayfish') && w.seenM >= inches(8),
    target: { skirtColour: ['crayfish', 'natural'] },
    weight: 0.8,
  },
  {
    id: 'panfish-tones',
    when: (w) => w.water.forage.includes('panfish') && w.seenM >= inches(8),
    target: { skirtColour: ['panfish', 'natural'] },
    weight: 0.8,
  },
  {
    id: 'white-for-shad',
    when: (w) => (w.water.forage.includes('shad') || w.water.forage.includes('minnow')) && w.seenM >= inches(8),
    target: { skirtColour: ['white-shad'] },
    weight: 0.8,
  },
  {
    id: 'perch-tones',
    when: (w) => w.water.forage.includes('perch') && w.seenM >= inches(8),
    target: { skirtColour: ['perch', 'natural'] },
    weight: 0.8,
  },
  {
    id: 'black-with-green-when-clear',
    when: (w) => w.seenM >= feet(3),
    target: { skirtColour: ['dark'], trailerColour: ['dark'] },
    weight: -0.5,
  },
  { id: 'trailer-matches-skirt', when: always, target: { sameColour: [true] }, weight: 0.5 },
] as const satisfies readonly PreferRule[];
