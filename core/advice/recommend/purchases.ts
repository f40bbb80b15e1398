import type { Box, HeadPart, RigTray, SkirtPart, TrailerPart } from '../../rig/parts/box';
import { catalogueFor } from '../../rig/parts/catalogue';
import type { Rig } from '../../rig/parts/schema';
import { leadAllowed, type Water } from '../../water/schema';
import { type Field, rigAt } from '../search/per-family';
import { bestOfGroups, familyFields, joinCatalogue } from './gaps';
import { scaledScore } from './score-parts';
import { waterBest } from './water-best';
import type { Found } from '../search/best-first';

/** One part from outside the box, and what it adds on waters. */
export interface Purchase {
  readonly tray: RigTray;
  readonly part: HeadPart | SkirtPart | TrailerPart;
  /** shares of the best possible it adds, over all waters */
  readonly gain: number;
  /** waters on which it adds something, by their place in the list, the most first */
  readonly on: readonly { readonly water: number; readonly from: number; readonly to: number; readonly rig: Rig }[];
}

/** A part is worth naming on a water when it adds so much of the whole. @source adr-0007 */
const WORTH = 0.01;
/** Parts looked at on each water and in each tray: the best of them. */
const LOOKED_AT = 12;

interface Gain {
  readonly tray: RigTray;
  readonly part: Purchase['part'];
  readonly to: number;
  readonly rig: Rig;
}

/** What is bought is a kind in a size: colour, softness and finish are a matter of the shelf. */
function keyOf(tray: RigTray, part: Purchase['part']): string {
  if ('style' in part) {
    const { style, finesse, weightOz, nose, cams, blade, blades } = part;
    return JSON.stringify([
      tray,
      style,
      finesse,
      weightOz,
      nose,
      cams,
      blade?.size,
      blades?.map(({ shape, size }) => [shape, size]),
    ]);
  }
  if ('kind' in part) return JSON.stringify([tray, part.kind, part.lengthMm]);
  return JSON.stringify([tray, part.material, part.strands, part.colour]);
}

/** A head as a part to be bought: what its class in a space stands for. */
const headPart = ({ space }: Field, at: number): HeadPart => {
  const { head, guard, keeper, blocks } = space.heads[at]!;
  return { ...head, guard: guard ?? null, keeper: keeper ?? 'barb', ...blocks };
};

const trailerPart = ({ space }: Field, at: number): TrailerPart => {
  const { kind, lengthMm, softness, colour } = space.trailers[at]!.trailer!;
  return { kind, lengthMm, softness, colour };
};

/** Group of rigs of the box alone, beside those of each part from outside. */
const OWN = Number.MAX_SAFE_INTEGER;

/** The best rig with each single head from outside, the best of them first. */
function withOneHead(field: Field, owned: number): Gain[] {
  const found = bestOfGroups(field, {
    groupOf: (head) => (head < owned ? OWN : head),
    enough: (settled) => settled.length > LOOKED_AT,
    top: LOOKED_AT + 1,
  });
  return gainsOf(field, found, ({ head }) => (head < owned ? null : { tray: 'heads', part: headPart(field, head) }));
}

/** The same with each single trailer; ways to hang one are one part. */
function withOneTrailer(field: Field, owned: number): Gain[] {
  const groups = new Map<string, number>();
  const groupOfTrailer = field.space.trailers.map(({ trailer }, at) => {
    if (at < owned || trailer === null) return OWN;
    const key = JSON.stringify(trailerPart(field, at));
    return groups.get(key) ?? (groups.set(key, at), at);
  });
  const found = bestOfGroups(field, {
    groupOf: (_head, trailer) => groupOfTrailer[trailer]!,
    enough: (settled) => settled.length > LOOKED_AT,
    top: LOOKED_AT + 1,
  });
  return gainsOf(field, found, ({ trailer }) =>
    groupOfTrailer[trailer] === OWN ? null : { tray: 'trailers', part: trailerPart(field, trailer) },
  );
}

/** The best rig with one skirt from outside. */
function withOneSkirt(field: Field, owned: number): Gain[] {
  const found = bestOfGroups(field, { groupOf: () => 0, enough: (settled) => settled.length > 0, top: 1 });
  return gainsOf(field, found, ({ skirt }) => {
    const loose = field.space.skirtSets[0]!.classes.includes(skirt);
    const of = field.space.skirts[skirt]!.skirt;
    if (!loose || skirt < owned || of === null) return null;
    const { thinned: _thinned, trim: _trim, ...part } = of;
    return { tray: 'skirts', part };
  });
}

const gainsOf = (
  field: Field,
  found: readonly Found[],
  bought: (one: Found) => Pick<Gain, 'tray' | 'part'> | null,
): Gain[] =>
  found.flatMap((one) => {
    const part = bought(one);
    return part === null ? [] : [{ ...part, to: field.worth * one.score, rig: rigAt(field, one) }];
  });

/** What single parts would add on one water where that is worth naming, and what the box answers by itself. */
export interface Gains {
  readonly own: number;
  readonly gains: readonly Gain[];
}

/**
 * What single parts would add, water after water of one box, each faster for what was laid out for the one before.
 * @param box  checked
 */
export function gainsOver(box: Box): (water: Water) => Gains {
  const before = new Map<string, Field>();
  return (water) => {
    const all = catalogueFor({ lead: leadAllowed(water.localRules) });
    let own = 0;
    const gains: Gain[] = [];
    for (const { family, of } of familyFields(water)) {
      const joined = (...trays: RigTray[]): Field => {
        const key = [family, leadAllowed(water.localRules), ...trays].join(' ');
        const field = of(trays.length === 0 ? box : joinCatalogue(box, all, trays), before.get(key));
        before.set(key, field);
        return field;
      };
      const mine = joined();
      const [best] = bestOfGroups(mine, { groupOf: () => 0, enough: (settled) => settled.length > 0, top: 1 });
      if (best) own = Math.max(own, mine.worth * best.score);
      gains.push(...withOneHead(joined('heads'), mine.space.heads.length));
      gains.push(...withOneTrailer(joined('trailers'), mine.space.trailers.length));
      gains.push(...withOneSkirt(joined('skirts'), mine.space.skirtSets[0]!.classes.length));
    }
    const best = waterBest(water);
    return {
      own: scaledScore(own, best),
      gains: gains
        .filter(({ to }) => to >= own + WORTH)
        .map((gain): Gain => ({ ...gain, to: scaledScore(gain.to, best) })),
    };
  };
}

/**
 * Puts together what single parts would add on several waters.
 * @param waters  in the order of the list they are told by
 * @param count   how many to return
 * @returns       the part that adds most over all the waters first; empty where nothing adds anything worth naming
 */
export function purchasesOf(waters: readonly Gains[], count: number): Purchase[] {
  const found = new Map<string, { tray: RigTray; part: Purchase['part']; on: Purchase['on'][number][] }>();
  for (const [water, { own, gains }] of waters.entries()) {
    for (const { tray, part, to, rig } of gains) {
      const key = keyOf(tray, part);
      const row = found.get(key) ?? { tray, part, on: [] };
      const before = row.on.find((other) => other.water === water);
      if (before && before.to >= to) continue;
      const on = [...row.on.filter((other) => other !== before), { water, from: own, to, rig }];
      found.set(key, { ...row, on });
    }
  }
  return [...found.values()]
    .map(({ tray, part, on }): Purchase => ({
      tray,
      part,
      gain: on.reduce((sum, row) => sum + row.to - row.from, 0),
      on: [...on].sort((a, b) => b.to - b.from - (a.to - a.from) || a.water - b.water),
    }))
    .sort((a, b) => b.gain - a.gain || keyOf(a.tray, a.part).localeCompare(keyOf(b.tray, b.part)))
    .slice(0, count);
}

/**
 * Ranks single parts from the whole catalogue of kinds and sizes by what each would add to a box.
 * @param waters  checked; the places somebody fishes
 */
export const whatToBuy = (waters: readonly Water[], box: Box, count: number): Purchase[] =>
  purchasesOf(waters.map(gainsOver(box)), count);
