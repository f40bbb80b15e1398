import type { PlateLink, PlateSize } from '../../tackle/blades';
import type { HeadStyle, Nose } from '../../tackle/heads';
import type { HookWire } from '../../tackle/hooks';
import type { Softness, TrailerKind } from '../../tackle/trailers';
import type { ColourClass } from '../../tackle/colours';
import type { Orientation } from '../../rig/parts/schema';
import type { SkirtMaterial } from '../../tackle/skirts';
import type { Family, SchoolRef } from '../../water/schema';
import type { WantId } from '../../water/intent';
import type { Condition } from '../conditions/condition';
import type { WaterFacts } from '../conditions/water-facts';

export { WANT_IDS, type WantId } from '../../water/intent';

/** Wants of a lure that is reeled: they are asked only where it works above the bottom. */
export const REELED_WANTS = ['run', 'hold', 'window', 'kick'] as const satisfies readonly WantId[];

/** Wants that ask for so much or more: from the band's start on nothing is lost. */
export const AT_LEAST: ReadonlySet<WantId> = new Set<WantId>(['snag', 'window', 'kick']);

/** Guards by what they hinder: none, one wire, a light brush under 15 fibres, a full one. */
export const GUARD_CLASSES = ['none', 'wire', 'light', 'full'] as const;
export type GuardClass = (typeof GUARD_CLASSES)[number];

/** Head weights as the trade steps them; a head belongs to the step nearest to it. */
export const WEIGHT_STEPS = ['1/8', '3/16', '1/4', '3/8', '1/2', '3/4', '1'] as const;
export type WeightStep = (typeof WEIGHT_STEPS)[number];

/** Skirts by what they hide: under 40 strands, the usual 40 to 54, and full ones. */
export const SKIRT_BULKS = ['thin', 'usual', 'full'] as const;
export type SkirtBulk = (typeof SKIRT_BULKS)[number];

/** Trailer lengths in inches as they are sold; a trailer belongs to the step nearest to it. */
export const TRAILER_SIZES = ['2 1/4', '2 3/4', '3 1/4', '3 3/4', '4 1/4', '4 3/4', '5 1/4'] as const;
export type TrailerSize = (typeof TRAILER_SIZES)[number];

/** Blades of a spinner by what they do together; two shapes on one arm are a tandem. */
export const BLADE_SETS = [
  'single-colorado',
  'double-colorado',
  'single-indiana',
  'double-indiana',
  'single-willow',
  'double-willow',
  'tandem',
] as const;
export type BladeSet = (typeof BLADE_SETS)[number];

/** Metal of the blades; gold and nickel together are a finish of their own. */
export const METAL_LOOKS = ['gold', 'nickel', 'gold-nickel', 'painted'] as const;
export type MetalLook = (typeof METAL_LOOKS)[number];

/** Trade size of the largest blade. */
export const BLADE_NUMBERS = ['2', '3', '4', '5', '6'] as const;
export type BladeNumber = (typeof BLADE_NUMBERS)[number];

/** Upper arms by how long they take to flip over wood: under 55 mm, up to 64 mm, longer. */
export const ARM_LENGTHS = ['short', 'usual', 'long'] as const;
export type ArmLength = (typeof ARM_LENGTHS)[number];

/** Rigs a rule speaks about; every axis named must fit. */
export interface Target {
  /** families it is meant for; a rule that names none speaks about skirted jigs */
  readonly family?: readonly Family[];
  readonly head?: readonly HeadStyle[];
  readonly nose?: readonly Nose[];
  readonly cams?: readonly boolean[];
  readonly finesse?: readonly boolean[];
  readonly wire?: readonly HookWire[];
  readonly guard?: readonly GuardClass[];
  readonly weight?: readonly WeightStep[];
  /** no guard, and a screw keeper that lets the point be buried */
  readonly guardless?: readonly boolean[];
  readonly skirtMaterial?: readonly (SkirtMaterial | 'none')[];
  readonly skirtBulk?: readonly (SkirtBulk | 'none')[];
  readonly trailerSize?: readonly (TrailerSize | 'none')[];
  /** a bright core in front of the trailer */
  readonly core?: readonly boolean[];
  readonly trailer?: readonly (TrailerKind | 'none')[];
  readonly orientation?: readonly Orientation[];
  readonly hang?: readonly ('threaded' | 'hung')[];
  readonly softness?: readonly Softness[];
  readonly skirtColour?: readonly (ColourClass | 'none')[];
  readonly trailerColour?: readonly (ColourClass | 'none')[];
  readonly plate?: readonly PlateSize[];
  readonly link?: readonly PlateLink[];
  readonly blades?: readonly BladeSet[];
  readonly bladeSize?: readonly BladeNumber[];
  readonly finish?: readonly MetalLook[];
  readonly arms?: readonly ArmLength[];
  /** arms pressed together for weed */
  readonly squeezed?: readonly boolean[];
  /** trailer and skirt of one colour class */
  readonly sameColour?: readonly boolean[];
}

interface RuleBase {
  readonly id: string;
  readonly when: Condition<WaterFacts>;
  /** the rule speaks only for anglers of this school */
  readonly school?: SchoolRef;
}

/** Sets the band of one want, SI. Of a topic's rows the first whose condition holds counts. */
export interface BandRule extends RuleBase {
  readonly from: number | ((w: WaterFacts) => number);
  readonly to: number | ((w: WaterFacts) => number);
}

/** Moves a band that a band rule set: by a factor, or by a step on scales that start at 0. */
export interface ShiftRule extends RuleBase {
  readonly times?: number;
  readonly plus?: number;
}

/** Speaks for (weight above 0) or against the rigs it aims at. */
export interface PreferRule extends RuleBase {
  readonly target: Target;
  readonly weight: number;
}

/** A rule on one water: its weight as far as its condition holds there. */
export interface SpokenRule extends PreferRule {
  /** its condition holds: inside its ramp, on the far side of the limit, a rule already counts a little but has no words yet */
  readonly holds: boolean;
}

/** Speaks for (weight above 0) or against a whole family on a water. */
export interface FamilyRule extends RuleBase {
  readonly family: Family;
  readonly weight: number;
}

/** The least and the most that all shifts of a want together may do: the craft never goes further on one water. */
export interface ShiftBounds {
  readonly times?: readonly [least: number, most: number];
  readonly plus?: readonly [least: number, most: number];
}

/** Everything that shapes one want. */
export interface WantTopic {
  readonly want: WantId;
  readonly bands: readonly BandRule[];
  readonly shifts: readonly ShiftRule[];
  readonly bounds?: ShiftBounds;
}
