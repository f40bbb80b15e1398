import { isRoundBody } from '../../rig/trailer-body';
import { advises, doesNotApply, holds, type RigCheck } from './check';

/** Turning a round body on edge changes nothing: said, not refused. */
export const edgeOnRoundBody: RigCheck = {
  id: 'edge-on-round-body',
  judge({ trailer }) {
    if (!trailer) return doesNotApply;
    return trailer.orientation === 'edge' && isRoundBody(trailer.kind) ? advises({}) : holds;
  },
};
