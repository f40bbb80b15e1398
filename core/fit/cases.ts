import * as z from 'zod/mini';
import { colourClassOf } from '../tackle/colours';
import type { Rig } from '../rig/parts/schema';
import type { Box } from '../rig/parts/box';
import { parseBox } from '../rig/parts/box';
import { parseWater } from '../water/schema';
import type { Water } from '../water/schema';

const words = z.array(z.string());
const range = z.tuple([z.number(), z.number()]);

/** What a rig has to be: every condition that is given holds. Weights in oz, lengths in inches. */
export const patternSchema = z.strictObject({
  family: z.optional(z.string()),
  style: z.optional(words),
  finesse: z.optional(z.boolean()),
  nose: z.optional(words),
  oz: z.optional(range),
  fibres: z.optional(range),
  guard: z.optional(z.string()),
  wire: z.optional(words),
  hookSize: z.optional(words),
  skirt: z.optional(z.string()),
  strands: z.optional(range),
  skirtColour: z.optional(words),
  trim: z.optional(words),
  trailer: z.optional(words),
  trailerIn: z.optional(range),
  trailerColour: z.optional(words),
  softness: z.optional(words),
  orientation: z.optional(words),
  hang: z.optional(words),
  splitTails: z.optional(z.boolean()),
  cutNoseIn: z.optional(range),
  core: z.optional(z.boolean()),
  blades: z.optional(z.array(z.tuple([z.string(), z.number(), z.number()]))),
  bladeCount: z.optional(z.number()),
  bladeFinish: z.optional(words),
  plate: z.optional(words),
  link: z.optional(words),
  trailerHook: z.optional(z.string()),
});
export type Pattern = z.infer<typeof patternSchema>;

const patterns = z.array(patternSchema);
/** One case of the craft: a water, a box (null for the whole catalogue), and what practitioners tie there. */
const caseSchema = z.strictObject({
  id: z.string(),
  practice: z.string(),
  about: z.string(),
  why: z.string(),
  water: z.unknown(),
  box: z.unknown(),
  pair: z.optional(z.string()),
  first: z.optional(patterns),
  among: z.optional(patterns),
  never: z.optional(patterns),
  other: z.optional(patterns),
  otherPractice: z.optional(z.string()),
  fished: z.optional(z.unknown()),
  cut: z.optional(z.unknown()),
  notAJig: z.optional(z.boolean()),
  moves: z.optional(z.unknown()),
  firmness: z.union([z.literal(1), z.literal(2), z.literal(3)]),
});

/** A case as the fit goes by it: what leads, what is among the first three, what is not. */
export interface CraftCase {
  readonly id: string;
  readonly practice: string;
  readonly firmness: 1 | 2 | 3;
  readonly water: Water;
  /** null for every kind there is */
  readonly box: Box | null;
  readonly first: readonly Pattern[];
  readonly among: readonly Pattern[];
  readonly never: readonly Pattern[];
}

/** A case that is left out, and why. */
export interface LeftOut {
  readonly id: string;
  readonly because: string;
}

const between = (value: number, [least, most]: readonly [number, number], slack: number): boolean =>
  value >= least - slack && value <= most + slack;

const MM_PER_IN = 25.4;
type Tests = { readonly [K in keyof Pattern]-?: (asked: NonNullable<Pattern[K]>, rig: Rig) => boolean };

/** A colour is named by its class, or by words it holds. */
const isColour = (asked: readonly string[], name: string): boolean =>
  asked.some(
    (word) => colourClassOf(name) === word || word.split(/[\s/]+/).every((part) => name.toLowerCase().includes(part)),
  );

const hookOf = ({ trailerHook }: Rig): string => {
  if (!trailerHook) return 'none';
  return trailerHook.kind === 'treble' ? 'treble' : `single-${trailerHook.point}`;
};

const TESTS: Tests = {
  family: (asked, rig) => rig.family === asked,
  style: (asked, { head }) => asked.includes(head.style),
  finesse: (asked, { head }) => (head.finesse ?? false) === asked,
  nose: (asked, { head }) => asked.includes(head.nose ?? (head.style === 'flipping' ? 'pointed' : 'round')),
  oz: (asked, { head }) => between(head.weightOz, asked, 0.004),
  fibres: (asked, { guard }) => between(guard && 'fibres' in guard ? guard.fibres : 0, asked, 0),
  guard: (asked, { guard }) => (asked === 'none' ? !guard : guard?.kind === asked),
  wire: (asked, { head }) => asked.includes(head.hook.wire),
  hookSize: (asked, { head }) => asked.includes(head.hook.size),
  skirt: (asked, { skirt }) => (asked === 'none' ? !skirt : skirt?.material === asked),
  strands: (asked, { skirt }) => between(skirt ? skirt.strands - skirt.thinned : 0, asked, 0),
  skirtColour: (asked, { skirt }) => !!skirt && isColour(asked, skirt.colour),
  trim: (asked, { skirt }) => asked.includes(skirt?.trim ?? 'none'),
  trailer: (asked, { trailer }) => asked.includes(trailer?.kind ?? 'none'),
  trailerIn: (asked, { trailer }) =>
    !!trailer &&
    (between((trailer.lengthMm - trailer.cutNoseMm - trailer.cutTailMm) / MM_PER_IN, asked, 0.05) ||
      between(trailer.lengthMm / MM_PER_IN, asked, 0.05)),
  trailerColour: (asked, { trailer }) => !!trailer && isColour(asked, trailer.colour),
  softness: (asked, { trailer }) => !!trailer && asked.includes(trailer.softness),
  orientation: (asked, { trailer }) => !!trailer && asked.includes(trailer.orientation),
  hang: (asked, { trailer }) => !!trailer && asked.includes(trailer.hang),
  splitTails: (asked, { trailer }) => (trailer?.splitTails ?? false) === asked,
  cutNoseIn: (asked, { trailer }) => !!trailer && between(trailer.cutNoseMm / MM_PER_IN, asked, 0.02),
  core: (asked, { core }) => Boolean(core) === asked,
  blades: (asked, { blades }) => {
    const free = [...(blades ?? [])];
    return asked.every(([shape, least, most]) => {
      const at = free.findIndex((one) => one.shape === shape && one.size >= least && one.size <= most);
      if (at >= 0) free.splice(at, 1);
      return at >= 0;
    });
  },
  bladeCount: (asked, { blades }) => (blades ?? []).length === asked,
  bladeFinish: (asked, { blades }) =>
    blades !== undefined && blades.length > 0 && blades.every(({ finish }) => asked.includes(finish)),
  plate: (asked, { blade }) => blade !== undefined && asked.includes(blade.size),
  link: (asked, { blade }) => blade !== undefined && asked.includes(blade.link),
  trailerHook: (asked, rig) => hookOf(rig) === asked,
};

const holds = <K extends keyof Pattern>(of: K, pattern: Pattern, rig: Rig): boolean => {
  const asked = pattern[of];
  return asked === undefined || (TESTS[of] as (asked: unknown, rig: Rig) => boolean)(asked, rig);
};
const CONDITIONS = Object.keys(TESTS) as (keyof Pattern)[];

/** Whether a rig is what a pattern asks for, in these conditions; left out, in all. */
export const isLike = (pattern: Pattern, rig: Rig, conditions: readonly (keyof Pattern)[] = CONDITIONS): boolean =>
  conditions.every((of) => holds(of, pattern, rig));
export const isLikeAny = (asked: readonly Pattern[], rig: Rig): boolean => asked.some((one) => isLike(one, rig));

const ofPatterns = (asked: readonly Pattern[] | undefined): string => JSON.stringify(asked ?? []);

/**
 * Reads cases. Those of another form, those whose water or box cannot be read, and those that contradict others of the same practice on the same
 * water are left out, and told.
 * @param input  a list of cases, as JSON gives it
 */
export function readCases(input: unknown): {
  readonly cases: readonly CraftCase[];
  readonly leftOut: readonly LeftOut[];
} {
  const cases: CraftCase[] = [];
  const leftOut: LeftOut[] = [];
  const asked = new Map<
    string,
    { readonly id: string; readonly first: string; readonly patterns: readonly Pattern[] }
  >();
  for (const [at, row] of (Array.isArray(input) ? input : []).entries()) {
    const id = String((row as { readonly id?: unknown } | null)?.id ?? `row ${at + 1}`);
    const read = caseSchema.safeParse(row);
    if (!read.success) {
      leftOut.push({
        id,
        because: `of another form: ${read.error.issues.map(({ path, code }) => `${path.join('.')} ${code}`).join('; ')}`,
      });
      continue;
    }
    const { practice, firmness, first = [], among = [], never = [] } = read.data;
    const water = parseWater(read.data.water);
    const box = read.data.box === null ? null : parseBox(read.data.box);
    if (!water.ok || (box !== null && !box.ok)) {
      leftOut.push({ id, because: 'its water or its box cannot be read' });
      continue;
    }
    const key = JSON.stringify([water.value, read.data.box]);
    const same = asked.get(key);
    const isDenied =
      first.length > 0 && first.every((one) => never.some((no) => ofPatterns([no]) === ofPatterns([one])));
    if (isDenied || (same && first.length > 0 && same.first !== ofPatterns(first) && areApart(same.patterns, first))) {
      leftOut.push({ id, because: isDenied ? 'it asks for what it forbids' : `it contradicts ${same!.id}` });
      continue;
    }
    if (first.length > 0) asked.set(key, { id, first: ofPatterns(first), patterns: first });
    cases.push({ id, practice, firmness, water: water.value, box: box?.value ?? null, first, among, never });
  }
  return { cases, leftOut };
}

/** Whether no rig can be what both ask for, as far as one listed condition shows. */
const areApart = (one: readonly Pattern[], other: readonly Pattern[]): boolean =>
  one.every((a) =>
    other.every((b) =>
      (['style', 'trailer', 'plate'] as const).some(
        (of) => a[of] !== undefined && b[of] !== undefined && a[of].every((value) => !b[of]!.includes(value)),
      ),
    ),
  );
