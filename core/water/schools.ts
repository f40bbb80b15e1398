/**
 * Questions on which good anglers disagree, and the schools that answer them. Each is a setting of a water; left open, the
 * water itself decides (`advice/schools.ts`). Questions of families whose rules come later are accepted and kept.
 */
export const SCHOOLS = {
  weight: ['heaviest', 'slow-hand'],
  'mud-weight': ['light-high', 'one-weight-big-trailer', 'heavy-thump'],
  'mud-colour': ['dark', 'bright', 'natural-core', 'black-chartreuse'],
  'vibrating-kicker': ['never', 'mud-only', 'stems-and-panfish'],
  'plate-tail': ['straight', 'boot'],
  'vibrating-lift': ['tail-lifts', 'body-lifts'],
  'spinner-trailer': ['none', 'low-profile', 'drag-in-mud'],
  'spinner-blades-mud': ['single-large', 'double-colorado'],
  'spinner-blades-spring': ['colorado-below-60', 'colorado-willow'],
  'spinner-bump': ['pause', 'snap', 'keep-coming'],
  'spinner-rod': ['by-cover', 'fast-tip'],
  'trailer-hook': ['off-until-losing', 'on-when-fast', 'change-lure'],
  'heavy-swim-tail': ['rolling', 'oversize'],
  'swim-retrieve': ['shake', 'steady'],
  'swim-bottom': ['never-rest', 'creep'],
  'trailer-colour': ['match', 'accent', 'contrast'],
  'colour-order': ['forage-first', 'clarity-first', 'colour-last'],
  'pointed-in-wood': ['avoid', 'use'],
  'football-in-rock': ['use', 'cammed'],
  'vertical-tie': ['vertical-only', 'avoid'],
  guard: ['tune', 'guardless'],
  'grass-weight': ['float-over', 'punch-through'],
  'grass-jig': ['pointed-jig', 'worm-rig', 'skirted-punch'],
  'clear-water': ['biggest-they-take', 'leave-the-jig', 'thin-and-move', 'still-bulk'],
  'cold-brake': ['still-chunk', 'claw-brake'],
  'cold-action': ['still', 'soft-mover', 'tight', 'big-thump'],
  'trailer-matters': ['always', 'above-quarter'],
  'skirt-flare': ['want', 'hide'],
  'kick-by': ['season', 'visibility', 'mood'],
} as const;

export type SchoolQuestion = keyof typeof SCHOOLS;
export type SchoolOf<Q extends SchoolQuestion> = (typeof SCHOOLS)[Q][number];
export const SCHOOL_QUESTIONS = Object.keys(SCHOOLS) as readonly SchoolQuestion[];

/** A school named with its question: `weight:slow-hand`. */
export type SchoolRef = { [Q in SchoolQuestion]: `${Q}:${SchoolOf<Q>}` }[SchoolQuestion];
