import { usable, type Box, type TrailerPart } from '../../rig/parts/box';
import { uncutTrailer, type Orientation, type Rig, type Trailer } from '../../rig/parts/schema';
import { isRoundBody } from '../../rig/body/trailer-body';
import { colourClassOf } from '../../tackle/colours';
import { TRAILER_KINDS, TRAILERS } from '../../tackle/trailers';

/** Length of the core that is tried where a box has something bright to cut it from, mm. @source craft-practice */
const CORE_MM = 20;

/** A bright stick worm to cut cores from, or null. */
export function coreOf(box: Box): TrailerChoice['core'] {
  const stick = box.trailers.find(
    (part) => usable(part) && part.kind === 'stick-worm' && colourClassOf(part.colour) === 'bright',
  );
  return stick ? { lengthMm: CORE_MM, colour: stick.colour } : null;
}

export interface TrailerChoice {
  readonly trailer: Trailer | null;
  readonly core: NonNullable<Rig['core']> | null;
}

/** Wider than tall by so much, a body is worth turning on edge. @source craft-practice */
const FLAT_FROM = 1.18;
const TURNS: ReadonlySet<TrailerPart['kind']> = new Set(
  TRAILER_KINDS.filter((kind) => {
    const { profile } = TRAILERS[kind];
    const most = (axis: 1 | 2): number => Math.max(...profile.map((row) => row[axis]));
    return !isRoundBody(kind) && most(1) >= FLAT_FROM * most(2);
  }),
);

/** Tails that lift less when they hang upside down. */
const LIFTING: ReadonlySet<TrailerPart['kind']> = new Set(
  TRAILER_KINDS.filter((kind) => TRAILERS[kind].appendage.lift >= 0.3),
);

/**
 * Ways to hang an uncut trailer that differ in what they do: on edge where the body is flat and travels, hung at its end for chunks.
 * @param reeled  it is reeled through the water rather than worked on the bottom
 */
export function waysToHang(part: TrailerPart, core: TrailerChoice['core'], reeled: boolean): TrailerChoice[] {
  const flat = uncutTrailer(part);
  // how a body is turned was told of lures that travel: at the bottom plastic hangs flat
  const turns: Orientation[] = reeled && TURNS.has(part.kind) ? ['flat', 'edge'] : ['flat'];
  if (reeled && LIFTING.has(part.kind)) turns.push('inverted');
  const threaded = turns.map((orientation) => ({ ...flat, orientation }));
  return [
    ...threaded.map((trailer) => ({ trailer, core: null })),
    ...(part.kind === 'chunk' ? [{ trailer: { ...flat, hang: 'hung' as const }, core: null }] : []),
    ...(core ? [{ trailer: flat, core }] : []),
  ];
}
