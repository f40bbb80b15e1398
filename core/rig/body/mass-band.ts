import { hookMass } from '../../tackle/hooks';
import { BAND_80_SD } from '../../units/band-80';
import type { RigBody } from './body';
import type { Rig } from '../parts/schema';

/** How far parts stray from their tables, standard deviation as a share. A weighed trailer is known to the scale. @source adr-0004 */
const MASS_SD = { head: 0.04, hook: 0.12, skirt: 0.12, trailer: 0.1, weighed: 0.02 } as const;

/** 80 % band of a rig's mass, kg: parts as they are poured, each straying by itself. */
export function massBandKg(rig: Rig, body: RigBody): readonly [lowKg: number, highKg: number] {
  const trailerSd = rig.trailer?.massG === undefined ? MASS_SD.trailer : MASS_SD.weighed;
  const spreadKg = Math.hypot(
    MASS_SD.head * body.head.massKg,
    MASS_SD.hook * hookMass(rig.head.hook.size, rig.head.hook.wire, rig.head.hook.wireMm).massKg,
    MASS_SD.skirt * (body.skirt?.massKg ?? 0),
    trailerSd * (body.trailer?.massKg ?? 0),
  );
  return [body.massKg - BAND_80_SD * spreadKg, body.massKg + BAND_80_SD * spreadKg];
}
