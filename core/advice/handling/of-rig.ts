import type { PlateSize } from '../../tackle/blades';
import type { HeadStyle } from '../../tackle/heads';
import type { TrailerKind } from '../../tackle/trailers';
import { inFromLengthM, lengthMFromFt, lengthMFromIn, lengthMFromMm } from '../../units/units';
import { trailerHookAllowed, type Family } from '../../water/schema';
import { all, clause, compares, not, type Condition } from '../conditions/condition';
import { asDeepAs, atLeastF, clearTo, inCover, mood, offBottom, wantedFrom } from '../conditions/of-water';
import { onWater } from '../conditions/on-water';
import { STOUT_WIRES, type Held } from './handling-rule';

/** What rules of handling can ask of a rig on its water. */
export type RigCondition = Condition<Held>;

export const family = (of: Family): RigCondition =>
  clause('rig-family', { family: of }, ({ rig }: Held) => rig.family === of);
/** a plate or blades: a lure that is reeled */
export const platesAndBlades: RigCondition = clause('reeled-family', {}, ({ rig }: Held) => rig.family !== 'skirted');
export const jig = family('skirted');
export const plate = family('vibrating');
export const blades = family('spinner');

/** A skirted jig with a head of one of these styles. */
export const head = (...styles: readonly HeadStyle[]): RigCondition =>
  clause('head', { styles }, ({ rig }: Held) => rig.family === 'skirted' && styles.includes(rig.head.style));
export const finesse: RigCondition = clause('finesse', {}, ({ rig }: Held) => rig.head.finesse);
export const lightHead = (oz: number): RigCondition =>
  compares('light-head', { oz }, ({ rig }: Held) => rig.head.weightOz, 'up-to', oz);
/** wire that only stout line drives home */
export const stoutWire: RigCondition = clause('stout-wire', {}, ({ rig }: Held) => STOUT_WIRES.has(rig.head.hook.wire));

export const trailer = (...kinds: readonly TrailerKind[]): RigCondition =>
  clause(
    'trailer',
    { kinds },
    ({ rig }: Held) => rig.trailer !== null && rig.trailer !== undefined && kinds.includes(rig.trailer.kind),
  );
const trailerIn = ({ rig }: Held): number => (rig.trailer ? inFromLengthM(lengthMFromMm(rig.trailer.lengthMm)) : 0);
export const trailerFrom = (inches: number): RigCondition =>
  compares('trailer-long', { in: inches }, trailerIn, 'from', inches);
export const trailerUpTo = (inches: number): RigCondition =>
  compares('trailer-short', { in: inches }, trailerIn, 'up-to', inches);
export const has = (part: 'trailer' | 'skirt' | 'core'): RigCondition =>
  clause('has', { part }, ({ rig }: Held) => Boolean(rig[part]));
export const hungByItsEnd: RigCondition = clause(
  'hung-by-its-end',
  {},
  ({ rig }: Held) => rig.trailer?.hang === 'hung',
);
export const plateOf = (size: PlateSize): RigCondition =>
  clause('plate', { size }, ({ rig }: Held) => rig.blade?.size === size);
export const guardOf = (kind: 'fibre' | 'wire'): RigCondition =>
  clause('guard-of', { kind }, ({ rig }: Held) => rig.guard?.kind === kind);
export const fibresFrom = (count: number): RigCondition =>
  compares('fibres', { count }, ({ rig }: Held) => rig.guard?.fibres ?? 0, 'from', count);
export const strandsFrom = (count: number): RigCondition =>
  compares('strands', { count }, ({ rig }: Held) => rig.skirt?.strands ?? 0, 'from', count);
export const armsOpen: RigCondition = clause('arms-open', {}, ({ rig }: Held) => rig.arms?.squeezed !== true);
/** true too where there are no blades */
export const roundBlades: RigCondition = clause('round-blades', {}, ({ rig }: Held) =>
  (rig.blades ?? []).every(({ shape }) => shape === 'colorado'),
);
/** Trade size from which a blade is large. @source craft-practice */
const LARGE_BLADE = 5;
export const largeRoundBlade: RigCondition = clause('large-round-blade', {}, ({ rig }: Held) =>
  (rig.blades ?? []).some(({ shape, size }) => shape === 'colorado' && size >= LARGE_BLADE),
);

/** Blades that are brought back as fast as they stay under the surface: fish chase and see, and nothing holds the blades back. */
export const burned: RigCondition = all(
  blades,
  onWater(all(mood('active'), clearTo(lengthMFromFt(3)), atLeastF(55), not(wantedFrom(lengthMFromFt(2))))),
  not(all(has('trailer'), roundBlades)),
);

/** Its tail is one that can move a head. */
export const tailWorks: RigCondition = clause('tail-works', {}, ({ match }: Held) => match !== 'not-applicable');
export const tailMatch = (of: 'weak' | 'dead'): RigCondition =>
  clause('tail-match', { match: of }, ({ match }: Held) => match === of);

/** A pace from which a trailer hook may pay, and from which three points do, m/s. @source craft-practice */
const FAST_MPS = 0.75;
const WAKE_MPS = 1.3;
const pace = ({ paceMps }: Held): number => paceMps ?? 0;
export const fast: RigCondition = compares('fast', { mps: FAST_MPS }, pace, 'from', FAST_MPS);
export const veryFast: RigCondition = compares('very-fast', {}, pace, 'from', WAKE_MPS);
/** @source craft-practice */
export const openWater: RigCondition = onWater(
  all(not(inCover), asDeepAs(lengthMFromFt(5)), clearTo(lengthMFromFt(2))),
);
export const swimsOffBottom: RigCondition = all(head('swim'), onWater(offBottom));
/** Sight under which a swim jig has to be felt, m. @source craft-practice */
const CRAWLED_M = lengthMFromIn(12);

/** A swim jig is shaken where its tail cannot do it, and where warm fish chase along an edge. */
export const shaken: RigCondition = clause('shaken', {}, (held: Held) => {
  const { school } = held.schools['swim-retrieve'];
  if (school !== null) return school === 'shake';
  const edge = !held.w.belowF(70) && held.w.water.mood === 'active' && held.w.inCover;
  // through stems, and where they have to feel it under the top, it is never just reeled
  const crawled = held.w.stems || (held.w.high && held.w.water.visibilityM < CRAWLED_M);
  return held.match !== 'matched' || edge || crawled;
});
export const trailerHookAllowedHere = (kind: 'single' | 'treble'): RigCondition =>
  clause('trailer-hook-allowed', {}, ({ w }: Held) => trailerHookAllowed(w.water.localRules, kind));
