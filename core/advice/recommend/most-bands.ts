import { fits } from '../search/score';
import { meets } from '../rules/want-fit';
import { spoiling } from '../rules/severity';
import type { Finalist } from './neighbours';

/** Share of its score the first gives up at most for a rig that meets more of what is asked. @source adr-0036 */
export const GIVEN_UP = 0.03;

const bandsMet = ({ field, ready }: Finalist): number =>
  field.compiled.wants.filter((want) => Number.isFinite(ready.has[want.id]) && meets(want, ready.has[want.id])).length;

/** How well a rig answers what the angler took in hand. */
const inHand = ({ field, ready }: Finalist): number =>
  fits(field.compiled, ready.has).reduce((sum, { want, fit }) => (want.inHand === undefined ? sum : sum + fit), 0);

/**
 * Puts the rig first that meets most of what is asked, among those of the leading family whose score is as good: wants lead, and rules of the craft
 * decide between rigs that answer them alike.
 * @param finalists  the best first
 */
export function mostBandsFirst(finalists: readonly Finalist[]): readonly Finalist[] {
  const [best] = finalists;
  if (!best) return finalists;
  const near = finalists.filter(
    (one) =>
      one.field === best.field &&
      one.score >= best.score * (1 - GIVEN_UP) &&
      inHand(one) >= inHand(best) - 1e-9 &&
      Boolean(one.ready.rig.core) === Boolean(best.ready.rig.core) &&
      one.ready.faults.length <= best.ready.faults.length &&
      spoiling(one.ready.faults) <= spoiling(best.ready.faults),
  );
  const most = Math.max(...near.map(bandsMet));
  const first = near.find((one) => bandsMet(one) === most)!;
  return first === best ? finalists : [first, ...finalists.filter((one) => one !== first)];
}
