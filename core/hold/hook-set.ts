import type { Rig } from '../rig/parts/schema';
import { lineDiameterMm, pullThatGivesN, type LineKind, type ROD_POWERS } from '../tackle/gear';
import { HOOKS, WIRE_DIAMETER_MM } from '../tackle/hooks';
import type { Softness } from '../tackle/trailers';
import { forceNFromLbf, lengthMFromMm } from '../units/units';
import { guardCollapseN } from './guard';

/** Modulus of wet line, Pa. @source adr-0011 */
const LINE_MODULUS_PA: Readonly<Record<LineKind, number>> = { nylon: 1.6e9, fluorocarbon: 2.3e9, braid: 25e9 };
/** Sweep of a hook-set at the tip, m. @source adr-0011 */
const SWEEP_M = 1.2;
/** No hand takes a line beyond this share of its breaking load. @source craft-practice */
const LINE_SHARE = 0.7;

/** Force a point needs: jaw, wire, guard, and the plastic in its way. N. @source adr-0011 */
const NEEDED = { jawN: 1, wireNPerMm2: 5, plasticN: { soft: 0.5, medium: 0.75, tough: 1 } } as const;

/**
 * Pull at which the hook goes home, N, +-40 %.
 * @param guardN  measured push of the guard, where it was
 * @source adr-0011
 */
export function neededSetN(rig: Rig, guardN = rig.guard ? guardCollapseN(rig.guard) : 0): number {
  const wireMm = rig.head.hook.wireMm ?? WIRE_DIAMETER_MM[rig.head.hook.wire];
  const plasticN = rig.trailer ? NEEDED.plasticN[rig.trailer.softness satisfies Softness] : 0;
  return NEEDED.jawN + NEEDED.wireNPerMm2 * wireMm ** 2 + guardN + plasticN;
}

/** What a hook needs is known within this share: a set that brings less than the least of it falls short for sure. @source adr-0011, adr-0037 */
const NEEDED_BAND = 0.4;
/** The least pull at which a hook may go home, N. */
export const leastSetN = (rig: Rig, guardN?: number): number => (1 - NEEDED_BAND) * neededSetN(rig, guardN);

/**
 * Pull that arrives at the hook from a full sweep: line and rod give in series; the drag and the line itself cap it.
 * @param lineOutM  above 0
 * @param dragN     setting of the reel's drag; Infinity when it is locked
 * @returns         N, +-30 %
 * @source adr-0011, adr-0037
 */
export function arrivingSetN(
  line: { readonly kind: LineKind; readonly lb: number; readonly diameterMm?: number },
  power: (typeof ROD_POWERS)[number],
  lineOutM: number,
  dragN = Infinity,
): number {
  const diameterM = lengthMFromMm(line.diameterMm ?? lineDiameterMm(line.kind, line.lb));
  const lineNPerM = (LINE_MODULUS_PA[line.kind] * (Math.PI / 4) * diameterM ** 2) / lineOutM;
  return Math.min(pullThatGivesN(power, lineNPerM, SWEEP_M), dragN, forceNFromLbf(LINE_SHARE * line.lb));
}

/** Braid from so many lb is fished with a drag made for it, at half of what a hand takes it to; other line at a quarter of its strength. @source craft-practice */
const STOUT_BRAID_LB = 30;
const DRAG_SHARE = { stoutBraid: LINE_SHARE / 2, usual: 0.25 } as const;

interface SoldLine {
  readonly kind: LineKind;
  readonly lb: number;
}
export const isStoutBraid = ({ kind, lb }: SoldLine): boolean => kind === 'braid' && lb >= STOUT_BRAID_LB;

/** Drag as it is set with a line: the most that ever pulls at the hook, N. */
export const dragSetN = (line: SoldLine): number =>
  forceNFromLbf((isStoutBraid(line) ? DRAG_SHARE.stoutBraid : DRAG_SHARE.usual) * line.lb);

/** Yield of hook wire, Pa, and how far a round wire goes beyond it before it opens. @source adr-0011 */
const YIELD_PA = 2e9;
const PLASTIC_FACTOR = 1.7;

/**
 * Pull that bends a hook open: the plastic moment of its wire over half the gap.
 * @returns N
 * @source euler-bernoulli
 */
export function straightensN(hook: Rig['head']['hook']): number {
  const wireM = lengthMFromMm(hook.wireMm ?? WIRE_DIAMETER_MM[hook.wire]);
  const momentNm = (PLASTIC_FACTOR * YIELD_PA * Math.PI * wireM ** 3) / 32;
  return momentNm / (lengthMFromMm(HOOKS[hook.size].gapMm) / 2);
}
