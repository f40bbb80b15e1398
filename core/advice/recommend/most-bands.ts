import { fits } from '../search/score';
import { bandsMet } from '../rules/want-fit';
import { spoiling } from '../rules/severity';
import type { Finalist } from './neighbours';

/** Share of its score the first gives up at most for a rig that meets more of what is asked. @source adr-0036 */
export const GIVEN_UP = 0.03;

const metBy = ({ field, ready }: Finalist): number => bandsMet(field.compiled.wants, ready.has);

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
  const most = Math.max(...near.map(metBy));
  const first = near.find((one) => metBy(one) === most)!;
  return first === best ? finalists : [first, ...finalists.filter((one) => one !== first)];
}
