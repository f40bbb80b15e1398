import { expect, test } from '@jest/globals';
import { steadyPlan } from '../testing/fixtures/rigs';
import { localRulesText, planText } from './plans';

test('a retrieve in numbers, in the units of the reader', () => {
  const plan = steadyPlan(0.75, 3, {
    steps: [
      { do: 'countdown', s: 3 },
      { do: 'reel', mPerS: 0.75, s: 5 },
      { do: 'kill', s: 0.5 },
      { do: 'pause', s: 1 },
      { do: 'lift-drop', m: 0.5 },
      { do: 'shake', mPerS: 0.6, hz: 3 },
    ],
  });
  expect(planText(plan, 'us')).toBe(
    'Count down 3 s, reel at 2.5 ft/s for 5 s, stop dead for 0.5 s, rest 1 s on a tight line, lift it 1.6 ft and let it drop, shake 3 times a second at 2.0 ft/s to the end; tip 3.3 ft up, 15 lb fluorocarbon.',
  );
  expect(planText({ ...plan, slackM: 2 }, 'metric')).toMatch(/^Give 2 m of line at the splash, count down 3 s/);
  const given = {
    ...plan,
    steps: [{ do: 'countdown', s: 6, slackM: 3 }, { do: 'kill', s: 2, slackM: 1 }, plan.steps.at(-1)!],
  } as typeof plan;
  expect(planText(given, 'metric')).toContain(
    'Count down 6 s on an open spool, 3 m of line at most, give 1 m of line and let it fall 2 s',
  );
  expect(planText(plan, 'metric')).toContain('reel at 0.75 m/s for 5 s');
});

test('local rules as they were entered; what was not entered is not said', () => {
  expect(localRulesText({}, 'us')).toEqual([]);
  expect(localRulesText({ hooksPerLine: 1, trailerHook: false, lead: true, fishFromMm: 356 }, 'us')).toEqual([
    'hooks to a line: 1',
    'trailer hook forbidden',
    'lead allowed',
    'keep none under 14 in',
  ]);
});
