import { finished } from '../search/progress';
import { partCount, type Box, type RigTray } from '../../rig/parts/box';
import { catalogueFor } from '../../rig/parts/catalogue';
import type { Rig } from '../../rig/parts/schema';
import { type Family, type Water, leadAllowed } from '../../water/schema';
import { familiesSuit } from '../rules/family-suits';
import { fieldOf, mostWithin, queueIn, rigAt, type Field } from '../search/per-family';
import { searchBest, type Found, type SearchFor } from '../search/best-first';
import { makeReady } from '../ready/make-ready';
import { scaledScore } from './score-parts';
import { waterBest } from './water-best';

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

/** Places of the first classes that come from outside the box, in a space whose parts start with the box's own. */
interface Owned {
  readonly heads: number;
  readonly skirts: number;
  readonly trailers: number;
}

const ownedOf = ({ space }: Field): Owned => ({
  heads: space.heads.length,
  skirts: space.skirtSets[0]!.classes.length,
  trailers: space.trailers.length,
});

/** The best of each group in a field. */
export function bestOfGroups(field: Field, groups: SearchFor): Found[] {
  const { space, judge, numbersOf } = field;
  const queue = finished(queueIn(field));
  return finished(searchBest(space, judge, queue, mostWithin(field), numbersOf, groups));
}

function bestByBought(field: Field, owned: Owned): GapStep[] {
  const { space } = field;
  const found = bestOfGroups(field, {
    groupOf: (head, trailer) => (head >= owned.heads ? 2 : 0) + (trailer >= owned.trailers ? 1 : 0),
    enough: (settled) => settled.length === 4,
    top: 4,
  });
  return found.map((one): GapStep => {
    const { head, skirt, trailer } = one;
    const ready = makeReady(field.compiled, rigAt(field, one));
    const loose = space.skirtSets[0]!.classes.includes(skirt);
    return {
      score: field.worth * ready.score,
      rig: ready.rig,
      buy: [
        ...(head >= owned.heads ? (['heads'] as const) : []),
        ...(loose && skirt >= owned.skirts ? (['skirts'] as const) : []),
        ...(trailer >= owned.trailers ? (['trailers'] as const) : []),
      ],
    };
  });
}

/** A box joined with every kind there is: its own parts first. */
export const joinCatalogue = (box: Box, all: Box, trays: readonly RigTray[]): Box => ({
  ...box,
  ...Object.fromEntries(trays.map((tray) => [tray, [...box[tray], ...all[tray]]])),
});

/** The families a water may be answered with, each as a maker of fields over other boxes, or over those of another water. */
export function familyFields(water: Water): { readonly family: Family; of(box: Box, like?: Field): Field }[] {
  return familiesSuit(water).map((suits) => ({
    family: suits.family,
    of: (box: Box, like?: Field): Field => fieldOf(water, box, suits, like),
  }));
}

/**
 * Of steps in the order of their parts those that score more than all before them by what a part has to bring.
 * @param ownScore  of the box as it is
 */
export function worthBuying(steps: readonly GapStep[], ownScore: number): GapStep[] {
  const worth: GapStep[] = [];
  for (const step of steps) {
    const before = Math.max(ownScore, ...worth.map(({ score }) => score));
    if (step.buy.length > 0 && step.score > before + WORTH) worth.push(step);
  }
  return worth;
}

/**
 * The smallest set of kinds that would fill the gaps of a box on a water: the box is joined with every kind there is, and for
 * each number of parts from outside the best rig is looked for.
 * @param water  checked
 * @param box    checked
 */
export function fillGaps(water: Water, box: Box): Gaps {
  const all = catalogueFor({ lead: leadAllowed(water.localRules) });
  const found = familyFields(water)
    .flatMap(({ of }) => {
      const owned = ownedOf(of(box));
      return (
        [
          ['heads', 'trailers'],
          ['heads', 'trailers', 'skirts'],
        ] as const
      ).flatMap((trays) => bestByBought(of(joinCatalogue(box, all, trays)), owned));
    })
    .sort((a, b) => a.buy.length - b.buy.length || b.score - a.score);
  const bestScore = Math.max(0, ...found.map(({ score }) => score));
  const ownBest = partCount(box) === 0 ? null : (found.find(({ buy }) => buy.length === 0) ?? null);

  const worth = worthBuying(found, ownBest?.score ?? 0);
  const enough = (step: GapStep): boolean => step.score >= NEARLY * bestScore;
  const fill = ownBest && enough(ownBest) ? null : (worth.find(enough) ?? worth.at(-1) ?? null);
  const scale = waterBest(water);
  const told = <S extends GapStep | null>(step: S): S => step && { ...step, score: scaledScore(step.score, scale) };
  const steps = worth.map(told);
  return {
    own: told(ownBest),
    fill: fill && steps[worth.indexOf(fill)]!,
    steps,
    bestScore: scaledScore(bestScore, scale),
  };
}
