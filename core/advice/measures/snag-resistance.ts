import type { HeadStyle, Nose } from '../../tackle/heads';
import { TRAILERS, type TrailerKind } from '../../tackle/trailers';
import type { CoverKind } from '../../water/schema';
import { DENSITY_RANK, type WaterFacts } from '../conditions/water-facts';
import type { GuardClass } from '../rules/rule';

type Group = 'stone' | 'gravel' | 'riprap' | 'brush' | 'log' | 'fork' | 'stump' | 'dock' | 'weed' | 'mat' | 'stems';

const GROUP_OF: Readonly<Record<Exclude<CoverKind, 'open'>, Group>> = {
  rock: 'stone',
  ledge: 'stone',
  riprap: 'riprap',
  'gravel-bar': 'gravel',
  brush: 'brush',
  laydown: 'log',
  hardwood: 'fork',
  'flooded-bush': 'fork',
  stumps: 'stump',
  dock: 'dock',
  houseboat: 'dock',
  'grass-submerged': 'weed',
  'grass-matted': 'mat',
  pads: 'stems',
  reeds: 'stems',
};

export type HeadForm =
  Exclude<HeadStyle, 'flipping'> | 'flipping-round' | 'flipping-flat' | 'flipping-pointed' | 'football-cams';

/**
 * Share of contacts a guarded head of this form comes back from, by cover. A table, said to be one: it puts the craft's
 * sayings in order and measures nothing.
 * @source craft-practice
 */
export const SNAG_TABLE: Readonly<Record<HeadForm, Readonly<Record<Group, number>>>> = {
  ball: {
    stone: 0.72,
    gravel: 0.88,
    riprap: 0.6,
    brush: 0.66,
    log: 0.72,
    fork: 0.75,
    stump: 0.75,
    dock: 0.85,
    weed: 0.35,
    mat: 0.15,
    stems: 0.5,
  },
  casting: {
    stone: 0.75,
    gravel: 0.9,
    riprap: 0.65,
    brush: 0.78,
    log: 0.86,
    fork: 0.9,
    stump: 0.88,
    dock: 0.95,
    weed: 0.55,
    mat: 0.3,
    stems: 0.65,
  },
  'flipping-round': {
    stone: 0.62,
    gravel: 0.78,
    riprap: 0.5,
    brush: 0.85,
    log: 0.87,
    fork: 0.88,
    stump: 0.86,
    dock: 0.86,
    weed: 0.7,
    mat: 0.55,
    stems: 0.76,
  },
  'flipping-flat': {
    stone: 0.58,
    gravel: 0.75,
    riprap: 0.48,
    brush: 0.88,
    log: 0.9,
    fork: 0.72,
    stump: 0.9,
    dock: 0.84,
    weed: 0.8,
    mat: 0.65,
    stems: 0.82,
  },
  'flipping-pointed': {
    stone: 0.52,
    gravel: 0.72,
    riprap: 0.42,
    brush: 0.88,
    log: 0.62,
    fork: 0.4,
    stump: 0.6,
    dock: 0.78,
    weed: 0.95,
    mat: 0.8,
    stems: 0.92,
  },
  football: {
    stone: 0.9,
    gravel: 0.97,
    riprap: 0.7,
    brush: 0.48,
    log: 0.52,
    fork: 0.5,
    stump: 0.55,
    dock: 0.65,
    weed: 0.28,
    mat: 0.08,
    stems: 0.38,
  },
  'football-cams': {
    stone: 0.95,
    gravel: 0.97,
    riprap: 0.9,
    brush: 0.52,
    log: 0.56,
    fork: 0.54,
    stump: 0.6,
    dock: 0.68,
    weed: 0.28,
    mat: 0.08,
    stems: 0.38,
  },
  swim: {
    stone: 0.52,
    gravel: 0.68,
    riprap: 0.42,
    brush: 0.8,
    log: 0.64,
    fork: 0.5,
    stump: 0.64,
    dock: 0.8,
    weed: 0.86,
    mat: 0.5,
    stems: 0.85,
  },
  vertical: {
    stone: 0.62,
    gravel: 0.78,
    riprap: 0.5,
    brush: 0.52,
    log: 0.58,
    fork: 0.6,
    stump: 0.6,
    dock: 0.72,
    weed: 0.35,
    mat: 0.12,
    stems: 0.42,
  },
  bullet: {
    stone: 0.42,
    gravel: 0.62,
    riprap: 0.35,
    brush: 0.84,
    log: 0.68,
    fork: 0.52,
    stump: 0.65,
    dock: 0.74,
    weed: 0.93,
    mat: 0.97,
    stems: 0.92,
  },
};

export function headForm(style: HeadStyle, nose: Nose, cams: boolean): HeadForm {
  if (style === 'football') return cams ? 'football-cams' : 'football';
  if (style !== 'flipping') return style;
  return nose === 'pointed' ? 'flipping-pointed' : nose === 'flat-pointed' ? 'flipping-flat' : 'flipping-round';
}

/** What is left of a head's share with each guard, in the open and in cover that grabs. @source craft-practice */
const GUARD_SHARE: Readonly<Record<GuardClass, { readonly open: number; readonly grabbing: number }>> = {
  none: { open: 0.8, grabbing: 0.45 },
  wire: { open: 0.95, grabbing: 0.65 },
  light: { open: 1, grabbing: 0.88 },
  full: { open: 1, grabbing: 1 },
};

/** A point buried in plastic on a screw keeper is nearly as good as a full guard. @source craft-practice */
const BURIED_SHARE = 0.97;
/** Legs that kick wrap round what grabs. @source craft-practice */
const KICKING_LEGS_SHARE = 0.9;

const GRABBING: ReadonlySet<Group> = new Set(['brush', 'log', 'fork', 'stump', 'weed', 'mat', 'stems']);

/** Nothing to hang on: what an open bottom still costs. */
const OPEN_SHARE = 0.9;

export interface SnagInput {
  readonly form: HeadForm;
  readonly guard: GuardClass;
  readonly buried: boolean;
  readonly trailer: TrailerKind | null;
}

/**
 * Snag-proofing of a rig on this water: the mean over its cover, thicker cover counting more.
 * @returns share of contacts it comes back from, 0 to 1
 */
export function snagProofing(input: SnagInput, facts: WaterFacts): number {
  let sum = 0;
  let total = 0;
  const legs = input.trailer !== null && ['leg', 'curl'].includes(TRAILERS[input.trailer].appendage.shape);
  for (const { kind, density } of facts.water.cover) {
    if (kind === 'open') continue;
    const group = GROUP_OF[kind];
    const grabs = GRABBING.has(group);
    const guard = input.buried ? BURIED_SHARE : GUARD_SHARE[input.guard][grabs ? 'grabbing' : 'open'];
    const share = SNAG_TABLE[input.form][group] * guard * (grabs && legs ? KICKING_LEGS_SHARE : 1);
    sum += share * DENSITY_RANK[density];
    total += DENSITY_RANK[density];
  }
  return total === 0 ? OPEN_SHARE * (input.buried ? 1 : GUARD_SHARE[input.guard].open) : sum / total;
}
