import * as z from 'zod/mini';
import { parseWith } from '../parse';
import type { IssueCode, Result } from '../result';
import { SALINITY_RANGE_G_PER_KG, WATER_MODEL_RANGE_C } from './density';
import { intentSchema } from './intent';
import { localRulesSchema } from './local-rules';
import { SCHOOL_QUESTIONS, SCHOOLS, type SchoolOf, type SchoolQuestion } from './schools';

export * from './local-rules';
export * from './schools';

export const BOTTOMS = ['mud', 'sand', 'gravel', 'rock', 'riprap', 'shell'] as const;
export const COVER_KINDS = [
  'open',
  'rock',
  'riprap',
  'ledge',
  'gravel-bar',
  'brush',
  'laydown',
  'hardwood',
  'stumps',
  'dock',
  'houseboat',
  'grass-submerged',
  'grass-matted',
  'pads',
  'reeds',
  'flooded-bush',
] as const;
export const DENSITIES = ['sparse', 'medium', 'thick'] as const;
export const TRENDS = ['steady', 'rising-muddy', 'clearing'] as const;
export const SKIES = ['bright', 'mixed', 'dark'] as const;
export const WINDS = ['calm', 'ripple', 'chop'] as const;
export const FORAGE = ['shad', 'panfish', 'crayfish', 'perch', 'minnow'] as const;
export const MOODS = ['active', 'neutral', 'inactive'] as const;
export const PRESSURES = ['low', 'high'] as const;
export const SEASONS = ['winter', 'prespawn', 'spawn', 'postspawn', 'summer', 'autumn'] as const;
export const SPECIES = ['largemouth', 'smallmouth', 'spotted'] as const;
export const AIMS = ['bites', 'size', 'search', 'saturate'] as const;
/** What may be taken for granted of a water until somebody says it. */
export const ASSUMABLE = ['season', 'mood', 'bottom'] as const;
export type Assumable = (typeof ASSUMABLE)[number];
export const FAMILIES = ['skirted', 'vibrating', 'spinner'] as const;
export type Family = (typeof FAMILIES)[number];

/** What the water fields may hold, SI except temperature. Forms read their limits here too. */
export const WATER_LIMITS = {
  temperatureC: { min: WATER_MODEL_RANGE_C.from, max: WATER_MODEL_RANGE_C.to },
  visibilityM: { min: 0, max: 15 },
  depthM: { min: 0.1, max: 40 },
  salinityGPerKg: { min: SALINITY_RANGE_G_PER_KG.from, max: SALINITY_RANGE_G_PER_KG.to },
} as const;

const within = ({ min, max }: { readonly min: number; readonly max: number }): z.ZodMiniNumber =>
  z.number().check(z.minimum(min), z.maximum(max));
const temperatureC = within(WATER_LIMITS.temperatureC);
const visibilityM = within(WATER_LIMITS.visibilityM);
const depthM = within(WATER_LIMITS.depthM);
const pointM = within({ min: 0, max: WATER_LIMITS.depthM.max });

const coverSchema = z.strictObject({
  kind: z.enum(COVER_KINDS),
  density: z.enum(DENSITIES),
  topM: z.exactOptional(pointM),
});

const assumedSchema = z.strictObject(
  Object.fromEntries(ASSUMABLE.map((field) => [field, z.exactOptional(z.literal(true))])) as unknown as {
    [F in Assumable]: z.ZodMiniExactOptional<z.ZodMiniLiteral<true>>;
  },
);

type SchoolShape = { [Q in SchoolQuestion]: z.ZodMiniExactOptional<z.ZodMiniType<SchoolOf<Q>>> };
const schoolsSchema = z.strictObject(
  Object.fromEntries(
    SCHOOL_QUESTIONS.map((question) => [question, z.exactOptional(z.enum(SCHOOLS[question]))]),
  ) as unknown as SchoolShape,
);

/** The conditions at hand, in the shape of files and the command line. */
export const waterSchema = z
  .strictObject({
    temperatureC,
    visibilityM,
    depthM,
    usualVisibilityM: z.exactOptional(visibilityM),
    salinityGPerKg: z.exactOptional(within(WATER_LIMITS.salinityGPerKg)),
    trend: z.exactOptional(z.enum(TRENDS)),
    bottom: z.enum(BOTTOMS),
    cover: z.array(coverSchema).check(z.maxLength(12)),
    sky: z.enum(SKIES),
    wind: z.enum(WINDS),
    forage: z.array(z.enum(FORAGE)).check(z.maxLength(FORAGE.length)),
    mood: z.enum(MOODS),
    pressure: z.enum(PRESSURES),
    season: z.enum(SEASONS),
    species: z.enum(SPECIES),
    aim: z.enum(AIMS),
    band: z.exactOptional(z.strictObject({ fromM: pointM, toM: pointM })),
    families: z.exactOptional(z.array(z.enum(FAMILIES)).check(z.minLength(1))),
    schools: z.exactOptional(schoolsSchema),
    intent: z.exactOptional(intentSchema),
    localRules: z.exactOptional(localRulesSchema),
    /** what nobody has said: its value is what is taken for granted until somebody does */
    assumed: z.exactOptional(assumedSchema),
  })
  .check(({ value: water, issues }) => {
    const problem = (path: (string | number)[], code: IssueCode, data: Record<string, number>): void => {
      issues.push({ code: 'custom', input: water, path, params: { code, data } });
    };
    water.cover.forEach(({ topM }, at) => {
      if (topM !== undefined && topM > water.depthM) {
        problem(['cover', at, 'topM'], 'below-the-bottom', { got: topM, depthM: water.depthM });
      }
    });
    const { fishFromMm, fishToMm } = water.localRules ?? {};
    if (fishFromMm !== undefined && fishToMm !== undefined && fishFromMm > fishToMm) {
      problem(['localRules', 'fishToMm'], 'too-small', { got: fishToMm, limit: fishFromMm });
    }
    const runM = water.intent?.run;
    if (runM && runM.from <= runM.to && runM.to > water.depthM) {
      problem(['intent', 'run', 'to'], 'below-the-bottom', { got: runM.to, depthM: water.depthM });
    }
    if (water.band === undefined) return;
    const { fromM, toM } = water.band;
    if (fromM > toM) problem(['band'], 'upside-down-band', { fromM, toM });
    else if (toM > water.depthM) problem(['band', 'toM'], 'below-the-bottom', { got: toM, depthM: water.depthM });
  });

export type Water = z.infer<typeof waterSchema>;
export type Cover = z.infer<typeof coverSchema>;
export type CoverKind = (typeof COVER_KINDS)[number];

export const parseWater = (input: unknown): Result<Water> => parseWith(waterSchema, input);

/** Whether a field is only taken for granted. */
export const isAssumed = ({ assumed }: Pick<Water, 'assumed'>, field: Assumable): boolean => assumed?.[field] === true;

/** A plain, mild day on an ordinary bank: what a new angler starts from. Made up. */
export const DEFAULT_WATER: Water = {
  temperatureC: 18,
  visibilityM: 0.61,
  depthM: 1.82,
  bottom: 'gravel',
  cover: [{ kind: 'brush', density: 'medium' }],
  sky: 'mixed',
  wind: 'ripple',
  forage: [],
  mood: 'neutral',
  pressure: 'low',
  season: 'autumn',
  species: 'largemouth',
  aim: 'size',
};
