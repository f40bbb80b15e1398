import { temperatureClass, waterClass } from '../water/water-class';
import { UNKNOWN, valueOf, type Grouping } from './groups';
import {
  betaBand,
  betaMean,
  betaPlaces,
  chanceBeats,
  chanceLarger,
  commonRate,
  commonShare,
  gammaBand,
  gammaMean,
  gammaPlaces,
  hoursToSettle,
  rateAlone,
  rateKnown,
  shareAlone,
  shareKnown,
  type BetaKnown,
  type GammaKnown,
} from './pooled';
import type { HookedBy } from './schema';
import type { Spell } from './spells';
import { clarityOf } from '../water/clarity';

/** Sums of some spells. */
export interface Sums {
  readonly hours: number;
  readonly bites: number;
  readonly nips: number;
  readonly hooked: number;
  readonly landed: number;
  readonly lost: number;
  readonly hookedBy: Readonly<Record<HookedBy, number>>;
}
export function sumsOf(spells: readonly Spell[]): Sums {
  const of = (field: 'hours' | 'bites' | 'nips' | 'hooked' | 'landed' | 'lost'): number => {
    let sum = 0;
    for (const spell of spells) sum += spell[field];
    return sum;
  };
  const by = (hook: HookedBy): number => {
    let sum = 0;
    for (const { hookedBy } of spells) sum += hookedBy[hook];
    return sum;
  };
  return {
    hours: of('hours'),
    bites: of('bites'),
    nips: of('nips'),
    hooked: of('hooked'),
    landed: of('landed'),
    lost: of('lost'),
    hookedBy: { front: by('front'), corner: by('corner'), 'trailer-hook': by('trailer-hook') },
  };
}

/** What a log says of a group: bites an hour and landed of hooked, each with its band. */
export interface GroupRate extends Sums {
  readonly by: Grouping;
  readonly value: string;
  readonly bitesPerHour: number;
  readonly band: readonly [number, number];
  /** null where nothing was hooked */
  readonly landingRate: number | null;
  readonly landingBand: readonly [number, number] | null;
  readonly known: GammaKnown;
  readonly share: BetaKnown;
}

/** Spells by what tells them apart. */
export function grouped(spells: readonly Spell[], by: Grouping): ReadonlyMap<string, readonly Spell[]> {
  const groups = new Map<string, Spell[]>();
  for (const spell of spells) {
    const value = valueOf(by, spell);
    const group = groups.get(value);
    if (group) group.push(spell);
    else groups.set(value, [spell]);
  }
  return groups;
}

/** Rates of all groups, the one with most hours first, partially pooled. */
export function ratesBy(spells: readonly Spell[], by: Grouping): readonly GroupRate[] {
  const groups = [...grouped(spells, by)].map(([value, of]) => ({ value, sums: sumsOf(of) }));
  const rate = commonRate(groups.map(({ sums }) => ({ count: sums.bites, hours: sums.hours })));
  const share = commonShare(groups.map(({ sums }) => ({ wins: sums.landed, tries: sums.hooked })));
  return groups
    .map(({ value, sums }): GroupRate => {
      const known = rateKnown({ count: sums.bites, hours: sums.hours }, rate);
      const landing = shareKnown({ wins: sums.landed, tries: sums.hooked }, share);
      return {
        ...sums,
        by,
        value,
        bitesPerHour: gammaMean(known),
        band: gammaBand(known),
        landingRate: sums.hooked > 0 ? betaMean(landing) : null,
        landingBand: sums.hooked > 0 ? betaBand(landing) : null,
        known,
        share: landing,
      };
    })
    .sort((a, b) => b.hours - a.hours || a.value.localeCompare(b.value));
}

/** A water class both of two groups were fished in. */
interface Stratum {
  readonly water: string;
  readonly one: Sums;
  readonly other: Sums;
}
function strataOf(one: readonly Spell[], other: readonly Spell[]): readonly Stratum[] {
  const classOf = ({ water }: Spell): string => (water ? waterClass(water) : UNKNOWN);
  const classes = [...new Set([...one, ...other].map(classOf))];
  return classes.flatMap((water) => {
    const own = sumsOf(one.filter((spell) => classOf(spell) === water));
    const others = sumsOf(other.filter((spell) => classOf(spell) === water));
    return own.hours > 0 && others.hours > 0 ? [{ water, one: own, other: others }] : [];
  });
}

/** How the hours of two groups differed. */
export interface Unlike {
  readonly what: 'clarity' | 'temperature' | 'hours';
  readonly one: string;
  readonly other: string;
  /** share of their hours that lie in no common class, 0 to 1 */
  readonly share: number;
}
/** A comparison of two groups, like with like. */
export interface Comparison {
  /** null where no hours of one are like hours of the other */
  readonly ratio: number | null;
  /** chance that the first bites more often in like waters; null where there is none to compare */
  readonly chance: number | null;
  /** further hours on each that would settle it; 0 where it is settled, null where nobody fishes so long */
  readonly hoursToSettle: number | null;
  readonly likeHours: { readonly one: number; readonly other: number };
  readonly unlike: readonly Unlike[];
}

/** Hours below which nothing is said of a group in a sentence. */
const LEAST_HOURS = 5;
/**
 * The two groups a log has most to say of: the one that is bitten most often, and of the others the one that was fished longest.
 * @returns null where no two were fished for five hours
 */
export function mostToSay(groups: readonly GroupRate[]): { readonly one: string; readonly other: string } | null {
  const fished = groups.filter(({ value, hours }) => value !== UNKNOWN && hours >= LEAST_HOURS);
  const [one] = [...fished].sort((a, b) => b.bitesPerHour - a.bitesPerHour);
  const [other] = fished.filter(({ value }) => value !== one?.value).sort((a, b) => b.hours - a.hours);
  return one && other ? { one: one.value, other: other.value } : null;
}

/** Where most hours of some spells were spent. */
function mostOf(spells: readonly Spell[], of: (spell: Spell) => string): string {
  const hours = new Map<string, number>();
  for (const spell of spells) hours.set(of(spell), (hours.get(of(spell)) ?? 0) + spell.hours);
  return [...hours].sort((a, b) => b[1] - a[1])[0]?.[0] ?? UNKNOWN;
}
/** Part of the hours of two groups that lie in classes the other was never fished in. */
function apart(one: readonly Spell[], other: readonly Spell[], of: (spell: Spell) => string): number {
  const total = [...one, ...other].reduce((sum, { hours }) => sum + hours, 0);
  const [mine, theirs] = [new Set(one.map(of)), new Set(other.map(of))];
  const lone =
    one.filter((spell) => !theirs.has(of(spell))).reduce((sum, { hours }) => sum + hours, 0) +
    other.filter((spell) => !mine.has(of(spell))).reduce((sum, { hours }) => sum + hours, 0);
  return total > 0 ? lone / total : 0;
}
/** Less than this is no difference worth naming. */
const NAMED = 0.2;
/** Hours of the one over those of the other from which that is named. */
const LOPSIDED = 4;

function unlikeOf(one: readonly Spell[], other: readonly Spell[]): readonly Unlike[] {
  const clarity = ({ water }: Spell): string => (water ? clarityOf(water.visibilityM) : UNKNOWN);
  const temperature = ({ water }: Spell): string => (water ? temperatureClass(water) : UNKNOWN);
  const of = (what: 'clarity' | 'temperature', by: (spell: Spell) => string): Unlike[] => {
    const share = apart(one, other, by);
    return share < NAMED ? [] : [{ what, one: mostOf(one, by), other: mostOf(other, by), share }];
  };
  const [mine, theirs] = [sumsOf(one).hours, sumsOf(other).hours];
  const isLopsided = Math.max(mine, theirs) > LOPSIDED * Math.max(0.1, Math.min(mine, theirs));
  return [
    ...of('clarity', clarity),
    ...of('temperature', temperature),
    ...(isLopsided ? [{ what: 'hours' as const, one: mine.toFixed(1), other: theirs.toFixed(1), share: 0 }] : []),
  ];
}

/**
 * Compares two groups within waters of one class, pooled by their hours (Mantel and Haenszel for rates).
 * @source mantel-haenszel-1959
 */
export function compared(one: readonly Spell[], other: readonly Spell[]): Comparison {
  const strata = strataOf(one, other);
  const unlike = unlikeOf(one, other);
  const total = (of: (stratum: Stratum) => number): number => strata.reduce((sum, stratum) => sum + of(stratum), 0);
  const likeHours = { one: total(({ one: { hours } }) => hours), other: total(({ other: { hours } }) => hours) };
  if (strata.length === 0) return { ratio: null, chance: null, hoursToSettle: null, likeHours, unlike };
  const weight = ({ one: a, other: b }: Stratum): number => a.hours + b.hours;
  const mine = total((stratum) => (stratum.one.bites * stratum.other.hours) / weight(stratum));
  const theirs = total((stratum) => (stratum.other.bites * stratum.one.hours) / weight(stratum));
  // each as if it had been fished as often as the other in every class
  const hours = total((stratum) => (stratum.one.hours * stratum.other.hours) / weight(stratum));
  const groups = [
    { count: mine, hours },
    { count: theirs, hours },
  ] as const;
  const [first, second] = groups.map(rateAlone) as [GammaKnown, GammaKnown];
  const chance = chanceBeats(first, second);
  const [leads, trails] = chance >= 0.5 ? [first, second] : [second, first];
  const after = (more: number): number =>
    chanceBeats(
      { shape: leads.shape + gammaMean(leads) * more, rate: leads.rate + more },
      { shape: trails.shape + gammaMean(trails) * more, rate: trails.rate + more },
    );
  return {
    ratio: theirs > 0 ? mine / theirs : null,
    chance,
    hoursToSettle: hoursToSettle(after),
    likeHours,
    unlike,
  };
}

/** Whether a trailer hook pays. */
export interface TrailerHookVerdict {
  readonly verdict: 'pays' | 'does-not-pay' | 'unclear';
  /** chance that more fish an hour are landed with one than without */
  readonly chance: number;
  /** share of the bites it costs */
  readonly bitesGivenUp: number;
  /** share of bites it may cost, for what it lands more */
  readonly breakEven: number;
  readonly hoursToSettle: number | null;
  /** fish that hung on it alone */
  readonly savedFish: number;
  readonly unlike: readonly Unlike[];
}
const PAYS = 0.8;

interface HookSide {
  readonly rate: GammaKnown;
  readonly share: BetaKnown;
}
/** Equiprobable quantiles of the posterior of fish landed an hour. */
function landedPlaces({ rate, share }: HookSide): readonly number[] {
  const [bites, landed] = [gammaPlaces(rate), betaPlaces(share)];
  return bites.flatMap((bite) => landed.map((part) => bite * part));
}
const chancePays = (withOne: HookSide, without: HookSide): number =>
  chanceLarger(landedPlaces(withOne), landedPlaces(without));

/** Whether a trailer hook pays by a log; null where it was never fished with, or never without one. */
export function trailerHookVerdict(spells: readonly Spell[]): TrailerHookVerdict | null {
  const hooked = spells.filter(({ rig }) => rig.trailerHook);
  const bare = spells.filter(({ rig }) => !rig.trailerHook);
  // jigs say nothing of what a second hook does behind blades; where a family was never fished without, the others have to do
  const families = new Set(hooked.map(({ rig }) => rig.family));
  const alike = bare.filter(({ rig }) => families.has(rig.family));
  const sides: [Spell[], Spell[]] = [hooked, alike.length > 0 ? alike : bare];
  const sums = sides.map(sumsOf) as [Sums, Sums];
  if (sums.some(({ hours }) => hours <= 0)) return null;
  // two sides are not drawn together: whether they differ is the question
  const [withOne, without] = sums.map(({ bites, hours, landed }): HookSide => ({
    rate: rateAlone({ count: bites, hours }),
    share: shareAlone({ wins: landed, tries: bites }),
  })) as [HookSide, HookSide];
  const chance = chancePays(withOne, without);
  const grown = ({ rate: r, share: s }: HookSide, more: number): HookSide => {
    const bites = gammaMean(r) * more;
    return {
      rate: { shape: r.shape + bites, rate: r.rate + more },
      share: { a: s.a + betaMean(s) * bites, b: s.b + (1 - betaMean(s)) * bites },
    };
  };
  const pays = chance >= 0.5;
  const after = (more: number): number => {
    const then = chancePays(grown(withOne, more), grown(without, more));
    return pays ? then : 1 - then;
  };
  const verdict = chance >= PAYS ? 'pays' : chance <= 1 - PAYS ? 'does-not-pay' : 'unclear';
  return {
    verdict,
    chance,
    bitesGivenUp: 1 - gammaMean(withOne.rate) / gammaMean(without.rate),
    breakEven: 1 - betaMean(without.share) / betaMean(withOne.share),
    hoursToSettle: verdict === 'unclear' ? hoursToSettle(after) : 0,
    savedFish: sums[0].hookedBy['trailer-hook'],
    unlike: unlikeOf(...sides),
  };
}
