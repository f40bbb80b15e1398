import { HOOKS } from '../../tackle/hooks';
import { mmFromLengthM } from '../../units/units';
import { advises, doesNotApply, holds, type RigCheck } from './check';

/** The least that must stick out behind the skirt for a tail to be seen and to move, mm. @source adr-0006 */
export const TAIL_BEYOND_SKIRT_MM = 10;

/** A skirt that reaches past a short trailer hides it and smothers its motion. */
export const skirtHidesTail: RigCheck = {
  id: 'skirt-hides-tail',
  judge({ skirt, trailer, head, core }, body) {
    if (!skirt || !trailer || !body.trailer) return doesNotApply;
    const startMm = trailer.hang === 'hung' ? HOOKS[head.hook.size].reachMm : 0;
    const beyondMm = startMm + (core?.lengthMm ?? 0) + mmFromLengthM(body.trailer.lengthM) - skirt.lengthMm;
    return beyondMm < TAIL_BEYOND_SKIRT_MM ? advises({ beyondMm, shortenMm: TAIL_BEYOND_SKIRT_MM - beyondMm }) : holds;
  },
};
