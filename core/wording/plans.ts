import { shown, type UnitSystem } from '../units/display';
import { lengthMFromMm, massKgFromLb } from '../units/units';
import type { RetrievePlan } from '../motion/plan';
import type { LocalRules } from '../water/schema';
import * as phrases from '../locale/en/phrases';
import { NAME } from '../locale/en/names';

const seconds = (s: number): string => `${Number(s.toFixed(1))} s`;

/** One step of a programme in words. */
function stepText(step: RetrievePlan['steps'][number], system: UnitSystem): string {
  const speed = 'mPerS' in step ? shown('speed', step.mPerS, system) : '';
  switch (step.do) {
    case 'countdown':
      return step.slackM
        ? phrases.countDownGiving(seconds(step.s), shown('depth', step.slackM, system))
        : phrases.countDown(seconds(step.s));
    case 'reel':
      return step.s === undefined ? phrases.reelAtEnd(speed) : phrases.reelAtFor(speed, seconds(step.s));
    case 'shake':
      return phrases.shake(
        step.hz,
        speed,
        step.s === undefined ? phrases.toTheEnd : phrases.forSeconds(seconds(step.s)),
      );
    case 'pause':
    case 'kill':
      if (step.slackM) return phrases.letItFall(seconds(step.s), shown('depth', step.slackM, system));
      return step.do === 'pause' ? phrases.restOnTightLine(seconds(step.s)) : phrases.stopDead(seconds(step.s));
    case 'pitch':
      return phrases.pitchIt(shown('depth', step.m, system));
    case 'skip':
      return phrases.skipIt(shown('depth', step.m, system));
    case 'drag':
      return phrases.dragIt(shown('depth', step.m, system), seconds(step.s));
    case 'hop':
      return phrases.hopIt(shown('depth', step.m, system), seconds(step.s));
    case 'stroke':
      return phrases.strokeIt(shown('depth', step.m, system), seconds(step.s));
    case 'lift-drop':
      return phrases.liftAndDrop(shown('depth', step.m, system));
  }
}

/** Steps that follow each other alike are said once, with how often. */
function counted(steps: readonly string[]): string[] {
  const runs: { readonly text: string; times: number }[] = [];
  for (const text of steps) {
    const last = runs.at(-1);
    if (last?.text === text) last.times++;
    else runs.push({ text, times: 1 });
  }
  return runs.map(({ text, times }) => (times === 1 ? text : phrases.timesOver(text, times)));
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A retrieve in numbers: `Count down 3 s, reel at 2.2 ft/s to the end; tip 3 ft up, 15 lb fluorocarbon`. */
export const planText = ({ steps, slackM, tipHeightM, line }: RetrievePlan, system: UnitSystem): string =>
  phrases.planOf(
    capital(
      counted([
        ...(slackM ? [phrases.giveAtSplash(shown('depth', slackM, system))] : []),
        ...steps.map((step) => stepText(step, system)),
      ]).join(', '),
    ),
    shown('depth', tipHeightM, system),
    shown('lineStrength', massKgFromLb(line.lb), system),
    NAME[line.kind],
  );

/** What was entered of the rules of a place, line by line. */
export function localRulesText(rules: LocalRules, system: UnitSystem): string[] {
  const allowed = (name: string, value: boolean | undefined): string[] =>
    value === undefined ? [] : [value ? phrases.isAllowed(name) : phrases.isForbidden(name)];
  const kept = (mm: number): string => shown('partLength', lengthMFromMm(mm), system);
  const { fishFromMm: from, fishToMm: to } = rules;
  return [
    ...(rules.hooksPerLine === undefined ? [] : [phrases.hooksToALine(rules.hooksPerLine)]),
    ...allowed(phrases.trailerHook, rules.trailerHook),
    ...allowed(phrases.trebles, rules.treble),
    ...allowed(phrases.lead, rules.lead),
    ...(from === undefined ? [] : [phrases.keepNoneUnder(kept(from))]),
    ...(to === undefined ? [] : [phrases.keepNoneOver(kept(to))]),
  ];
}
