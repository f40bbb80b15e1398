import { PLATE_LINKS, PLATE_SIZES } from '../../tackle/blades';
import { HEADS, HEAD_STYLES, NOSES } from '../../tackle/heads';
import { HOOK_WIRES } from '../../tackle/hooks';
import { SKIRT_MATERIALS, type SkirtMaterial } from '../../tackle/skirts';
import { inFromLengthM, lengthMFromMm } from '../../units/units';
import { SOFTNESSES, TRAILER_KINDS } from '../../tackle/trailers';
import { FAMILIES } from '../../water/schema';
import { COLOUR_CLASSES, colourClassOf, type ColourClass } from '../../tackle/colours';
import { DEFAULT_ARMS, HANGS, ORIENTATIONS, type Guard, type Rig } from '../../rig/parts/schema';
import {
  ARM_LENGTHS,
  BLADE_NUMBERS,
  BLADE_SETS,
  GUARD_CLASSES,
  METAL_LOOKS,
  SKIRT_BULKS,
  TRAILER_SIZES,
  WEIGHT_STEPS,
  type ArmLength,
  type BladeNumber,
  type BladeSet,
  type GuardClass,
  type MetalLook,
  type SkirtBulk,
  type Target,
  type TrailerSize,
  type WeightStep,
} from '../rules/rule';

/** Values of each axis a rule can aim at; a rig's place on an axis is the index in its list. */
export const ATTRIBUTES = {
  family: FAMILIES,
  head: HEAD_STYLES,
  nose: NOSES,
  cams: [false, true],
  finesse: [false, true],
  wire: HOOK_WIRES,
  guard: GUARD_CLASSES,
  weight: WEIGHT_STEPS,
  guardless: [false, true],
  skirtMaterial: [...SKIRT_MATERIALS, 'none'],
  skirtBulk: [...SKIRT_BULKS, 'none'],
  trailerSize: [...TRAILER_SIZES, 'none'],
  core: [false, true],
  trailer: [...TRAILER_KINDS, 'none'],
  orientation: [...ORIENTATIONS, 'none'],
  hang: [...HANGS, 'none'],
  softness: [...SOFTNESSES, 'none'],
  skirtColour: [...COLOUR_CLASSES, 'none'],
  trailerColour: [...COLOUR_CLASSES, 'none'],
  plate: [...PLATE_SIZES, 'none'],
  link: [...PLATE_LINKS, 'none'],
  blades: [...BLADE_SETS, 'none'],
  bladeSize: [...BLADE_NUMBERS, 'none'],
  finish: [...METAL_LOOKS, 'none'],
  arms: [...ARM_LENGTHS, 'none'],
  squeezed: [false, true],
  sameColour: [false, true],
} as const satisfies Record<keyof Target, readonly (string | boolean)[]>;

export type Attribute = keyof typeof ATTRIBUTES;
export const ATTRIBUTE_NAMES = Object.keys(ATTRIBUTES) as readonly Attribute[];

/** Fibres from which a brush counts as full. @source craft-practice */
const FULL_GUARD_FIBRES = 16;

export function guardClass(guard: Guard | null | undefined): GuardClass {
  if (!guard) return 'none';
  if (guard.kind === 'wire') return 'wire';
  return guard.fibres >= FULL_GUARD_FIBRES ? 'full' : 'light';
}

const STEP_OZ: readonly number[] = [1 / 8, 3 / 16, 1 / 4, 3 / 8, 1 / 2, 3 / 4, 1.1];

/** Step of a head weight, nearest by ratio: 5/16 counts with 3/8, 5/8 with 3/4. */
export function weightStep(weightOz: number): WeightStep {
  const off = STEP_OZ.map((stepOz) => Math.abs(Math.log(weightOz / stepOz)));
  return WEIGHT_STEPS[off.indexOf(Math.min(...off))]!;
}

const SIZE_IN: readonly number[] = [2.25, 2.75, 3.25, 3.75, 4.25, 4.75, 5.25];

/** Step of a trailer's length; 3 in counts with 2 3/4, 4 in with 3 3/4, 5 in with 4 3/4. */
export function trailerSize(lengthMm: number): TrailerSize {
  const lengthIn = inFromLengthM(lengthMFromMm(lengthMm));
  const off = SIZE_IN.map((stepIn) => Math.abs(lengthIn - stepIn));
  return TRAILER_SIZES[off.findIndex((distance) => distance <= Math.min(...off) + 1e-6)]!;
}

/** Strands under which a skirt is thin, and from which it is full. @source craft-practice */
const BULK_STRANDS = { thinBelow: 40, fullFrom: 55 } as const;

/** Hair skirts are counted in fibres, not strands, so their fullness cannot be compared: as tied they count as usual. */
export function skirtBulk(strands: number, material: SkirtMaterial): SkirtBulk {
  if (material === 'hair') return 'usual';
  if (strands < BULK_STRANDS.thinBelow) return 'thin';
  return strands >= BULK_STRANDS.fullFrom ? 'full' : 'usual';
}

type Blades = NonNullable<Rig['blades']>;

/** What the blades of a frame are called together. */
export function bladeSet(blades: Blades): BladeSet {
  const shapes = new Set(blades.map(({ shape }) => shape));
  if (shapes.size > 1) return 'tandem';
  return `${blades.length > 1 ? 'double' : 'single'}-${blades[0]!.shape}`;
}

const largestBlade = (blades: Blades): BladeNumber => `${Math.max(...blades.map(({ size }) => size))}` as BladeNumber;

export function metalLook(blades: Blades): MetalLook {
  const finishes = new Set(blades.map(({ finish }) => finish));
  if (finishes.has('gold') && finishes.has('nickel')) return 'gold-nickel';
  return finishes.has('gold') ? 'gold' : finishes.has('nickel') ? 'nickel' : 'painted';
}

/** Upper arms under and over which a frame is short or long, mm. @source craft-practice */
const ARM_MM = { shortBelow: 55, longFrom: 65 } as const;

const armLength = (upperMm: number): ArmLength =>
  upperMm < ARM_MM.shortBelow ? 'short' : upperMm >= ARM_MM.longFrom ? 'long' : 'usual';

const classOf = (colour: string | undefined): ColourClass | 'none' =>
  colour === undefined ? 'none' : (colourClassOf(colour) ?? 'natural');

/** Where a rig lies on every axis. */
export function attributeValues(rig: Rig): { readonly [A in Attribute]: (typeof ATTRIBUTES)[A][number] } {
  const skirtColour = classOf(rig.skirt?.colour);
  const trailerColour = classOf(rig.trailer?.colour);
  return {
    family: rig.family,
    head: rig.head.style,
    nose: rig.head.nose ?? HEADS[rig.head.style].nose,
    cams: rig.head.cams ?? false,
    finesse: rig.head.finesse,
    wire: rig.head.hook.wire,
    guard: guardClass(rig.guard),
    weight: weightStep(rig.head.weightOz),
    guardless: !rig.guard && rig.keeper === 'screw',
    skirtMaterial: rig.skirt?.material ?? 'none',
    skirtBulk: rig.skirt ? skirtBulk(rig.skirt.strands - rig.skirt.thinned, rig.skirt.material) : 'none',
    trailerSize: rig.trailer ? trailerSize(rig.trailer.lengthMm) : 'none',
    core: rig.core !== null && rig.core !== undefined,
    trailer: rig.trailer?.kind ?? 'none',
    orientation: rig.trailer?.orientation ?? 'none',
    hang: rig.trailer?.hang ?? 'none',
    softness: rig.trailer?.softness ?? 'none',
    plate: rig.blade?.size ?? 'none',
    link: rig.blade?.link ?? 'none',
    blades: rig.blades ? bladeSet(rig.blades) : 'none',
    bladeSize: rig.blades ? largestBlade(rig.blades) : 'none',
    finish: rig.blades ? metalLook(rig.blades) : 'none',
    arms: rig.blades ? armLength((rig.arms ?? DEFAULT_ARMS).upperMm) : 'none',
    squeezed: rig.arms?.squeezed ?? false,
    skirtColour,
    trailerColour,
    sameColour: skirtColour !== 'none' && skirtColour === trailerColour,
  };
}

/** Which part of a rig each axis looks at: bounds on what parts can reach are built from this. */
export const ATTRIBUTE_OF: Readonly<Record<Attribute, 'head' | 'skirt' | 'trailer' | 'skirt-and-trailer'>> = {
  family: 'head',
  head: 'head',
  nose: 'head',
  cams: 'head',
  finesse: 'head',
  wire: 'head',
  guard: 'head',
  weight: 'head',
  guardless: 'head',
  plate: 'head',
  link: 'head',
  blades: 'head',
  bladeSize: 'head',
  finish: 'head',
  arms: 'head',
  squeezed: 'head',
  skirtMaterial: 'skirt',
  skirtBulk: 'skirt',
  skirtColour: 'skirt',
  trailer: 'trailer',
  orientation: 'trailer',
  hang: 'trailer',
  softness: 'trailer',
  trailerColour: 'trailer',
  trailerSize: 'trailer',
  core: 'trailer',
  sameColour: 'skirt-and-trailer',
};

/** A rule's target as bit masks, one for each axis it names: testing a rig is an AND. */
export interface AxisMask {
  readonly axis: number;
  readonly bits: number;
}

export function masksOf(target: Target): AxisMask[] {
  return ATTRIBUTE_NAMES.flatMap((name, axis) => {
    const wanted = target[name] as readonly (string | boolean)[] | undefined;
    if (wanted === undefined) return [];
    const values: readonly (string | boolean)[] = ATTRIBUTES[name];
    const bits = wanted.reduce<number>((sum, value) => sum | (1 << values.indexOf(value)), 0);
    return [{ axis, bits }];
  });
}

/** Whether a rig with these values is one a rule aims at. */
export function isAimedAt(target: Target, values: ReturnType<typeof attributeValues>): boolean {
  for (const axis in target) {
    const wanted = target[axis as keyof Target] as readonly unknown[];
    if (!wanted.includes(values[axis as Attribute])) return false;
  }
  return true;
}
