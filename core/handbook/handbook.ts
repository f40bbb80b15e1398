import type { UnitSystem } from '../units/display';
import { inUnits } from '../units/in-text';
import type { Family, SchoolQuestion, SchoolRef } from '../water/schema';
import { CHOICES, HANDLING_RULES } from '../advice/handling';
import { SEVERAL, type Choice } from '../advice/handling/handling-rule';
import { CHOICE_TITLE, HANDLING_TEXT } from '../locale/en/handling';
import { CHAPTER_TITLE, RULE_DOES } from '../locale/en/handbook';
import { NOT_A_JIG_TEXT } from '../locale/en/not-a-jig';
import { faultText } from '../locale/en/faults';
import { RULE_TEXT } from '../locale/en/rules';
import { conditionText } from '../wording/conditions';
import { genericText, movesText, speaksText } from '../wording/handbook';
import { NOT_A_JIG_RULES } from '../advice/rules/not-a-jig';
import type { PreferRule, Target } from '../advice/rules/rule';
import { WANT_TOPICS } from '../advice/rules';
import { COLOUR_RULES } from '../advice/rules/colour';
import { FAMILY_RULES } from '../advice/rules/family';
import { HEAD_RULES } from '../advice/rules/heads';
import { HOOK_AND_GUARD_RULES } from '../advice/rules/hooks-and-guards';
import { isMistake, MISTAKE_RULES } from '../advice/rules/mistakes';
import { SKIRT_RULES } from '../advice/rules/skirts';
import { SPINNER_RULES } from '../advice/rules/spinner';
import { SWIM_RULES } from '../advice/rules/swim';
import { TRAILER_RULES } from '../advice/rules/trailers';
import { VIBRATING_RULES } from '../advice/rules/vibrating';

export type ChapterId = keyof typeof CHAPTER_TITLE | Choice;

/** One rule as it is read: what it says, when it speaks, what it speaks for or against and how strongly. */
export interface HandbookRule {
  readonly id: string;
  readonly chapter: ChapterId;
  readonly says: string;
  readonly when: string;
  /** what it does to a band or a rig, in words; null where its line says it all */
  readonly does: string | null;
  /** above 0 for, below against; null where it is no matter of weight */
  readonly weight: number | null;
  readonly school: SchoolRef | null;
}

export interface Chapter {
  readonly id: ChapterId;
  readonly title: string;
  readonly rules: readonly HandbookRule[];
}

/** A rule in the units of whoever reads it. */
export const ruleInUnits = (rule: HandbookRule, system: UnitSystem): HandbookRule => ({
  ...rule,
  says: inUnits(rule.says, system),
  when: inUnits(rule.when, system),
  does: rule.does === null ? null : inUnits(rule.does, system),
});

const line = (id: string): string =>
  isMistake(id) ? faultText(id, {}, 'us').says : genericText(RULE_TEXT[id as keyof typeof RULE_TEXT]);

const wantChapters = (): Chapter[] =>
  WANT_TOPICS.map(({ want, bands, shifts }) => ({
    id: want,
    title: CHAPTER_TITLE[want],
    rules: [
      ...bands.map(({ id, school, when }): HandbookRule => ({
        id,
        chapter: want,
        says: line(id),
        when: conditionText(when),
        does: RULE_DOES.setsBand,
        weight: null,
        school: school ?? null,
      })),
      ...shifts.map(({ id, school, when, times, plus }): HandbookRule => ({
        id,
        chapter: want,
        says: line(id),
        when: conditionText(when),
        does: movesText(times, plus),
        weight: null,
        school: school ?? null,
      })),
    ],
  }));

const preferChapter = (id: Exclude<ChapterId, Choice>, rules: readonly PreferRule[]): Chapter => ({
  id,
  title: CHAPTER_TITLE[id],
  rules: rules.map((rule): HandbookRule => ({
    id: rule.id,
    chapter: id,
    says: line(rule.id),
    when: conditionText(rule.when),
    does: speaksText(rule.weight, rule.target),
    weight: rule.weight,
    school: rule.school ?? null,
  })),
});

const PREFER_CHAPTERS: readonly (readonly [Exclude<ChapterId, Choice>, readonly PreferRule[], Family | null])[] = [
  ['heads', HEAD_RULES, 'skirted'],
  ['hooks-and-guards', HOOK_AND_GUARD_RULES, 'skirted'],
  ['skirts', SKIRT_RULES, 'skirted'],
  ['trailers', TRAILER_RULES, 'skirted'],
  ['swim', SWIM_RULES, 'skirted'],
  ['vibrating', VIBRATING_RULES, 'vibrating'],
  ['spinner', SPINNER_RULES, 'spinner'],
  ['colour', COLOUR_RULES, null],
  ['mistakes', MISTAKE_RULES, null],
];

/** Every rule there is, in the order in which a rig is thought out. */
export const HANDBOOK: readonly Chapter[] = [
  {
    id: 'families',
    title: CHAPTER_TITLE.families,
    rules: FAMILY_RULES.map(({ id, family, weight, when }): HandbookRule => ({
      id,
      chapter: 'families',
      says: line(id),
      when: conditionText(when),
      does: speaksText(weight, { family: [family] }),
      weight,
      school: null,
    })),
  },
  ...wantChapters(),
  ...PREFER_CHAPTERS.map(([id, rules]) => preferChapter(id, rules)),
  ...CHOICES.map((choice): Chapter => ({
    id: choice,
    title: CHOICE_TITLE[choice],
    rules: HANDLING_RULES.filter((rule) => rule.choice === choice).map(({ id, school, when }): HandbookRule => ({
      id,
      chapter: choice,
      says: HANDLING_TEXT[id],
      when: conditionText(when),
      does: SEVERAL.has(choice) ? null : RULE_DOES.settles,
      weight: null,
      school: school ?? null,
    })),
  })),
  {
    id: 'not-a-jig',
    title: CHAPTER_TITLE['not-a-jig'],
    rules: NOT_A_JIG_RULES.map(({ id, when }): HandbookRule => ({
      id,
      chapter: 'not-a-jig',
      says: `${NOT_A_JIG_TEXT[id].says} ${NOT_A_JIG_TEXT[id].instead}`,
      when: conditionText(when),
      does: null,
      weight: null,
      school: null,
    })),
  },
];

const ALL: ReadonlyMap<string, HandbookRule> = new Map(
  HANDBOOK.flatMap(({ rules }) => rules.map((rule) => [rule.id, rule] as const)),
);

/** One rule of the handbook; null for an id that is none of ours. */
export const handbookRule = (id: string): HandbookRule | null => ALL.get(id) ?? null;

/** How many rules are shown as speaking against one. */
const MOST_AGAINST = 6;

const questionOf = (ref: SchoolRef): SchoolQuestion => ref.slice(0, ref.indexOf(':')) as SchoolQuestion;

const PREFERS: ReadonlyMap<string, PreferRule & { readonly of: Family | null }> = new Map(
  PREFER_CHAPTERS.flatMap(([, rules, of]) => rules.map((rule) => [rule.id, { ...rule, of }] as const)),
);

/** Whether one rule can speak about every rig that another aims at, so far as it looks at all. */
const meet = (own: Target, other: Target): boolean =>
  (Object.keys(other) as (keyof Target)[]).every((axis) =>
    (own[axis] as readonly unknown[] | undefined)?.some((value) => (other[axis] as readonly unknown[]).includes(value)),
  );

/**
 * What speaks against a rule: what other schools say on its question, and rules that pull the same rig or band the other way.
 * @param id  of a rule of the handbook
 * @returns   strongest first, a few at most
 */
export function speaksAgainst(id: string): HandbookRule[] {
  const own = handbookRule(id);
  if (own === null) return [];
  const others = [...ALL.values()].filter((rule) => rule.id !== id);
  const bySchool = others.filter(
    ({ school }) =>
      own.school !== null && school !== null && school !== own.school && questionOf(school) === questionOf(own.school),
  );
  const prefer = PREFERS.get(id);
  const byRig = prefer
    ? others.filter((rule) => {
        const other = PREFERS.get(rule.id);
        if (!other || Math.sign(other.weight) === Math.sign(prefer.weight)) return false;
        if (other.of !== null && prefer.of !== null && other.of !== prefer.of) return false;
        return meet(prefer.target, other.target);
      })
    : [];
  const byBand = others.filter(
    (rule) => rule.chapter === own.chapter && rule.does !== null && own.does !== null && pull(rule) * pull(own) < 0,
  );
  const byFamily = others.filter(
    (rule) => own.chapter === 'families' && rule.chapter === 'families' && clashes(own.id, rule.id),
  );
  const found = [...new Set([...bySchool, ...byRig, ...byBand, ...byFamily])];
  return found.sort((a, b) => Math.abs(b.weight ?? 1) - Math.abs(a.weight ?? 1)).slice(0, MOST_AGAINST);
}

/** Which way a shift moves its band; 0 for anything else. */
const pull = ({ does }: HandbookRule): number => (!does?.startsWith('moves') ? 0 : does.includes('+') ? 1 : -1);

/** Rules on families clash when one is for a family that the other is against. */
function clashes(a: string, b: string): boolean {
  const [one, other] = [a, b].map((id) => FAMILY_RULES.find((rule) => rule.id === id)!);
  return one!.family === other!.family && one!.weight * other!.weight < 0;
}
