import type { RollUp } from '../../hold/hook-point';
import type {
  EventKind,
  Grouping,
  HookedBy,
  ShortStrikeAdvice,
  ShortStrikeChange,
  TrailerHookVerdict,
  Unlike,
} from '../../log';
import type { Orientation } from '../../rig/parts/schema';
import type { TemperatureClass } from '../../water/water-class';

/** What a log says, in words. */
export const UNLIKE_TEXT: Readonly<Record<Unlike['what'], (one: string, other: string, share: string) => string>> = {
  clarity: (one, other, share) =>
    `Clarity differed: mostly ${one} against ${other} (${share} of the hours have no like).`,
  temperature: (one, other, share) =>
    `Temperature differed: mostly ${one} against ${other} (${share} of the hours have no like).`,
  hours: (one, other) => `Hours differed: ${one} against ${other}.`,
};
const hours = (count: number | null): string =>
  count === null
    ? 'No number of hours anybody fishes would settle it.'
    : `About ${Math.ceil(count)} h more with and without would settle it.`;
export const verdictText = (verdict: TrailerHookVerdict, chance: string, cost: string, evenAt: string): string => {
  const costs = verdict.bitesGivenUp > 0 ? `It costs ${cost} of the bites` : 'It costs no bites';
  const money =
    verdict.breakEven > 0 ? `${costs} and would be worth up to ${evenAt}.` : `${costs} and lands no more of them.`;
  switch (verdict.verdict) {
    case 'pays':
      return `A trailer hook pays here, with a chance of ${chance}. ${money}`;
    case 'does-not-pay':
      return `A trailer hook does not pay here: the chance that it does is ${chance}. ${money}`;
    case 'unclear':
      return `Whether a trailer hook pays is unclear: the chance is ${chance}. ${hours(verdict.hoursToSettle)}`;
  }
};
export const notBoth = 'The log has no hours with a trailer hook, or none without: there is nothing to compare.';

/** What a log says where a rig is picked. */
export const logReason = (
  isFor: boolean,
  perHour: string,
  [low, high]: readonly [string, string],
  mean: string,
  hours: string,
  bites: number,
): string =>
  `Your log says: in waters like this one ${isFor ? 'more' : 'fewer'} bites with such a rig, ${perHour} an hour (${low} to ${high}) against ${mean} of all (${hours} h, ${bites === 1 ? '1 bite' : `${bites} bites`}).`;

export const HOOKED_AT: Readonly<Record<HookedBy, string>> = {
  front: 'front',
  corner: 'corner',
  'trailer-hook': 'trailer hook',
};
export const EVENT_TITLE: Readonly<Record<EventKind, string>> = {
  'tie-on': 'Tied on',
  'put-down': 'Put down',
  bite: 'Bite',
  nip: 'Nip',
  hooked: 'Hooked',
  landed: 'Landed',
  lost: 'Lost',
  snag: 'Snag',
  note: 'Note',
};
export const GROUPING_TITLE: Readonly<Record<Grouping, string>> = {
  rig: 'Rig',
  trailer: 'Trailer',
  orientation: 'Turn of the trailer',
  weight: 'Head weight',
  school: 'School about weight',
  water: 'Water',
  family: 'Family',
  trailerHook: 'Trailer hook',
};
export const TURN_TITLE: Readonly<Record<Orientation, string>> = {
  flat: 'flat',
  edge: 'on edge',
  inverted: 'upside down',
};
export const withHook = 'with a trailer hook';
export const withoutHook = 'without one';
export const noTrailerAtAll = 'no trailer';
export const notSaid = 'not said';
export const eitherSchool = 'either school';
export const neitherSchool = 'neither school';
export const TEMPERATURE_TITLE: Readonly<Record<TemperatureClass, string>> = {
  cold: 'cold',
  cool: 'cool',
  mild: 'mild',
  warm: 'warm',
};
export const waterClassOf = (clarity: string, temperature: string): string => `${clarity}, ${temperature}`;

/** What to change where fish strike short, and why. */
export const SHORT_STRIKE_TITLE: Readonly<Record<ShortStrikeChange, string>> = {
  slower: 'Fish something slower',
  shorten: 'Shorten the plastic',
  smaller: 'Go one size smaller',
  'trailer-hook': 'Put a trailer hook on',
};
export const SHORT_STRIKE_BECAUSE: Readonly<Record<ShortStrikeAdvice['because'], (length: string) => string>> = {
  'blades-slow-down': () =>
    'Who nips at blades mostly does not want them as they come: slow them down, or follow up with something soft that hangs.',
  'plate-slow-down': () => 'A plate can run slower and still beat: what follows and nips gets time to take it whole.',
  'jig-slow-down': () => 'A jig that waits is taken whole; one that leaves is bitten in its legs.',
  overhang: (length) => `${length} of plastic hang behind the bend, and that is what is bitten.`,
  long: (length) => `The body is ${length} long: a shorter one fits whole into the mouth that nips at it.`,
  'hook-last': () => 'Last, and only in the open: it lands a few of them and costs some bites.',
  'hook-while-fast': () => 'While it is fished fast it lands a few more of them; it costs some bites.',
};
export const shortStrikesOn = (count: number): string => `${count} short strikes on this rod lately`;

/** What is odd about an outing. */
export const ODDITY_TEXT = {
  'no-rig': (count: number): string =>
    count === 1
      ? 'One event was noted while nothing was tied on to its rod: it counts on no rig. Tie something on before it.'
      : `${count} events were noted while nothing was tied on to their rods: they count on no rig. Tie something on before them.`,
  'landed-over-hooked': (landed: number, hooked: number): string =>
    `More fish were landed than hooked (${landed} and ${hooked}): each that was landed counts as hooked.`,
  'left-running': (hours: number, last: string): string =>
    `It has been running for ${hours} h. What was noted last was at ${last}: end it there, unless you are still out.`,
  'very-long': (hours: number): string => `It lasts ${hours} h: was the end noted late, or is it two outings?`,
  'in-the-future': 'It reaches into the future: was a clock wrong? Its times can be moved.',
  overlaps: (other: string): string =>
    `It overlaps with “${other}”: is it the same outing from another device, or was one of the clocks wrong?`,
} as const;

export const ROLL_UP_TITLE: Readonly<Record<RollUp, string>> = {
  'turns-up': 'turns its point up',
  'lies-flat': 'lies flat',
  'swings-out': 'swings out',
};
/** Rigs of which nothing is computed. */
export const notComputedFor = 'plates and blades: nothing is computed for them';
export const offRigText = (rig: string, roll: string, expected: string, of: string, chance: string): string =>
  `${rig}: computed to be one that ${roll}, yet only ${of} hung where such a hook holds (${expected}). By chance that would come in ${chance}: look at its tie, its guard and the set of its hook.`;
export const notComparable = 'Not comparable: no hours of the one are like hours of the other.';
export const beatsText = (one: string, other: string, chance: string, hours_: string): string =>
  `Chance that “${one}” is bitten more often than “${other}” in like waters: ${chance}. ${hours_}`;
export const isSettled = 'That settles it.';
export const settlesAfter = (count: number | null): string =>
  count === null
    ? 'No number of hours anybody fishes would settle it.'
    : `About ${Math.ceil(count)} h more on each would settle it.`;

/** @param title  of a trailer, or that there is none */
export const withTrailer = (title: string): string => (title === noTrailerAtAll ? title : `a ${title}`);
/** How much more often in words, of a ratio of at least one. */
export const howMuchMore = (times: number): string =>
  times >= 2.6
    ? 'nearly three times as often as, or more than,'
    : times >= 1.8
      ? 'about twice as often as'
      : times >= 1.35
        ? 'about half again as often as'
        : times >= 1.15
          ? 'about a quarter more often than'
          : 'a little more often than';
export const bitesSettled = (first: string, second: string, more: string): string =>
  `With ${first} you are bitten ${more} with ${second} in the same kind of water, and that is settled.`;
export const bitesSoFar = (first: string, second: string, chance: string, after: string): string =>
  `So far ${first} is bitten more often than ${second}, with a chance of ${chance} that it stays so. ${after}`;
export const nothingAlike = (one: string, other: string): string =>
  `Nothing can be said of ${one} against ${other} yet: they were never fished in the same kind of water.`;
