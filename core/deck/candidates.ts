import { advise, judgeRig } from '../advice/recommend/advise';
import { fishedOf, type Fished } from '../gear';
import type { Box } from '../rig/parts/box';
import type { Rig } from '../rig/parts/schema';
import { sameJson } from '../keeping/merge';
import type { Trip } from './trip';

/** A rig that may answer stops: as it is fished, and how well it answers each. */
export interface Candidate {
  readonly rig: Rig;
  /** as it comes out of the box */
  readonly base: Rig;
  /** by stop, 0 to 1 */
  readonly scores: readonly number[];
  /** by stop: with the retrieve that goes with it there */
  readonly fished: readonly Fished[];
}

/** Picks of each stop that are looked at, and rigs in all. */
const PICKS = 12;
const MOST_RIGS = 300;

/**
 * The best rigs of each stop, made ready there, and how each answers every other stop.
 * @param trip  checked
 */
export function candidatesOf({ stops, box }: Pick<Trip, 'stops' | 'box'>): readonly Candidate[] {
  const found: { readonly rig: Rig; readonly base: Rig }[] = [];
  const picks = stops.map(({ water }) => advise(water, box, PICKS, { asks: 'own-school' }).picks);
  // the first of every stop before the second of any
  for (let rank = 0; rank < PICKS; rank++) {
    for (const of of picks) {
      const pick = of[rank];
      if (pick && found.length < MOST_RIGS && !found.some(({ rig }) => sameJson(rig, pick.rig)))
        found.push({ rig: pick.rig, base: pick.base });
    }
  }
  return found.map(({ rig, base }): Candidate => {
    const judged = stops.map(({ water }) => judgeRig(water, rig));
    return {
      rig,
      base,
      scores: judged.map(({ score }) => score),
      fished: judged.map(({ handled }, at) => fishedOf(rig, handled, stops[at]!.water)),
    };
  });
}

/** Parts of a box a rig is made of, by tray and place; what is not found there is no matter of quantity. */
export function partsOf({ head, skirt, trailer, blades, blade, guard }: Rig, box: Box): readonly string[] {
  const at = (rows: readonly object[], fits: (part: never) => boolean): number =>
    rows.findIndex((row) => fits(row as never));
  const parts: string[] = [];
  const worn = at(
    box.heads,
    (part: Box['heads'][number]) =>
      part.style === head.style &&
      part.weightOz === head.weightOz &&
      part.finesse === head.finesse &&
      part.metal === head.metal &&
      sameJson(part.hook, head.hook) &&
      sameJson(
        part.blades?.map(({ shape, size }) => [shape, size]),
        blades?.map(({ shape, size }) => [shape, size]),
      ) &&
      sameJson(part.blade?.size, blade?.size) &&
      (part.guard?.kind ?? null) === (guard?.kind ?? null),
  );
  if (worn !== -1) parts.push(`heads ${worn}`);
  const dressed = worn !== -1 && box.heads[worn]!.skirt;
  if (skirt && !dressed) {
    const loose = at(
      box.skirts,
      (part: Box['skirts'][number]) =>
        part.material === skirt.material && part.strands === skirt.strands && part.colour === skirt.colour,
    );
    if (loose !== -1) parts.push(`skirts ${loose}`);
  }
  if (trailer) {
    const hung = at(
      box.trailers,
      (part: Box['trailers'][number]) =>
        part.kind === trailer.kind && part.lengthMm === trailer.lengthMm && part.colour === trailer.colour,
    );
    if (hung !== -1) parts.push(`trailers ${hung}`);
  }
  return parts;
}
