import { mediumAt } from '../motion/fall';
import { partCount, type Box, type RigTray } from '../rig/box';
import { catalogueBox } from '../rig/catalogue';
import type { Rig } from '../rig/schema';
import type { Water } from '../water/schema';
import { reachOf } from './bounds';
import { judgeOf, mostOfPair, queueOf, rigNumbers, searchBest } from './search';
import { rigOf, rigSpace, type RigSpace } from './space';
import { familiesOf } from './water-facts';
import { compileWater, type CompiledWater } from './wants';

/** The best rig that needs so many parts from outside the box, and which. */
export interface GapStep {
  readonly score: number;
  readonly rig: Rig;
  /** parts of it that the box does not hold */
  readonly buy: readonly RigTray[];
}

/** What a box answers on a water, and what the fewest further parts would add. */
export interface Gaps {
  /** the best the box allows by itself; null when nothing can be built */
  readonly own: GapStep | null;
  /** the fewest parts that bring the box to nearly the best there is; null when it is there already */
  readonly fill: GapStep | null;
  /** steps that are worth their parts, fewest parts first */
  readonly steps: readonly GapStep[];
  /** the best rig there is in any kind and size */
  readonly bestScore: number;
}

/** A box is as good as any from this share of the best score on. @source adr-0007 */
const NEARLY = 0.97;
/** A further part is worth naming when it adds so much of the whole. @source adr-0007 */
const WORTH = 0.01;

const run = <T>(steps: Generator<unknown, T>): T => {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
};

/** Places of the first classes that come from outside the box, in a space whose parts start with the box's own. */
interface Owned {
  readonly heads: number;
  readonly skirts: number;
  readonly trailers: number;
}

function bestByBought(space: RigSpace, compiled: CompiledWater, owned: Owned): GapStep[] {
  const medium = mediumAt(compiled.facts.tempC);
  const judge = judgeOf(space, compiled);
  const reach = reachOf(space, medium, compiled.facts);
  const most = new Float64Array(space.heads.length * space.trailers.length);
  let pair = 0;
  for (const head of space.heads) {
    for (const trailer of space.trailers) most[pair++] = mostOfPair(judge, head, trailer, reach(head, trailer));
  }
  const found = run(
    searchBest(space, judge, queueOf(most), null, rigNumbers(space, compiled, medium), {
      groupOf: (head, trailer) => (head >= owned.heads ? 2 : 0) + (trailer >= owned.trailers ? 1 : 0),
      enough: (settled) => settled.length === 4,
    }),
  );
  return found.map(({ head, skirt, trailer, score }): GapStep => {
    const loose = space.skirtSets[0]!.classes.includes(skirt);
    return {
      score,
      rig: rigOf(space.heads[head]!, space.skirts[skirt]!, space.trailers[trailer]!),
      buy: [
        ...(head >= owned.heads ? (['heads'] as const) : []),
        ...(loose && skirt >= owned.skirts ? (['skirts'] as const) : []),
        ...(trailer >= owned.trailers ? (['trailers'] as const) : []),
      ],
    };
  });
}

/**
 * The smallest set of kinds that would fill the gaps of a box on a water: the box is joined with every kind there is, and for
 * each number of parts from outside the best rig is looked for.
 * @param water  checked
 * @param box    checked
 */
export function fillGaps(water: Water, box: Box): Gaps {
  const compiled = compileWater(water);
  const all = catalogueBox();
  const families = familiesOf(water);
  const own = rigSpace(box, families);
  const join = (skirts: Box['skirts']): Box => ({
    ...box,
    heads: [...box.heads, ...all.heads],
    skirts: [...box.skirts, ...skirts],
    trailers: [...box.trailers, ...all.trailers],
  });
  const owned: Owned = {
    heads: own.heads.length,
    skirts: own.skirtSets[0]!.classes.length,
    trailers: own.trailers.length,
  };
  const steps = [
    ...bestByBought(rigSpace(join([]), families), compiled, owned),
    ...bestByBought(rigSpace(join(all.skirts), families), compiled, owned),
  ].sort((a, b) => a.buy.length - b.buy.length || b.score - a.score);
  const bestScore = Math.max(...steps.map(({ score }) => score));
  const ownBest = partCount(box) === 0 ? null : (steps.find(({ buy }) => buy.length === 0) ?? null);

  const worth: GapStep[] = [];
  for (const step of steps) {
    const before = Math.max(ownBest?.score ?? 0, ...worth.map(({ score }) => score));
    if (step.buy.length > 0 && step.score > before + WORTH) worth.push(step);
  }
  const enough = (step: GapStep): boolean => step.score >= NEARLY * bestScore;
  const fill = ownBest && enough(ownBest) ? null : (worth.find(enough) ?? worth.at(-1) ?? null);
  return { own: ownBest, fill, steps: worth, bestScore };
}
