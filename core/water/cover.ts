import type { CoverKind } from './schema';

/**
 * What rules, checks and handling aim at, so that a new kind of cover is judged from its first day: wood, wood whose branches fork
 * and wedge a pointed nose, stone, weed, weed that stands with lanes between its stems, a roof, and what takes hold of a hook.
 */
export const COVER_TRAITS = ['wood', 'forks', 'stone', 'weed', 'stems', 'roof', 'snags'] as const;
export type CoverTrait = (typeof COVER_TRAITS)[number];

export const COVERS: Readonly<Record<CoverKind, { readonly traits: readonly CoverTrait[] }>> = {
  open: { traits: [] },
  rock: { traits: ['stone'] },
  riprap: { traits: ['stone'] },
  ledge: { traits: ['stone'] },
  'gravel-bar': { traits: ['stone'] },
  brush: { traits: ['wood', 'snags'] },
  laydown: { traits: ['wood', 'forks', 'snags'] },
  hardwood: { traits: ['wood', 'forks', 'snags'] },
  stumps: { traits: ['wood', 'snags'] },
  dock: { traits: ['roof'] },
  houseboat: { traits: ['roof'] },
  'grass-submerged': { traits: ['weed', 'snags'] },
  'grass-matted': { traits: ['weed', 'snags'] },
  pads: { traits: ['weed', 'stems', 'snags'] },
  reeds: { traits: ['weed', 'stems', 'snags'] },
  'flooded-bush': { traits: ['wood', 'forks', 'snags'] },
};

export const coverHas = (kind: CoverKind, trait: CoverTrait): boolean => COVERS[kind].traits.includes(trait);
