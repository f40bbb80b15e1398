import { advise } from '../advice/recommend/advise';
import { whatToBuy, type Purchase } from '../advice/recommend/purchases';
import { sameJson } from '../keeping/merge';
import type { Box } from '../rig/parts/box';
import { judgedOn, judgesOf, partsOf, type Candidate } from './candidates';
import { optionsOf } from './options';
import { planPrepared, type DeckPlan, type Prepared } from './plan';
import type { Solver } from './solve';
import type { Trip } from './trip';

type AddedTray = 'heads' | 'skirts' | 'trailers' | 'reels';

/** What a part more in the box adds to a day. */
export interface OneMore {
  readonly tray: AddedTray;
  /** what is had already and is used up; null for a part from outside */
  readonly place: number | null;
  readonly part: Purchase['part'] | Box['reels'][number];
  /** what the day comes to with it, and how much that is more */
  readonly score: number;
  readonly adds: number;
}

/** Parts from outside that are looked at: those that add most to single stops. */
const LOOKED_AT = 6;
/** Picks asked for where a new part may lead. */
const PICKS = 3;
/** Less than this is not worth naming. @source adr-0007 */
const WORTH = 0.002;

/** The box with one more of a part. */
const withOneMore = (box: Box, tray: AddedTray, place: number): Box => ({
  ...box,
  [tray]: (box[tray] as readonly { readonly quantity?: number }[]).map((part, at) =>
    at === place ? { ...part, quantity: (part.quantity ?? 0) + 1 } : part,
  ),
});

/** Parts of which a plan ties all there are, and reels it uses up. */
function usedUp(plan: DeckPlan, box: Box): readonly { readonly tray: AddedTray; readonly place: number }[] {
  const ties = new Map<string, number>();
  const count = (key: string): void => void ties.set(key, (ties.get(key) ?? 0) + 1);
  for (const { base } of plan.rods) partsOf(base, box).forEach(count);
  for (const key of new Set(plan.rods.map(({ rod, reel }) => `${rod} ${reel}`))) count(`reels ${key.split(' ')[1]!}`);
  return [...ties].flatMap(([key, used]) => {
    const [tray, at] = key.split(' ') as [AddedTray, string];
    const { quantity } = box[tray][Number(at)]!;
    return quantity !== undefined && used >= quantity ? [{ tray, place: Number(at) }] : [];
  });
}

/** The day with another part in the box: rigs it makes where it leads are looked at beside those of the plan. */
function prepareWith(prepared: Prepared, box: Box, on: readonly number[]): Prepared {
  const waters = prepared.times.stops.map(({ water }) => water);
  const found = on.flatMap((stop) => advise(waters[stop]!, box, PICKS, { asks: 'own-school' }).picks);
  const added: Candidate[] = [];
  const judges = judgesOf(waters);
  for (const { rig, base } of found) {
    if ([...prepared.candidates, ...added].some((one) => sameJson(one.rig, rig))) continue;
    added.push(judgedOn(judges, { rig, base }));
  }
  const from = prepared.candidates.length;
  const options = optionsOf(added, box).map((option) => ({ ...option, rig: option.rig + from }));
  return {
    ...prepared,
    box,
    candidates: [...prepared.candidates, ...added],
    options: [...prepared.options, ...options],
  };
}

/**
 * What one part more in the box would add to a day that was planned: one more of what is used up, or a part from outside. Of rigs a new
 * part makes the best few are looked at, so that it adds at least what is told.
 * @param tell  hears how far it is, 0 to 1
 */
export function onePartMore(
  trip: Trip,
  prepared: Prepared,
  solver: Solver,
  plan: DeckPlan,
  tell: (done: number) => void = () => undefined,
): readonly OneMore[] {
  const { box, times } = prepared;
  const adds = (score: number): number => score - plan.score;
  const more = usedUp(plan, box).map(({ tray, place }): OneMore => {
    const { score } = planPrepared(trip, { ...prepared, box: withOneMore(box, tray, place) }, solver);
    return { tray, place, part: box[tray][place] as OneMore['part'], score, adds: adds(score) };
  });
  tell(0.2);
  const bought = whatToBuy(
    times.stops.map(({ water }) => water),
    box,
    LOOKED_AT,
  );
  tell(0.5);
  const outside = bought.map(({ tray, part, on }, at): OneMore => {
    const larger: Box = { ...box, [tray]: [...box[tray], { ...part, quantity: 1 }] };
    const { score } = planPrepared(
      trip,
      prepareWith(
        prepared,
        larger,
        on.map(({ water }) => water),
      ),
      solver,
    );
    tell(0.5 + (0.5 * (at + 1)) / bought.length);
    return { tray, place: null, part, score, adds: adds(score) };
  });
  return [...more, ...outside].filter((one) => one.adds >= WORTH).sort((a, b) => b.adds - a.adds);
}
