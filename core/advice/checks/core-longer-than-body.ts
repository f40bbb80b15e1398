import { mmFromLengthM } from '../../units/units';
import { advises, doesNotApply, holds, type RigCheck } from './check';

/** A bright core should be an accent in front of the trailer, never longer than what is left of it. */
export const coreLongerThanBody: RigCheck = {
  id: 'core-longer-than-body',
  judge({ core }, body) {
    if (!core || !body.trailer) return doesNotApply;
    const bodyMm = mmFromLengthM(body.trailer.lengthM);
    return core.lengthMm > bodyMm ? advises({ coreMm: core.lengthMm, bodyMm }) : holds;
  },
};
