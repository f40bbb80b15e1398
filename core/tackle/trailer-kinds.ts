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

/** What rules, checks and handling aim at, so that a new kind is judged from its first day. */
export const TRAILER_TRAITS = [
  // a short thick block for cold water
  'chunk',
  'craw',
  'grub',
  // legs or claws that kick on both sides
  'legs',
  // arms that wrap round twigs and stems
  'wraps',
  'one-tail',
  // the tail has a foot that stands in the stream; it stands upright on a boot
  'paddle',
  'boot',
  // the swing of the tail moves a head
  'wags',
  // has to wake up before it does anything
  'kicks',
  'bulky',
  // wide enough for its turn to matter
  'flat',
  'slim',
  // a minnow without a tail of its own
  'straight',
] as const;
export type TrailerTrait = (typeof TRAILER_TRAITS)[number];

export const SOFTNESSES = ['soft', 'medium', 'tough'] as const;
export type Softness = (typeof SOFTNESSES)[number];

/** One station of a body profile: position, width and height, all relative to the trailer's length. */
export type ProfilePoint = readonly [x: number, width: number, height: number];

/** How an appendage looks; the drawing picks its curve by this. */
export type AppendageShape = 'none' | 'flap' | 'leg' | 'claw' | 'curl' | 'foot';

export interface TrailerRow {
  readonly traits: readonly TrailerTrait[];
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
  readonly source: SourceId;
}
