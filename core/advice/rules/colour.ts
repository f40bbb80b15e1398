import { all, always, any, not } from '../conditions/condition';
import { clearTo, eat, firstFood, foodKnown, murkierThan, offBottom, sky } from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { PreferRule } from './rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

/** Visibility below which colour is a matter of what stands out. @source craft-practice */
const MURK_M = inches(14);
/** Visibility below which no likeness counts any more. @source craft-practice */
const MUD_M = inches(8);

/** Colour comes last: forage when it is known, else light and clarity; mud is a question of its own. @source craft-practice */
export const COLOUR_RULES = [
  {
    id: 'dark-in-murk',
    when: all(murkierThan(MURK_M), any(not(foodKnown), murkierThan(MUD_M))),
    school: 'mud-colour:dark',
    target: { skirtColour: ['dark'] },
    weight: 0.9,
  },
  {
    id: 'bright-in-mud',
    when: murkierThan(MURK_M),
    school: 'mud-colour:bright',
    target: { skirtColour: ['bright'] },
    weight: 1,
  },
  {
    id: 'natural-with-a-bright-core',
    when: murkierThan(MURK_M),
    school: 'mud-colour:natural-core',
    target: { skirtColour: ['natural', 'crayfish', 'panfish'], core: [true] },
    weight: 1.4,
  },
  {
    id: 'natural-awaits-its-core',
    when: murkierThan(MURK_M),
    school: 'mud-colour:natural-core',
    target: { skirtColour: ['natural', 'crayfish', 'panfish'], core: [false] },
    weight: 0.5,
  },
  {
    id: 'black-with-chartreuse',
    when: murkierThan(MURK_M),
    school: 'mud-colour:black-chartreuse',
    target: { skirtColour: ['dark', 'bright'], trailerColour: ['dark', 'bright'], sameColour: [false] },
    weight: 1.2,
  },
  { id: 'core-only-in-murk', when: clearTo(MURK_M), target: { core: [true] }, weight: -1.6 },
  { id: 'core-in-any-mud', when: murkierThan(inches(12)), target: { core: [true] }, weight: 0.2 },
  {
    id: 'dark-under-a-dark-sky',
    when: all(sky('dark'), clearTo(MURK_M), murkierThan(feet(3))),
    school: 'colour-order:clarity-first',
    target: { skirtColour: ['dark'] },
    weight: 0.9,
  },
  {
    id: 'natural-when-they-see',
    when: clearTo(MURK_M),
    school: 'colour-order:clarity-first',
    target: { skirtColour: ['natural', 'crayfish'] },
    weight: 0.8,
  },
  {
    id: 'crayfish-browns',
    when: all(eat('crayfish'), clearTo(MUD_M)),
    school: 'colour-order:forage-first',
    target: { skirtColour: ['crayfish', 'natural'] },
    weight: 0.8,
  },
  {
    id: 'panfish-tones',
    when: all(eat('panfish'), clearTo(MUD_M)),
    school: 'colour-order:forage-first',
    target: { skirtColour: ['panfish', 'natural'] },
    weight: 0.8,
  },
  {
    id: 'white-for-shad',
    when: all(any(eat('shad'), eat('minnow')), clearTo(MUD_M)),
    school: 'colour-order:forage-first',
    target: { skirtColour: ['white-shad'] },
    weight: 0.8,
  },
  {
    id: 'perch-tones',
    when: all(eat('perch'), clearTo(MUD_M)),
    school: 'colour-order:forage-first',
    target: { skirtColour: ['perch', 'natural'] },
    weight: 0.8,
  },
  {
    id: 'the-very-perch',
    when: all(eat('perch'), clearTo(MURK_M)),
    school: 'colour-order:forage-first',
    target: { skirtColour: ['perch'] },
    weight: 0.8,
  },
  {
    id: 'the-very-panfish',
    when: all(firstFood('panfish'), clearTo(MURK_M)),
    school: 'colour-order:forage-first',
    target: { skirtColour: ['panfish'] },
    weight: 0.5,
  },
  {
    id: 'black-with-green-when-clear',
    when: clearTo(feet(3)),
    target: { skirtColour: ['dark'], trailerColour: ['dark'] },
    weight: -0.5,
  },
  {
    id: 'green-behind-black-when-clear',
    when: clearTo(feet(3)),
    target: { skirtColour: ['dark'], trailerColour: ['natural'] },
    weight: 0.4,
  },
  {
    id: 'bright-swim-jig-in-murk',
    when: all(offBottom, murkierThan(inches(18))),
    target: { head: ['swim'], skirtColour: ['bright'] },
    weight: 0.9,
  },
  {
    id: 'swim-jigs-are-baitfish',
    when: all(offBottom, not(foodKnown)),
    target: { head: ['swim'], skirtColour: ['white-shad', 'panfish', 'natural'] },
    weight: 0.3,
  },
  {
    id: 'trailer-matches-skirt',
    when: always,
    school: 'trailer-colour:match',
    target: { sameColour: [true] },
    weight: 0.5,
  },
  {
    id: 'trailer-gives-an-accent',
    when: always,
    school: 'trailer-colour:accent',
    target: {
      skirtColour: ['natural', 'crayfish', 'panfish', 'perch'],
      trailerColour: ['natural', 'crayfish', 'panfish', 'perch'],
      sameColour: [false],
    },
    weight: 0.6,
  },
  {
    id: 'trailer-stands-out',
    when: always,
    school: 'trailer-colour:contrast',
    target: { trailerColour: ['bright', 'white-shad', 'dark'], sameColour: [false] },
    weight: 0.7,
  },
] as const satisfies readonly PreferRule[];
