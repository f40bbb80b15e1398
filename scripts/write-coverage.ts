import { writeFileSync } from 'node:fs';
import { prepareRetrieve, retrieveReport } from '../core/hold/retrieve-report';
import { predictedFor, taughtBy, type TimedTest } from '../core/log/timed-tests';
import { predict, priorBelief } from '../core/motion/calibration';
import type { Rig } from '../core/rig/parts/schema';
import { TRAILER_KINDS } from '../core/tackle/trailers';
import { filmOf } from '../core/tank/film';
import { measuredOf } from '../core/tank/numbers';
import { versus } from '../core/tank/versus';
import { hiddenTruth, type HiddenTruth } from '../core/testing/fixtures/hidden-truth';
import { jig, spinner, steadyPlan } from '../core/testing/fixtures/rigs';
import { secondsDown, timedSession } from '../core/testing/fixtures/timed-session';
import { DEFAULT_WATER } from '../core/water/schema';

// How often hidden truths lie in the bands that are told: some minutes; `docs/coverage.md` is what it found when it was last run.
const TRUTHS = 400;
const WATER = { ...DEFAULT_WATER, temperatureC: 16, depthM: 30, cover: [] };
const percent = (held: number, of: number): string => `${Math.round((100 * held) / of)} %`;
const worlds = Array.from({ length: TRUTHS }, (_, at) => (at + 1) * 7919);
const holds = ([low, high]: readonly [number, number], value: number): boolean => value >= low && value <= high;

function depthRows(): string[] {
  const rigs: readonly (readonly [string, Rig, number])[] = [
    ['3/8 paddle-tail at 0.6 m/s', jig({ style: 'swim', trailer: 'paddle-tail' }), 0.6],
    ['3/8 straight minnow at 0.7 m/s', jig({ style: 'swim', trailer: 'straight-minnow' }), 0.7],
    ['1/2 flapper craw at 0.5 m/s', jig({ oz: 0.5, trailer: 'flapper-craw' }), 0.5],
    ['1/2 willow at 0.7 m/s', spinner([['willow', 4]]), 0.7],
    ['1/2 Colorado at 0.6 m/s', spinner(), 0.6],
  ];
  return rigs.map(([name, rig, mPerS]) => {
    const plan = steadyPlan(mPerS, 4);
    const band = retrieveReport(rig, plan, null).bandMidCastDepthM!;
    const prepared = prepareRetrieve(rig, plan, null);
    const held = worlds.filter((seed) => holds(band, prepared.midDepthM(hiddenTruth(seed).of(rig)) ?? -1)).length;
    return `| ${name} | ${percent(held, TRUTHS)} |`;
  });
}

function taughtShare(rig: Rig, testsIn: (world: HiddenTruth) => readonly TimedTest[]): string {
  const held = worlds.filter((seed) => {
    const world = hiddenTruth(seed);
    const { belief } = taughtBy(testsIn(world));
    const told = predict(belief ?? priorBelief(), predictedFor(timedSession(world, [rig], '2026-10-01', 1)[0]!))!;
    return holds(told.band, secondsDown(rig, world.of(rig)));
  });
  return percent(held.length, TRUTHS);
}
const CRAW = jig({ trailer: 'flapper-craw' });
const worm = (softness: 'soft' | 'tough'): Rig =>
  jig({ trailer: 'stick-worm', strands: 0, oz: 0.125, more: { softness } });
function testRows(): string[] {
  const days = ['2026-09-20', '2026-09-21', '2026-09-22'] as const;
  return [
    ['one session of one drop', CRAW, (world: HiddenTruth) => timedSession(world, [CRAW], days[0], 1)],
    ['one session of three', CRAW, (world: HiddenTruth) => timedSession(world, [CRAW], days[0], 3)],
    ['one session of ten', CRAW, (world: HiddenTruth) => timedSession(world, [CRAW], days[0], 10)],
    [
      'three sessions of ten',
      CRAW,
      (world: HiddenTruth) => days.flatMap((day) => timedSession(world, [CRAW], day, 10)),
    ],
    [
      'another batch of a stick worm, timed five times',
      worm('soft'),
      (world: HiddenTruth) => timedSession(world, [worm('tough')], days[0], 5),
    ],
    [
      'the same head and skirt with another kind, timed five times',
      jig({ trailer: 'kick-bug' }),
      (world: HiddenTruth) => timedSession(world, [CRAW], days[0], 5),
    ],
  ].map(([name, rig, tests]) => `| ${name as string} | ${taughtShare(rig as Rig, tests as never)} |`);
}

/** Shares of every pair of kinds, in the order of the kinds. */
function pairShares(measure: 'mid-depth' | 'fall'): number[] {
  const plan = steadyPlan(0.7, 2);
  const films = TRAILER_KINDS.map((trailer) => filmOf(jig({ style: 'swim', trailer }), plan, WATER));
  const truths = worlds.map((seed) => {
    const world = hiddenTruth(seed);
    return films.map((film) => measuredOf(film, WATER, world.of(film.rig))[measure]);
  });
  const shares: number[] = [];
  films.forEach((a, one) =>
    films.slice(one + 1).forEach((b, after) => {
      const other = one + 1 + after;
      const { by } = versus(a, b, WATER).find((row) => row.measure === measure)!;
      const known = truths.filter((truth) => truth[one] !== null && truth[other] !== null);
      const held = known.filter((truth) => holds(by!.band!, truth[other]! - truth[one]!));
      shares.push(held.length / known.length);
    }),
  );
  return shares.sort((a, b) => a - b);
}
function pairRow(name: string, measure: 'mid-depth' | 'fall'): string {
  const shares = pairShares(measure);
  const at = (share: number): string => percent(shares[Math.round(share * (shares.length - 1))]!, 1);
  const within = shares.filter((share) => Math.abs(share - 0.8) <= 0.05).length;
  return `| ${name} | ${shares.length} | ${at(0)} | ${at(0.1)} | ${at(0.5)} | ${at(0.9)} | ${at(1)} | ${percent(within, shares.length)} |`;
}

writeFileSync(
  'docs/coverage.md',
  `# How often a band holds

Written by \`npm run docs:coverage\`: ${TRUTHS} hidden truths each, drawn as ADR 5, 12 and 37 have them. A band says four in five.

## Depth half way back, hand and line unknown too

| rig | held |
| --- | --- |
${depthRows().join('\n')}

## Seconds to the bottom after tests, with one wrong tape (5 %) and one hand (0.25 ± 0.07 s) a session

| after | held |
| --- | --- |
${testRows().join('\n')}

## Differences between all pairs of kinds, on one head and skirt

| of | pairs | least | a tenth below | middle | a tenth above | most | within 75 to 85 % |
| --- | --- | --- | --- | --- | --- | --- | --- |
${pairRow('depth half way back', 'mid-depth')}
${pairRow('fall', 'fall')}
`,
);
