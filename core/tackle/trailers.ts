import type { SourceId } from '../sources';

export const TRAILER_KINDS = [
  'chunk',
  'kick-chunk',
  'flat-bug',
  'kick-bug',
  'flapper-craw',
  'curl-craw',
  'small-craw',
  'creature',
  'twin-tail-grub',
  'single-tail-grub',
  'paddle-tail',
  'ribbed-paddle-tail',
  'rolling-paddle-tail',
  'swim-worm',
  'wide-swimmer',
  'straight-minnow',
  'ribbed-minnow',
  'stick-worm',
  'finesse-worm',
  'split-strip',
] as const;
export type TrailerKind = (typeof TRAILER_KINDS)[number];

export const SOFTNESSES = ['soft', 'medium', 'tough'] as const;
export type Softness = (typeof SOFTNESSES)[number];

/** One station of a body profile: position, width and height, all relative to the trailer's length. */
export type ProfilePoint = readonly [x: number, width: number, height: number];

/** How an appendage looks; the drawing picks its curve by this. */
export type AppendageShape = 'none' | 'flap' | 'leg' | 'claw' | 'curl' | 'foot';

export interface TrailerRow {
  readonly title: string;
  readonly nominalIn: number;
  readonly profile: readonly ProfilePoint[];
  readonly densityKgM3: number;
  readonly appendage: {
    readonly shape: AppendageShape;
    readonly count: number;
    /** plan area of each over length squared */
    readonly area: number;
    /** drag coefficient of the streaming, beating appendage on its plan area */
    readonly push: number;
    /** lift coefficient on the same area, positive up */
    readonly lift: number;
    /** where along the body it begins, share of length */
    readonly root: number;
  };
  /** motion to the eye, 0 to 1 */
  readonly show: number;
  /** water speed at which it starts to kick at 20 °C in medium plastic, m/s; null for a still tail */
  readonly kickOnsetMps: number | null;
  /** a round body shows the same face however it is turned */
  readonly round: boolean;
  /** inches it is commonly poured in */
  readonly sizesIn: readonly number[];
  readonly purpose: string;
  readonly source: SourceId;
}

/** Thickness of an appendage, m, and the shares of its area that count from above and from the side. @source adr-0004 */
export const APPENDAGE = { thicknessM: 0.0022, planShare: 0.8, sideShare: 0.15 } as const;

const BUG_BODY: readonly ProfilePoint[] = [
  [0, 0.1, 0.09],
  [0.06, 0.125, 0.1],
  [0.2, 0.165, 0.11],
  [0.42, 0.175, 0.11],
];
const CRAW_BODY: readonly ProfilePoint[] = [
  [0, 0.1, 0.09],
  [0.1, 0.13, 0.11],
  [0.25, 0.145, 0.12],
  [0.45, 0.13, 0.11],
  [0.55, 0.08, 0.07],
  [0.62, 0, 0],
];

/** Lengths are nominal; everything scales with the length. Profiles and coefficients: adr-0004 unless a row says otherwise. */
export const TRAILERS: Readonly<Record<TrailerKind, TrailerRow>> = {
  chunk: {
    title: 'chunk',
    nominalIn: 3,
    profile: [
      [0, 0.19, 0.13],
      [0.2, 0.22, 0.15],
      [0.45, 0.22, 0.14],
      [0.52, 0.18, 0.08],
      [0.75, 0.16, 0.05],
      [1, 0.1, 0.025],
    ],
    densityKgM3: 1050,
    appendage: { shape: 'flap', count: 2, area: 0.03, push: 0.25, lift: 0, root: 0.52 },
    show: 0.1,
    kickOnsetMps: null,
    round: false,
    sizesIn: [2.25, 2.75, 3, 3.75],
    purpose: 'Short and thick, hardly moves: bulk for cold water and slow fish.',
    source: 'adr-0004',
  },
  'kick-chunk': {
    title: 'kicking chunk',
    nominalIn: 3,
    profile: [
      [0, 0.19, 0.13],
      [0.2, 0.22, 0.15],
      [0.45, 0.2, 0.13],
      [0.5, 0.1, 0.06],
      [0.55, 0, 0],
    ],
    densityKgM3: 1050,
    appendage: { shape: 'leg', count: 2, area: 0.05, push: 0.8, lift: 0, root: 0.48 },
    show: 0.5,
    kickOnsetMps: 0.2,
    round: false,
    sizesIn: [2.25, 3],
    purpose: 'A chunk on swinging legs: bulk that also moves water.',
    source: 'adr-0004',
  },
  'flat-bug': {
    title: 'flat-tail bug',
    nominalIn: 4,
    profile: [...BUG_BODY, [0.6, 0.165, 0.1], [0.66, 0.13, 0.06], [0.86, 0.15, 0.035], [1, 0.1, 0.025]],
    densityKgM3: 1080,
    appendage: { shape: 'flap', count: 2, area: 0.01, push: 0.2, lift: 0, root: 0.66 },
    show: 0.05,
    kickOnsetMps: null,
    round: false,
    sizesIn: [3.25, 4, 4.75],
    purpose: 'Wide body, still tails: profile without motion, nothing to wrap a branch.',
    source: 'adr-0004',
  },
  'kick-bug': {
    title: 'kicking bug',
    nominalIn: 4,
    profile: [...BUG_BODY, [0.6, 0.15, 0.1], [0.66, 0.06, 0.04], [0.7, 0, 0]],
    densityKgM3: 1080,
    appendage: { shape: 'leg', count: 2, area: 0.035, push: 0.75, lift: 0, root: 0.62 },
    show: 0.7,
    kickOnsetMps: 0.2,
    round: false,
    sizesIn: [3.25, 4, 4.75],
    purpose: 'The bug body on moving legs: calls fish from a distance in warm or murky water.',
    source: 'adr-0004',
  },
  'flapper-craw': {
    title: 'flapper craw',
    nominalIn: 4,
    profile: CRAW_BODY,
    densityKgM3: 1060,
    appendage: { shape: 'claw', count: 2, area: 0.05, push: 0.9, lift: 0.03, root: 0.52 },
    show: 0.8,
    kickOnsetMps: 0.18,
    round: false,
    sizesIn: [3.25, 4, 4.25],
    purpose: 'Big flapping claws: the strongest kick, and a brake on the fall.',
    source: 'adr-0004',
  },
  'curl-craw': {
    title: 'curl-leg craw',
    nominalIn: 4,
    profile: CRAW_BODY,
    densityKgM3: 1060,
    appendage: { shape: 'curl', count: 2, area: 0.04, push: 0.3, lift: 0, root: 0.52 },
    show: 1,
    kickOnsetMps: 0.12,
    round: false,
    sizesIn: [3.25, 4],
    purpose: 'Thin curling legs: much to see, little water moved.',
    source: 'adr-0004',
  },
  'small-craw': {
    title: 'small craw',
    nominalIn: 2.5,
    profile: [
      [0, 0.1, 0.09],
      [0.25, 0.15, 0.12],
      [0.5, 0.12, 0.1],
      [0.62, 0, 0],
    ],
    densityKgM3: 1060,
    appendage: { shape: 'claw', count: 2, area: 0.03, push: 0.25, lift: 0, root: 0.5 },
    show: 0.2,
    kickOnsetMps: null,
    round: false,
    sizesIn: [2, 2.5, 3],
    purpose: 'Tiny craw that holds still: for clear water and choosy fish.',
    source: 'adr-0004',
  },
  creature: {
    title: 'creature',
    nominalIn: 4,
    profile: [
      [0, 0.12, 0.1],
      [0.3, 0.16, 0.12],
      [0.6, 0.14, 0.1],
      [0.72, 0, 0],
    ],
    densityKgM3: 1070,
    appendage: { shape: 'leg', count: 4, area: 0.018, push: 0.6, lift: 0.05, root: 0.6 },
    show: 0.6,
    kickOnsetMps: 0.2,
    round: false,
    sizesIn: [3.25, 4, 4.75],
    purpose: 'Bulky body with four legs: a broad, busy outline.',
    source: 'adr-0004',
  },
  'twin-tail-grub': {
    title: 'twin-tail grub',
    nominalIn: 4,
    profile: [
      [0, 0.12, 0.12],
      [0.4, 0.12, 0.12],
      [0.47, 0.06, 0.06],
      [0.5, 0, 0],
    ],
    densityKgM3: 1080,
    appendage: { shape: 'curl', count: 2, area: 0.05, push: 0.24, lift: 0.02, root: 0.44 },
    show: 0.9,
    kickOnsetMps: 0.15,
    round: true,
    sizesIn: [3, 4, 5],
    purpose: 'Two curling tails: lively on the drag and the fall at little speed.',
    source: 'adr-0004',
  },
  'single-tail-grub': {
    title: 'single-tail grub',
    nominalIn: 4,
    profile: [
      [0, 0.11, 0.11],
      [0.4, 0.11, 0.11],
      [0.47, 0.06, 0.06],
      [0.5, 0, 0],
    ],
    densityKgM3: 1080,
    appendage: { shape: 'curl', count: 1, area: 0.05, push: 0.3, lift: 0.02, root: 0.44 },
    show: 0.9,
    kickOnsetMps: 0.15,
    round: true,
    sizesIn: [3, 4, 5],
    purpose: 'One curling tail: busy to the eye, quiet in the water.',
    source: 'adr-0004',
  },
  'paddle-tail': {
    title: 'paddle-tail',
    nominalIn: 3.75,
    profile: [
      [0, 0.11, 0.145],
      [0.12, 0.145, 0.175],
      [0.3, 0.155, 0.185],
      [0.5, 0.12, 0.15],
      [0.7, 0.065, 0.09],
      [0.88, 0.03, 0.05],
      [0.94, 0.03, 0.05],
    ],
    densityKgM3: 1060,
    appendage: { shape: 'foot', count: 1, area: 0.022, push: 1.3, lift: 0.5, root: 0.9 },
    show: 0.6,
    kickOnsetMps: 0.25,
    round: false,
    sizesIn: [2.75, 3.25, 3.75, 4.25],
    purpose: 'A fish with a kicking foot: for swimming, less for the bottom.',
    source: 'adr-0004',
  },
  'ribbed-paddle-tail': {
    title: 'ribbed paddle-tail',
    nominalIn: 4.25,
    profile: [
      [0, 0.1, 0.12],
      [0.12, 0.125, 0.15],
      [0.3, 0.13, 0.155],
      [0.5, 0.105, 0.13],
      [0.7, 0.06, 0.08],
      [0.88, 0.03, 0.045],
      [0.94, 0.03, 0.045],
    ],
    densityKgM3: 1080,
    appendage: { shape: 'foot', count: 1, area: 0.025, push: 1.45, lift: 0.5, root: 0.9 },
    show: 0.6,
    kickOnsetMps: 0.25,
    round: false,
    sizesIn: [3.25, 4.25, 4.75],
    purpose: 'Ribs and a foot: the loudest of the paddle-tails, rolls as it goes.',
    source: 'adr-0004',
  },
  'rolling-paddle-tail': {
    title: 'rolling paddle-tail',
    nominalIn: 5,
    profile: [
      [0, 0.09, 0.12],
      [0.12, 0.115, 0.15],
      [0.3, 0.12, 0.155],
      [0.5, 0.1, 0.13],
      [0.7, 0.055, 0.08],
      [0.88, 0.03, 0.04],
      [0.94, 0.03, 0.04],
    ],
    densityKgM3: 1060,
    appendage: { shape: 'foot', count: 1, area: 0.018, push: 1.1, lift: 0.4, root: 0.9 },
    show: 0.6,
    kickOnsetMps: 0.3,
    round: false,
    sizesIn: [4.25, 5],
    purpose: 'Rolls more than it wags: for heavy heads whose skirt should stay free.',
    source: 'adr-0004',
  },
  'swim-worm': {
    title: 'swim worm',
    nominalIn: 3,
    profile: [
      [0, 0.1, 0.1],
      [0.7, 0.08, 0.08],
      [0.95, 0.05, 0.05],
      [1, 0, 0],
    ],
    densityKgM3: 1060,
    appendage: { shape: 'foot', count: 1, area: 0.016, push: 1.1, lift: 0.3, root: 0.92 },
    show: 0.5,
    kickOnsetMps: 0.18,
    round: true,
    sizesIn: [3, 4],
    purpose: 'Slim worm with a swimming tail: runs deeper than any broad body.',
    source: 'adr-0004',
  },
  'wide-swimmer': {
    title: 'wide swimmer',
    nominalIn: 4,
    profile: [
      [0, 0.16, 0.09],
      [0.2, 0.23, 0.1],
      [0.45, 0.24, 0.1],
      [0.65, 0.18, 0.08],
      [0.75, 0.06, 0.04],
      [0.8, 0, 0],
    ],
    densityKgM3: 1060,
    appendage: { shape: 'leg', count: 2, area: 0.022, push: 1, lift: 0.25, root: 0.68 },
    show: 0.6,
    kickOnsetMps: 0.22,
    round: false,
    sizesIn: [3.25, 4],
    purpose: 'Broad and flat: planes high and slow over grass.',
    source: 'adr-0004',
  },
  'straight-minnow': {
    title: 'straight minnow',
    nominalIn: 4,
    profile: [
      [0, 0.09, 0.11],
      [0.15, 0.115, 0.14],
      [0.4, 0.115, 0.135],
      [0.75, 0.05, 0.06],
      [1, 0.015, 0.04],
    ],
    densityKgM3: 1080,
    appendage: { shape: 'none', count: 0, area: 0, push: 0, lift: 0, root: 1 },
    show: 0.25,
    kickOnsetMps: null,
    round: true,
    sizesIn: [3.25, 4, 4.75],
    purpose: 'Slim and without a kicker: weight without drag.',
    source: 'adr-0004',
  },
  'ribbed-minnow': {
    title: 'ribbed minnow',
    nominalIn: 4,
    profile: [
      [0, 0.1, 0.12],
      [0.15, 0.125, 0.15],
      [0.4, 0.125, 0.15],
      [0.75, 0.06, 0.08],
      [1, 0.02, 0.06],
    ],
    densityKgM3: 1080,
    appendage: { shape: 'none', count: 0, area: 0, push: 0, lift: 0, root: 1 },
    show: 0.25,
    kickOnsetMps: null,
    round: true,
    sizesIn: [3.25, 4],
    purpose: 'Ridged straight body: waves a little by itself.',
    source: 'adr-0004',
  },
  'stick-worm': {
    title: 'stick worm',
    nominalIn: 5,
    profile: [
      [0, 0.07, 0.07],
      [0.08, 0.083, 0.083],
      [0.75, 0.083, 0.083],
      [0.95, 0.05, 0.05],
      [1, 0.02, 0.02],
    ],
    densityKgM3: 1180,
    appendage: { shape: 'none', count: 0, area: 0, push: 0, lift: 0, root: 1 },
    show: 0.25,
    kickOnsetMps: null,
    round: true,
    sizesIn: [3, 4, 5],
    purpose: 'Heavy straight worm, whole or a piece: small, quiet, quick.',
    source: 'adr-0004',
  },
  'finesse-worm': {
    title: 'finesse worm',
    nominalIn: 4,
    profile: [
      [0, 0.055, 0.055],
      [0.9, 0.05, 0.05],
      [1, 0.02, 0.02],
    ],
    densityKgM3: 1080,
    appendage: { shape: 'none', count: 0, area: 0, push: 0, lift: 0, root: 1 },
    show: 0.15,
    kickOnsetMps: null,
    round: true,
    sizesIn: [3, 4, 5],
    purpose: 'Thin straight worm: the smallest outline for fish off bulk.',
    source: 'adr-0004',
  },
  'split-strip': {
    title: 'split strip',
    nominalIn: 3.5,
    profile: [
      [0, 0.09, 0.04],
      [0.3, 0.09, 0.035],
      [1, 0.05, 0.02],
    ],
    densityKgM3: 1060,
    appendage: { shape: 'none', count: 0, area: 0, push: 0, lift: 0, root: 1 },
    show: 0.3,
    kickOnsetMps: null,
    round: false,
    sizesIn: [2.75, 3.5],
    purpose: 'Flat forked strip: a shimmer behind the skirt and no drag.',
    source: 'adr-0004',
  },
};

/** How an appendage lies in the plane of the body: used for drawing it and for the span of its legs. @source adr-0004 */
export interface AppendageForm {
  /** length along its centre line over the straight distance from root to tail end */
  readonly stretch: number;
  /** direction at the root away from straight back, degrees */
  readonly spreadDeg: number;
  /** how far that direction has turned at the tip, degrees */
  readonly turnDeg: number;
}

export const APPENDAGE_FORMS: Readonly<Record<Exclude<AppendageShape, 'none' | 'foot'>, AppendageForm>> = {
  flap: { stretch: 1, spreadDeg: 7, turnDeg: 3 },
  leg: { stretch: 1.1, spreadDeg: 27, turnDeg: -22 },
  claw: { stretch: 1.1, spreadDeg: 30, turnDeg: -24 },
  curl: { stretch: 1.4, spreadDeg: 6, turnDeg: 285 },
};

/** How fast plastic stiffens as it cools, 1/°C, by hardness. @source adr-0004 */
export const COLD_STIFFENING_PER_C: Readonly<Record<Softness, number>> = { soft: 0.03, medium: 0.04, tough: 0.05 };

/** Softness at 20 °C against the medium plastic: the stiffness ratio E20. @source adr-0004 */
export const STIFFNESS_AT_20: Readonly<Record<Softness, number>> = { soft: 0.7, medium: 1, tough: 1.5 };
