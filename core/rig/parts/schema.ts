import * as z from 'zod/mini';
import { parseWith } from '../../parse';
import type { IssueCode, Result } from '../../result';
import { HEAD_STYLES, METALS, NOSES } from '../../tackle/heads';
import { BLADE_FINISHES, BLADE_SHAPES, bladeSizes, PLATE_LINKS, PLATE_SIZES } from '../../tackle/blades';
import { HOOK_SIZES, HOOK_WIRES } from '../../tackle/hooks';
import { COLLAR_MM, SKIRT_MATERIALS } from '../../tackle/skirts';
import { SOFTNESSES, TRAILER_KINDS } from '../../tackle/trailers';
import { FAMILIES } from '../../water/schema';

export const ORIENTATIONS = ['flat', 'edge', 'inverted'] as const;
export const HANGS = ['threaded', 'hung'] as const;
export const KEEPERS = ['barb', 'ring', 'screw'] as const;
export const GUARD_SPREADS = ['none', 'fanned', 'wings'] as const;
export const SKIRT_TRIMS = ['none', 'all', 'under'] as const;

/** Limits of what can be typed for a part: beyond them it is a slip of the keyboard, not tackle. */
export const PART_LIMITS = {
  weightOz: { min: 1 / 32, max: 4 },
  trailerMm: { min: 25, max: 250 },
  skirtMm: { min: COLLAR_MM + 2, max: 200 },
  strands: { min: 4, max: 300 },
  fibres: { min: 1, max: 80 },
  massG: { min: 0.1, max: 150 },
  pushMm: { min: 0, max: 8 },
  guardN: { min: 0.02, max: 60 },
  bodyMm: { min: 2, max: 80 },
  wireMm: { min: 0.4, max: 3 },
  lineLb: { min: 2, max: 130 },
  lineMm: { min: 0.05, max: 1.5 },
  rodM: { min: 1, max: 4 },
  reelRatio: { min: 2, max: 12 },
  reelTurnM: { min: 0.2, max: 2 },
  text: 60,
} as const;

interface Limit {
  readonly min: number;
  readonly max: number;
  /** whole numbers only */
  readonly whole?: boolean;
}
/** The ends of each number of a part, where its field is described. */
const LIMITS = z.registry<Limit>();
const limited = <T extends z.ZodMiniType>(schema: T, limit: Limit): T => {
  LIMITS.add(schema, limit as never);
  return schema;
};
export const within = ({ min, max }: Limit): z.ZodMiniNumber =>
  limited(z.number().check(z.minimum(min), z.maximum(max)), { min, max });
export const whole = ({ min, max }: Limit): z.ZodMiniNumberFormat =>
  limited(z.int().check(z.minimum(min), z.maximum(max)), { min, max, whole: true });
/** The ends a number was given with `within` or `whole`. */
export const limitOf = (schema: z.ZodMiniType): Limit | undefined => LIMITS.get(schema);
const cutMm = z.number().check(z.minimum(0));

/** A short line of words. */
export const shortText = (least = 1): z.ZodMiniString =>
  z.string().check(z.trim(), z.minLength(least), z.maxLength(PART_LIMITS.text));
const colour = shortText();

/** `wireMm` only where the wire was measured. */
export const hookSchema = z.strictObject({
  size: z.enum(HOOK_SIZES),
  wire: z.enum(HOOK_WIRES),
  wireMm: z.exactOptional(within(PART_LIMITS.wireMm)),
});

export const headSchema = z.strictObject({
  style: z.enum(HEAD_STYLES),
  finesse: z.boolean(),
  weightOz: within(PART_LIMITS.weightOz),
  metal: z.enum(METALS),
  nose: z.exactOptional(z.enum(NOSES)),
  cams: z.exactOptional(z.boolean()),
  hook: hookSchema,
});

export const guardSchema = z.strictObject({
  kind: z.enum(['fibre', 'wire']),
  fibres: whole(PART_LIMITS.fibres),
  lengthMm: within({ min: 5, max: 60 }),
  spread: z.enum(GUARD_SPREADS),
  bevel: z.boolean(),
  /** push at which it folds, as it is now, N; only where it was measured */
  pushN: z.exactOptional(within(PART_LIMITS.guardN)),
});

export const skirtSchema = z.strictObject({
  material: z.enum(SKIRT_MATERIALS),
  strands: whole(PART_LIMITS.strands),
  lengthMm: within(PART_LIMITS.skirtMm),
  thinned: whole({ min: 0, max: PART_LIMITS.strands.max }),
  trim: z.enum(SKIRT_TRIMS),
  colour,
  massG: z.exactOptional(within(PART_LIMITS.massG)),
  /** length it came with, where scissors made it shorter */
  fullMm: z.exactOptional(within(PART_LIMITS.skirtMm)),
});

export const trailerSchema = z.strictObject({
  kind: z.enum(TRAILER_KINDS),
  lengthMm: within(PART_LIMITS.trailerMm),
  cutNoseMm: cutMm,
  cutTailMm: cutMm,
  orientation: z.enum(ORIENTATIONS),
  hang: z.enum(HANGS),
  splitTails: z.boolean(),
  legsOff: whole({ min: 0, max: 8 }),
  slit: z.boolean(),
  rattle: z.boolean(),
  softness: z.enum(SOFTNESSES),
  colour,
  massG: z.exactOptional(within(PART_LIMITS.massG)),
  /** widest and tallest place of the body, only where they were measured */
  widthMm: z.exactOptional(within(PART_LIMITS.bodyMm)),
  heightMm: z.exactOptional(within(PART_LIMITS.bodyMm)),
  /** how far its nose is pushed over the keeper, up under the collar of the skirt */
  pushMm: z.exactOptional(within(PART_LIMITS.pushMm)),
});

export const bladeFields = z.strictObject({
  shape: z.enum(BLADE_SHAPES),
  size: whole({ min: 2, max: 6 }),
  finish: z.enum(BLADE_FINISHES),
});

/** Refuses a blade of a size that its shape is not made in. */
const madeInSize = z.check<{ readonly shape: (typeof BLADE_SHAPES)[number]; readonly size: number }>(
  ({ value: blade, issues }) => {
    const sizes = bladeSizes(blade.shape);
    if (sizes.includes(blade.size)) return;
    const data = { got: blade.size, allowed: sizes.join(' ') };
    issues.push({ code: 'custom', input: blade, path: ['size'], params: { code: 'no-such-size', data } });
  },
);

export const spinnerBladeSchema = bladeFields.check(madeInSize);

export const armsSchema = z.strictObject({
  upperMm: within({ min: 20, max: 150 }),
  angleDeg: within({ min: 10, max: 120 }),
  twistDeg: within({ min: -45, max: 45 }),
  squeezed: z.boolean(),
});

export const plateSchema = z.strictObject({
  size: z.enum(PLATE_SIZES),
  link: z.enum(PLATE_LINKS),
  finish: shortText(),
});

/** A rig in the shape of files and the command line. `family` decides which blocks apply. */
export const rigSchema = z
  .strictObject({
    family: z.enum(FAMILIES),
    head: headSchema,
    keeper: z.exactOptional(z.enum(KEEPERS)),
    guard: z.exactOptional(z.nullable(guardSchema)),
    skirt: z.exactOptional(z.nullable(skirtSchema)),
    trailer: z.exactOptional(z.nullable(trailerSchema)),
    core: z.exactOptional(z.nullable(z.strictObject({ lengthMm: within({ min: 2, max: 80 }), colour }))),
    blades: z.exactOptional(z.array(spinnerBladeSchema).check(z.minLength(1), z.maxLength(2))),
    arms: z.exactOptional(armsSchema),
    blade: z.exactOptional(plateSchema),
    trailerHook: z.exactOptional(
      z.nullable(
        z.strictObject({ kind: z.enum(['single', 'treble']), point: z.enum(['up', 'down']), size: z.enum(HOOK_SIZES) }),
      ),
    ),
  })
  .check(({ value: rig, issues }) => {
    const problem = (path: string[], code: IssueCode, data: Record<string, string | number>): void => {
      issues.push({ code: 'custom', input: rig, path, params: { code, data } });
    };
    const { skirt, trailer } = rig;
    if (skirt && skirt.thinned > 0 && skirt.thinned >= skirt.strands) {
      problem(['skirt', 'thinned'], 'too-large', { got: skirt.thinned, limit: skirt.strands - 1 });
    }
    if (skirt?.fullMm !== undefined && skirt.fullMm < skirt.lengthMm) {
      problem(['skirt', 'fullMm'], 'too-small', { got: skirt.fullMm, limit: skirt.lengthMm });
    }
    if (trailer) {
      const cut = trailer.cutNoseMm + trailer.cutTailMm;
      const { lengthMm } = trailer;
      if (cut > lengthMm - MIN_TRAILER_LEFT_MM) {
        problem(['trailer', 'cutNoseMm'], 'cut-to-nothing', { cutMm: cut, lengthMm, leftMm: MIN_TRAILER_LEFT_MM });
      }
    }
    const foreign: Record<(typeof FAMILIES)[number], readonly (keyof typeof rig)[]> = {
      skirted: ['blades', 'arms', 'blade'],
      vibrating: ['blades', 'arms'],
      spinner: ['blade'],
    };
    for (const block of foreign[rig.family]) {
      if (rig[block] !== undefined) problem([block], 'wrong-family', { family: rig.family, block });
    }
    const needed = { skirted: [], vibrating: ['blade'], spinner: ['blades'] } as const;
    for (const block of needed[rig.family]) {
      if (rig[block] === undefined) problem([block], 'needs-block', { family: rig.family, block });
    }
  });

/** Plastic that must stay on the hook for the trailer to be one. */
export const MIN_TRAILER_LEFT_MM = 15;

export type Rig = z.infer<typeof rigSchema>;
export type Head = z.infer<typeof headSchema>;
export type Guard = z.infer<typeof guardSchema>;
export type Skirt = z.infer<typeof skirtSchema>;
export type Trailer = z.infer<typeof trailerSchema>;
export type Arms = z.infer<typeof armsSchema>;
/** Arms of a frame that nobody described. @source adr-0010 */
export const DEFAULT_ARMS: Arms = { upperMm: 60, angleDeg: 55, twistDeg: 0, squeezed: false };
export type SpinnerBlade = z.infer<typeof spinnerBladeSchema>;
export type Plate = z.infer<typeof plateSchema>;
export type Orientation = (typeof ORIENTATIONS)[number];

export const parseRig = (input: unknown): Result<Rig> => parseWith(rigSchema, input);

/** A trailer as it comes out of the bag, with what was measured on it. */
export const uncutTrailer = (
  part: Pick<Trailer, 'kind' | 'lengthMm' | 'softness' | 'colour'> &
    Partial<Pick<Trailer, 'massG' | 'widthMm' | 'heightMm'>> & { readonly massTrust?: 'scale' | 'size' },
): Trailer => ({
  kind: part.kind,
  lengthMm: part.lengthMm,
  cutNoseMm: 0,
  cutTailMm: 0,
  orientation: 'flat',
  hang: 'threaded',
  splitTails: false,
  legsOff: 0,
  slit: false,
  rattle: false,
  softness: part.softness,
  colour: part.colour,
  ...(part.massG === undefined || part.massTrust === 'size' ? {} : { massG: part.massG }),
  ...(part.widthMm === undefined ? {} : { widthMm: part.widthMm }),
  ...(part.heightMm === undefined ? {} : { heightMm: part.heightMm }),
});
