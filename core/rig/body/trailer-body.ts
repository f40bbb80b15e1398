import { APPENDAGE, APPENDAGE_FORMS, TRAILERS, type ProfilePoint, type TrailerRow } from '../../tackle/trailers';
import { lengthMFromMm, massKgFromG, radFromDeg } from '../../units/units';
import type { Trailer } from '../parts/schema';

/** What the plastic weighs and shows to the water. SI. */
export interface TrailerBody {
  readonly massKg: number;
  readonly volumeM3: number;
  /** its mass was weighed, and is not taken from the table of its kind */
  readonly isWeighed: boolean;
  /** length left after the cuts */
  readonly lengthM: number;
  /** area seen from above the wide face, before turning */
  readonly planformM2: number;
  readonly sideM2: number;
  /** largest cross-section */
  readonly sectionM2: number;
  /** widest and tallest station, before turning */
  readonly widthM: number;
  readonly heightM: number;
  /** from tip to tip of legs or claws, across the flat face; 0 without a pair */
  readonly legSpanM: number;
  readonly appendageCount: number;
  /** of the tail, legs or claws it is made with, what was not cut away, 0 to 1; 0 where it is made without */
  readonly tailLeft: number;
  /** length before any cut: the lever of a tail is that of the body it was moulded for */
  readonly wholeM: number;
  readonly appendageAreaM2: number;
  /** drag area of the moving appendages: sum of count x area x push */
  readonly pushM2: number;
  /** lift area, positive up, after turning */
  readonly liftM2: number;
  /** centre of volume behind the nose */
  readonly centroidM: number;
  /** profile that is left, in metres: x from the cut nose, width, height */
  readonly profileM: readonly ProfilePoint[];
}

/**
 * Tail, legs or claws that the cuts left.
 * @returns  how many of them, and the share of its length each still has, 0 to 1
 */
export function appendagesLeft({
  kind,
  lengthMm,
  cutTailMm,
  legsOff,
}: Pick<Trailer, 'kind' | 'lengthMm' | 'cutTailMm' | 'legsOff'>): { readonly count: number; readonly each: number } {
  const { count, root } = TRAILERS[kind].appendage;
  const end = 1 - cutTailMm / lengthMm;
  return {
    count: Math.max(0, count - legsOff),
    each: root >= 1 ? 0 : Math.min(1, Math.max(0, (end - root) / (1 - root))),
  };
}

/** Flat tails that were joined, once split, wave by themselves: so many times their push. @source adr-0014 */
const SPLIT_PUSH = 1.5;

/** Share of the upright tail lift that is left when the bait is turned over. @source adr-0003 */
const INVERTED_LIFT_SHARE = 0.3;

/** Station of a profile at a place: its width and height there, nothing behind its end. */
export function profileAt(profile: readonly ProfilePoint[], x: number): ProfilePoint {
  for (let i = 1; i < profile.length; i++) {
    const from = profile[i - 1]!;
    const to = profile[i]!;
    if (x <= to[0]) {
      const share = to[0] === from[0] ? 1 : Math.max(0, (x - from[0]) / (to[0] - from[0]));
      return [x, from[1] + share * (to[1] - from[1]), from[2] + share * (to[2] - from[2])];
    }
  }
  return [x, 0, 0];
}

/** The part of a relative profile between two cuts, its first station moved to 0. */
function cutProfile(profile: readonly ProfilePoint[], from: number, to: number): ProfilePoint[] {
  const end = Math.min(to, profile.at(-1)![0]);
  const kept = profile.filter(([x]) => x > from && x < end);
  const stations = [profileAt(profile, from), ...kept, profileAt(profile, end)];
  return stations.map(([x, width, height]) => [x - from, width, height]);
}

/** Exact integrals over straight segments: of width, of height, of width x height, and of x times that. */
function integrate(profile: readonly ProfilePoint[]): { plan: number; side: number; product: number; moment: number } {
  let plan = 0;
  let side = 0;
  let product = 0;
  let moment = 0;
  for (let i = 1; i < profile.length; i++) {
    const [xa, wa, ha] = profile[i - 1]!;
    const [xb, wb, hb] = profile[i]!;
    const dx = xb - xa;
    plan += (dx * (wa + wb)) / 2;
    side += (dx * (ha + hb)) / 2;
    const middle = ((wa + wb) / 2) * ((ha + hb) / 2);
    const first = wa * ha;
    const last = wb * hb;
    product += (dx * (first + 4 * middle + last)) / 6;
    moment += (dx * (first * xa + 4 * middle * ((xa + xb) / 2) + last * xb)) / 6;
  }
  return { plan, side, product, moment };
}

/** Span of a pair of legs: their roots apart, and twice what each reaches out on its way back. */
function legSpanM(appendage: TrailerRow['appendage'], count: number, reachM: number, lengthM: number): number {
  if (count < 2 || appendage.shape === 'none' || appendage.shape === 'foot') return 0;
  const { stretch, spreadDeg, turnDeg } = APPENDAGE_FORMS[appendage.shape];
  // direction turns with the square of the way, so its mean is a third of the whole turn; curls come back on themselves
  const meanDeg = spreadDeg + Math.min(turnDeg, MAX_CURL_DEG) / 3;
  return 2 * (LEG_ROOT_SHARE * lengthM + reachM * stretch * Math.sin(radFromDeg(meanDeg)));
}

/** Roots of a pair lie this far out, share of length; a curl past a quarter turn reaches no further. @source adr-0004 */
const LEG_ROOT_SHARE = 0.04;
const MAX_CURL_DEG = 90;

/** Factors on width and height that bring a profile's largest to what was measured; a body of one measure keeps its section's shape. */
function measuredGirth(trailer: Trailer, profile: readonly ProfilePoint[]): readonly [wide: number, tall: number] {
  const factor = (measuredMm: number | undefined, at: 1 | 2): number | null =>
    measuredMm === undefined ? null : measuredMm / (Math.max(...profile.map((point) => point[at])) * trailer.lengthMm);
  const wide = factor(trailer.widthMm, 1);
  const tall = factor(trailer.heightMm, 2);
  return [wide ?? tall ?? 1, tall ?? wide ?? 1];
}

const scaledProfile = (profile: readonly ProfilePoint[], wide: number, tall: number): ProfilePoint[] =>
  profile.map(([x, width, height]) => [x, width * wide, height * tall]);

/** How a weighed mass spreads over what was not measured: the whole girth, the other side, or nothing but the density. */
function freeGirth(
  { widthMm, heightMm }: Trailer,
  overTable: number,
): { readonly wide: number; readonly tall: number; readonly appendage: number } {
  if (widthMm !== undefined && heightMm !== undefined) return { wide: 1, tall: 1, appendage: 1 };
  if (widthMm !== undefined) return { wide: 1, tall: overTable, appendage: 1 };
  if (heightMm !== undefined) return { wide: overTable, tall: 1, appendage: 1 };
  return { wide: Math.sqrt(overTable), tall: Math.sqrt(overTable), appendage: Math.sqrt(overTable) };
}

/**
 * Joins the profile table, the cuts and what was measured into one body.
 * @param trailer  file shape; cuts are checked by its schema
 * @returns        SI areas, volume, mass. A weighed mass keeps length and density and scales width and height with it,
 *                 so the areas follow what was measured. Measured width and height scale the profile; with mass, width and
 *                 height all measured the density of the plastic gives way.
 * @source adr-0004
 */
export function trailerBody(trailer: Trailer): TrailerBody {
  const row = TRAILERS[trailer.kind];
  const lengthM = lengthMFromMm(trailer.lengthMm);
  const from = trailer.cutNoseMm / trailer.lengthMm;
  const to = 1 - trailer.cutTailMm / trailer.lengthMm;

  const { appendage } = row;
  const { count, each } = appendagesLeft(trailer);
  const appendageArea = count * appendage.area * each;

  const weighed = trailer.massG === undefined ? null : massKgFromG(trailer.massG);
  const volumeOf = (profile: readonly ProfilePoint[], appendageGirth: number): number =>
    (Math.PI / 4) * integrate(profile).product * lengthM ** 3 +
    appendage.count * appendage.area * lengthM ** 2 * APPENDAGE.thicknessM * appendageGirth ** 2;
  const tabled = scaledProfile(row.profile, ...measuredGirth(trailer, row.profile));
  const overTable = weighed === null ? 1 : weighed / (volumeOf(tabled, 1) * row.densityKgM3);
  const free = freeGirth(trailer, overTable);
  const measured = scaledProfile(tabled, free.wide, free.tall);
  const girth = free.appendage;
  // with width and height both measured it is the plastic that must be lighter or heavier than the table's
  const densityKgM3 = weighed === null ? row.densityKgM3 : weighed / volumeOf(measured, girth);

  const profile = cutProfile(measured, from, to);
  const { plan, side, product, moment } = integrate(profile);
  const appendageAreaM2 = appendageArea * lengthM ** 2 * girth;
  const bodyVolumeM3 = (Math.PI / 4) * product * lengthM ** 3;
  const volumeM3 = bodyVolumeM3 + appendageAreaM2 * APPENDAGE.thicknessM * girth;

  const profileM = profile.map(([x, width, height]): ProfilePoint => [x * lengthM, width * lengthM, height * lengthM]);
  const liftM2 = appendageAreaM2 * appendage.lift;
  return {
    massKg: volumeM3 * densityKgM3,
    volumeM3,
    isWeighed: weighed !== null,
    lengthM: lengthMFromMm(trailer.lengthMm - trailer.cutNoseMm - trailer.cutTailMm),
    planformM2: plan * lengthM ** 2 + APPENDAGE.planShare * appendageAreaM2,
    sideM2: side * lengthM ** 2 + APPENDAGE.sideShare * appendageAreaM2,
    sectionM2: Math.max(...profileM.map(([, width, height]) => (Math.PI / 4) * width * height)),
    widthM: Math.max(...profileM.map(([, width]) => width)),
    heightM: Math.max(...profileM.map(([, , height]) => height)),
    legSpanM: legSpanM(appendage, count, Math.max(0, to - appendage.root) * lengthM, lengthM),
    appendageCount: each > 0 ? count : 0,
    tailLeft: appendage.count === 0 ? 0 : (count / appendage.count) * each,
    wholeM: lengthM,
    appendageAreaM2,
    pushM2: appendageAreaM2 * appendage.push * (trailer.splitTails && appendage.shape === 'flap' ? SPLIT_PUSH : 1),
    liftM2: trailer.orientation === 'inverted' ? liftM2 * INVERTED_LIFT_SHARE : liftM2,
    centroidM: product === 0 ? 0 : (moment / product) * lengthM,
    profileM,
  };
}

/** Nominal mass of a kind at a length, kg: what the scale should say of an uncut one. */
export function nominalTrailerMassKg(kind: Trailer['kind'], lengthMm: number): number {
  const { product } = integrate(TRAILERS[kind].profile);
  const { count, area } = TRAILERS[kind].appendage;
  const lengthM = lengthMFromMm(lengthMm);
  const volumeM3 = (Math.PI / 4) * product * lengthM ** 3 + count * area * lengthM ** 2 * APPENDAGE.thicknessM;
  return volumeM3 * TRAILERS[kind].densityKgM3;
}

/** A round body shows the same face however it is turned. */
export const isRoundBody = (kind: Trailer['kind']): boolean => TRAILERS[kind].round;
