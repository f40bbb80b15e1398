import { cylinderCd } from '../water/cylinder-and-sphere';
import { GRAVITY_MPS2 } from '../units/units';
import { sweptMoment, sweptMomentSlope } from './drifting-line';
import type { SteadyFall } from './fall';
import { LINE_SKIN_CD, towedAreas, type Lure, type TowedAreas, type Towline } from './towed';

/**
 * A line that is bent at one place: straight from the tip to its knee, and from there to the lure. At the splash it lies on the water; what sinks draws it
 * into an L, which the reel takes in before it pulls at the lure.
 */
export interface Knee {
  /** tip to knee, m, and its angle below the horizontal */
  upperM: number;
  upperRad: number;
  /** knee to lure, m, and its angle below the horizontal */
  lowerM: number;
  lowerRad: number;
}

/** How fast a knee runs out along its line, and how fast knee and lure move across theirs, m/s. */
interface KneeRates {
  outMps: number;
  kneeMps: number;
  lureMps: number;
}

/** What a lure on a bent line meets: towed, its areas at the speed of the reel; falling, so much drag that it falls as fast as it does. */
export interface BentPull {
  readonly towMps: number;
  readonly areas: TowedAreas | 'falls';
}

/** Force that holds a knee of a nearly straight line, N s/m, where nothing else does: a bend without an angle costs nothing to move. */
const RESTS = 1e-3;
/** Least drag of a line across, N s²/m²: what lies on the water is not without any. */
const LEAST_DRAG = 1e-4;
/** Speeds that count as none, and how closely the balance is found, m/s. */
const STILL_MPS = 1e-5;
const CLOSE_MPS = 1e-4;
const ROUNDS = 25;
/** No round of the search goes further, m/s. */
const LONGEST_MPS = 0.5;

/** Balance of forces at knee and lure of a bent line, found anew from place to place. */
export class KneeBalance {
  private readonly now: KneeRates = { outMps: 0, kneeMps: 0, lureMps: 0 };
  private readonly weightN: number;
  /** of the line, N/m: in water and in air */
  private readonly wetNpM: number;
  private readonly dryNpM: number;
  private readonly fallNs2pM2: number;
  /** the dry part of a line sags to the water within this of the tip, m */
  private readonly droopM: number;
  private readonly halfRho: number;

  /** @param driftMps  how fast the tip leaves the water it stands over */
  constructor(
    private readonly lure: Lure,
    private readonly line: Towline,
    fall: SteadyFall,
    private readonly driftMps: number,
  ) {
    const rho = lure.medium.densityKgM3;
    const sectionM2 = (Math.PI / 4) * line.diameterM ** 2;
    this.halfRho = rho / 2;
    this.weightN = towedAreas(lure, 0).submergedN;
    this.wetNpM = (line.densityKgM3 - rho) * sectionM2 * GRAVITY_MPS2;
    this.dryNpM = line.densityKgM3 * sectionM2 * GRAVITY_MPS2;
    this.fallNs2pM2 = this.weightN / fall.speedMps ** 2;
    this.droopM = Math.sqrt((2 * this.weightN * line.tipM) / this.dryNpM);
  }

  /** Share of the upper line that is in the air: as far as it leads straight down to its knee, and no further than it hangs. */
  private dryShare({ upperM, upperRad }: Knee): number {
    const kneeM = upperM * Math.sin(upperRad) - this.line.tipM;
    const straight = kneeM <= 0 ? 1 : this.line.tipM / (kneeM + this.line.tipM);
    return Math.min(1, straight, this.droopM / upperM);
  }

  /** Line comes in as it is reeled; a tip that comes nearer faster than that leaves it slack, and pushes nothing. */
  private comesInMps({ upperRad }: Knee, { towMps }: BentPull): number {
    return Math.max(towMps, -this.driftMps * Math.cos(upperRad));
  }

  private lineDrag(lengthM: number, acrossMps: number): number {
    const { diameterM } = this.line;
    const re = Math.max(1, (Math.abs(acrossMps) * diameterM) / this.lure.medium.kinematicM2ps);
    return this.halfRho * cylinderCd(re) * diameterM * lengthM;
  }

  /**
   * Speeds at which drag, weight and the pull of the line are in balance at knee and lure, by Newton's method from those of the place before.
   *   along the upper line:   P (1 - cos f) + D2 sin f + Wk sin a - r c = 0
   *   across it:             -P sin f - D1 - D2 cos f + Wk cos a = 0
   *   across the lower line:  W cos b - L - B w - D3 = 0
   * f the angle between the two, P what the lure pulls along its line, D the drag of the line by its moments about tip, lure and knee.
   * @source adr-0037
   */
  ratesOf(knee: Knee, pull: BentPull): Readonly<KneeRates> {
    const { areas } = pull;
    const towMps = this.comesInMps(knee, pull);
    const { now, weightN, wetNpM, dryNpM, halfRho, driftMps } = this;
    const { upperM, upperRad, lowerM, lowerRad } = knee;
    const bend = lowerRad - upperRad;
    const [cosine, sine] = [Math.cos(bend), Math.sin(bend)];
    const [lowerSine, lowerCosine] = [Math.sin(lowerRad), Math.cos(lowerRad)];
    const dry = this.dryShare(knee);
    const lineN = (wetNpM * upperM * (1 - dry * dry) + dryNpM * upperM * dry * dry + wetNpM * lowerM) / 2;
    const [alongN, acrossN] = [lineN * Math.sin(upperRad), lineN * Math.cos(upperRad)];
    // a tip that moves takes the upper end of its line along
    const tipAlongMps = -driftMps * Math.cos(upperRad);
    const tipAcrossMps = driftMps * Math.sin(upperRad);
    // moment of the drag about a tip that stands still
    const still = (1 - dry ** 4) / 4;
    const skin = halfRho * LINE_SKIN_CD * Math.PI * this.line.diameterM * lowerM;
    const isFalling = areas === 'falls';
    for (let round = 0; round < ROUNDS; round++) {
      const along = now.outMps + tipAlongMps;
      // towards the knee: what the reel takes in, less what comes round the bend
      const p = towMps + now.outMps - along * cosine - now.kneeMps * sine;
      const kneeMps = -along * sine + now.kneeMps * cosine;
      const w = now.lureMps;
      const middle = (kneeMps + w) / 2;
      const drag1 = this.lineDrag(upperM, now.kneeMps);
      const drag2 = this.lineDrag(lowerM, middle);
      let [alongDrag, acrossDrag, lift, alongSlope, acrossSlope] = [0, 0, 0, 0, 0];
      if (isFalling) {
        alongDrag = acrossDrag = this.fallNs2pM2 * Math.hypot(p, w) + STILL_MPS;
        [alongSlope, acrossSlope] = [2 * alongDrag, 2 * acrossDrag];
      } else {
        const streaming = halfRho * areas.alongM2 * Math.abs(p);
        const sideways = halfRho * areas.acrossM2 * Math.abs(w);
        [alongDrag, acrossDrag] = [streaming + STILL_MPS, sideways + streaming + STILL_MPS];
        [alongSlope, acrossSlope] = [2 * alongDrag, 2 * sideways + streaming + STILL_MPS];
        lift = halfRho * areas.liftM2 * p * p;
      }
      const skinDrag = skin * Math.abs(p);
      const pullN = -(weightN + lowerM * wetNpM) * lowerSine - (alongDrag + skinDrag) * p;
      const ownMps = Math.abs(now.kneeMps);
      const swept =
        drag1 * (driftMps === 0 ? still * now.kneeMps * ownMps : sweptMoment(tipAcrossMps, now.kneeMps, dry)) +
        LEAST_DRAG * now.kneeMps * ownMps;
      const atKnee = drag2 * ((kneeMps * Math.abs(kneeMps)) / 6 + (middle * Math.abs(middle)) / 3);
      const atLure = drag2 * ((w * Math.abs(w)) / 6 + (middle * Math.abs(middle)) / 3);

      const r1 = pullN * (1 - cosine) + atKnee * sine + alongN - RESTS * now.outMps;
      const r2 = -pullN * sine - swept - atKnee * cosine + acrossN;
      const r3 = (weightN + (lowerM * wetNpM) / 2) * lowerCosine - lift - acrossDrag * w - atLure;

      const pullSlope = -(alongSlope + 2 * skinDrag);
      const [k, m, l] = [Math.abs(kneeMps) + STILL_MPS, Math.abs(middle) + STILL_MPS, Math.abs(w) + STILL_MPS];
      const kneeSlope = (drag2 * (k + m)) / 3;
      const crossSlope = (drag2 * m) / 3;
      const sweptSlope =
        drag1 * (driftMps === 0 ? 2 * still * ownMps : sweptMomentSlope(tipAcrossMps, now.kneeMps, dry)) +
        2 * LEAST_DRAG * ownMps +
        STILL_MPS;
      const turned = 1 - cosine;
      // symmetric: what the knee does to the lure the lure does to the knee
      const a11 = pullSlope * turned * turned - kneeSlope * sine * sine - RESTS;
      const a12 = -pullSlope * turned * sine + kneeSlope * sine * cosine;
      const a13 = crossSlope * sine;
      const a22 = pullSlope * sine * sine - sweptSlope - kneeSlope * cosine * cosine;
      const a23 = -crossSlope * cosine;
      const a33 = -acrossSlope - (drag2 * (l + m)) / 3;
      // Cramer's rule
      const c11 = a22 * a33 - a23 * a23;
      const c12 = a13 * a23 - a12 * a33;
      const c13 = a12 * a23 - a13 * a22;
      const determinant = a11 * c11 + a12 * c12 + a13 * c13;
      const c22 = a11 * a33 - a13 * a13;
      const c23 = a12 * a13 - a11 * a23;
      const c33 = a11 * a22 - a12 * a12;
      const d1 = within(-(c11 * r1 + c12 * r2 + c13 * r3) / determinant);
      const d2 = within(-(c12 * r1 + c22 * r2 + c23 * r3) / determinant);
      const d3 = within(-(c13 * r1 + c23 * r2 + c33 * r3) / determinant);
      now.outMps += d1;
      now.kneeMps += d2;
      now.lureMps += d3;
      if (Math.abs(d1) + Math.abs(d2) + Math.abs(d3) < CLOSE_MPS) break;
    }
    return now;
  }

  /** How a knee moves: its lengths, m/s, and its angles, rad/s, put into `into`. */
  movesOf(knee: Knee, pull: BentPull, into: Knee): void {
    const { outMps, kneeMps, lureMps } = this.ratesOf(knee, pull);
    const { upperRad, lowerRad } = knee;
    const bend = lowerRad - upperRad;
    const along = outMps - this.driftMps * Math.cos(upperRad);
    const kneeAcrossMps = -along * Math.sin(bend) + kneeMps * Math.cos(bend);
    into.upperM = outMps;
    into.upperRad = (kneeMps - this.driftMps * Math.sin(upperRad)) / knee.upperM;
    into.lowerM = -this.comesInMps(knee, pull) - outMps;
    into.lowerRad = (lureMps - kneeAcrossMps) / knee.lowerM;
  }
}

const within = (mps: number): number => Math.max(-LONGEST_MPS, Math.min(LONGEST_MPS, mps));

/** Where a knee and the lure below it are: m from the rod, m down. */
export const kneeXM = ({ upperM, upperRad }: Knee): number => upperM * Math.cos(upperRad);
export const kneeZM = ({ upperM, upperRad }: Knee, tipM: number): number => upperM * Math.sin(upperRad) - tipM;
export const lureXM = (knee: Knee): number => kneeXM(knee) + knee.lowerM * Math.cos(knee.lowerRad);
export const lureZM = (knee: Knee, tipM: number): number => kneeZM(knee, tipM) + knee.lowerM * Math.sin(knee.lowerRad);

/** Line that lies in a bend: longer than the straight way by so much, m. */
export const bentM = (knee: Knee, tipM: number): number =>
  knee.upperM + knee.lowerM - Math.hypot(lureXM(knee), lureZM(knee, tipM) + tipM);
