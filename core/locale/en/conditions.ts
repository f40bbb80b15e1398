import type { ClauseKey, ClauseValues, WaterFact } from '../../advice/conditions/condition';
import type { Family } from '../../water/schema';
import { FAMILY_NAME } from './words';
import { COVER_NAME } from './words';

/** A clause as it is said, and its opposite. Amounts are tokens that are put into the reader's units. */
export type ClauseWords = readonly [is: string, isNot: string];

const FACT: Readonly<Record<WaterFact, ClauseWords>> = {
  bottom: ['it is worked on the bottom', 'it is worked above the bottom'],
  high: ['it is wanted high in the water', 'it is not wanted high'],
  inCover: ['there is cover', 'the water is open'],
  wood: ['there is wood', 'there is no wood'],
  forked: ['there is wood that forks', 'no wood there forks'],
  stone: ['there is stone', 'there is no stone'],
  grass: ['there is weed', 'there is no weed'],
  matted: ['weed lies matted on top', 'no weed lies matted on top'],
  stems: ['there are standing stems', 'there are no standing stems'],
  junk: ['several kinds of thick cover stand together', 'no such mix of cover stands there'],
  spring: ['it is spring', 'it is not spring'],
  roofed: ['there are docks or houseboats', 'nothing there is roofed'],
  overWeed: ['it is wanted above the weed', 'it is not wanted above the weed'],
  reeled: ['it is reeled', 'it is not reeled'],
};

type Chosen = ClauseValues['chosen'];
const CHOSEN: { readonly [C in Chosen['of']]: Readonly<Record<Extract<Chosen, { of: C }>['value'], ClauseWords>> } = {
  mood: {
    active: ['the fish are active', 'the fish are not active'],
    neutral: ['the fish are neither active nor slow', 'the fish are active or slow'],
    inactive: ['the fish are inactive', 'the fish are not inactive'],
  },
  season: {
    winter: ['it is winter', 'it is not winter'],
    prespawn: ['they are about to spawn', 'they are not about to spawn'],
    spawn: ['they spawn', 'they do not spawn'],
    postspawn: ['they have just spawned', 'they have not just spawned'],
    summer: ['it is summer', 'it is not summer'],
    autumn: ['it is autumn', 'it is not autumn'],
  },
  aim: {
    bites: ['you are after bites', 'you are not after bites'],
    size: ['you are after size', 'you are not after size'],
    search: ['you search fast', 'you do not search fast'],
    saturate: ['you work one place over', 'you do not work one place over'],
  },
  sky: {
    bright: ['the light is bright', 'the light is not bright'],
    mixed: ['the light is mixed', 'the light is not mixed'],
    dark: ['there is little light', 'there is more than little light'],
  },
  wind: {
    calm: ['the water is calm', 'the water is not calm'],
    ripple: ['the wind ripples the water', 'no wind ripples the water'],
    chop: ['the wind makes a chop', 'the wind makes no chop'],
  },
  pressure: {
    low: ['the place is fished little', 'the place is fished much'],
    high: ['the place is fished much', 'the place is fished little'],
  },
  species: {
    largemouth: ['they are largemouth bass', 'they are not largemouth bass'],
    smallmouth: ['they are smallmouth bass', 'they are not smallmouth bass'],
    spotted: ['they are spotted bass', 'they are not spotted bass'],
  },
};

const RIG_FAMILY: Readonly<Record<Family, ClauseWords>> = {
  skirted: ['it is a skirted jig', 'it is not a skirted jig'],
  vibrating: ['it is a vibrating jig', 'it is no vibrating jig'],
  spinner: ['it is a spinnerbait', 'it is no spinnerbait'],
};
const DENSITY = ['none', 'sparse', 'medium', 'thick'] as const;
/** Cover that is counted: a ledge, but brush. */
const COUNTED: ReadonlySet<string> = new Set(['ledge', 'gravel bar', 'laydown', 'dock', 'houseboat', 'hedgerow']);
const plain = (id: string): string => id.replace(/-/g, ' ');
const either = (ids: readonly string[]): string => ids.map(plain).join(' or ');
const PART = { trailer: 'trailer', skirt: 'skirt', core: 'bright core' } as const;

/** What each clause says. */
export const CLAUSE: { readonly [K in ClauseKey]: (values: ClauseValues[K]) => ClauseWords } = {
  always: () => ['always', 'never'],
  fact: ({ fact }) => FACT[fact],
  chosen: ({ of, value }) => (CHOSEN[of] as Readonly<Record<string, ClauseWords>>)[value]!,
  colder: ({ tempF }) => [`the water is colder than {F ${tempF}}`, `the water has {F ${tempF}} or more`],
  murkier: ({ in: inches }) => [`you see less than {seen ${inches}}`, `you see {seen ${inches}} or more`],
  shallower: ({ ft, included }) => [
    `the water is ${included ? 'no deeper than' : 'shallower than'} {ft ${ft}}`,
    `the water is {ft ${ft}} deep or more`,
  ],
  cover: ({ kind }) => {
    const name = COVER_NAME[kind];
    const many = /[^s]s$/.test(name);
    return [
      `there ${many ? 'are' : 'is'} ${many || !COUNTED.has(name) ? '' : 'a '}${name}`,
      `there ${many ? 'are' : 'is'} no ${name}`,
    ];
  },
  'cover-density': ({ density, exactly }) => {
    const name = DENSITY[density];
    if (exactly) return [`the cover is ${name}`, `the cover is not ${name}`];
    return [
      density === DENSITY.length - 1 ? `the cover is ${name}` : `the cover is ${name} or thicker`,
      `the cover is ${DENSITY[density - 1]} at most`,
    ];
  },
  'weed-density': ({ density }) =>
    density === 3
      ? ['the weed is thick', 'the weed is not thick']
      : ['the weed is more than sparse', 'the weed is sparse at most'],
  'several-covers': () => ['there are several kinds of cover', 'there is one kind of cover at most'],
  'food-known': () => ['what they eat is known', 'what they eat is not known'],
  'one-food': () => ['they eat one thing only', 'they eat several things'],
  'first-food': ({ food }) => [`${food} is first among their food`, `${food} is not first among their food`],
  food: ({ food }) => [`they eat ${food}`, `they do not eat ${food}`],
  'wanted-from': ({ ft }) => [`it is wanted from {ft ${ft}} down`, `it is wanted from above {ft ${ft}}`],
  'wanted-to': ({ ft }) => [`it is wanted down to {ft ${ft}} or deeper`, `it is wanted above {ft ${ft}}`],
  'depth-asked': () => ['a depth is asked for', 'no depth is asked for'],
  'weed-top-known': () => ['the top of the weed is known', 'the top of the weed is not known'],
  'weed-top-below': ({ in: inches }) => [
    `it ends more than {in ${inches}} below the surface`,
    `it ends within {in ${inches}} of the surface`,
  ],
  family: ({ family }) => [`it is about ${FAMILY_NAME[family]}`, `it is not about ${FAMILY_NAME[family]}`],
  'no-hook-allowed': () => ['no hook is allowed here', 'a hook is allowed here'],
  'trailer-hook-allowed': () => ['a trailer hook is allowed here', 'no trailer hook is allowed here'],
  school: ({ school }) => [`the school is “${plain(school)}”`, `the school is not “${plain(school)}”`],
  'rig-family': ({ family }) => RIG_FAMILY[family],
  'reeled-family': () => ['it is a vibrating jig or a spinnerbait', 'it is a skirted jig'],
  head: ({ styles }) => [
    `it is a ${either(styles)} head`,
    `it is ${styles.length === 1 ? 'not a' : 'no'} ${either(styles)} head`,
  ],
  trailer: ({ kinds }) => [
    `the trailer is a ${either(kinds)}`,
    `the trailer is ${kinds.length === 1 ? 'not a' : 'no'} ${either(kinds)}`,
  ],
  'trailer-long': ({ in: inches }) => [
    `the trailer is {in ${inches}} long or longer`,
    `the trailer is shorter than {in ${inches}}`,
  ],
  'trailer-short': ({ in: inches }) => [
    `the trailer is {in ${inches}} long at most`,
    `the trailer is longer than {in ${inches}}`,
  ],
  has: ({ part }) => [`it has a ${PART[part]}`, `it has no ${PART[part]}`],
  'hung-by-its-end': () => ['the trailer hangs by its end', 'the trailer is threaded on'],
  plate: ({ size }) => [`its plate is ${size}`, `its plate is not ${size}`],
  'guard-of': ({ kind }) =>
    kind === 'fibre'
      ? ['its guard is of fibres', 'its guard is not of fibres']
      : ['its guard is of wire', 'its guard is not of wire'],
  fibres: ({ count }) => [`its guard has ${count} fibres or more`, `its guard has fewer than ${count} fibres`],
  strands: ({ count }) => [`its skirt has ${count} strands or more`, `its skirt has fewer than ${count} strands`],
  'arms-open': () => ['its arms are not pressed together yet', 'its arms are pressed together'],
  'round-blades': () => ['all its blades are round', 'not all its blades are round'],
  'large-round-blade': () => ['one of its blades is large and round', 'none of its blades is large and round'],
  finesse: () => ['it is a finesse head', 'it is a full-size head'],
  'light-head': ({ oz }) => [`the head weighs {oz ${oz}} at most`, `the head weighs more than {oz ${oz}}`],
  'stout-wire': () => ['its wire is heavy or stouter', 'its wire is lighter than heavy'],
  'tail-works': () => ['its tail works against a head', 'its tail does not work against a head'],
  'tail-match': ({ match }) => [`the match of tail and head is ${match}`, `the match of tail and head is not ${match}`],
  fast: ({ mps }) => [`it is brought back at {mps ${mps}} or faster`, `it is brought back slower than {mps ${mps}}`],
  'very-fast': () => ['it is brought back very fast', 'it is not brought back very fast'],
  shaken: () => ['the tail does not fit the head, or a warm edge holds active fish', 'the tail fits the head'],
};
