import { BAND_80_SD } from '../units/band-80';

/** A mass and when it was read, ms on any steady clock. */
export interface TimedMass {
  readonly atMs: number;
  readonly massG: number;
}

export const WEIGHING_VERDICTS = ['waiting', 'stopped', 'empty', 'settling', 'drifting', 'noisy', 'steady'] as const;
export type WeighingVerdict = (typeof WEIGHING_VERDICTS)[number];

/** State of a weighing: what the scale's recent readings say, and their average. Masses in g. */
export interface Weighing {
  readonly verdict: WeighingVerdict;
  /** average of what was kept, the tare taken off; null while there is nothing to average */
  readonly meanG: number | null;
  /** spread of single readings, one standard deviation */
  readonly spreadG: number;
  /** 80 % band of the average */
  readonly bandG: readonly [low: number, high: number] | null;
  readonly used: number;
  /** readings set aside as slips */
  readonly slips: number;
}

/** @source adr-0008 */
const LIMITS = {
  /** readings older than this no longer count, ms */
  windowMs: 4000,
  /** silence after which a scale has stopped, ms */
  silentMs: 2500,
  least: 8,
  /** below this the pan counts as empty, g */
  emptyG: 0.15,
  /** a spread that makes an average worthless: both in g and as a share */
  noisyG: 0.25,
  noisyShare: 0.06,
  /** steady creep over the window, g and share, that is not noise any more */
  driftG: 0.12,
  driftShare: 0.02,
  /** how many times the usual distance from the median makes a slip */
  slip: 5,
} as const;

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
};

/** Least-squares slope, g a second. */
function slopeGps(readings: readonly TimedMass[]): number {
  const meanT = readings.reduce((sum, { atMs }) => sum + atMs, 0) / readings.length;
  const meanG = readings.reduce((sum, { massG }) => sum + massG, 0) / readings.length;
  let over = 0;
  let under = 0;
  for (const { atMs, massG } of readings) {
    over += (atMs - meanT) * (massG - meanG);
    under += (atMs - meanT) ** 2;
  }
  return under === 0 ? 0 : (over / under) * 1000;
}

/**
 * Averages the recent readings of a scale: slips far from the median are set aside, and what is left is judged.
 * @param readings  oldest first
 * @param nowMs     the same clock
 * @param tareG     what the empty pan reads, g
 */
export function weighing(readings: readonly TimedMass[], nowMs: number, tareG = 0): Weighing {
  const none: Weighing = { verdict: 'waiting', meanG: null, spreadG: 0, bandG: null, used: 0, slips: 0 };
  const last = readings.at(-1);
  if (!last) return none;
  if (nowMs - last.atMs > LIMITS.silentMs) return { ...none, verdict: 'stopped' };
  const recent = readings.filter(({ atMs }) => nowMs - atMs <= LIMITS.windowMs);
  const middle = median(recent.map(({ massG }) => massG));
  const usualOff = median(recent.map(({ massG }) => Math.abs(massG - middle)));
  const kept = recent.filter(({ massG }) => Math.abs(massG - middle) <= LIMITS.slip * Math.max(usualOff, 0.02));
  const meanG = kept.reduce((sum, { massG }) => sum + massG, 0) / kept.length - tareG;
  const variance =
    kept.reduce((sum, { massG }) => sum + (massG - tareG - meanG) ** 2, 0) / Math.max(1, kept.length - 1);
  const spreadG = Math.sqrt(variance);
  const reach = (BAND_80_SD * spreadG) / Math.sqrt(kept.length);
  const creepG = Math.abs(slopeGps(kept)) * ((kept.at(-1)!.atMs - kept[0]!.atMs) / 1000);
  const verdict = ((): WeighingVerdict => {
    if (Math.abs(meanG) < LIMITS.emptyG && spreadG < LIMITS.emptyG) return 'empty';
    if (kept.length < LIMITS.least) return 'settling';
    if (creepG > Math.max(LIMITS.driftG, LIMITS.driftShare * Math.abs(meanG)) && creepG > 2.5 * spreadG)
      return 'drifting';
    if (spreadG > Math.max(LIMITS.noisyG, LIMITS.noisyShare * Math.abs(meanG))) return 'noisy';
    return 'steady';
  })();
  return {
    verdict,
    meanG,
    spreadG,
    bandG: [meanG - reach, meanG + reach],
    used: kept.length,
    slips: recent.length - kept.length,
  };
}
