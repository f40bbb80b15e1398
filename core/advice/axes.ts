import { HEADS, HEAD_STYLES, NOSES } from '../tackle/heads';
import { HOOK_WIRES } from '../tackle/hooks';
import { SOFTNESSES, TRAILER_KINDS } from '../tackle/trailers';
import { COLOUR_CLASSES, colourClassOf, type ColourClass } from '../tackle/colours';
import { HANGS, ORIENTATIONS, type Guard, type Rig } from '../rig/schema';
import { GUARD_CLASSES, type GuardClass, type Target } from './rule';

/** Values of each axis a rule can aim at; a rig's place on an axis is the index in its list. */
export const AXES = {
  head: HEAD_STYLES,
  nose: NOSES,
  cams: [false, true],
  finesse: [false, true],
  wire: HOOK_WIRES,
  guard: GUARD_CLASSES,
  trailer: [...TRAILER_KINDS, 'none'],
  orientation: [...ORIENTATIONS, 'none'],
  hang: [...HANGS, 'none'],
  softness: [...SOFTNESSES, 'none'],
  skirtColour: [...COLOUR_CLASSES, 'none'],
  trailerColour: [...COLOUR_CLASSES, 'none'],
  sameColour: [false, true],
} as const satisfies Record<keyof Target, readonly (string | boolean)[]>;

export type Axis = keyof typeof AXES;
export const AXIS_NAMES = Object.keys(AXES) as readonly Axis[];

/** Fibres from which a brush counts as full. @source craft-practice */
const FULL_GUARD_FIBRES = 16;

export function guardClass(guard: Guard | null | undefined): GuardClass {
  if (!guard) return 'none';
  if (guard.kind === 'wire') return 'wire';
  return guard.fibres >= FULL_GUARD_FIBRES ? 'full' : 'light';
}

const classOf = (colour: string | undefined): ColourClass | 'none' =>
  colour === undefined ? 'none' : (colourClassOf(colour) ?? 'natural');

/** Where a rig lies on every axis. */
export function axisValues(rig: Rig): { readonly [A in Axis]: (typeof AXES)[A][number] } {
  const skirtColour = classOf(rig.skirt?.colour);
  const trailerColour = classOf(rig.trailer?.colour);
  return {
    head: rig.head.style,
    nose: rig.head.nose ?? HEADS[rig.head.style].nose,
    cams: rig.head.cams ?? false,
    finesse: rig.head.finesse,
    wire: rig.head.hook.wire,
    guard: guardClass(rig.guard),
    trailer: rig.trailer?.kind ?? 'none',
    orientation: rig.trailer?.orientation ?? 'none',
    hang: rig.trailer?.hang ?? 'none',
    softness: rig.trailer?.softness ?? 'none',
    skirtColour,
    trailerColour,
    sameColour: skirtColour !== 'none' && skirtColour === trailerColour,
  };
}

/** A target as bits: one mask for each axis it names. */
export interface AxisMask {
  readonly axis: number;
  readonly bits: number;
}

export function masksOf(target: Target): AxisMask[] {
  return AXIS_NAMES.flatMap((name, axis) => {
    const wanted = target[name] as readonly (string | boolean)[] | undefined;
    if (wanted === undefined) return [];
    const values: readonly (string | boolean)[] = AXES[name];
    const bits = wanted.reduce<number>((sum, value) => sum | (1 << values.indexOf(value)), 0);
    return [{ axis, bits }];
  });
}
