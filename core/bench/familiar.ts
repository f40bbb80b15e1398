import { DEFAULT_SKIRT, plainHead } from '../rig/parts/catalogue';
import { headOf } from '../rig/body/part-mass';
import { uncutTrailer, type Rig } from '../rig/parts/schema';
import type { TrailerKind } from '../tackle/trailers';
import { lengthMFromIn, mmFromLengthM } from '../units/units';
import type { Water } from '../water/schema';
import { benchWater, measureBuild, usualSpeedMps, type BuildNumbers } from './measure-build';

const PLAIN = { softness: 'medium', colour: 'green pumpkin' } as const;

/** A 3/8 oz casting jig with fifty strands and one of two trailers: rigs everybody has had in hand. */
function plainJig(kind: TrailerKind, lengthIn: number): Rig {
  const head = plainHead('casting', 3 / 8, false);
  return {
    family: 'skirted',
    head: headOf(head),
    keeper: head.keeper ?? 'barb',
    guard: head.guard ?? null,
    skirt: { ...DEFAULT_SKIRT, thinned: 0, trim: 'none', colour: PLAIN.colour },
    trailer: uncutTrailer({ kind, lengthMm: mmFromLengthM(lengthMFromIn(lengthIn)), ...PLAIN }),
    core: null,
  };
}

export const FAMILIAR_RIGS = { chunk: plainJig('chunk', 3), flapper: plainJig('flapper-craw', 4) } as const;

/** What the two familiar rigs do in a water, each at the speed such a rig has there: something to hold a number against. */
export function familiarNumbers(water: Water): Readonly<Record<keyof typeof FAMILIAR_RIGS, BuildNumbers>> {
  const on = benchWater(water, 'skirted');
  const numbers = (rig: Rig): BuildNumbers => measureBuild(on, rig, usualSpeedMps(on, rig));
  return { chunk: numbers(FAMILIAR_RIGS.chunk), flapper: numbers(FAMILIAR_RIGS.flapper) };
}
