import { prepareRetrieve, type PreparedRetrieve } from '../../hold/retrieve-report';
import { fallenM, steadyFall } from '../../motion/fall';
import type { PathPoint } from '../../motion/path';
import type { FishingLine, RetrievePlan, RetrieveStep } from '../../motion/plan';
import { reelFor } from '../../motion/tow';
import type { Rig } from '../../rig/parts/schema';
import { DEFAULT_WATER } from '../../water/schema';
import { jig, spinner } from '../fixtures/rigs';
import type { Compared } from './comparison';
import { lineOfMasses, type MassesPath, type Stretch } from './line-of-masses';

/** A cast that is compared with a line of masses. */
export interface LineCast {
  readonly of: string;
  readonly rig: Rig;
  readonly line: FishingLine;
  readonly castM: number;
  readonly tipM: number;
  readonly countS: number;
  readonly reelMps: number;
  /** lets the lure hang on a closed spool between stretches of reeling */
  readonly yoyo?: { readonly reelS: number; readonly hangS: number };
  /** what another such line gave, by other hands, m */
  readonly otherM?: number;
}

const nylon = (lb: number): FishingLine => ({ kind: 'nylon', lb });
const fluoro = (lb: number): FishingLine => ({ kind: 'fluorocarbon', lb });
const braid = (lb: number): FishingLine => ({ kind: 'braid', lb });

const WORM = jig({ style: 'swim', oz: 3 / 16, trailer: 'swim-worm', lengthIn: 3 });
const PADDLE = jig({ style: 'swim', oz: 3 / 8, trailer: 'paddle-tail', lengthIn: 3.75 });
const CHUNK = jig();
const COLORADO = spinner([['colorado', 4]]);
const WILLOWS = spinner([
  ['willow', 4],
  ['willow', 4],
]);

/** Rigs of the grid: light and heavy, slim and bulky, with blades. */
const RIGS: readonly (readonly [string, Rig])[] = [
  ['3/8 chunk', CHUNK],
  ['1/2 flapper craw', jig({ oz: 0.5, trailer: 'flapper-craw' })],
  ['3/8 paddle-tail', PADDLE],
  ['1/4 straight minnow', jig({ style: 'swim', oz: 0.25, trailer: 'straight-minnow' })],
  ['1/2 willow', spinner([['willow', 4]])],
  ['3/16 swim worm', WORM],
];
/** Casts of the grid: line, metres, tip, count, reel. */
const CASTS: readonly (readonly [FishingLine, number, number, number, number])[] = [
  [nylon(12), 20, 1, 3, 0.5],
  [braid(30), 30, 0.5, 5, 0.6],
  [fluoro(15), 25, 2, 6, 0.8],
  [fluoro(10), 25, 1, 4, 0.6],
];

/** Casts that begin with the line on the water, 30 of them; the first six by other hands too. */
export const SPLASH_CASTS: readonly LineCast[] = [
  { of: '1/2 Colorado', rig: COLORADO, line: nylon(17), castM: 25, tipM: 1, countS: 4, reelMps: 0.6, otherM: 2.54 },
  { of: '3/8 chunk', rig: CHUNK, line: fluoro(12), castM: 35, tipM: 1, countS: 10, reelMps: 0.4, otherM: 4.63 },
  { of: '3/8 paddle-tail', rig: PADDLE, line: fluoro(15), castM: 25, tipM: 1, countS: 2, reelMps: 0.75, otherM: 1.22 },
  { of: '3/16 swim worm', rig: WORM, line: fluoro(25), castM: 25, tipM: 1, countS: 2, reelMps: 0.5, otherM: 1.81 },
  { of: '1/2 double willow', rig: WILLOWS, line: fluoro(17), castM: 30, tipM: 0.6, countS: 3, reelMps: 1, otherM: 1.9 },
  {
    of: '1/8 finesse worm',
    rig: jig({ oz: 1 / 8, trailer: 'finesse-worm' }),
    line: nylon(6),
    castM: 20,
    tipM: 1.5,
    countS: 5,
    reelMps: 0.3,
  },
  ...RIGS.flatMap(([of, rig]) =>
    CASTS.map(([line, castM, tipM, countS, reelMps]): LineCast => ({ of, rig, line, castM, tipM, countS, reelMps })),
  ),
];
/** Casts that are let hang on a closed spool between stretches of reeling. */
export const YOYO_CASTS: readonly LineCast[] = [
  {
    of: '3/8 paddle-tail',
    rig: PADDLE,
    line: fluoro(15),
    castM: 25,
    tipM: 1,
    countS: 3,
    reelMps: 0.75,
    yoyo: { reelS: 2, hangS: 1.5 },
  },
  {
    of: '1/2 Colorado',
    rig: COLORADO,
    line: nylon(17),
    castM: 25,
    tipM: 1,
    countS: 4,
    reelMps: 0.7,
    yoyo: { reelS: 3, hangS: 2 },
  },
];
/** Casts that begin straight, as if the line had come tight by itself. */
export const STRAIGHT_CASTS: readonly LineCast[] = [
  { of: '3/16 swim worm', rig: WORM, line: fluoro(25), castM: 25, tipM: 1, countS: 2, reelMps: 0.5 },
  { of: '3/16 swim worm', rig: WORM, line: braid(50), castM: 25, tipM: 1, countS: 2, reelMps: 0.5 },
  { of: '3/8 paddle-tail', rig: PADDLE, line: fluoro(25), castM: 25, tipM: 1, countS: 2, reelMps: 0.5 },
  { of: '3/8 paddle-tail', rig: PADDLE, line: braid(50), castM: 25, tipM: 1, countS: 2, reelMps: 0.5 },
  { of: '3/8 paddle-tail', rig: PADDLE, line: nylon(10), castM: 25, tipM: 1, countS: 2, reelMps: 0.5 },
];

const TIMES = 8;
const MASSES = 60;

function prepared({ rig, line, castM, tipM, countS, reelMps, yoyo }: LineCast): PreparedRetrieve {
  const reel: RetrieveStep = { do: 'reel', mPerS: reelMps };
  const hung: RetrieveStep[] = yoyo
    ? Array.from({ length: TIMES }).flatMap((): RetrieveStep[] => [
        { ...reel, s: yoyo.reelS },
        { do: 'kill', s: yoyo.hangS },
      ])
    : [];
  const plan: RetrievePlan = { castM, tipHeightM: tipM, line, steps: [{ do: 'countdown', s: countS }, ...hung, reel] };
  return prepareRetrieve(rig, plan, { ...DEFAULT_WATER, temperatureC: 20, depthM: 60, cover: [] });
}

/** A cast both ways, from the splash. */
export function fromSplash(cast: LineCast): {
  readonly ours: ReturnType<PreparedRetrieve['run']>;
  readonly masses: MassesPath;
} {
  const { lure, line, run } = prepared(cast);
  const { castM, countS, reelMps, yoyo } = cast;
  const hung: Stretch[] = yoyo
    ? Array.from({ length: TIMES }).flatMap((): Stretch[] => [
        { do: 'reel', mPerS: reelMps, s: yoyo.reelS },
        { do: 'reel', mPerS: 0, s: yoyo.hangS },
      ])
    : [];
  const stretches: Stretch[] = [{ do: 'count', s: countS, givesM: 0 }, ...hung, { do: 'reel', mPerS: reelMps }];
  return { ours: run(), masses: lineOfMasses({ lure, line, castM, stretches, start: 'splash', masses: MASSES }) };
}

/** Seconds between the points of a path that begins straight. */
const POINT_S = 0.25;
/** A cast both ways, from a straight line. */
export function fromStraight(cast: LineCast): { readonly oursM: number; readonly masses: MassesPath } {
  const { lure, line, ground } = prepared(cast);
  const { castM, countS, reelMps } = cast;
  const toM = fallenM(lure.body, lure.medium, steadyFall(lure.body, lure.medium), countS);
  let [before, at]: PathPoint[] = [
    [0, castM, toM],
    [0, castM, toM],
  ];
  while (at![1] > castM / 2) {
    before = at;
    const [xM, zM] = reelFor(lure, ground, line, reelMps, at!, POINT_S);
    at = [at![0] + POINT_S, xM, zM];
  }
  const share = (before![1] - castM / 2) / (before![1] - at![1]);
  const stretches: Stretch[] = [{ do: 'reel', mPerS: reelMps }];
  return {
    oursM: before![2] + share * (at![2] - before![2]),
    masses: lineOfMasses({ lure, line, castM, stretches, start: { straightToM: toM }, masses: MASSES }),
  };
}

const lineName = ({ kind, lb }: FishingLine): string => `${lb} lb ${kind}`;
const nameOf = ({ of, line, castM, countS, reelMps }: LineCast): string =>
  `${of} on ${lineName(line)}, ${castM} m, ${countS} s, ${reelMps} m/s`;
const SOURCE = `a line of ${MASSES} masses, integrated by itself (\`core/testing/independent/line-of-masses.ts\`)`;
const OTHER = 'another line of 80 to 210 masses, by other hands';

/** How near ours comes to the line of masses, as a share: from the splash, hung in between, and from a straight line. */
const WITHIN = { splash: 0.15, yoyo: 0.1, straight: 0.05 } as const;

export function linesCompared(): readonly Compared[] {
  const splashed = (casts: readonly LineCast[], what: string, within: number): Compared[] =>
    casts.flatMap((cast): Compared[] => {
      const { ours, masses } = fromSplash(cast);
      const row = { of: `${what}, ${nameOf(cast)}`, unit: 'm', ours: ours.midCastDepthM ?? 0, within };
      return [
        { ...row, theirs: masses.midM, source: SOURCE },
        ...(cast.otherM === undefined ? [] : [{ ...row, theirs: cast.otherM, source: OTHER }]),
      ];
    });
  return [
    ...splashed(SPLASH_CASTS, 'depth half way back from the splash', WITHIN.splash),
    ...splashed(YOYO_CASTS, 'depth half way back, hung in between', WITHIN.yoyo),
    ...STRAIGHT_CASTS.map((cast): Compared => {
      const { oursM, masses } = fromStraight(cast);
      const row = { of: `depth half way back from a straight line, ${nameOf(cast)}`, unit: 'm' };
      return { ...row, ours: oursM, theirs: masses.midM, within: WITHIN.straight, source: SOURCE };
    }),
  ];
}
