import type { ClarityId } from '../../water/clarity';
import type {
  AIMS,
  BOTTOMS,
  DENSITIES,
  FORAGE,
  MOODS,
  PRESSURES,
  SEASONS,
  SKIES,
  SPECIES,
  TRENDS,
  WINDS,
} from '../../water/schema';
import type { BLADE_FINISHES, PLATE_LINKS, PLATE_SIZES } from '../../tackle/blades';
import type { LINE_KINDS, ROD_ACTIONS, ROD_POWERS } from '../../tackle/gear';
import type { METALS, NOSES } from '../../tackle/heads';
import type { HOOK_WIRES } from '../../tackle/hooks';
import type { SKIRT_MATERIALS } from '../../tackle/skirts';
import type { SOFTNESSES } from '../../tackle/trailer-kinds';
import type { CONDITIONS } from '../../rig/parts/box';
import type { KEEPERS } from '../../rig/parts/schema';

type OfWater =
  | (typeof BOTTOMS | typeof DENSITIES | typeof FORAGE | typeof MOODS | typeof PRESSURES | typeof SEASONS)[number]
  | (typeof SKIES | typeof SPECIES | typeof TRENDS | typeof WINDS | typeof AIMS)[number]
  | ClarityId;
type OfTackle =
  | (typeof BLADE_FINISHES | typeof PLATE_LINKS | typeof PLATE_SIZES | typeof LINE_KINDS | typeof ROD_ACTIONS)[number]
  | (typeof ROD_POWERS | typeof METALS | typeof NOSES | typeof HOOK_WIRES | typeof SKIRT_MATERIALS)[number]
  | (typeof SOFTNESSES | typeof CONDITIONS | typeof KEEPERS)[number]
  | 'fibre'
  | 'single'
  | 'treble';
/** What can be chosen, of water and tackle: the same id means the same wherever it stands. */
export type Named = OfWater | OfTackle;

export const NAME: Readonly<Record<Named, string>> = {
  // the water
  mud: 'mud',
  sand: 'sand',
  gravel: 'gravel',
  rock: 'rock',
  riprap: 'riprap',
  shell: 'shell',
  sparse: 'sparse',
  medium: 'medium',
  thick: 'thick',
  shad: 'shad',
  panfish: 'panfish',
  crayfish: 'crayfish',
  perch: 'perch',
  minnow: 'minnow',
  active: 'active',
  neutral: 'neutral',
  inactive: 'inactive',
  low: 'little',
  high: 'much',
  winter: 'winter',
  prespawn: 'prespawn',
  spawn: 'spawn',
  postspawn: 'postspawn',
  summer: 'summer',
  autumn: 'autumn',
  bright: 'bright',
  mixed: 'mixed',
  dark: 'dark',
  largemouth: 'largemouth',
  smallmouth: 'smallmouth',
  spotted: 'spotted',
  steady: 'steady',
  'rising-muddy': 'rising, muddy',
  clearing: 'clearing',
  calm: 'calm',
  ripple: 'ripple',
  chop: 'chop',
  bites: 'bites',
  size: 'size',
  search: 'search fast',
  saturate: 'work it over',
  muddy: 'muddy',
  stained: 'stained',
  tinted: 'tinted',
  clear: 'clear',
  'very clear': 'very clear',
  // tackle
  gold: 'gold',
  nickel: 'nickel',
  painted: 'painted',
  direct: 'direct',
  ring: 'ring',
  wire: 'wire',
  compact: 'compact',
  standard: 'standard',
  oversize: 'oversize',
  subtle: 'subtle',
  nylon: 'nylon',
  fluorocarbon: 'fluorocarbon',
  braid: 'braid',
  moderate: 'moderate',
  'moderate-fast': 'moderate-fast',
  fast: 'fast',
  'extra-fast': 'extra-fast',
  light: 'light',
  'medium-light': 'medium-light',
  'medium-heavy': 'medium-heavy',
  heavy: 'heavy',
  'extra-heavy': 'extra-heavy',
  lead: 'lead',
  tungsten: 'tungsten',
  bismuth: 'bismuth',
  brass: 'brass',
  round: 'round',
  'flat-pointed': 'flat-pointed',
  pointed: 'pointed',
  silicone: 'silicone',
  rubber: 'rubber',
  hair: 'hair',
  soft: 'soft',
  tough: 'tough',
  good: 'good',
  torn: 'torn',
  rusty: 'rusty',
  barb: 'barb',
  screw: 'screw',
  fibre: 'fibre',
  single: 'single',
  treble: 'treble',
};
