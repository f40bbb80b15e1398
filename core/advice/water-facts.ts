import { tempCFromF } from '../units/units';
import { effectiveVisibilityM } from '../water/clarity';
import type { Cover, CoverKind, Water } from '../water/schema';

const WOOD: ReadonlySet<CoverKind> = new Set(['brush', 'laydown', 'hardwood', 'stumps', 'flooded-bush']);
/** Wood whose branches fork: where a pointed nose can wedge for good. */
const FORKED: ReadonlySet<CoverKind> = new Set(['laydown', 'hardwood', 'flooded-bush']);
const STONE: ReadonlySet<CoverKind> = new Set(['rock', 'riprap', 'ledge', 'gravel-bar']);
const GRASS: ReadonlySet<CoverKind> = new Set(['grass-submerged', 'grass-matted', 'pads', 'reeds']);
const ROOFED: ReadonlySet<CoverKind> = new Set(['dock', 'houseboat']);

export const DENSITY_RANK = { sparse: 1, medium: 2, thick: 3 } as const;

/** Share of the depth below which a wanted band counts as the bottom. */
const BOTTOM_SHARE = 0.75;

/** A water turned into what rules ask about, computed once. SI, temperature in °C. */
export interface WaterFacts {
  readonly water: Water;
  readonly tempC: number;
  /** visibility as fish meet it: low light halves it */
  readonly seenM: number;
  readonly depthM: number;
  readonly inCover: boolean;
  /** 0 none to 3 thick, of the densest cover */
  readonly density: number;
  readonly wood: boolean;
  readonly forked: boolean;
  readonly stone: boolean;
  readonly grass: boolean;
  readonly matted: boolean;
  readonly roofed: boolean;
  /** the lure is wanted at the bottom */
  readonly bottom: boolean;
  /** the lure is wanted above weed that tops out below the wanted band */
  readonly overWeed: boolean;
  readonly mainCover: Cover | null;
  has(kind: CoverKind): boolean;
  belowF(tempF: number): boolean;
}

export function waterFacts(water: Water): WaterFacts {
  const cover = water.cover.filter(({ kind }) => kind !== 'open');
  const kinds = new Set(cover.map(({ kind }) => kind));
  const any = (group: ReadonlySet<CoverKind>): boolean => cover.some(({ kind }) => group.has(kind));
  const density = Math.max(0, ...cover.map((row) => DENSITY_RANK[row.density]));
  const mainCover = cover.find((row) => DENSITY_RANK[row.density] === density) ?? null;
  const stoneBottom = ['rock', 'riprap', 'gravel', 'shell'].includes(water.bottom);
  const { band } = water;
  return {
    water,
    tempC: water.temperatureC,
    seenM: effectiveVisibilityM(water.visibilityM, water.sky),
    depthM: water.depthM,
    inCover: cover.length > 0,
    density,
    wood: any(WOOD),
    forked: any(FORKED),
    stone: any(STONE) || (cover.length === 0 && stoneBottom),
    grass: any(GRASS),
    matted: kinds.has('grass-matted'),
    roofed: any(ROOFED),
    bottom: band === undefined || band.toM >= BOTTOM_SHARE * water.depthM,
    overWeed:
      band !== undefined && cover.some(({ kind, topM }) => GRASS.has(kind) && topM !== undefined && band.toM <= topM),
    mainCover,
    has: (kind) => kinds.has(kind),
    belowF: (tempF) => water.temperatureC < tempCFromF(tempF),
  };
}
