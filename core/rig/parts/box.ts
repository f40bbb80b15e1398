import * as z from 'zod/mini';
import { parseWith } from '../../parse';
import type { Result } from '../../result';
import { bladeSizes } from '../../tackle/blades';
import { HOOK_SIZES, HOOK_WIRES } from '../../tackle/hooks';
import type { Family } from '../../water/schema';
import { LINE_KINDS, ROD_ACTIONS, ROD_POWERS } from '../../tackle/gear';
import {
  armsSchema,
  bladeFields,
  guardSchema,
  headSchema,
  KEEPERS,
  PART_LIMITS,
  plateSchema,
  shortText,
  skirtSchema,
  trailerSchema,
  whole,
  within,
  type Rig,
} from './schema';

export const CONDITIONS = ['good', 'torn', 'rusty'] as const;
/** Which of two numbers counts when the scale contradicts the size: both are kept. */
export const MASS_TRUSTS = ['scale', 'size'] as const;

const massG = z.exactOptional(within(PART_LIMITS.massG));

/** What every part in a tray may carry besides what it is. */
const owned = {
  id: z.exactOptional(shortText()),
  label: z.exactOptional(shortText(0)),
  quantity: z.exactOptional(whole({ min: 0, max: 9999 })),
  condition: z.exactOptional(z.enum(CONDITIONS)),
};
const weighed = { massG, massTrust: z.exactOptional(z.enum(MASS_TRUSTS)) };

const looseSkirt = z.pick(skirtSchema, { material: true, strands: true, lengthMm: true, colour: true });

export const skirtPartSchema = z.extend(looseSkirt, { ...owned, ...weighed });

export const trailerPartSchema = z.extend(
  z.pick(trailerSchema, { kind: true, lengthMm: true, softness: true, colour: true, widthMm: true, heightMm: true }),
  { ...owned, ...weighed },
);

/**
 * A jig bought dressed is a head with its guard and skirt. A plate in front makes it a vibrating head, arms and blades a
 * spinner frame. `massG` is the bare head with its hook and guard on the scale.
 */
export const headPartSchema = z.extend(headSchema, {
  ...owned,
  ...weighed,
  keeper: z.exactOptional(z.enum(KEEPERS)),
  guard: z.exactOptional(z.nullable(guardSchema)),
  skirt: z.exactOptional(z.nullable(looseSkirt)),
  blade: z.exactOptional(plateSchema),
  blades: z.exactOptional(z.array(bladeFields).check(z.minLength(1), z.maxLength(2))),
  arms: z.exactOptional(armsSchema),
});

export const bladePartSchema = z.extend(bladeFields, { ...owned, ...weighed });

export const hookPartSchema = z.strictObject({
  kind: z.enum(['single', 'treble']),
  size: z.enum(HOOK_SIZES),
  wire: z.enum(HOOK_WIRES),
  ...owned,
});

export const linePartSchema = z.strictObject({
  kind: z.enum(LINE_KINDS),
  lb: within(PART_LIMITS.lineLb),
  diameterMm: z.exactOptional(within(PART_LIMITS.lineMm)),
  ...owned,
});

export const rodPartSchema = z.strictObject({
  lengthM: within(PART_LIMITS.rodM),
  power: z.enum(ROD_POWERS),
  action: z.enum(ROD_ACTIONS),
  lureFromOz: z.exactOptional(within(PART_LIMITS.weightOz)),
  lureToOz: z.exactOptional(within(PART_LIMITS.weightOz)),
  ...owned,
});

export const reelPartSchema = z.strictObject({
  ratio: within(PART_LIMITS.reelRatio),
  perTurnM: z.exactOptional(within(PART_LIMITS.reelTurnM)),
  ...owned,
});

/** Trays of a box, in the order they are shown; rigs are built from the first three. */
export const TRAYS = ['heads', 'skirts', 'trailers', 'blades', 'hooks', 'lines', 'rods', 'reels'] as const;
export type Tray = (typeof TRAYS)[number];
/** Trays without which a skirted rig lacks something. */
export const RIG_TRAYS = ['heads', 'skirts', 'trailers'] as const;
export type RigTray = (typeof RIG_TRAYS)[number];

/** What one part of each tray looks like. */
export const PART_SCHEMAS = {
  heads: headPartSchema,
  skirts: skirtPartSchema,
  trailers: trailerPartSchema,
  blades: bladePartSchema,
  hooks: hookPartSchema,
  lines: linePartSchema,
  rods: rodPartSchema,
  reels: reelPartSchema,
} as const;

/** Most rows a list in a file of ours may have. What a browser stores stays below it, so that every export can be read. */
export const READ_LIMIT = 200_000;
/** Most rows a browser stores of each kind; parts are counted a tray. */
export const STORE_LIMITS = {
  parts: 40_000,
  waters: 5_000,
  tickets: 20_000,
  builds: 1_000,
  trips: 500,
  outings: 5_000,
  tests: 500,
  setAside: 20_000,
} as const;
const trayOf = <T extends z.ZodMiniType>(part: T) => z._default(z.array(part).check(z.maxLength(READ_LIMIT)), []);

/** An entry of an older box that no tray can read: kept as it came. */
export const keptEntrySchema = z.strictObject({ tray: shortText(), part: z.record(z.string(), z.unknown()) });

export const BOX_VERSION = 2;

export const boxSchema = z.strictObject({
  kind: z.literal('box'),
  version: z.literal(BOX_VERSION),
  name: z.exactOptional(shortText(0)),
  heads: trayOf(headPartSchema),
  skirts: trayOf(skirtPartSchema),
  trailers: trayOf(trailerPartSchema),
  blades: trayOf(bladePartSchema),
  hooks: trayOf(hookPartSchema),
  lines: trayOf(linePartSchema),
  rods: trayOf(rodPartSchema),
  reels: trayOf(reelPartSchema),
  kept: z.exactOptional(z.array(keptEntrySchema).check(z.maxLength(READ_LIMIT))),
});

export type Box = z.infer<typeof boxSchema>;
export type PartOf<T extends Tray> = z.infer<(typeof PART_SCHEMAS)[T]>;
export type HeadPart = PartOf<'heads'>;
export type SkirtPart = PartOf<'skirts'>;
export type TrailerPart = PartOf<'trailers'>;
export type BladePart = PartOf<'blades'>;
export type AnyPart = PartOf<Tray>;

export const emptyBox = (): Box => ({
  kind: 'box',
  version: BOX_VERSION,
  heads: [],
  skirts: [],
  trailers: [],
  blades: [],
  hooks: [],
  lines: [],
  rods: [],
  reels: [],
});

export const parseBox = (input: unknown): Result<Box> => parseWith(boxSchema, input);

/** One part of a tray, checked. */
export const parsePart = <T extends Tray>(tray: T, input: unknown): Result<PartOf<T>> =>
  parseWith(PART_SCHEMAS[tray] as unknown as z.ZodMiniType<PartOf<T>>, input);

/**
 * A box of version 1 kept the trays of later stations as they came. Entries that read as parts now become parts; the others
 * are kept beside the trays, so that nothing is lost.
 */
export function upgradeBox(old: unknown): unknown {
  if (typeof old !== 'object' || old === null || (old as { version?: unknown }).version !== 1) return old;
  const box: Record<string, unknown> = { ...old, version: BOX_VERSION };
  const kept: { tray: string; part: unknown }[] = [];
  for (const tray of ['blades', 'hooks', 'lines', 'rods', 'reels'] as const) {
    const parts = box[tray];
    if (!Array.isArray(parts)) continue;
    box[tray] = parts.filter((part: unknown) => parsePart(tray, part).ok);
    kept.push(...parts.filter((part: unknown) => !parsePart(tray, part).ok).map((part: unknown) => ({ tray, part })));
  }
  if (kept.length > 0) box['kept'] = kept;
  return box;
}

/** How many different parts a box holds. */
export const partCount = (box: Box): number => TRAYS.reduce((sum, tray) => sum + box[tray].length, 0);

type Owned = { readonly quantity?: number; readonly condition?: (typeof CONDITIONS)[number] };

/** A part that can be fished: not used up, torn or rusty. */
export const usable = ({ quantity, condition }: Owned): boolean =>
  quantity !== 0 && (condition === undefined || condition === 'good');

/**
 * Family of the rigs a head makes: a plate in front vibrates, blades on arms spin. Arms without blades make none, nor do blades
 * of a size that is not made, which older boxes may hold.
 */
export function familyOfHead(part: Pick<HeadPart, 'blade' | 'blades' | 'arms'>): Family | null {
  if (part.blade) return 'vibrating';
  if (part.blades) return part.blades.every(({ shape, size }) => bladeSizes(shape).includes(size)) ? 'spinner' : null;
  return part.arms ? null : 'skirted';
}

/** The blocks of a head in a box that go into its rigs as they are. */
export const frameBlocks = (
  part: Pick<HeadPart, 'blade' | 'blades' | 'arms'>,
): Pick<Rig, 'blade' | 'blades' | 'arms'> => ({
  ...(part.blade ? { blade: part.blade } : {}),
  ...(part.blades ? { blades: part.blades } : {}),
  ...(part.arms ? { arms: part.arms } : {}),
});
