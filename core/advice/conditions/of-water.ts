import { ftFromLengthM, inFromLengthM, lengthMFromIn, tempCFromF } from '../../units/units';
import type { CoverKind, Family, Water } from '../../water/schema';
import {
  clause,
  compares,
  not,
  type WaterChoice,
  type ClauseValues,
  type Condition,
  type WaterFact,
} from './condition';
import { DENSITY_RANK, type WaterFacts } from './water-facts';

/** What rules can ask of a water. Lengths are in m, as the facts are; sentences name what is seen in inches and depths in feet. */
export type WaterCondition = Condition<WaterFacts>;

const fact = (name: WaterFact): WaterCondition => clause('fact', { fact: name }, (w: WaterFacts) => w[name]);
/** it is worked on the bottom; its opposite, above it */
export const onBottom = fact('bottom');
export const offBottom = not(onBottom);
/** it is wanted in the upper water */
export const wantedHigh = fact('high');
export const inCover = fact('inCover');
export const wood = fact('wood');
export const forkedWood = fact('forked');
export const stone = fact('stone');
export const weed = fact('grass');
export const matted = fact('matted');
export const stems = fact('stems');
export const spring = fact('spring');
export const roofed = fact('roofed');
export const overWeed = fact('overWeed');
export const reeled = fact('reeled');

const chosen = <C extends WaterChoice>(of: C, value: NonNullable<Water[C]>): WaterCondition =>
  clause('chosen', { of, value } as ClauseValues['chosen'], ({ water }: WaterFacts) => water[of] === value);
export const mood = (value: Water['mood']): WaterCondition => chosen('mood', value);
export const season = (value: Water['season']): WaterCondition => chosen('season', value);
export const aim = (value: Water['aim']): WaterCondition => chosen('aim', value);
export const sky = (value: Water['sky']): WaterCondition => chosen('sky', value);
export const wind = (value: Water['wind']): WaterCondition => chosen('wind', value);
export const pressure = (value: Water['pressure']): WaterCondition => chosen('pressure', value);
export const species = (value: Water['species']): WaterCondition => chosen('species', value);

interface Ramp {
  /** width of the ramp about the limit, in the unit of the limit; 0 where it holds at once */
  readonly over?: number;
}
/**
 * How wide the ramp about a limit of craft is, since nobody means 55 °F to the degree: °F, and shares of what is seen and of a depth.
 * @source adr-0024
 */
const RAMP = { tempF: 4, seen: 0.25, depth: 0.25 } as const;

/** @param tempF  °F; it falls silent on the limit itself */
export const colderThan = (tempF: number, { over = RAMP.tempF }: Ramp = {}): WaterCondition =>
  compares(
    'colder',
    { tempF },
    (w: WaterFacts) => w.tempC,
    'below',
    tempCFromF(tempF),
    tempCFromF(over) - tempCFromF(0),
  );
export const atLeastF = (tempF: number, ramp?: Ramp): WaterCondition => not(colderThan(tempF, ramp));

/** Rounded to the precision in which limits are written in the rule tables. */
const rounded = (value: number): number => Math.round(value * 1000) / 1000;
/** Up to here a water is practically mud: nothing to see at all, whatever the light, is said of what was measured, in. @source craft-practice */
const MUD_IN = 6;
/** @param lengthM  that is seen, m: by what fish meet, low light halves it; mud goes by what was measured */
export const murkierThan = (lengthM: number, { over = RAMP.seen * lengthM }: Ramp = {}): WaterCondition =>
  compares(
    'murkier',
    { in: rounded(inFromLengthM(lengthM)) },
    lengthM <= lengthMFromIn(MUD_IN) ? ({ water }: WaterFacts) => water.visibilityM : (w: WaterFacts) => w.seenM,
    'below',
    lengthM,
    over,
  );
/** The same for what is wanted by degrees: chop and fresh mud shorten sight too. */
export const hardToSee = (lengthM: number): WaterCondition =>
  compares(
    'murkier',
    { in: rounded(inFromLengthM(lengthM)) },
    (w: WaterFacts) => w.gradedM,
    'below',
    lengthM,
    RAMP.seen * lengthM,
  );
export const easyToSee = (lengthM: number): WaterCondition => not(hardToSee(lengthM));
export const clearTo = (lengthM: number, ramp?: Ramp): WaterCondition => not(murkierThan(lengthM, ramp));

const depth = (limitM: number, included: boolean, over: number): WaterCondition =>
  compares(
    'shallower',
    { ft: rounded(ftFromLengthM(limitM)), included },
    (w: WaterFacts) => w.depthM,
    included ? 'up-to' : 'below',
    limitM,
    over,
  );
/** @param limitM  m */
export const shallowerThan = (limitM: number, { over = RAMP.depth * limitM }: Ramp = {}): WaterCondition =>
  depth(limitM, false, over);
export const noDeeperThan = (limitM: number, { over = RAMP.depth * limitM }: Ramp = {}): WaterCondition =>
  depth(limitM, true, over);
export const asDeepAs = (limitM: number, ramp?: Ramp): WaterCondition => not(shallowerThan(limitM, ramp));

export const coverOf = (kind: CoverKind): WaterCondition => clause('cover', { kind }, (w: WaterFacts) => w.has(kind));
type Density = keyof typeof DENSITY_RANK;
/** Of the densest cover there. */
export const coverAtLeast = (density: 'medium' | 'thick'): WaterCondition =>
  compares(
    'cover-density',
    { density: DENSITY_RANK[density], exactly: false },
    (w: WaterFacts) => w.density,
    'from',
    DENSITY_RANK[density],
  );
export const coverAtMost = (density: 'sparse' | 'medium'): WaterCondition =>
  not(coverAtLeast(density === 'sparse' ? 'medium' : 'thick'));
export const coverIs = (density: Density): WaterCondition =>
  clause(
    'cover-density',
    { density: DENSITY_RANK[density], exactly: true },
    (w: WaterFacts) => w.density === DENSITY_RANK[density],
  );
export const weedAtLeast = (density: 'medium' | 'thick'): WaterCondition =>
  compares(
    'weed-density',
    { density: DENSITY_RANK[density] },
    (w: WaterFacts) => w.weedDensity,
    'from',
    DENSITY_RANK[density],
  );
export const severalCovers = clause('several-covers', {}, ({ water }: WaterFacts) => water.cover.length > 1);

type Food = Water['forage'][number];
export const foodKnown = clause('food-known', {}, ({ water }: WaterFacts) => water.forage.length > 0);
export const oneFood = clause('one-food', {}, ({ water }: WaterFacts) => water.forage.length === 1);
export const firstFood = (food: Food): WaterCondition =>
  clause('first-food', { food }, ({ water }: WaterFacts) => water.forage[0] === food);
export const eat = (food: Food): WaterCondition =>
  clause('food', { food }, ({ water }: WaterFacts) => water.forage.includes(food));

/** @param depthM  m; nothing wanted counts from the surface */
export const wantedFrom = (depthM: number): WaterCondition =>
  compares(
    'wanted-from',
    { ft: rounded(ftFromLengthM(depthM)) },
    ({ water }: WaterFacts) => water.band?.fromM ?? 0,
    'from',
    depthM,
    RAMP.depth * depthM,
  );
export const wantedTo = (depthM: number): WaterCondition =>
  compares(
    'wanted-to',
    { ft: rounded(ftFromLengthM(depthM)) },
    ({ water }: WaterFacts) => water.band?.toM ?? 0,
    'from',
    depthM,
    RAMP.depth * depthM,
  );
export const depthAsked = clause('depth-asked', {}, ({ water }: WaterFacts) => water.band !== undefined);
export const weedTopKnown = clause('weed-top-known', {}, (w: WaterFacts) => w.weedTopM !== null);
/** Weed that ends deeper than this, m; of unknown tops it is not so. */
export const weedTopBelow = (limitM: number): WaterCondition =>
  clause(
    'weed-top-below',
    { in: Math.round(inFromLengthM(limitM)) },
    (w: WaterFacts) => w.weedTopM !== null && w.weedTopM > limitM,
  );

export const forFamily = (family: Family): WaterCondition =>
  clause('family', { family }, (w: WaterFacts) => w.family === family);
export const noHookAllowed = clause(
  'no-hook-allowed',
  {},
  ({ water }: WaterFacts) => water.localRules?.hooksPerLine === 0,
);
