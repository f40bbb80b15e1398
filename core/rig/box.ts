import * as z from 'zod/mini';
import { parseWith } from '../parse';
import type { Result } from '../result';
import { guardSchema, headSchema, KEEPERS, shortText, skirtSchema, trailerSchema } from './schema';

const owned = {
  id: z.exactOptional(shortText()),
  label: z.exactOptional(shortText(0)),
  quantity: z.exactOptional(z.int().check(z.minimum(0), z.maximum(9999))),
};

const looseSkirt = z.pick(skirtSchema, { material: true, strands: true, lengthMm: true, colour: true });

export const skirtPartSchema = z.extend(looseSkirt, owned);

export const trailerPartSchema = z.extend(
  z.pick(trailerSchema, { kind: true, lengthMm: true, softness: true, colour: true, massG: true }),
  owned,
);

/** A jig bought dressed is a head with its guard and skirt. */
export const headPartSchema = z.extend(headSchema, {
  ...owned,
  keeper: z.exactOptional(z.enum(KEEPERS)),
  guard: z.exactOptional(z.nullable(guardSchema)),
  skirt: z.exactOptional(z.nullable(looseSkirt)),
});

/** Most parts a tray takes. */
const TRAY_LIMIT = 20_000;

/** Trays whose parts later stations read: kept as they came. */
const laterTray = z.exactOptional(z.array(z.record(z.string(), z.unknown())).check(z.maxLength(TRAY_LIMIT)));

export const BOX_VERSION = 1;

export const boxSchema = z.strictObject({
  kind: z.literal('box'),
  version: z.literal(BOX_VERSION),
  name: z.exactOptional(shortText(0)),
  heads: z.array(headPartSchema).check(z.maxLength(TRAY_LIMIT)),
  skirts: z.array(skirtPartSchema).check(z.maxLength(TRAY_LIMIT)),
  trailers: z.array(trailerPartSchema).check(z.maxLength(TRAY_LIMIT)),
  blades: laterTray,
  hooks: laterTray,
  lines: laterTray,
  rods: laterTray,
  reels: laterTray,
});

export type Box = z.infer<typeof boxSchema>;
export type HeadPart = z.infer<typeof headPartSchema>;
export type SkirtPart = z.infer<typeof skirtPartSchema>;
export type TrailerPart = z.infer<typeof trailerPartSchema>;

/** Trays this version builds rigs from, in the order they are read. */
export const TRAYS = ['heads', 'skirts', 'trailers'] as const;
export type Tray = (typeof TRAYS)[number];

/** Trays that later stations read; their parts are kept as they came. */
export const LATER_TRAYS = ['blades', 'hooks', 'lines', 'rods', 'reels'] as const;
export type LaterTray = (typeof LATER_TRAYS)[number];

export const emptyBox = (): Box => ({ kind: 'box', version: BOX_VERSION, heads: [], skirts: [], trailers: [] });

export const parseBox = (input: unknown): Result<Box> => parseWith(boxSchema, input);

/** How many different parts a box holds. */
export const partCount = (box: Box): number => box.heads.length + box.skirts.length + box.trailers.length;
