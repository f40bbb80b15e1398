import {
  at,
  ft,
  inches,
  just,
  below,
  seen,
  cover,
  HIGH,
  OVER_GRASS,
  school,
  type Cases,
} from '../../testing/fixtures/case-waters';
import type { SWIM_RULES } from './swim';

export const SWIM_CASES: Cases<typeof SWIM_RULES> = {
  'paddle-on-a-swim-head': [HIGH, {}],
  'dead-body-on-a-swim-head': [HIGH, {}],
  'chunk-not-while-they-see': [
    { ...HIGH, ...seen(inches(12)) },
    { ...HIGH, ...seen(inches(12) - just) },
  ],
  'swim-wants-a-tail-not-legs': [
    { ...HIGH, ...seen(inches(18)) },
    { ...HIGH, ...seen(inches(18) - just) },
  ],
  'swim-claws-in-murk': [
    { ...HIGH, ...seen(inches(18) - just) },
    { ...HIGH, ...seen(inches(18)) },
  ],
  'swim-claws-for-crayfish': [
    { ...HIGH, forage: ['crayfish'] },
    { ...HIGH, forage: ['shad'] },
  ],
  'swim-curls-when-bright': [
    { ...HIGH, ...seen(ft(2)) },
    { ...HIGH, visibilityM: ft(2), sky: 'mixed' },
  ],
  'swim-big-dark-chunk-in-mud': [
    { ...HIGH, ...seen(inches(12) - just) },
    { ...HIGH, ...seen(inches(12)) },
  ],
  'swim-ribs-for-aggressive-fish': [{ ...HIGH, mood: 'active' }, HIGH],
  'swim-twin-tail-does-both': [HIGH, {}],
  'swim-twin-tail-burned': [
    { ...HIGH, ...cover('reeds'), mood: 'active' },
    { ...HIGH, ...cover('reeds') },
  ],
  'swim-single-tail-subtle': [{ ...HIGH, pressure: 'high' }, HIGH],
  'swim-small-paddle-midwater': [{ band: { fromM: 0.4, toM: 1.1 } }, HIGH],
  'swim-worm-goes-deeper': [
    { depthM: 6, band: { fromM: ft(4), toM: 3 } },
    { depthM: 6, band: { fromM: ft(4) - just, toM: 3 } },
  ],
  'wide-body-planes-over-weed': [OVER_GRASS, HIGH],
  'swim-bulk-in-murk': [
    { ...HIGH, ...seen(ft(2) - just) },
    { ...HIGH, ...seen(ft(2)) },
  ],
  'one-weight-wants-a-big-trailer': [
    { ...HIGH, ...seen(inches(12) - just), aim: 'search' },
    { ...HIGH, ...seen(inches(12) - just), aim: 'bites' },
  ],
  'rolling-tail-on-the-heaviest': [HIGH, { ...HIGH, ...school('heavy-swim-tail', 'oversize') }],
  'wide-kick-pins-the-skirt': [HIGH, { ...HIGH, ...school('heavy-swim-tail', 'oversize') }],
  'oversize-tail-rocks-the-heaviest': [{ ...HIGH, ...school('heavy-swim-tail', 'oversize') }, HIGH],
  'small-tail-lost-on-the-heaviest': [HIGH, {}],
  'rolling-tail-dies-on-mid-weights': [HIGH, {}],
  'small-tails-on-small-swim-heads': [{ ...HIGH, ...school('trailer-matters', 'always') }, HIGH],
  'too-long-for-a-small-swim-head': [HIGH, {}],
  'four-and-a-quarter-on-three-eighths': [HIGH, {}],
  'middling-tail-on-medium-wire': [HIGH, {}],
  'four-and-three-quarters-on-a-half': [HIGH, {}],
  'tail-too-small-to-move-the-head': [HIGH, {}],
  'creeping-wants-legs': [below(50), { temperatureC: at(50) }],
  'creeping-not-with-a-dead-tail': [{}, HIGH],
  'tiny-jig-tiny-chunk': [{}, {}],
  'too-much-plastic-for-a-tiny-jig': [{}, {}],
};
