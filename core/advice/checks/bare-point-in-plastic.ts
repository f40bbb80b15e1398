import { advises, holds, type RigCheck } from './check';

/** Without a guard the point wants to be buried, and buried plastic wants a screw to hold it. */
export const barePointInPlastic: RigCheck = {
  id: 'bare-point-in-plastic',
  judge({ family, guard, keeper, trailer }) {
    // blades and plates go before their hooks: those carry no guard
    if (guard || family !== 'skirted') return holds;
    return trailer && keeper === 'screw' ? holds : advises({});
  },
};
