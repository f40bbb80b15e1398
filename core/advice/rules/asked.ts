import { holds, share, type Condition } from '../conditions/condition';
import { schoolAnswers, schoolShare, schoolSpeaks, type SchoolAnswers } from '../conditions/schools';
import { waterFacts, type Reel, type WaterFacts } from '../conditions/water-facts';
import type { Family, SchoolRef, Water } from '../../water/schema';
import { wantFromFile } from '../../water/intent';
import { leadingFamily } from './family-suits';
import { onFamilyScale } from './family-scales';
import { REELED_WANTS, WANT_IDS, type BandRule, type WantId } from './rule';
import { WANT_TOPICS } from './want-topics';
import { IN_HAND_COUNTS, WANT_WEIGHTS } from './weights';

/** A band this water asks for, SI, and the rules that made it: the one that set it first, then those that moved it. */
export interface Want {
  readonly id: WantId;
  readonly from: number;
  readonly to: number;
  readonly weight: number;
  readonly rules: readonly string[];
  /** the angler took it in hand: what the water itself would ask, or null where it would ask nothing */
  readonly inHand?: WaterBand | null;
}
/** What the water itself asks where the angler asks for something else. */
export type WaterBand = Pick<Want, 'from' | 'to' | 'rules'>;

/** Stands for the rule of a band that an angler set. */
export const IN_HAND = 'in-hand';

/** What a water asks of the rigs of one family. */
export interface AskedOfRigs {
  readonly facts: WaterFacts;
  readonly wants: readonly Want[];
  readonly schools: SchoolAnswers;
  /** wants the angler took in hand that are not asked of this family here: they count for nothing */
  readonly unheeded: readonly WantId[];
}

function reelOf(wants: readonly Want[]): Reel | null {
  const [run, hold] = (['run', 'hold'] as const).map((id) => wants.find((want) => want.id === id));
  return run && hold ? { paceMps: (hold.from + hold.to) / 2, depthM: (run.from + run.to) / 2 } : null;
}

/** Wants a family is not asked: reeled lures are not judged by their fall, and a frame of wire has no length or depth of body. */
const NOT_ASKED_OF: Readonly<Record<Family, ReadonlySet<WantId>>> = {
  skirted: new Set(),
  vibrating: new Set<WantId>(['fall']),
  spinner: new Set<WantId>(['fall', 'length', 'ratio']),
};

type Topics = readonly (typeof WANT_TOPICS)[number][];
export const topicsFor = (family: Family): Topics => WANT_TOPICS.filter(({ want }) => !NOT_ASKED_OF[family].has(want));

/** Bounds of scales that are bounded. */
const SCALE_ENDS: Partial<Record<WantId, readonly [number, number]>> = { push: [0, 100], show: [0, 1], snag: [0, 1] };

/** The part of a rule that decides whether it applies: its condition and the school it belongs to. */
export interface Spoken {
  readonly school?: SchoolRef;
  readonly when: Condition<WaterFacts>;
}
/** How far a rule speaks here, 0 to 1: its condition on its ramp, and the school it follows. */
export function sayOf(rule: Spoken, facts: WaterFacts, schools: SchoolAnswers): number {
  const heard = schoolShare(schools, rule.school);
  return heard === 0 ? 0 : Math.min(heard, share(rule.when, facts));
}
export const speaksOn = (rule: Spoken, facts: WaterFacts, schools: SchoolAnswers): boolean =>
  schoolSpeaks(schools, rule.school) && holds(rule.when, facts);

/** Band rules that apply, with their weights: the first takes as much as its condition holds (0 to 1), each next one as much of the remainder. */
function sharesOf(bands: readonly BandRule[], facts: WaterFacts, schools: SchoolAnswers): [BandRule, number][] {
  const shares: [BandRule, number][] = [];
  let left = 1;
  for (const band of bands) {
    const say = left * sayOf(band, facts, schools);
    if (say > 0) shares.push([band, say]);
    left -= say;
    if (left <= 1e-9) break;
  }
  return shares;
}

const within = (value: number, [least, most]: readonly [number, number] = [-Infinity, Infinity]): number =>
  Math.min(most, Math.max(least, value));

function compileWant(topic: (typeof WANT_TOPICS)[number], facts: WaterFacts, schools: SchoolAnswers): Want | null {
  // what is reeled has no time to fall: how fast it would is asked of it by the angler alone
  if (topic.want === 'fall' && facts.reeled) return null;
  const shares = sharesOf(topic.bands, facts, schools);
  const all = shares.reduce((sum, [, part]) => sum + part, 0);
  const band = topic.bands.find((one) => speaksOn(one, facts, schools));
  if (!band) return null;
  const isRatio = WANT_WEIGHTS[topic.want].scale === 'ratio';
  // between two bands both count: an end lies between theirs, by how far each holds
  const at = (end: 'from' | 'to'): number => {
    const ends = shares.map(([one, part]): [number, number] => {
      const set = one[end];
      return [typeof set === 'number' ? set : set(facts), part / all];
    });
    if (ends.length === 1) return ends[0]![0];
    return isRatio
      ? Math.exp(ends.reduce((sum, [value, part]) => sum + part * Math.log(value), 0))
      : ends.reduce((sum, [value, part]) => sum + part * value, 0);
  };
  const rules = [band.id];
  let [times, plus] = [1, 0];
  for (const shift of topic.shifts) {
    const say = sayOf(shift, facts, schools);
    times *= (shift.times ?? 1) ** say;
    plus += (shift.plus ?? 0) * say;
    if (speaksOn(shift, facts, schools)) rules.push(shift.id);
  }
  times = within(times, topic.bounds?.times);
  plus = within(plus, topic.bounds?.plus);
  // an index is told in whole points
  const told = (value: number): number => (topic.want === 'push' ? Math.round(value) : value);
  let [from, to] = [at('from') * times + plus, at('to') * times + plus].map((end) =>
    told(onFamilyScale(topic.want, facts.family, end)),
  ) as [number, number];
  const ends = SCALE_ENDS[topic.want];
  if (ends) {
    const width = to - from;
    from = Math.min(Math.max(from, ends[0]), ends[1] - width / 2);
    to = Math.max(Math.min(to, ends[1]), ends[0] + width / 2);
  }
  return { id: topic.want, from, to, weight: WANT_WEIGHTS[topic.want].weight, rules };
}

/**
 * Turns a water into what it asks of the rigs of one family; the rules that speak for and against rigs are another matter (`compileWater`).
 * @param water   checked; a school chosen in it overrides what the water itself would decide
 * @param family  whose rigs are asked about; left out, the one this water speaks for
 */
export function compileAsked(water: Water, family: Family = leadingFamily(water)): AskedOfRigs {
  const facts = waterFacts(water, family);
  const schools = schoolAnswers(facts);
  const topics = topicsFor(family);
  const asked = topics.map((topic) => compileWant(topic, facts, schools));
  const { wants, unheeded } = inHand(water, facts, topics, asked);
  return { facts: { ...facts, reel: reelOf(wants) }, wants, schools, unheeded };
}

/** One want of a water for a family, as its schools have it; null where it is not asked. */
export function wantOf(water: Water, family: Family, id: WantId): Want | null {
  const facts = waterFacts(water, family);
  const topic = topicsFor(family).find(({ want }) => want === id);
  return topic ? compileWant(topic, facts, schoolAnswers(facts)) : null;
}

/** The wants of a water with those the angler took in hand in their place; each keeps what the water itself would ask. */
function inHand(
  water: Water,
  facts: WaterFacts,
  topics: Topics,
  asked: readonly (Want | null)[],
): { readonly wants: readonly Want[]; readonly unheeded: readonly WantId[] } {
  const { intent, ...waterAlone } = water;
  if (intent === undefined) return { wants: asked.filter((want) => want !== null), unheeded: [] };
  const own = intent.run === undefined ? facts : waterFacts(waterAlone, facts.family);
  const ownSchools = schoolAnswers(own);
  const isAsked = (id: WantId): boolean =>
    topics.some(({ want }) => want === id) && (facts.reeled || !(REELED_WANTS as readonly WantId[]).includes(id));
  // how heavy a head is and how it falls are two sides of one thing: who asks for one is not held to the other
  const yields = (id: WantId): boolean => id === 'weight' && intent.fall !== undefined && isAsked('fall');
  const wants = topics.flatMap((topic, at): Want[] => {
    const band = intent[topic.want];
    const byWater = asked[at] ?? null;
    if (band === undefined && yields(topic.want)) return [];
    if (band === undefined || !isAsked(topic.want)) return byWater === null ? [] : [byWater];
    const alone = intent.run === undefined ? byWater : compileWant(topic, own, ownSchools);
    return [
      {
        id: topic.want,
        from: wantFromFile(topic.want, band.from),
        to: wantFromFile(topic.want, band.to),
        weight: IN_HAND_COUNTS * WANT_WEIGHTS[topic.want].weight,
        rules: [IN_HAND],
        inHand: alone && { from: alone.from, to: alone.to, rules: alone.rules },
      },
    ];
  });
  // at the bottom a jig is down where it is wanted without being reeled there
  const isDown = (id: WantId): boolean => id === 'run' && facts.bottom;
  return { wants, unheeded: WANT_IDS.filter((id) => intent[id] !== undefined && !isAsked(id) && !isDown(id)) };
}
