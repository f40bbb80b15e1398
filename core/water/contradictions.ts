import { lengthMFromFt, lengthMFromIn, tempCFromF } from '../units/units';
import type { CoverKind, Water } from './schema';

/** What cannot well be true of a water at once. It is still taken as given: the angler may know better. */
export const CONTRADICTIONS = [
  'mat-in-mud',
  'weed-in-ice-water',
  'pads-too-deep',
  'reeds-too-deep',
  'mat-below-the-top',
  'spawn-in-the-cold',
  'prespawn-in-the-heat',
  'summer-in-the-cold',
  'winter-in-the-heat',
  'houseboat-aground',
  'ledge-in-no-depth',
  'deep-sight-in-rising-mud',
  'clearing-but-murky',
  'muddier-than-usual-but-steady',
  'active-in-ice-water',
  'open-and-covered',
  'cover-twice',
  'band-out-of-cover',
] as const;
export type ContradictionId = (typeof CONTRADICTIONS)[number];

/** Depth to which lily pads and reeds root, m. @source craft-practice */
const PADS_ROOT_M = lengthMFromFt(8);
const REEDS_ROOT_M = lengthMFromFt(6);
/** Visibility under which weed gets too little light to mat, m. @source craft-practice */
const MAT_LIGHT_M = lengthMFromIn(4);

const below = (water: Water, tempF: number): boolean => water.temperatureC < tempCFromF(tempF);
const has = (water: Water, ...kinds: readonly CoverKind[]): boolean =>
  water.cover.some(({ kind }) => kinds.includes(kind));
const topOf = (water: Water, kind: CoverKind): number => water.cover.find((row) => row.kind === kind)?.topM ?? 0;

const HOLDS: Readonly<Record<ContradictionId, (water: Water) => boolean>> = {
  'mat-in-mud': (w) => has(w, 'grass-matted') && (w.usualVisibilityM ?? w.visibilityM) < MAT_LIGHT_M,
  'weed-in-ice-water': (w) => has(w, 'grass-matted', 'pads') && below(w, 45),
  'pads-too-deep': (w) => has(w, 'pads') && w.depthM > PADS_ROOT_M,
  'reeds-too-deep': (w) => has(w, 'reeds') && w.depthM > REEDS_ROOT_M,
  'mat-below-the-top': (w) => topOf(w, 'grass-matted') > lengthMFromIn(6),
  'spawn-in-the-cold': (w) => w.season === 'spawn' && below(w, 52),
  'prespawn-in-the-heat': (w) => w.season === 'prespawn' && !below(w, 75),
  'summer-in-the-cold': (w) => w.season === 'summer' && below(w, 55),
  'winter-in-the-heat': (w) => w.season === 'winter' && !below(w, 65),
  'houseboat-aground': (w) => has(w, 'houseboat') && w.depthM < lengthMFromFt(2),
  'ledge-in-no-depth': (w) => has(w, 'ledge') && w.depthM < lengthMFromFt(3),
  'deep-sight-in-rising-mud': (w) => w.trend === 'rising-muddy' && w.visibilityM >= lengthMFromFt(4),
  'clearing-but-murky': (w) =>
    w.trend === 'clearing' && w.usualVisibilityM !== undefined && w.visibilityM > 1.5 * w.usualVisibilityM,
  'muddier-than-usual-but-steady': (w) =>
    (w.trend === undefined || w.trend === 'steady') &&
    w.usualVisibilityM !== undefined &&
    w.visibilityM < 0.35 * w.usualVisibilityM,
  'active-in-ice-water': (w) => w.mood === 'active' && below(w, 40),
  'open-and-covered': (w) => has(w, 'open') && w.cover.length > 1,
  'cover-twice': (w) => new Set(w.cover.map(({ kind }) => kind)).size < w.cover.length,
  'band-out-of-cover': (w) =>
    w.band !== undefined &&
    w.cover.length > 0 &&
    w.cover.every(({ kind, topM }) => kind !== 'open' && topM !== undefined && topM > w.band!.toM + lengthMFromFt(6)),
};

/** Everything about a water that contradicts itself, in a fixed order. */
export const contradictions = (water: Water): ContradictionId[] => CONTRADICTIONS.filter((id) => HOLDS[id](water));
