import { exitFromNoseMm } from '../rig/body';
import { guardCollapseN } from '../hold/guard';
import { DEFAULT_ARMS } from '../rig/frame';
import {
  MIN_TRAILER_LEFT_MM,
  ORIENTATIONS,
  PART_LIMITS,
  type Guard,
  type Rig,
  type Skirt,
  type Trailer,
} from '../rig/schema';
import { BLADE_FINISHES, BLADE_SHAPES, bladeSizes } from '../tackle/blades';
import { HOOKS } from '../tackle/hooks';
import { TRAILERS } from '../tackle/trailers';

/** Parts of a build, in the order in which they stand on the bench. */
export const BENCH_PARTS = ['head', 'arms', 'blades', 'guard', 'skirt', 'trailer', 'core', 'second-hook'] as const;
export type BenchPart = (typeof BENCH_PARTS)[number];

/** Everything that can be cut, turned or changed at the bench. */
export const EDIT_IDS = [
  'weight',
  'arm-length',
  'arm-twist',
  'squeeze',
  'blade-1',
  'finish-1',
  'blade-2',
  'finish-2',
  'guard-length',
  'guard-fibres',
  'guard-bevel',
  'guard-spread',
  'skirt-length',
  'skirt-side',
  'thin',
  'nose',
  'tail',
  'legs',
  'split',
  'slit',
  'hang',
  'turn',
  'push',
  'core',
  'second-hook',
] as const;
export type EditId = (typeof EDIT_IDS)[number];

/** Why a value is not taken. */
export type RefusalId =
  | 'no-negative'
  | 'cut-to-nothing'
  | 'past-the-bend'
  | 'core-longer-than-body'
  | 'core-covers-the-shank'
  | 'shorter-than-collar'
  | 'cannot-grow'
  | 'strands-must-stay'
  | 'fibres-must-stay'
  | 'too-short-a-guard'
  | 'too-short-an-arm'
  | 'no-more-legs'
  | 'keeper-full'
  | 'bent-too-far';

interface Shared {
  readonly id: EditId;
  readonly part: BenchPart;
  readonly applies: (rig: Rig) => boolean;
}
/** A number: mm, a count, or degrees. */
export interface AmountEdit extends Shared {
  readonly kind: 'amount';
  readonly unit: 'mm' | 'count' | 'degrees';
  /** one press of a key; with Shift ten */
  readonly step: number;
  /** `base` is the rig before any cut: what is cut does not grow back past it */
  readonly limits: (rig: Rig, base: Rig) => Limits;
  readonly read: (rig: Rig) => number;
  readonly write: (rig: Rig, value: number) => Rig;
}
/** One of a few words; a switch has `no` and `yes`. */
export interface ChoiceEdit extends Shared {
  readonly kind: 'choice';
  readonly options: (rig: Rig) => readonly string[];
  readonly read: (rig: Rig) => string;
  readonly write: (rig: Rig, value: string) => Rig;
}
export type Edit = AmountEdit | ChoiceEdit;

export interface Limits {
  readonly min: number;
  readonly max: number;
  readonly below: RefusalId;
  readonly above: RefusalId;
}

/** Plastic that must stay behind the place where the hook comes out, mm. @source adr-0014 */
const BEHIND_EXIT_MM = 4;
/** Strands and fibres without which there is no skirt and no guard. */
const LEAST = { strands: PART_LIMITS.strands.min, fibres: PART_LIMITS.fibres.min, guardMm: 8, armMm: 30 } as const;
const PUSH_MOST_MM = 6;
const TWIST_MOST_DEG = 45;
const LEAST_CORE_MM = 2;
/** Shank that a core has to leave for the trailer, mm. @source adr-0014 */
const SHANK_FOR_TRAILER_MM = 6;
export const WEIGHT_STEPS_OZ = [1 / 8, 3 / 16, 1 / 4, 5 / 16, 3 / 8, 7 / 16, 1 / 2, 5 / 8, 3 / 4, 1, 1.25] as const;
export const SECOND_HOOKS = {
  none: null,
  'single-up': { kind: 'single', point: 'up', size: '1/0' },
  'single-down': { kind: 'single', point: 'down', size: '1/0' },
  treble: { kind: 'treble', point: 'down', size: '2/0' },
} as const satisfies Record<string, Rig['trailerHook']>;

const trailered = (rig: Rig): boolean => !!rig.trailer;
const threaded = (rig: Rig): boolean => rig.trailer?.hang === 'threaded';
const fibre = (rig: Rig): boolean => rig.guard?.kind === 'fibre';
const armed = (rig: Rig): boolean => rig.family === 'spinner';
const arms = (rig: Rig): NonNullable<Rig['arms']> => rig.arms ?? DEFAULT_ARMS;
const withTrailer = (rig: Rig, part: Partial<Trailer>): Rig => ({ ...rig, trailer: { ...rig.trailer!, ...part } });
const tenth = (value: number): number => Math.round(value * 10) / 10;

/** A chunk is thick enough to be pushed on less far; from anything longer the core's length is cut out. */
export const coreIsCutOut = ({ trailer }: Rig): boolean =>
  !!trailer && trailer.kind !== 'chunk' && trailer.kind !== 'kick-chunk' && trailer.hang === 'threaded';

/** A guard after a cut: a push that was measured follows as the model says it changes. */
function withGuard(rig: Rig, part: Partial<Guard>): Rig {
  const { pushN, ...before } = rig.guard!;
  const after = { ...before, ...part };
  if (pushN === undefined) return { ...rig, guard: after };
  const ratio = guardCollapseN(after) / guardCollapseN(before);
  const { min, max } = PART_LIMITS.guardN;
  return { ...rig, guard: { ...after, pushN: Math.min(max, Math.max(min, pushN * ratio)) } };
}

/** Length the strands came with. */
export const fullSkirtMm = (skirt: Skirt): number => skirt.fullMm ?? skirt.lengthMm;

function withSkirtLength(rig: Rig, lengthMm: number): Rig {
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

function withSkirtSide(rig: Rig, side: string): Rig {
  const { fullMm: _before, ...skirt } = rig.skirt!;
  const fullMm = fullSkirtMm(rig.skirt!);
  if (side === 'under') return { ...rig, skirt: { ...skirt, fullMm, trim: 'under' } };
  return { ...rig, skirt: skirt.lengthMm < fullMm ? { ...skirt, fullMm, trim: 'all' } : { ...skirt, trim: 'none' } };
}

/** Plastic that has to stay: enough to be a trailer, and enough to hold the hook. */
function leastLeft(rig: Rig): { readonly mm: number; readonly why: RefusalId } {
  const held = threaded(rig) ? exitFromNoseMm(rig) + BEHIND_EXIT_MM : 0;
  return held > MIN_TRAILER_LEFT_MM
    ? { mm: held, why: 'past-the-bend' }
    : { mm: MIN_TRAILER_LEFT_MM, why: 'cut-to-nothing' };
}

function cutLimits(rig: Rig, otherCutMm: number): Limits {
  const { mm, why } = leastLeft(rig);
  return { min: 0, max: Math.max(0, tenth(rig.trailer!.lengthMm - otherCutMm - mm)), below: 'no-negative', above: why };
}

const coreMm = (rig: Rig): number => rig.core?.lengthMm ?? 0;

function coreLimits(rig: Rig): Limits {
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
function withCore(rig: Rig, lengthMm: number): Rig {
  const next = lengthMm < LEAST_CORE_MM ? 0 : lengthMm;
  const cored: Rig = {
    ...rig,
    core: next === 0 ? null : { lengthMm: next, colour: rig.core?.colour ?? 'chartreuse' },
  };
  if (!coreIsCutOut(rig)) return cored;
  const cutNoseMm = Math.max(0, tenth(rig.trailer!.cutNoseMm + next - coreMm(rig)));
  return withTrailer(cored, { cutNoseMm });
}

const legCount = (rig: Rig): number => (rig.trailer ? TRAILERS[rig.trailer.kind].appendage.count : 0);
/** Tails that lie flat beside each other, joined by a web. */
export const hasJoinedTails = (rig: Rig): boolean =>
  !!rig.trailer && TRAILERS[rig.trailer.kind].appendage.shape === 'flap';

const yes = (value: boolean): string => (value ? 'yes' : 'no');
const SWITCH = ['no', 'yes'] as const;
const MADE = BLADE_SHAPES.flatMap((shape) => bladeSizes(shape).map((size) => `${shape} ${size}`));

function withBlade(rig: Rig, at: 0 | 1, value: string): Rig {
  const blades = [...rig.blades!];
  if (value === 'none') return { ...rig, blades: blades.slice(0, 1) };
  const [shape, size] = value.split(' ');
  const finish = blades[at]?.finish ?? blades[0]!.finish;
  blades[at] = { shape: shape as (typeof BLADE_SHAPES)[number], size: Number(size), finish };
  return { ...rig, blades };
}
const bladeText = (rig: Rig, at: 0 | 1): string => {
  const blade = rig.blades?.[at];
  return blade ? `${blade.shape} ${blade.size}` : 'none';
};
const withFinish = (rig: Rig, at: 0 | 1, finish: string): Rig => ({
  ...rig,
  blades: rig.blades!.map((blade, index) =>
    index === at ? { ...blade, finish: finish as typeof blade.finish } : blade,
  ),
});

const secondHookText = ({ trailerHook }: Rig): keyof typeof SECOND_HOOKS =>
  !trailerHook
    ? 'none'
    : trailerHook.kind === 'treble'
      ? 'treble'
      : trailerHook.point === 'up'
        ? 'single-up'
        : 'single-down';
/** Second hooks stay as large as they are when they are only turned over. */
function withSecondHook(rig: Rig, value: string): Rig {
  const next = SECOND_HOOKS[value as keyof typeof SECOND_HOOKS];
  const own = rig.trailerHook;
  const size = next && own && own.kind === next.kind ? own.size : next?.size;
  return { ...rig, trailerHook: next ? { ...next, size: size! } : null };
}

const nearestWeight = (weightOz: number): string =>
  String(WEIGHT_STEPS_OZ.reduce((best, step) => (Math.abs(step - weightOz) < Math.abs(best - weightOz) ? step : best)));

/** What can be done to a build: where it applies, how far, and what it makes of the rig. */
export const EDITS: readonly Edit[] = [
  {
    id: 'weight',
    kind: 'choice',
    part: 'head',
    applies: () => true,
    options: () => WEIGHT_STEPS_OZ.map(String),
    read: (rig) => nearestWeight(rig.head.weightOz),
    write: (rig, value) => ({ ...rig, head: { ...rig.head, weightOz: Number(value) } }),
  },
  {
    id: 'arm-length',
    kind: 'amount',
    unit: 'mm',
    step: 1,
    part: 'arms',
    applies: armed,
    limits: (_, base) => ({
      min: LEAST.armMm,
      max: arms(base).upperMm,
      below: 'too-short-an-arm',
      above: 'cannot-grow',
    }),
    read: (rig) => arms(rig).upperMm,
    write: (rig, upperMm) => ({ ...rig, arms: { ...arms(rig), upperMm } }),
  },
  {
    id: 'arm-twist',
    kind: 'amount',
    unit: 'degrees',
    step: 1,
    part: 'arms',
    applies: armed,
    limits: () => ({ min: -TWIST_MOST_DEG, max: TWIST_MOST_DEG, below: 'bent-too-far', above: 'bent-too-far' }),
    read: (rig) => arms(rig).twistDeg,
    write: (rig, twistDeg) => ({ ...rig, arms: { ...arms(rig), twistDeg } }),
  },
  {
    id: 'squeeze',
    kind: 'choice',
    part: 'arms',
    applies: armed,
    options: () => SWITCH,
    read: (rig) => yes(arms(rig).squeezed),
    write: (rig, value) => ({ ...rig, arms: { ...arms(rig), squeezed: value === 'yes' } }),
  },
  ...([0, 1] as const).flatMap((at): Edit[] => [
    {
      id: `blade-${at === 0 ? 1 : 2}`,
      kind: 'choice',
      part: 'blades',
      applies: armed,
      options: () => (at === 0 ? MADE : ['none', ...MADE]),
      read: (rig) => bladeText(rig, at),
      write: (rig, value) => withBlade(rig, at, value),
    },
    {
      id: `finish-${at === 0 ? 1 : 2}`,
      kind: 'choice',
      part: 'blades',
      applies: (rig) => armed(rig) && rig.blades?.[at] !== undefined,
      options: () => BLADE_FINISHES,
      read: (rig) => rig.blades?.[at]?.finish ?? 'gold',
      write: (rig, value) => withFinish(rig, at, value),
    },
  ]),
  {
    id: 'guard-length',
    kind: 'amount',
    unit: 'mm',
    step: 1,
    part: 'guard',
    applies: fibre,
    limits: (rig, base) => ({
      min: LEAST.guardMm,
      max: base.guard?.lengthMm ?? rig.guard!.lengthMm,
      below: 'too-short-a-guard',
      above: 'cannot-grow',
    }),
    read: (rig) => rig.guard!.lengthMm,
    write: (rig, lengthMm) => withGuard(rig, { lengthMm }),
  },
  {
    id: 'guard-fibres',
    kind: 'amount',
    unit: 'count',
    step: 1,
    part: 'guard',
    applies: fibre,
    limits: (rig, base) => ({
      min: LEAST.fibres,
      max: base.guard?.fibres ?? rig.guard!.fibres,
      below: 'fibres-must-stay',
      above: 'cannot-grow',
    }),
    read: (rig) => rig.guard!.fibres,
    write: (rig, fibres) => withGuard(rig, { fibres }),
  },
  {
    id: 'guard-bevel',
    kind: 'choice',
    part: 'guard',
    applies: fibre,
    options: () => SWITCH,
    read: (rig) => yes(rig.guard!.bevel),
    write: (rig, value) => withGuard(rig, { bevel: value === 'yes' }),
  },
  {
    id: 'guard-spread',
    kind: 'choice',
    part: 'guard',
    applies: fibre,
    options: () => ['none', 'fanned', 'wings'],
    read: (rig) => rig.guard!.spread,
    write: (rig, spread) => withGuard(rig, { spread: spread as Guard['spread'] }),
  },
  {
    id: 'skirt-length',
    kind: 'amount',
    unit: 'mm',
    step: 1,
    part: 'skirt',
    applies: (rig) => !!rig.skirt,
    limits: (rig) => ({
      min: PART_LIMITS.skirtMm.min,
      max: fullSkirtMm(rig.skirt!),
      below: 'shorter-than-collar',
      above: 'cannot-grow',
    }),
    read: (rig) => rig.skirt!.lengthMm,
    write: withSkirtLength,
  },
  {
    id: 'skirt-side',
    kind: 'choice',
    part: 'skirt',
    applies: (rig) => !!rig.skirt,
    options: () => ['all', 'under'],
    read: (rig) => (rig.skirt!.trim === 'under' ? 'under' : 'all'),
    write: withSkirtSide,
  },
  {
    id: 'thin',
    kind: 'amount',
    unit: 'count',
    step: 1,
    part: 'skirt',
    applies: (rig) => !!rig.skirt,
    limits: (rig) => ({
      min: 0,
      max: rig.skirt!.strands - LEAST.strands,
      below: 'no-negative',
      above: 'strands-must-stay',
    }),
    read: (rig) => rig.skirt!.thinned,
    write: (rig, thinned) => ({ ...rig, skirt: { ...rig.skirt!, thinned } }),
  },
  {
    id: 'nose',
    kind: 'amount',
    unit: 'mm',
    step: 1,
    part: 'trailer',
    applies: trailered,
    limits: (rig) => cutLimits(rig, rig.trailer!.cutTailMm),
    read: (rig) => rig.trailer!.cutNoseMm,
    write: (rig, cutNoseMm) => withTrailer(rig, { cutNoseMm }),
  },
  {
    id: 'tail',
    kind: 'amount',
    unit: 'mm',
    step: 1,
    part: 'trailer',
    applies: trailered,
    limits: (rig) => cutLimits(rig, rig.trailer!.cutNoseMm),
    read: (rig) => rig.trailer!.cutTailMm,
    write: (rig, cutTailMm) => withTrailer(rig, { cutTailMm }),
  },
  {
    id: 'legs',
    kind: 'amount',
    unit: 'count',
    step: 1,
    part: 'trailer',
    applies: (rig) => legCount(rig) > 0,
    limits: (rig) => ({ min: 0, max: legCount(rig), below: 'no-negative', above: 'no-more-legs' }),
    read: (rig) => rig.trailer!.legsOff,
    write: (rig, legsOff) => withTrailer(rig, { legsOff }),
  },
  {
    id: 'split',
    kind: 'choice',
    part: 'trailer',
    applies: hasJoinedTails,
    options: () => SWITCH,
    read: (rig) => yes(rig.trailer!.splitTails),
    write: (rig, value) => withTrailer(rig, { splitTails: value === 'yes' }),
  },
  {
    id: 'slit',
    kind: 'choice',
    part: 'trailer',
    applies: threaded,
    options: () => SWITCH,
    read: (rig) => yes(rig.trailer!.slit),
    write: (rig, value) => withTrailer(rig, { slit: value === 'yes' }),
  },
  {
    id: 'hang',
    kind: 'choice',
    part: 'trailer',
    applies: trailered,
    options: () => ['threaded', 'hung'],
    read: (rig) => rig.trailer!.hang,
    write: (rig, hang) => withTrailer(rig, { hang: hang as Trailer['hang'] }),
  },
  {
    id: 'turn',
    kind: 'choice',
    part: 'trailer',
    applies: trailered,
    options: () => ORIENTATIONS,
    read: (rig) => rig.trailer!.orientation,
    write: (rig, orientation) => withTrailer(rig, { orientation: orientation as Trailer['orientation'] }),
  },
  {
    id: 'push',
    kind: 'amount',
    unit: 'mm',
    step: 1,
    part: 'trailer',
    applies: (rig) => threaded(rig) && !!rig.skirt && !rig.core,
    limits: () => ({ min: 0, max: PUSH_MOST_MM, below: 'no-negative', above: 'keeper-full' }),
    read: (rig) => rig.trailer!.pushMm ?? 0,
    write: (rig, pushMm) => withTrailer(rig, { pushMm }),
  },
  {
    id: 'core',
    kind: 'amount',
    unit: 'mm',
    step: 1,
    part: 'core',
    applies: threaded,
    limits: coreLimits,
    read: coreMm,
    write: withCore,
  },
  {
    id: 'second-hook',
    kind: 'choice',
    part: 'second-hook',
    applies: () => true,
    options: () => Object.keys(SECOND_HOOKS),
    read: secondHookText,
    write: withSecondHook,
  },
];

const BY_ID = new Map(EDITS.map((edit) => [edit.id, edit]));
export const editOf = (id: EditId): Edit => BY_ID.get(id)!;
export const editsFor = (rig: Rig): Edit[] => EDITS.filter(({ applies }) => applies(rig));

/** A rig after an edit, or why it is not taken and how far it could go. */
export type Edited =
  | { readonly ok: true; readonly rig: Rig }
  | { readonly ok: false; readonly why: RefusalId; readonly limit: number; readonly unit: AmountEdit['unit'] };

/**
 * Makes one change to a build. Nothing is clamped: a value out of reach is refused with its reason.
 * @param base  the rig as it came, before any cut
 */
export function applyEdit(rig: Rig, base: Rig, id: EditId, value: number | string): Edited {
  const edit = editOf(id);
  if (edit.kind === 'choice') return { ok: true, rig: edit.write(rig, String(value)) };
  const asked = Number(value);
  const { min, max, below, above } = edit.limits(rig, base);
  if (!(asked >= min)) return { ok: false, why: below, limit: min, unit: edit.unit };
  if (asked > max) return { ok: false, why: above, limit: max, unit: edit.unit };
  const whole = edit.unit === 'mm' ? tenth(asked) : Math.round(asked);
  return { ok: true, rig: edit.write(rig, whole) };
}

/** The nearest value that can be taken: where a drag ends. */
export function nearestAllowed(rig: Rig, base: Rig, id: EditId, value: number): number {
  const edit = editOf(id);
  if (edit.kind === 'choice') return value;
  const { min, max } = edit.limits(rig, base);
  return Math.min(Math.max(value, min), Math.max(min, max));
}

/** The rig as it came out of box and bag: every cut undone, as far as the rig itself tells. */
export function asItCame(rig: Rig): Rig {
  const { skirt, trailer } = rig;
  const whole = ({ fullMm, ...rest }: Skirt): Skirt => ({
    ...rest,
    lengthMm: fullMm ?? rest.lengthMm,
    thinned: 0,
    trim: 'none',
  });
  const uncut = ({ pushMm: _pushed, ...rest }: Trailer): Trailer => ({
    ...rest,
    cutNoseMm: 0,
    cutTailMm: 0,
    splitTails: false,
    legsOff: 0,
    slit: false,
    orientation: 'flat',
    hang: 'threaded',
  });
  return {
    ...rig,
    ...(skirt ? { skirt: whole(skirt) } : {}),
    ...(trailer ? { trailer: uncut(trailer) } : {}),
    ...(rig.guard ? { guard: { ...rig.guard, spread: 'none', bevel: false } } : {}),
    ...(rig.arms ? { arms: { ...rig.arms, squeezed: false } } : {}),
    ...(rig.core ? { core: null } : {}),
    ...(rig.trailerHook ? { trailerHook: null } : {}),
  };
}

/** What differs between two states of a build. */
export interface Change {
  readonly edit: EditId;
  readonly from: number | string;
  readonly to: number | string;
}
export const changesBetween = (from: Rig, to: Rig): Change[] =>
  EDITS.flatMap((edit): Change[] => {
    if (!edit.applies(to) || !edit.applies(from)) return [];
    const [before, after] = [edit.read(from), edit.read(to)];
    return before === after ? [] : [{ edit: edit.id, from: before, to: after }];
  });
