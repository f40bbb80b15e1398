import { shown, type UnitSystem } from '../units/display';
import { lengthMFromMm, massKgFromLb } from '../units/units';
import type { RetrievePlan } from '../motion/plan';
import type { LocalRules } from '../water/schema';

const seconds = (s: number): string => `${Number(s.toFixed(1))} s`;

/** One step of a programme in words. */
function stepText(step: RetrievePlan['steps'][number], system: UnitSystem): string {
  const speed = 'mPerS' in step ? shown('speed', step.mPerS, system) : '';
  switch (step.do) {
    case 'countdown':
      return `count down ${seconds(step.s)}`;
    case 'reel':
      return step.s === undefined ? `reel at ${speed} to the end` : `reel at ${speed} for ${seconds(step.s)}`;
    case 'shake':
      return `shake ${step.hz} times a second at ${speed}${step.s === undefined ? ' to the end' : ` for ${seconds(step.s)}`}`;
    case 'pause':
      return `rest ${seconds(step.s)} on a tight line`;
    case 'kill':
      return `let it fall ${seconds(step.s)}`;
    case 'lift-drop':
      return `lift it ${shown('depth', step.m, system)} and let it drop`;
  }
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A retrieve in numbers: `Count down 3 s, reel at 2.2 ft/s to the end; tip 3 ft up, 15 lb fluorocarbon`. */
export const planText = ({ steps, tipHeightM, line }: RetrievePlan, system: UnitSystem): string =>
  `${capital(steps.map((step) => stepText(step, system)).join(', '))}; tip ${shown('depth', tipHeightM, system)} up, ${shown('lineStrength', massKgFromLb(line.lb), system)} ${line.kind}.`;

/** What was entered of the rules of a place, line by line. */
export function localRulesText(rules: LocalRules, system: UnitSystem): string[] {
  const allowed = (name: string, value: boolean | undefined): string[] =>
    value === undefined ? [] : [`${name} ${value ? 'allowed' : 'forbidden'}`];
  const kept = (mm: number): string => shown('partLength', lengthMFromMm(mm), system);
  const { fishFromMm: from, fishToMm: to } = rules;
  return [
    ...(rules.hooksPerLine === undefined ? [] : [`hooks to a line: ${rules.hooksPerLine}`]),
    ...allowed('trailer hook', rules.trailerHook),
    ...allowed('trebles', rules.treble),
    ...allowed('lead', rules.lead),
    ...(from === undefined ? [] : [`keep none under ${kept(from)}`]),
    ...(to === undefined ? [] : [`keep none over ${kept(to)}`]),
  ];
}
