import { HANDLING_RULES, type RodAsked } from '../advice/handling';
import { judgedWhole } from '../advice/ready/make-ready';
import { compileWater } from '../advice/rules/wants';
import { arrivingSetN, dragSetN, leastSetN, straightensN } from '../hold/hook-set';
import { PER_TURN_M, turnsPerS } from '../hold/pace';
import type { Band } from '../motion/bands';
import { onsetOfMps } from '../motion/kick';
import { mediumAt, mediumOf } from '../motion/medium';
import type { RetrievePlan } from '../motion/plan';
import { DEFAULT_TEMP_C } from '../motion/report';
import { lureOf, towlineOf, towPullN } from '../motion/towed';
import { rigBody } from '../rig/body/body';
import type { PartOf } from '../rig/parts/box';
import type { Rig } from '../rig/parts/schema';
import { ROD_N_PER_M } from '../tackle/gear';
import { ozFromMassKg } from '../units/units';
import type { Water } from '../water/schema';

export type Rod = PartOf<'rods'>;
export type Reel = PartOf<'reels'>;
export type Line = PartOf<'lines'>;

/** A rod with the reel and the line on it. */
export interface Gear {
  readonly rod: Rod;
  readonly reel: Reel;
  readonly line: Line;
}

/** What gear is measured by, from the strike to the hand. */
export const MARGIN_IDS = ['hook-set', 'wire', 'line', 'cast', 'handle', 'pace', 'leverage'] as const;
export type MarginId = (typeof MARGIN_IDS)[number];

/** How much more gear has than it needs: 1 is just enough. */
export interface Margin {
  readonly id: MarginId;
  readonly value: number;
  readonly band: Band;
}

/** What is fished, and what its craft asks of gear. */
export interface Fished {
  readonly rig: Rig;
  readonly plan: RetrievePlan;
  /** for its temperature; null for the usual one */
  readonly water: Water | null;
  /** strength of line this rig and cover ask, lb of a line that stretches */
  readonly askedLb: number;
  /** rod it asks; null where any will do */
  readonly rod: RodAsked | null;
}

/** Strength of a braid beside that of a line that stretches and does the same: 65 lb where 25 would do. @source craft-practice */
const BRAID_SHARE = 25 / 65;
const strengthLb = ({ kind, lb }: Pick<Line, 'kind' | 'lb'>): number => (kind === 'braid' ? BRAID_SHARE * lb : lb);

/** How a rig is fished: its retrieve, and what is done with it by rule. */
export interface HowFished {
  readonly plan: RetrievePlan;
  /** the line its rules ask, where it is fished on another */
  readonly askedLine?: RetrievePlan['line'];
  readonly steps: readonly { readonly choice: string; readonly rule: string }[];
}

/** What a rig asks as it was handled: the line and the rod its rules name. */
export function fishedOf(rig: Rig, handled: HowFished, water: Water | null): Fished {
  const said = handled.steps.flatMap(({ choice, rule }) =>
    choice === 'rod' ? (HANDLING_RULES.find(({ id }) => id === rule)?.rod ?? []) : [],
  );
  return {
    rig,
    plan: handled.plan,
    water,
    askedLb: strengthLb(handled.askedLine ?? handled.plan.line),
    rod: said[0] ?? null,
  };
}

/** The same of any rig on a water, judged as it is. */
export const fishedOn = (water: Water, rig: Rig): Fished =>
  fishedOf(rig, judgedWhole(compileWater(water, rig.family), rig).handled, water);

/** The same retrieve with the line that is on the reel. */
export const planWithLine = (plan: RetrievePlan, { kind, lb }: Pick<Line, 'kind' | 'lb'>): RetrievePlan => ({
  ...plan,
  line: { kind, lb },
});

/** How far margins may be off, as factors of an 80 % band: what arrives by 1.3 and what is needed by 1.4; the others alike. @source adr-0028 */
const OFF: Readonly<Record<MarginId, number>> = {
  'hook-set': 1.53,
  wire: 1.35,
  line: 1.2,
  cast: 1.04,
  handle: 1.3,
  pace: 1.15,
  leverage: 1.15,
};
/** A reel that was measured turns in what it says. */
const MEASURED_PACE_OFF = 1.03;

/** What the craft's usual gear has in hand: a line or rod one step below it still does. @source adr-0028 */
export const USUAL_IN_HAND = 1.3;

/** Turn a hand is at ease with at a handle, N m, and turns it keeps up, 1/s. @source adr-0028 */
const EASY_HANDLE_NM = 15 * 0.045;
const EASY_TURNS = { least: 0.5, most: 3 } as const;

/** Slower than this a lure is moved along by the rod, and line is only taken up, m/s. @source craft-practice */
const CREEPS_MPS = 0.35;
const reeledMps = ({ steps }: RetrievePlan): readonly number[] =>
  steps.flatMap((step) => ('mPerS' in step && step.mPerS > CREEPS_MPS ? [step.mPerS] : []));

/** Pull of the rig and its line on the way back, N, at its fastest. */
function pullN({ rig, plan, water }: Fished, line: Line): number {
  const speeds = reeledMps(plan);
  if (speeds.length === 0) return 0;
  const medium = water ? mediumOf(water) : mediumAt(DEFAULT_TEMP_C);
  const lure = lureOf(rigBody(rig), medium, onsetOfMps(rig.trailer, water?.temperatureC ?? DEFAULT_TEMP_C));
  return towPullN(lure, towlineOf(line, plan.tipHeightM), plan.castM, Math.max(...speeds));
}

/** How a rod answers what is asked: one step too soft or too stiff, or a hand too short, still does. */
function leverage({ power, lengthM }: Rod, asked: RodAsked): number {
  const has = ROD_N_PER_M[power];
  const stiff = Math.min(1, has / ROD_N_PER_M[asked.power[0]], ROD_N_PER_M[asked.power[1]] / has);
  const long = Math.min(1, lengthM / asked.lengthM[0], asked.lengthM[1] / lengthM);
  return USUAL_IN_HAND * Math.sqrt(stiff) * long ** 2;
}

/** Mass against a rod's rating, the nearer end; null where it has none. */
function castMargin({ lureFromOz, lureToOz }: Rod, massOz: number): number | null {
  if (lureFromOz === undefined && lureToOz === undefined) return null;
  return Math.min(lureFromOz === undefined ? Infinity : massOz / lureFromOz, (lureToOz ?? Infinity) / massOz);
}

/** Margin of the reel: handle turns a hand can keep up over those needed at the slowest and fastest step; null where nothing is reeled. */
function paceMargin(plan: RetrievePlan, { perTurnM }: Reel): number | null {
  const turns = reeledMps(plan).map((mPerS) => turnsPerS(mPerS, perTurnM));
  if (turns.length === 0) return null;
  return Math.min(Math.min(...turns) / EASY_TURNS.least, EASY_TURNS.most / Math.max(...turns));
}

/**
 * What gear has in hand for a rig, each as a number with its band; those that do not apply are left out.
 * @param guardN  measured push of the guard, where it was
 */
export function marginsOf(fished: Fished, { rod, reel, line }: Gear, guardN?: number): readonly Margin[] {
  const { rig, askedLb } = fished;
  const plan = planWithLine(fished.plan, line);
  const dragN = dragSetN(line);
  // a fish takes anywhere on the way: half the cast is out
  const arrivesN = arrivingSetN(line, rod.power, plan.castM / 2, dragN);
  const handleN = (pullN(fished, line) * (reel.perTurnM ?? PER_TURN_M)) / (2 * Math.PI);
  const values: Readonly<Record<MarginId, number | null>> = {
    'hook-set': arrivesN / leastSetN(rig, guardN),
    wire: straightensN(rig.head.hook) / dragN,
    line: (USUAL_IN_HAND * strengthLb(line)) / askedLb,
    cast: castMargin(rod, ozFromMassKg(rigBody(rig).massKg)),
    handle: handleN > 0 ? EASY_HANDLE_NM / handleN : null,
    pace: paceMargin(plan, reel),
    leverage: fished.rod === null ? null : leverage(rod, fished.rod),
  };
  const offOf = (id: MarginId): number => (id === 'pace' && reel.perTurnM !== undefined ? MEASURED_PACE_OFF : OFF[id]);
  return MARGIN_IDS.flatMap((id): Margin[] => {
    const value = values[id];
    return value === null ? [] : [{ id, value, band: [value / offOf(id), value * offOf(id)] }];
  });
}

/** The margin with least in hand. */
export const weakestOf = (margins: readonly Margin[]): Margin =>
  margins.reduce((least, margin) => (margin.value < least.value ? margin : least));

/** What is just enough is enough. */
const CLOSE = 1e-9;
export const isEnough = ({ value }: Pick<Margin, 'value'>): boolean => value >= 1 - CLOSE;

/** Every margin is enough. */
export const carries = (margins: readonly Margin[]): boolean => margins.every(isEnough);
