import { faultsOf, type Fault } from '../advice/checks';
import { measureRig, type Has } from '../advice/measures/rig-measures';
import type { WantId } from '../advice/rules/rule';
import { fits } from '../advice/search/score';
import { compileWater, type CompiledWater, type Want } from '../advice/rules/wants';
import { isReeled, USUAL_REEL_MPS, workSpeedMps } from '../advice/measures/working-speed';
import type { Band } from '../motion/bands';
import { steadyFall } from '../motion/fall';
import { mediumAt, mediumOf, type Medium } from '../motion/medium';
import { DEEPEST_M } from '../motion/level';
import { rigBody, type RigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import type { Family, Water } from '../water/schema';
import { lookAt } from './readouts/readout';
import { readoutsOf, type Readout } from './readouts/table';

/** A water made ready for one family: compiled once, asked at every cut. */
export interface BenchWater {
  readonly water: Water;
  readonly compiled: CompiledWater;
  readonly medium: Medium;
}
export const benchWater = (water: Water, family: Family): BenchWater => ({
  water,
  compiled: compileWater(water, family),
  medium: mediumOf(water),
});

/** A build as it stands. */
export interface BuildNumbers {
  readonly rig: Rig;
  readonly body: RigBody;
  readonly speedMps: number;
  readonly has: Has;
  /** want by want, how well it is answered, 0 to 1 */
  readonly fits: readonly { readonly want: Want; readonly fit: number }[];
  readonly readouts: readonly Readout[];
  readonly faults: readonly Fault[];
}

/** The speed at which a build is looked at unless somebody chooses another: the pace of the water, an ordinary reel, or its fall. */
export function usualSpeedMps({ compiled, medium }: BenchWater, rig: Rig): number {
  const still = (): number => Math.max(LEAST_SPEED_MPS, steadyFall(rigBody(rig), medium).speedMps);
  return compiled.facts.reel?.paceMps ?? (isReeled(rig) ? USUAL_REEL_MPS : still());
}

/**
 * Numbers of a rig that is built for no water in particular: as deep as it likes, looked at at the speed at which it does its work.
 * @param waterTempC  °C, 0 to 40
 */
export function rigReadouts(rig: Rig, waterTempC: number): Readout[] {
  const medium = mediumAt(waterTempC);
  const body = rigBody(rig);
  const speedMps = workSpeedMps(rig, Math.max(LEAST_SPEED_MPS, steadyFall(body, medium).speedMps));
  return readoutsOf(lookAt({ medium, tempC: waterTempC, depthM: DEEPEST_M, wanted: () => null }, rig, body, speedMps));
}
/** A rig that floats is looked at at a crawl, m/s. */
const LEAST_SPEED_MPS = 0.1;

/**
 * Everything the bench shows of a build, at every cut.
 * @param on        the water it is built for
 * @param speedMps  at which it is looked at, above 0
 */
export function measureBuild(on: BenchWater, rig: Rig, speedMps: number): BuildNumbers {
  const body = rigBody(rig);
  const has = measureRig(rig, body, on.medium, on.compiled.facts);
  const wanted = (id: WantId): Band | null => {
    const want = on.compiled.wants.find((one) => one.id === id);
    return want ? [want.from, want.to] : null;
  };
  const { temperatureC, depthM } = on.water;
  return {
    rig,
    body,
    speedMps,
    has,
    fits: fits(on.compiled, has),
    readouts: readoutsOf(lookAt({ medium: on.medium, tempC: temperatureC, depthM, wanted }, rig, body, speedMps)),
    faults: faultsOf(rig, { water: on.water }),
  };
}
