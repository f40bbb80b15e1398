import { exitFromNoseMm } from '../rig/body/body';
import { guardCollapseN } from '../hold/guard';
import {
  DEFAULT_ARMS,
  MIN_TRAILER_LEFT_MM,
  PART_LIMITS,
  type Guard,
  type Rig,
  type Skirt,
  type Trailer,
} from '../rig/parts/schema';
import { BLADE_SHAPES, bladeSizes } from '../tackle/blades';
import { HOOKS } from '../tackle/hooks';
import { TRAILERS } from '../tackle/trailers';
import type { Limits, RefusalId } from './edit-kinds';

/** Plastic that must stay behind the place where the hook comes out, mm. @source adr-0014 */
export const BEHIND_EXIT_MM = 4;
/** Strands and fibres without which there is no skirt and no guard. */
export const LEAST = {
  strands: PART_LIMITS.strands.min,
  fibres: PART_LIMITS.fibres.min,
  guardMm: 8,
  armMm: 30,
} as const;
export const PUSH_MOST_MM = 6;
export const TWIST_MOST_DEG = 45;
export const LEAST_CORE_MM = 2;
/** Shank that a core has to leave for the trailer, mm. @source adr-0014 */
export const SHANK_FOR_TRAILER_MM = 6;
export const WEIGHT_STEPS_OZ = [1 / 8, 3 / 16, 1 / 4, 5 / 16, 3 / 8, 7 / 16, 1 / 2, 5 / 8, 3 / 4, 1, 1.25] as const;
export const SECOND_HOOKS = {
  none: null,
  'single-up': { kind: 'single', point: 'up', size: '1/0' },
  'single-down': { kind: 'single', point: 'down', size: '1/0' },
  treble: { kind: 'treble', point: 'down', size: '2/0' },
} as const satisfies Record<string, Rig['trailerHook']>;

export const trailered = (rig: Rig): boolean => !!rig.trailer;
export const threaded = (rig: Rig): boolean => rig.trailer?.hang === 'threaded';
export const fibre = (rig: Rig): boolean => rig.guard?.kind === 'fibre';
export const armed = (rig: Rig): boolean => rig.family === 'spinner';
export const arms = (rig: Rig): NonNullable<Rig['arms']> => rig.arms ?? DEFAULT_ARMS;
export const withTrailer = (rig: Rig, part: Partial<Trailer>): Rig => ({
  ...rig,
  trailer: { ...rig.trailer!, ...part },
});
export const tenth = (value: number): number => Math.round(value * 10) / 10;

/** A chunk is thick enough to be pushed on less far; from anything longer the core's length is cut out. */
export const coreIsCutOut = ({ trailer }: Rig): boolean =>
  !!trailer && trailer.kind !== 'chunk' && trailer.kind !== 'kick-chunk' && trailer.hang === 'threaded';

/** A guard after a cut: a push that was measured follows as the model says it changes. */
export function withGuard(rig: Rig, part: Partial<Guard>): Rig {
  const { pushN, ...before } = rig.guard!;
  const after = { ...before, ...part };
  if (pushN === undefined) return { ...rig, guard: after };
  const ratio = guardCollapseN(after) / guardCollapseN(before);
  const { min, max } = PART_LIMITS.guardN;
  return { ...rig, guard: { ...after, pushN: Math.min(max, Math.max(min, pushN * ratio)) } };
}

/** Length the strands came with. */
export const fullSkirtMm = (skirt: Skirt): number => skirt.fullMm ?? skirt.lengthMm;

export function withSkirtLength(rig: Rig, lengthMm: number): Rig {
  const { fullMm: _before, ...skirt } = rig.skirt!;
  const fullMm = fullSkirtMm(rig.skirt!);
  const whole = lengthMm >= fullMm && skirt.trim !== 'under';
  return {
    ...rig,
    skirt: whole
      ? { ...skirt, lengthMm: fullMm, trim: 'none' }
      : { ...skirt, lengthMm, fullMm, trim: skirt.trim === 'under' ? 'under' : 'all' },
  };
}

export function withSkirtSide(rig: Rig, side: string): Rig {
  const { fullMm: _before, ...skirt } = rig.skirt!;
  const fullMm = fullSkirtMm(rig.skirt!);
  if (side === 'under') return { ...rig, skirt: { ...skirt, fullMm, trim: 'under' } };
  return { ...rig, skirt: skirt.lengthMm < fullMm ? { ...skirt, fullMm, trim: 'all' } : { ...skirt, trim: 'none' } };
}

/** Plastic that has to stay: enough to be a trailer, and enough to hold the hook. */
export function leastLeft(rig: Rig): { readonly mm: number; readonly why: RefusalId } {
  const held = threaded(rig) ? exitFromNoseMm(rig) + BEHIND_EXIT_MM : 0;
  return held > MIN_TRAILER_LEFT_MM
    ? { mm: held, why: 'past-the-bend' }
    : { mm: MIN_TRAILER_LEFT_MM, why: 'cut-to-nothing' };
}

export function cutLimits(rig: Rig, otherCutMm: number): Limits {
  const { mm, why } = leastLeft(rig);
  return { min: 0, max: Math.max(0, tenth(rig.trailer!.lengthMm - otherCutMm - mm)), below: 'no-negative', above: why };
}

export const coreMm = (rig: Rig): number => rig.core?.lengthMm ?? 0;

export function coreLimits(rig: Rig): Limits {
  const { shankMm } = HOOKS[rig.head.hook.size];
  const shank = { max: shankMm - SHANK_FOR_TRAILER_MM, above: 'core-covers-the-shank' as const };
  const trailer = rig.trailer!;
  const leftMm = trailer.lengthMm - trailer.cutNoseMm - trailer.cutTailMm;
  // cut out of the body it takes as much plastic as it is long, and shank with it
  const body = {
    max: coreIsCutOut(rig) ? coreMm(rig) + leftMm - MIN_TRAILER_LEFT_MM : leftMm,
    above: 'core-longer-than-body' as const,
  };
  const { max, above } = shank.max < body.max ? shank : body;
  return { min: 0, max: Math.max(0, tenth(max)), below: 'no-negative', above };
}

/** The core in front of the trailer; cut out of it, so that the whole keeps its length, wherever the body is long enough. */
export function withCore(rig: Rig, lengthMm: number): Rig {
  const next = lengthMm < LEAST_CORE_MM ? 0 : lengthMm;
  const cored: Rig = {
    ...rig,
    core: next === 0 ? null : { lengthMm: next, colour: rig.core?.colour ?? 'chartreuse' },
  };
  if (!coreIsCutOut(rig)) return cored;
  const cutNoseMm = Math.max(0, tenth(rig.trailer!.cutNoseMm + next - coreMm(rig)));
  return withTrailer(cored, { cutNoseMm });
}

export const legCount = (rig: Rig): number => (rig.trailer ? TRAILERS[rig.trailer.kind].appendage.count : 0);
/** Tails that lie flat beside each other, joined by a web. */
export const hasJoinedTails = (rig: Rig): boolean =>
  !!rig.trailer && TRAILERS[rig.trailer.kind].appendage.shape === 'flap';

export const yes = (value: boolean): string => (value ? 'yes' : 'no');
export const SWITCH = ['no', 'yes'] as const;
export const MADE = BLADE_SHAPES.flatMap((shape) => bladeSizes(shape).map((size) => `${shape} ${size}`));

export function withBlade(rig: Rig, at: 0 | 1, value: string): Rig {
  const blades = [...rig.blades!];
  if (value === 'none') return { ...rig, blades: blades.slice(0, 1) };
  const [shape, size] = value.split(' ');
  const finish = blades[at]?.finish ?? blades[0]!.finish;
  blades[at] = { shape: shape as (typeof BLADE_SHAPES)[number], size: Number(size), finish };
  return { ...rig, blades };
}
export const bladeText = (rig: Rig, at: 0 | 1): string => {
  const blade = rig.blades?.[at];
  return blade ? `${blade.shape} ${blade.size}` : 'none';
};
export const withFinish = (rig: Rig, at: 0 | 1, finish: string): Rig => ({
  ...rig,
  blades: rig.blades!.map((blade, index) =>
    index === at ? { ...blade, finish: finish as typeof blade.finish } : blade,
  ),
});

export const secondHookText = ({ trailerHook }: Rig): keyof typeof SECOND_HOOKS =>
  !trailerHook
    ? 'none'
    : trailerHook.kind === 'treble'
      ? 'treble'
      : trailerHook.point === 'up'
        ? 'single-up'
        : 'single-down';
/** Trailer hooks stay as large as they are when they are only turned over. */
export function withSecondHook(rig: Rig, value: string): Rig {
  const next = SECOND_HOOKS[value as keyof typeof SECOND_HOOKS];
  const own = rig.trailerHook;
  const size = next && own && own.kind === next.kind ? own.size : next?.size;
  return { ...rig, trailerHook: next ? { ...next, size: size! } : null };
}

export const nearestWeight = (weightOz: number): string =>
  String(WEIGHT_STEPS_OZ.reduce((best, step) => (Math.abs(step - weightOz) < Math.abs(best - weightOz) ? step : best)));
