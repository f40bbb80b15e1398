import { HEADS, HEAD_BROADSIDE_SHARE, METAL_DENSITY_KG_M3 } from '../../tackle/heads';
import { HOOKS, hookMass } from '../../tackle/hooks';
import { COLLAR_MM, SKIRTS } from '../../tackle/skirts';
import { lengthMFromIn, lengthMFromMm, massKgFromG, massKgFromOz, mmFromLengthM, radFromDeg } from '../../units/units';
import { sphereCd } from '../../water/cylinder-and-sphere';
import type { Guard, Head, Rig, Skirt, Trailer } from '../parts/schema';
import { frameBody, type FrameBody } from './frame';
import { knownFactors, type KnownFactors } from './known-factors';
import { trailerBody, type TrailerBody } from './trailer-body';
import { trailsOf, type Trails } from './trails';
import { FIBRE_DIAMETER_MM, threadedHookWire, wireBody, type WireBody } from './wire';

/** A head as the water meets it. SI. */
export interface HeadBody {
  readonly massKg: number;
  readonly volumeM3: number;
  readonly lengthM: number;
  readonly widthM: number;
  readonly heightM: number;
  /** drag area along the axis (coefficient x frontal area) and across it */
  readonly axialM2: number;
  readonly broadsideM2: number;
}

/** A skirt as the water meets it; strands that were cut away are gone. SI. */
export interface SkirtBody {
  readonly massKg: number;
  readonly volumeM3: number;
  readonly strands: number;
  readonly widthM: number;
  readonly thicknessM: number;
  /** of the strands on average; `longestM` of those no scissors met */
  readonly lengthM: number;
  readonly longestM: number;
  readonly modulusPa: number;
  readonly flareAtRestRad: number;
}

/** A rig put together: everything motion needs, SI, no file shapes. */
export interface RigBody {
  readonly massKg: number;
  readonly volumeM3: number;
  readonly lengthM: number;
  readonly head: HeadBody;
  readonly skirt: SkirtBody | null;
  readonly trailer: TrailerBody | null;
  /** trailer's drag area along and across the flow, as it is turned */
  readonly trailerAxialM2: number;
  readonly trailerNormalM2: number;
  readonly pushM2: number;
  /** hook, guard and arms */
  readonly wire: WireBody;
  /** what trails behind the head */
  readonly trails: Trails;
  readonly hook: HookBody;
  /** blades on arms or a plate; null on a skirted jig */
  readonly frame: FrameBody | null;
  /** what is known of what nobody knows exactly */
  readonly known: KnownFactors;
}

/** A hook behind a head, as the water meets it with plastic on its shank. SI. */
export interface HookBody {
  readonly massKg: number;
  readonly volumeM3: number;
  /** its middle behind the middle of the head */
  readonly leverM: number;
  readonly wire: WireBody;
}

/** Drag coefficients of a slender trailer, on its section and on the face it turns to the flow. @source adr-0003 */
export const TRAILER_AXIAL_CD = 0.25;
export const TRAILER_NORMAL_CD = 1.15;

/** A treble is three hooks soldered back to back. @source adr-0011 */
const TREBLE_POINTS = 3;

/** Guard fibres: nylon-like, mm and kg/m³. @source adr-0004 */
const FIBRE_DENSITY_KG_M3 = 1140;

/** A bright core is a plug of stick worm: diameter and density. @source adr-0004 */
const CORE_DIAMETER_M = 0.083 * lengthMFromIn(5);
const CORE_DENSITY_KG_M3 = 1180;

/** Water in which a ball's coefficient is looked up, m/s and m²/s: bare it falls faster, dressed more slowly; that is worth 5 % of its speed. @source adr-0037 */
const BALL_MPS = 0.9;
const BALL_M2PS = 1e-6;
const ballCd = (diameterM: number): number => sphereCd((BALL_MPS * diameterM) / BALL_M2PS);

/**
 * Ellipsoid of the head's volume with the proportions of its style.
 * @source hoerner-1965 for the coefficients; proportions adr-0004
 */
export function headBody(head: Pick<Head, 'style' | 'weightOz' | 'metal'>): HeadBody {
  const row = HEADS[head.style];
  const massKg = massKgFromOz(head.weightOz);
  const volumeM3 = massKg / METAL_DENSITY_KG_M3[head.metal];
  const [l, w, h] = row.shape;
  const unitM = Math.cbrt((6 * volumeM3) / (Math.PI * l * w * h));
  const [lengthM, widthM, heightM] = [l * unitM, w * unitM, h * unitM];
  const frontM2 = (Math.PI / 4) * widthM * heightM;
  const isBall = row.cdAxial === 'sphere';
  const cd = row.cdAxial === 'sphere' ? ballCd(widthM) : row.cdAxial;
  return {
    massKg,
    volumeM3,
    lengthM,
    widthM,
    heightM,
    axialM2: cd * frontM2,
    broadsideM2: isBall ? cd * frontM2 : HEAD_BROADSIDE_SHARE * (Math.PI / 4) * lengthM * widthM,
  };
}

/** What is left of a strand that was clipped away: it has to stay long enough for the collar to hold it, mm. @source craft-practice */
export const STUB_MM = 11;
/** A body pushed hard up under the collar stands the strands out by this much more, degrees, and how far that is, mm. @source adr-0014 */
const PUSHED_FLARE_DEG = 10;
const PUSHED_HARD_MM = 6;

/** How far a trailer stands up under the collar, 0 to 1. */
export const pushedShare = (trailer: Pick<Trailer, 'pushMm' | 'hang'> | null | undefined): number =>
  !trailer || trailer.hang === 'hung' ? 0 : Math.min(1, (trailer.pushMm ?? 0) / PUSHED_HARD_MM);

/**
 * @param skirt   a weighed mass is that of the skirt before scissors; it keeps material, count and length and scales the strands'
 *                cross-section with it. Trimmed from below only, half of the strands keep their length.
 * @param pushed  how far a trailer is pushed up under its collar, 0 to 1
 */
export function skirtBody(
  skirt: Pick<Skirt, 'material' | 'strands' | 'thinned' | 'lengthMm'> &
    Partial<Pick<Skirt, 'massG' | 'fullMm' | 'trim'>>,
  pushed = 0,
): SkirtBody {
  const row = SKIRTS[skirt.material];
  const strands = skirt.strands - skirt.thinned;
  const fullM = lengthMFromMm(skirt.fullMm ?? skirt.lengthMm);
  const cutM = lengthMFromMm(skirt.lengthMm);
  const longestM = skirt.trim === 'under' ? fullM : cutM;
  const lengthM = (longestM + cutM) / 2;
  const wholeKg = skirt.strands * lengthMFromMm(row.widthMm) * lengthMFromMm(row.thicknessMm) * fullM * row.densityKgM3;
  const girth = skirt.massG === undefined ? 1 : Math.sqrt(massKgFromG(skirt.massG) / wholeKg);
  const [widthM, thicknessM] = [lengthMFromMm(row.widthMm) * girth, lengthMFromMm(row.thicknessMm) * girth];
  const stubsM = skirt.thinned * Math.min(lengthM, lengthMFromMm(COLLAR_MM + STUB_MM));
  const volumeM3 = (strands * lengthM + stubsM) * widthM * thicknessM;
  return {
    massKg: volumeM3 * row.densityKgM3,
    volumeM3,
    strands,
    widthM,
    thicknessM,
    lengthM,
    longestM,
    modulusPa: row.modulusPa,
    flareAtRestRad: radFromDeg(row.flareAtRestDeg + PUSHED_FLARE_DEG * pushed),
  };
}

export function guardMass(guard: Guard): { massKg: number; volumeM3: number } {
  const radiusM = lengthMFromMm(FIBRE_DIAMETER_MM) / 2;
  const volumeM3 = guard.fibres * Math.PI * radiusM * radiusM * lengthMFromMm(guard.lengthMm);
  return { massKg: volumeM3 * FIBRE_DENSITY_KG_M3, volumeM3 };
}

/** How far the trailer's nose lies behind the head's back: hung at its end it starts where the hook bends. */
function trailerStartM(rig: Pick<Rig, 'head' | 'core'>, trailer: Trailer): number {
  const coreM = rig.core ? lengthMFromMm(rig.core.lengthMm) : 0;
  const startM =
    trailer.hang === 'hung'
      ? lengthMFromMm(HOOKS[rig.head.hook.size].reachMm) - HUNG_OVERLAP_M
      : -lengthMFromMm(trailer.pushMm ?? 0);
  return startM + coreM;
}

/** Plastic in front of the hook when a trailer is hung at its end, m. */
export const HUNG_OVERLAP_M = 0.008;

/** The hook climbs out of the plastic a little into its bend: share of the gap. @source adr-0011 */
const BEND_SHARE = 0.2;

/**
 * Where along a trailer, from its nose as it hangs, the hook leaves the plastic: the straight shank and a part of the bend, less the
 * core in front, more what is pushed up under the collar.
 * @returns mm; the caller looks whether there is plastic at that place
 */
export function exitFromNoseMm(rig: Pick<Rig, 'head' | 'trailer' | 'core'>): number {
  if (rig.trailer?.hang === 'hung') return mmFromLengthM(HUNG_OVERLAP_M);
  const { gapMm, shankMm } = HOOKS[rig.head.hook.size];
  return Math.max(0, shankMm + BEND_SHARE * gapMm - (rig.core?.lengthMm ?? 0) + (rig.trailer?.pushMm ?? 0));
}

/** Keeper of a rig that names none. */
export const RIG_KEEPER_DEFAULT = 'barb';

/** Parts measured once, so that thousands of rigs can share them. */
export interface JoinedParts {
  readonly head: HeadBody;
  readonly skirt: SkirtBody | null;
  readonly trailer: TrailerBody | null;
  readonly frame: FrameBody | null;
}

/**
 * Puts a rig together.
 * @param rig    file shape, already checked
 * @param parts  bodies of its parts, when the caller has them
 * @returns      SI body. `edge` turns the side of a flat trailer to the flow; on a round one it changes nothing.
 */
export function rigBody(rig: Rig, parts?: JoinedParts): RigBody {
  const head = parts?.head ?? headBody(rig.head);
  const skirt = parts ? parts.skirt : rig.skirt ? skirtBody(rig.skirt, pushedShare(rig.trailer)) : null;
  const trailer = parts ? parts.trailer : rig.trailer ? trailerBody(rig.trailer) : null;
  const frame = parts ? parts.frame : frameBody(rig);

  const steel = hookMass(rig.head.hook.size, rig.head.hook.wire, rig.head.hook.wireMm);
  let massKg = head.massKg + steel.massKg + (skirt?.massKg ?? 0) + (trailer?.massKg ?? 0);
  let volumeM3 = head.volumeM3 + steel.volumeM3 + (skirt?.volumeM3 ?? 0) + (trailer?.volumeM3 ?? 0);
  if (frame) {
    massKg += frame.massKg;
    volumeM3 += frame.volumeM3;
  }
  if (rig.guard) {
    const guard = guardMass(rig.guard);
    massKg += guard.massKg;
    volumeM3 += guard.volumeM3;
  }
  const halfM = head.lengthM / 2;
  const reachM = lengthMFromMm(HOOKS[rig.head.hook.size].reachMm);
  const hook: HookBody = {
    massKg: steel.massKg,
    volumeM3: steel.volumeM3,
    leverM: halfM + reachM / 2,
    wire: threadedHookWire(rig.head.hook),
  };
  let massKgM = hook.massKg * hook.leverM;
  let volumeM4 = hook.volumeM3 * hook.leverM;
  if (rig.trailerHook) {
    const { kind, size } = rig.trailerHook;
    const points = kind === 'treble' ? TREBLE_POINTS : 1;
    const spare = hookMass(size, 'medium');
    const leverM = halfM + reachM;
    massKg += spare.massKg * points;
    volumeM3 += spare.volumeM3 * points;
    massKgM += spare.massKg * points * leverM;
    volumeM4 += spare.volumeM3 * points * leverM;
  }
  if (rig.core) {
    const coreM = lengthMFromMm(rig.core.lengthMm);
    const coreM3 = (Math.PI / 4) * CORE_DIAMETER_M * CORE_DIAMETER_M * coreM;
    const leverM = halfM + coreM / 2;
    massKg += coreM3 * CORE_DENSITY_KG_M3;
    volumeM3 += coreM3;
    massKgM += coreM3 * CORE_DENSITY_KG_M3 * leverM;
    volumeM4 += coreM3 * leverM;
  }

  const startM = rig.trailer && trailer ? trailerStartM(rig, rig.trailer) : 0;
  const behindHeadM = Math.max(reachM, skirt?.longestM ?? 0, trailer === null ? 0 : startM + trailer.lengthM);
  const wire = wireBody(rig);
  const faceM2 = trailer === null ? 0 : rig.trailer?.orientation === 'edge' ? trailer.sideM2 : trailer.planformM2;
  const trailerAxialM2 = trailer === null ? 0 : TRAILER_AXIAL_CD * trailer.sectionM2;
  const trailerNormalM2 = TRAILER_NORMAL_CD * faceM2;
  const hung =
    trailer === null
      ? null
      : { body: trailer, axialM2: trailerAxialM2, normalM2: trailerNormalM2, noseM: halfM + startM };
  return {
    massKg,
    volumeM3,
    lengthM: head.lengthM + behindHeadM,
    head,
    skirt,
    trailer,
    trailerAxialM2,
    trailerNormalM2,
    pushM2: trailer?.pushM2 ?? 0,
    wire,
    trails: trailsOf(wire.acrossM2 * hook.leverM, hung, massKgM, volumeM4),
    hook,
    frame,
    known: knownFactors(rig.trailer ?? null),
  };
}
