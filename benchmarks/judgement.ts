import { DEMO_BOX, NORTH_ARM } from '../demo/brindle-mere';
import { advise, adviseInSteps, compileWater, solveCuts, type Box, type Water } from '../core';
import { bigBox } from './big-box';
import { line, medianUs } from './line';

/** When each stage of an answer is there, ms: the first rig, the whole list, and what other schools would tie. */
function stagesMs(water: Water, box: Box, top: number): { first: number; whole: number; others: number } {
  const started = performance.now();
  let [first, whole] = [0, 0];
  const steps = adviseInSteps(water, box, top, {
    tell: (told) => {
      const now = performance.now() - started;
      if ('first' in told) first = now;
      else whole = now;
    },
  });
  while (!steps.next().done);
  const others = performance.now() - started;
  return { first, whole: whole || others, others };
}
const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const stage = (of: readonly ReturnType<typeof stagesMs>[], name: 'first' | 'whole' | 'others'): number =>
  median(of.map((one) => one[name]));

/** Cuts solved, answers as they come, and an intention dragged. */
export function measureJudgement(): void {
  const [pick] = advise(NORTH_ARM, DEMO_BOX, 1, { asks: 'own-school' }).picks;
  const compiled = compileWater(NORTH_ARM, 'skirted');
  const { base } = pick!;
  line('cuts-solved', medianUs(4, () => solveCuts(compiled, base, { base })) / 1000, 'ms', 20);

  const times = (count: number, water: (at: number) => Water, box: Box, top: number) =>
    Array.from({ length: count }, (_, at) => stagesMs(water(at), box, top));
  const demo = times(9, () => NORTH_ARM, DEMO_BOX, 5);
  line('answer-first-rig', stage(demo, 'first'), 'ms', 50);
  line('answer-first-five-ready', stage(demo, 'whole'), 'ms', 250);
  line('answer-with-other-schools', stage(demo, 'others'), 'ms');
  // an end that is dragged: every step is another water over the same box
  const dragged = times(
    9,
    (at) => ({ ...NORTH_ARM, intent: { fall: { from: 0.3 + 0.01 * at, to: 0.6 } } }),
    DEMO_BOX,
    5,
  );
  line('intent-dragged-first-rig', stage(dragged, 'first'), 'ms', 100);

  const large = times(1, () => NORTH_ARM, bigBox(1000), 5);
  line('answer-1000-parts', stage(large, 'whole') / 1000, 's', 4);
}
