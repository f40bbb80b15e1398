import { mediumAt, mediumOf, type Medium } from '../../motion/medium';
import type { RetrievePlan } from '../../motion/plan';
import { wagMatch, type WagMatch } from '../../motion/tail';
import { rigBody, type RigBody } from '../../rig/body/body';
import type { Rig } from '../../rig/parts/schema';
import { DEFAULT_TEMP_C } from '../../motion/report';
import type { Water } from '../../water/schema';
import type { FaultId } from '../rules/severity';
import { schoolAnswers, type SchoolAnswers } from '../conditions/schools';
import { waterFacts, type WaterFacts } from '../conditions/water-facts';

export { FAULT_IDS, type FaultId } from '../rules/severity';

export type FaultData = Readonly<Record<string, number>>;

/** What a rig is checked with: water and retrieve only where somebody gave them. */
export interface CheckedWith {
  readonly water?: Water | null;
  readonly plan?: RetrievePlan | null;
  /** °C, where no water says it */
  readonly tempC?: number;
  /** of the water, where they are known already */
  readonly facts?: WaterFacts;
}

/** One rig made ready for its checks. */
export interface Checked {
  readonly rig: Rig;
  readonly body: RigBody;
  readonly match: WagMatch;
  readonly tempC: number;
  readonly medium: Medium;
  readonly water: Water | null;
  readonly facts: WaterFacts | null;
  readonly schools: SchoolAnswers | null;
  readonly plan: RetrievePlan | null;
}

export function checkedOf(
  rig: Rig,
  { water = null, plan = null, tempC, facts: known }: CheckedWith = {},
  body: RigBody = rigBody(rig),
): Checked {
  const facts = known ?? (water ? waterFacts(water, rig.family) : null);
  return {
    rig,
    body,
    match: wagMatch(rig.trailer?.kind ?? null, body.trailer, body.head.massKg),
    tempC: water?.temperatureC ?? tempC ?? DEFAULT_TEMP_C,
    medium: water ? mediumOf(water) : mediumAt(tempC ?? DEFAULT_TEMP_C),
    water,
    facts,
    schools: facts ? schoolAnswers(facts) : null,
    plan,
  };
}

/** Result of a check on one rig; missing data is reported as unknown, never as fine. */
export type Verdict =
  | { readonly verdict: 'holds' | 'does-not-apply' | 'cannot-tell' }
  | { readonly verdict: 'advises'; readonly data: FaultData };

/** A rig, or its retrieve, after the remedy. */
export type Cured = { readonly rig: Rig } | { readonly plan: RetrievePlan };

/** Finds one fault and cures it. */
export interface RigCheck {
  readonly id: FaultId;
  judge(checked: Checked): Verdict;
  /** the remedy applied; null where only other tackle cures it */
  cure(checked: Checked): Cured | null;
}

export const holds: Verdict = { verdict: 'holds' };
export const doesNotApply: Verdict = { verdict: 'does-not-apply' };
export const cannotTell: Verdict = { verdict: 'cannot-tell' };
export const advises = (data: FaultData = {}): Verdict => ({ verdict: 'advises', data });

/** A fault where a condition holds. */
export const adviseIf = (fault: boolean, data: FaultData = {}): Verdict => (fault ? advises(data) : holds);

/** A check that asks about the water as well as the rig. */
export const onWater = (
  id: RigCheck['id'],
  applies: (checked: Checked) => boolean,
  fault: (facts: NonNullable<Checked['facts']>, checked: Checked) => boolean,
  cure: RigCheck['cure'],
  data: (checked: Checked) => FaultData = () => ({}),
): RigCheck => ({
  id,
  judge(checked) {
    if (!applies(checked)) return doesNotApply;
    return checked.facts === null ? cannotTell : adviseIf(fault(checked.facts, checked), data(checked));
  },
  cure,
});

/** A rig with something about its trailer changed; a weighed mass goes where its size does. */
export function withTrailer(rig: Rig, part: Partial<NonNullable<Rig['trailer']>>): Cured {
  const { massG, widthMm, heightMm, ...rest } = rig.trailer!;
  const resized = part.kind !== undefined || part.lengthMm !== undefined;
  const measured = {
    ...(massG === undefined ? {} : { massG }),
    ...(widthMm === undefined ? {} : { widthMm }),
    ...(heightMm === undefined ? {} : { heightMm }),
  };
  return { rig: { ...rig, trailer: { ...rest, ...(resized ? {} : measured), ...part } } };
}

export const withHead = (rig: Rig, part: Partial<Rig['head']>): Cured => ({
  rig: { ...rig, head: { ...rig.head, ...part } },
});
export const withGuard = (rig: Rig, part: Partial<NonNullable<Rig['guard']>>): Cured => ({
  rig: { ...rig, guard: { ...rig.guard!, ...part } },
});
export const withSkirt = (rig: Rig, part: Partial<NonNullable<Rig['skirt']>>): Cured => ({
  rig: { ...rig, skirt: { ...rig.skirt!, ...part } },
});

/** Takes the trailer off, and the core with it. */
export const withoutTrailer = (rig: Rig): Cured => ({ rig: { ...rig, trailer: null, core: null } });
