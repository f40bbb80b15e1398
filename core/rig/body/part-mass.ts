import { bladeMassKg } from '../../tackle/blades';
import { hookMass } from '../../tackle/hooks';
import { gFromMassKg, massKgFromG, massKgFromOz, mmFromLengthM, ozFromMassKg } from '../../units/units';
import { guardMass, skirtBody } from './body';
import type { BladePart, HeadPart, SkirtPart, TrailerPart } from '../parts/box';
import { uncutTrailer, type Head } from '../parts/schema';
import { trailerBody } from './trailer-body';

/** Share by which a weighed mass may differ from the computed one before somebody should look again. @source adr-0009 */
export const MASS_CONTRADICTION = 0.4;
/** Least a head's metal can weigh when hook and guard are taken off a weighed mass, g: below, the scale is not believed. */
const LEAST_METAL_G = 0.5;

const fittingsG = (part: HeadPart): number =>
  gFromMassKg(hookMass(part.hook.size, part.hook.wire, part.hook.wireMm).massKg) +
  (part.guard ? gFromMassKg(guardMass(part.guard).massKg) : 0);

/**
 * Metal of a weighed head: the scale less hook and guard.
 * @param massG  bare head with hook and guard, g
 */
export function headMetalMassG(part: HeadPart, massG: number): { readonly weightOz: number } {
  const metalG = Math.max(LEAST_METAL_G, massG - fittingsG(part));
  return { weightOz: ozFromMassKg(massKgFromG(metalG)) };
}

/** What the tables say a part weighs, g; null where they cannot tell. A mass on the part itself is left aside. */
export const computedMassG = {
  heads: (part: HeadPart): number => gFromMassKg(massKgFromOz(part.weightOz)) + fittingsG(part),
  skirts: ({ massG: _weighed, ...part }: SkirtPart): number => gFromMassKg(skirtBody({ ...part, thinned: 0 }).massKg),
  trailers: ({ massG: _weighed, ...part }: TrailerPart): number => gFromMassKg(trailerBody(uncutTrailer(part)).massKg),
  blades: (part: BladePart): number | null => {
    const massKg = bladeMassKg(part.shape, part.size);
    return massKg === null ? null : gFromMassKg(massKg);
  },
} as const;

/** What the tables say of the widest and the thickest place of a trailer, mm; what was measured on it is left aside. */
export function computedBodyMm({ massG: _mass, widthMm: _width, heightMm: _height, ...part }: TrailerPart): {
  readonly widthMm: number;
  readonly heightMm: number;
} {
  const { widthM, heightM } = trailerBody(uncutTrailer(part));
  return { widthMm: mmFromLengthM(widthM), heightMm: mmFromLengthM(heightM) };
}

export type WeighedTray = keyof typeof computedMassG;
export const WEIGHED_TRAYS = ['heads', 'skirts', 'trailers', 'blades'] as const satisfies readonly WeighedTray[];

/**
 * A weighed mass that contradicts the size, or null when the two agree well enough or nothing was weighed.
 * @returns both masses in g
 */
export function massContradiction(
  tray: WeighedTray,
  part: { readonly massG?: number },
): { readonly measuredG: number; readonly computedG: number } | null {
  if (part.massG === undefined) return null;
  const computedG = computedMassG[tray](part as never);
  if (computedG === null) return null;
  const off = Math.max(part.massG / computedG, computedG / part.massG) - 1;
  return off > MASS_CONTRADICTION ? { measuredG: part.massG, computedG } : null;
}

/** A mass that counts: weighed, and not set aside in favour of the size. */
export const countedMassG = (part: {
  readonly massG?: number;
  readonly massTrust?: 'scale' | 'size';
}): number | null => (part.massG === undefined || part.massTrust === 'size' ? null : part.massG);

/** The head of a part as rigs carry it: a weighed one has the weight that its metal really has. */
export function headOf(part: HeadPart): Head {
  const massG = countedMassG(part);
  return {
    style: part.style,
    finesse: part.finesse,
    weightOz: massG === null ? part.weightOz : headMetalMassG(part, massG).weightOz,
    metal: part.metal,
    ...(part.nose === undefined ? {} : { nose: part.nose }),
    ...(part.cams === undefined ? {} : { cams: part.cams }),
    hook: part.hook,
  };
}
