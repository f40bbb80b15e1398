import { coverHas, type CoverTrait } from '../../water/cover';
import { tempCFromF } from '../../units/units';
import { effectiveVisibilityM, gradedVisibilityM } from '../../water/clarity';
import type { Towline } from '../../motion/towed';
import { FAMILIES, isAssumed, type Cover, type CoverKind, type Family, type Water } from '../../water/schema';

export const DENSITY_RANK = { sparse: 1, medium: 2, thick: 3 } as const;

/** Below this share of its usual visibility a water has muddied. */
const MUDDIED_SHARE = 0.6;
/** Share of the depth above which a wanted band counts as high. */
const HIGH_SHARE = 0.4;
const SPRING: ReadonlySet<Water['season']> = new Set(['prespawn', 'spawn', 'postspawn']);

/** Share of the depth below which a wanted band has to begin to be the bottom: one that begins higher is swum through, however deep it reaches. */
const BOTTOM_SHARE = 0.75;

/** Pace and depth at which reeled rigs are compared on a water. SI. */
export interface Reel {
  readonly paceMps: number;
  readonly depthM: number;
  /** line and rod height of the retrieve that goes with a rig; left out, those with which all are compared */
  readonly line?: Towline;
}

/** A water turned into what rules ask about, computed once. SI, temperature in °C. */
export interface WaterFacts {
  readonly water: Water;
  /** the family whose rigs are judged */
  readonly family: Family;
  readonly tempC: number;
  /** visibility as fish meet it: low light halves it */
  readonly seenM: number;
  /** the same with what else blurs it, chop and fresh mud: for wants that are graded */
  readonly gradedM: number;
  readonly depthM: number;
  readonly inCover: boolean;
  /** 0 none to 3 thick, of the densest cover */
  readonly density: number;
  /** 0 none to 3 thick, of the densest weed */
  readonly weedDensity: number;
  readonly wood: boolean;
  readonly forked: boolean;
  readonly stone: boolean;
  readonly grass: boolean;
  readonly matted: boolean;
  readonly stems: boolean;
  /** several kinds of thick cover that take hold of a hook */
  readonly junk: boolean;
  readonly spring: boolean;
  /** murkier than this place usually is */
  readonly muddied: boolean;
  /** the lure is wanted in the upper water */
  readonly high: boolean;
  readonly roofed: boolean;
  /** the lure is wanted at the bottom */
  readonly bottom: boolean;
  /** the lure is wanted above weed that tops out below the wanted band */
  readonly overWeed: boolean;
  /** depth of the highest weed top that was measured, m */
  readonly weedTopM: number | null;
  /** the lure is reeled through the water rather than worked on the bottom */
  readonly reeled: boolean;
  /** pace and depth at which reeled rigs are compared: settled once the wants are, null where nothing is reeled */
  readonly reel: Reel | null;
  readonly mainCover: Cover | null;
  has(kind: CoverKind): boolean;
  belowF(tempF: number): boolean;
}

/** Families a water may be answered with: those it names, else all of them. */
export const familiesOf = ({ families }: Pick<Water, 'families'>): readonly Family[] =>
  families === undefined ? FAMILIES : FAMILIES.filter((family) => families.includes(family));

/** A water whose lures run where the angler wants them to: a depth in hand counts as where the lure must work. */
const intended = (water: Water): Water => {
  const run = water.intent?.run;
  return run === undefined ? water : { ...water, band: { fromM: run.from, toM: run.to } };
};

/** @param family  whose rigs are to be judged: a jig is worked on the bottom unless it is wanted higher, the others are reeled */
export function waterFacts(given: Water, family: Family = 'skirted'): WaterFacts {
  const water = intended(given);
  const cover = water.cover.filter(({ kind }) => kind !== 'open');
  const kinds = new Set(cover.map(({ kind }) => kind));
  const any = (trait: CoverTrait): boolean => cover.some(({ kind }) => coverHas(kind, trait));
  const density = Math.max(0, ...cover.map((row) => DENSITY_RANK[row.density]));
  const mainCover = cover.find((row) => DENSITY_RANK[row.density] === density) ?? null;
  // a bottom nobody looked at is no reason for anything
  const stoneBottom = !isAssumed(water, 'bottom') && ['rock', 'riprap', 'gravel', 'shell'].includes(water.bottom);
  const { band } = water;
  const atBottom = band === undefined || band.fromM >= BOTTOM_SHARE * water.depthM;
  const weedTopsM = cover.flatMap(({ kind, topM }) => (coverHas(kind, 'weed') && topM !== undefined ? [topM] : []));
  return {
    water,
    family,
    tempC: water.temperatureC,
    seenM: effectiveVisibilityM(water.visibilityM, water.sky),
    gradedM: gradedVisibilityM(water),
    depthM: water.depthM,
    inCover: cover.length > 0,
    density,
    weedDensity: Math.max(
      0,
      ...cover.filter(({ kind }) => coverHas(kind, 'weed')).map((row) => DENSITY_RANK[row.density]),
    ),
    wood: any('wood'),
    forked: any('forks'),
    stone: any('stone') || (cover.length === 0 && stoneBottom),
    grass: any('weed'),
    matted: kinds.has('grass-matted'),
    stems: any('stems'),
    junk: cover.filter((row) => row.density === 'thick' && coverHas(row.kind, 'snags')).length >= 2,
    spring: SPRING.has(water.season),
    muddied:
      water.trend === 'rising-muddy' ||
      (water.usualVisibilityM !== undefined && water.visibilityM < MUDDIED_SHARE * water.usualVisibilityM),
    high: band !== undefined && band.toM <= HIGH_SHARE * water.depthM,
    roofed: any('roof'),
    bottom: atBottom,
    weedTopM: weedTopsM.length === 0 ? null : Math.min(...weedTopsM),
    reeled: !atBottom || family !== 'skirted',
    overWeed:
      band !== undefined &&
      cover.some(({ kind, topM }) => coverHas(kind, 'weed') && topM !== undefined && band.toM <= topM),
    reel: null,
    mainCover,
    has: (kind) => kinds.has(kind),
    belowF: (tempF) => water.temperatureC < tempCFromF(tempF),
  };
}
