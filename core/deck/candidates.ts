import { advise } from '../advice/recommend/advise';
import { judgeOn, type Judged } from '../advice/recommend/judge';
import { fishedOf, type Fished } from '../gear';
import { headOf } from '../rig/body/part-mass';
import type { Box } from '../rig/parts/box';
import type { Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';
import { sameJson } from '../keeping/merge';
import type { BanTray, Trip } from './trip';

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

/** A box without the parts that are not to be used: they stand where they stood, used up. */
export function withoutBanned(box: Box, bans: Trip['bans'] = []): Box {
  const trays = new Set(bans.map(({ tray }) => tray));
  const left = (tray: BanTray): object[] =>
    (box[tray] as readonly object[]).map((part, at) =>
      bans.some((ban) => ban.tray === tray && ban.part === at) ? { ...part, quantity: 0 } : part,
    );
  return { ...box, ...Object.fromEntries([...trays].map((tray) => [tray, left(tray)])) };
}

/** How well a rig answers a stop, and how it is fished there. */
type JudgedThere = Pick<Judged, 'score' | 'handled'>;
/** What was asked of one box before: of waters, and of rigs on them. */
export interface AskedBefore {
  readonly picks: Map<string, readonly Made[]>;
  readonly judged: Map<string, JudgedThere>;
}
export const nothingAsked = (): AskedBefore => ({ picks: new Map(), judged: new Map() });
type Made = { readonly rig: Rig; readonly base: Rig };

/** Size of the answer cache of one box. */
const MOST_KEPT = 20_000;

function remembered<T>(known: Map<string, T>, key: string, ask: () => T): T {
  const before = known.get(key);
  if (before !== undefined) return before;
  if (known.size >= MOST_KEPT) known.clear();
  const found = ask();
  known.set(key, found);
  return found;
}

/**
 * The best rigs of each stop, made ready there, and how each answers every other stop.
 * @param waters  of the stops, as they are while each is fished
 * @param box     without parts that are not to be used
 * @param tell    hears how far it is, 0 to 1
 * @param before  what was asked of this box before
 */
export function candidatesOf(
  waters: readonly Water[],
  box: Box,
  tell: (done: number) => void = () => undefined,
  before = nothingAsked(),
): readonly Candidate[] {
  const found: Made[] = [];
  const keys = waters.map((water) => JSON.stringify(water));
  const picks = waters.map((water, at) => {
    tell(at / (2 * waters.length));
    return remembered(before.picks, keys[at]!, () =>
      advise(water, box, PICKS, { asks: 'own-school' }).picks.map(({ rig, base }) => ({ rig, base })),
    );
  });
  // the first of every stop before the second of any
  for (let rank = 0; rank < PICKS; rank++) {
    for (const of of picks) {
      const pick = of[rank];
      if (pick && found.length < MOST_RIGS && !found.some(({ rig }) => sameJson(rig, pick.rig)))
        found.push({ rig: pick.rig, base: pick.base });
    }
  }
  const judges = judgesOf(waters);
  return found.map((made, place): Candidate => {
    tell((1 + place / found.length) / 2);
    const own = JSON.stringify(made.rig);
    return judgedOn(judges, made, (ask, at) => remembered(before.judged, `${own} ${keys[at]!}`, ask));
  });
}

/** The water of a stop, and what judges rigs there. */
interface Judge {
  readonly water: Water;
  readonly judge: (rig: Rig) => JudgedThere;
}
export const judgesOf = (waters: readonly Water[]): readonly Judge[] =>
  waters.map((water) => ({ water, judge: judgeOn(water) }));

/**
 * A rig with how well it answers each stop and how it is fished there.
 * @param known  gives what was judged before, or asks
 */
export function judgedOn(
  judges: readonly Judge[],
  { rig, base }: Made,
  known: (ask: () => JudgedThere, at: number) => JudgedThere = (ask) => ask(),
): Candidate {
  const judged = judges.map(({ judge }, at) =>
    known(() => {
      const { score, handled } = judge(rig);
      return { score, handled };
    }, at),
  );
  return {
    rig,
    base,
    scores: judged.map(({ score }) => score),
    fished: judged.map(({ handled }, at) => fishedOf(rig, handled, judges[at]!.water)),
  };
}

/** Parts of a box a rig is made of as it came, by tray and place; what is not found there is no matter of quantity. */
export function partsOf({ head, skirt, trailer, blades, blade, guard }: Rig, box: Box): readonly string[] {
  const at = (rows: readonly object[], fits: (part: never) => boolean): number =>
    rows.findIndex((row) => fits(row as never));
  const parts: string[] = [];
  const worn = at(box.heads, (part: Box['heads'][number]) => {
    // as rigs carry it: what was weighed has the weight its metal really has
    const own = headOf(part);
    return (
      own.style === head.style &&
      own.weightOz === head.weightOz &&
      own.finesse === head.finesse &&
      own.metal === head.metal &&
      own.nose === head.nose &&
      (own.cams ?? false) === (head.cams ?? false) &&
      sameJson(own.hook, head.hook) &&
      sameJson(
        part.blades?.map(({ shape, size }) => [shape, size]),
        blades?.map(({ shape, size }) => [shape, size]),
      ) &&
      sameJson(part.blade?.size, blade?.size) &&
      (part.guard?.kind ?? null) === (guard?.kind ?? null) &&
      (part.guard?.fibres ?? 0) === (guard?.fibres ?? 0)
    );
  });
  if (worn !== -1) parts.push(`heads ${worn}`);
  const dressed = worn !== -1 && box.heads[worn]!.skirt;
  if (skirt && !dressed) {
    const loose = at(
      box.skirts,
      (part: Box['skirts'][number]) =>
        part.material === skirt.material &&
        part.strands === skirt.strands &&
        part.lengthMm === skirt.lengthMm &&
        part.colour === skirt.colour,
    );
    if (loose !== -1) parts.push(`skirts ${loose}`);
  }
  if (trailer) {
    const hung = at(
      box.trailers,
      (part: Box['trailers'][number]) =>
        part.kind === trailer.kind &&
        part.lengthMm === trailer.lengthMm &&
        part.softness === trailer.softness &&
        part.colour === trailer.colour,
    );
    if (hung !== -1) parts.push(`trailers ${hung}`);
  }
  return parts;
}
