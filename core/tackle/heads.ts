import type { SourceId } from '../sources';

export const HEAD_STYLES = ['ball', 'casting', 'flipping', 'football', 'swim', 'vertical', 'bullet'] as const;
export type HeadStyle = (typeof HEAD_STYLES)[number];

export const NOSES = ['round', 'flat-pointed', 'pointed'] as const;
export type Nose = (typeof NOSES)[number];

/** A head is the ellipsoid of equal volume with these proportions; the nominal weight is the head alone. */
/** What rules, checks and handling aim at: a line tie at the nose slips through; a reeled head lives by being brought back. */
export const HEAD_TRAITS = ['nose-tie', 'reeled'] as const;
export type HeadTrait = (typeof HEAD_TRAITS)[number];

export interface HeadRow {
  readonly traits: readonly HeadTrait[];
  /** length : width : height, dimensionless */
  readonly shape: readonly [length: number, width: number, height: number];
  /** drag coefficient along the axis, on frontal area; a ball has that of a sphere of its size, from every side */
  readonly cdAxial: number | 'sphere';
  /** nose a head of this style has unless said otherwise */
  readonly nose: Nose;
  /** angle of the line tie above the shank, degrees; 0 lies at the tip of the nose */
  readonly tieDeg: number;
  /** where the tie leaves the head, share of its length from the nose */
  readonly tieAt: number;
  readonly source: SourceId;
}

export const HEADS: Readonly<Record<HeadStyle, HeadRow>> = {
  ball: {
    traits: [],
    shape: [1, 1, 1],
    cdAxial: 'sphere',
    nose: 'round',
    tieDeg: 60,
    tieAt: 0.35,
    source: 'brown-lawler-2003',
  },
  casting: {
    traits: [],
    shape: [1.35, 0.95, 0.8],
    cdAxial: 0.42,
    nose: 'round',
    tieDeg: 45,
    tieAt: 0.25,
    source: 'hoerner-1965',
  },
  flipping: {
    traits: ['nose-tie'],
    shape: [1.6, 0.85, 0.75],
    cdAxial: 0.35,
    nose: 'pointed',
    tieDeg: 20,
    tieAt: 0.08,
    source: 'hoerner-1965',
  },
  football: {
    traits: [],
    shape: [0.8, 1.75, 0.75],
    cdAxial: 0.55,
    nose: 'round',
    tieDeg: 60,
    tieAt: 0.4,
    source: 'hoerner-1965',
  },
  swim: {
    traits: ['nose-tie', 'reeled'],
    shape: [1.7, 0.65, 0.95],
    cdAxial: 0.3,
    nose: 'pointed',
    tieDeg: 30,
    tieAt: 0.06,
    source: 'hoerner-1965',
  },
  vertical: {
    traits: [],
    shape: [1.1, 0.95, 0.95],
    cdAxial: 0.45,
    nose: 'round',
    tieDeg: 90,
    tieAt: 0.45,
    source: 'hoerner-1965',
  },
  bullet: {
    traits: ['nose-tie'],
    shape: [1.8, 0.8, 0.8],
    cdAxial: 0.28,
    nose: 'pointed',
    tieDeg: 0,
    tieAt: 0,
    source: 'hoerner-1965',
  },
};

export const METALS = ['lead', 'tungsten', 'bismuth', 'brass'] as const;
export type Metal = (typeof METALS)[number];

/** kg/m³ @source densities-crc */
export const METAL_DENSITY_KG_M3: Readonly<Record<Metal, number>> = {
  lead: 11_340,
  tungsten: 17_500,
  bismuth: 9_780,
  brass: 8_500,
};

/**
 * How far a head with a plain chunk behind it hangs out of its line of fall on a slack line, degrees: by eye, and one for all styles, since what is known to
 * turn a head (its own shape, guard, bend of the hook) would tilt no two of them by more than three degrees apart. @source adr-0038
 */
export const POSTURE_DEG = 25;

/** Share of the plan area that meets the water broadside. @source adr-0003 */
export const HEAD_BROADSIDE_SHARE = 0.7;

/** Every style with a trait, in the order of the table. */
export const headsWith = (trait: HeadTrait): HeadStyle[] =>
  HEAD_STYLES.filter((style) => HEADS[style].traits.includes(trait));
