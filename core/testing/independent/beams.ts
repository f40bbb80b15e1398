import { tipGivesM, type ROD_POWERS } from '../../tackle/gear';
import type { Compared } from './comparison';

/** A blank of a rod of seven feet in front of the hand: a tube that tapers, in m, and its stiffness along, Pa. */
interface Blank {
  readonly lengthM: number;
  readonly buttM: number;
  readonly tipM: number;
  readonly wallButtM: number;
  readonly wallTipM: number;
  readonly modulusPa: number;
}

const BITS = 400;
const ROUNDS = 50;

/** How far a clamped tube gives at its tip under a pull square to its butt, however far it bends: its bits turned one after the other. m */
export function tubeGivesM(blank: Blank, pullN: number): number {
  const bitM = blank.lengthM / BITS;
  const endFor = (reachM: number): readonly [alongM: number, asideM: number] => {
    let [x, y, turnedRad] = [0, 0, 0];
    for (let at = 0; at < BITS; at++) {
      const share = (at + 0.5) / BITS;
      const outerM = blank.buttM + (blank.tipM - blank.buttM) * share;
      const innerM = Math.max(0, outerM - 2 * (blank.wallButtM + (blank.wallTipM - blank.wallButtM) * share));
      const secondM4 = (Math.PI / 64) * (outerM ** 4 - innerM ** 4);
      turnedRad = Math.min(
        Math.PI / 2,
        turnedRad + ((pullN * Math.max(0, reachM - x)) / (blank.modulusPa * secondM4)) * bitM,
      );
      x += Math.cos(turnedRad) * bitM;
      y += Math.sin(turnedRad) * bitM;
    }
    return [x, y];
  };
  // the lever of the pull is where the tip ends: found by halving
  let [low, high] = [0, blank.lengthM];
  for (let round = 0; round < ROUNDS; round++) {
    const middle = (low + high) / 2;
    if (endFor(middle)[0] > middle) low = middle;
    else high = middle;
  }
  return endFor((low + high) / 2)[1];
}

const usual = (buttMm: number, tipMm: number, wallMm: number): Blank => ({
  lengthM: 1.85,
  buttM: buttMm / 1000,
  tipM: tipMm / 1000,
  wallButtM: wallMm / 1000,
  wallTipM: 0.0005,
  modulusPa: 65e9,
});
/** Tubes as rods of these powers are rolled: butt and tip across, wall at the butt, mm. */
const USUAL: readonly (readonly [(typeof ROD_POWERS)[number], Blank])[] = [
  ['medium', usual(10.5, 1.9, 0.9)],
  ['medium-heavy', usual(12, 2.2, 1)],
  ['heavy', usual(13.5, 2.4, 1.1)],
];

/** Rods against beams: how far the tip gives. */
export const beamsCompared = (): readonly Compared[] =>
  USUAL.flatMap(([power, blank]) =>
    [7, 10, 20].map((pullN): Compared => ({
      of: `how far the tip of a ${power} rod gives to ${pullN} N`,
      ...{ unit: 'm', ours: tipGivesM(power, pullN), theirs: tubeGivesM(blank, pullN), within: 0.15 },
      source: 'a tube of usual size bent bit by bit (`core/testing/independent/beams.ts`)',
    })),
  );
