import { DEMO_BOX, NORTH_ARM } from '../demo/brindle-mere';
import {
  advise,
  applyEdit,
  uncutRig,
  benchWater,
  cardSvg,
  catalogueBox,
  changeEffects,
  compileWater,
  cutList,
  bestGear,
  fallBandMps,
  fishedOn,
  gearAt,
  marginsOf,
  fillGaps,
  fishesLikeOz,
  tippingPointsOf,
  groundOf,
  handle,
  holdSpeedMps,
  handlesOf,
  judgeRig,
  layOutCard,
  levelDepthM,
  lureOf,
  mediumAt,
  readBoxCsv,
  reelFor,
  reelRates,
  retrieve,
  retrieveReport,
  rigBody,
  rigFaults,
  rigOutline,
  steadyFall,
  measureBuild,
  measureParts,
  rigHeadOn,
  trailerSheet,
  candidateClasses,
  DEFAULT_PLAN,
  ruleScorer,
  solveRetrieve,
  wantScorer,
  whatToBuy,
  DEFAULT_WATER,
  type RetrievePlan,
  type Rig,
  type Water,
} from '../core';
import { Solver } from 'odex';
import { cardPdf } from '../paper/card-pdf';
import { bigBox } from './big-box';
import { measureJudgement } from './judgement';
import { measureDeck } from './deck';
import { measureLog } from './log';
import { measureTankAndMap } from './tank-and-map';
import { finish, line, medianUs, part, timesLonger, yardstickUs } from './line';

const rig = advise(NORTH_ARM, DEMO_BOX, 1).picks[0]!.rig;
const medium = mediumAt(NORTH_ARM.temperatureC);
const body = rigBody(rig);
const fall = steadyFall(body, medium);

const fallUs = medianUs(2000, () => steadyFall(body, medium));
line('fall', fallUs, 'us', 30);
line('fall-per-yardstick', fallUs / yardstickUs(), 'ratio');
line('fall-with-band', medianUs(1000, () => fallBandMps(body, medium, fall)) + fallUs, 'us', 30);
line(
  'fishes-like',
  medianUs(50, () => fishesLikeOz(rig, medium, fall.speedMps)),
  'us',
);
line(
  'rig-body',
  medianUs(1000, () => rigBody(rig)),
  'us',
);
line(
  'rig-outline',
  medianUs(200, () => rigOutline(rig, body, 'side')),
  'us',
);
line(
  'compile-water',
  medianUs(500, () => compileWater(NORTH_ARM)),
  'us',
);

// one retrieve of 25 m, where it runs level, and a general solver on the same smooth path
const swim: Rig = { ...rig, head: { ...rig.head, style: 'swim' } };
const lure = lureOf(rigBody(swim), medium, 0.2);
const towline = { diameterM: 0.00033, densityKgM3: 1780, tipM: 1 };
const open = groundOf(undefined, null);
const plan = (steps: RetrievePlan['steps']): RetrievePlan => ({
  castM: 25,
  tipHeightM: 1,
  line: { kind: 'fluorocarbon', lb: 15 },
  steps,
});
const steady = plan([
  { do: 'countdown', s: 2 },
  { do: 'reel', mPerS: 0.75 },
]);
line(
  'path-25-m',
  medianUs(200, () => retrieve(lure, steady, open, towline)),
  'us',
  500,
);
const bank = groundOf(
  [
    [0, 0.8],
    [10, 1.6],
    [25, 2.4],
  ],
  null,
  [1],
);
line(
  'path-25-m-over-a-bank',
  medianUs(200, () => retrieve(lure, steady, bank, towline)),
  'us',
  500,
);
line(
  'hold-speed',
  medianUs(500, () => holdSpeedMps(lure, towline, 12.5, 1)),
  'us',
  100,
);
line(
  'level-depth',
  medianUs(500, () => levelDepthM(lure, towline, 12.5, 0.75)),
  'us',
);
line(
  'retrieve-report',
  medianUs(30, () => retrieveReport(swim, steady, null)),
  'us',
);
line(
  'solve-weight',
  medianUs(10, () => solveRetrieve(swim, steady, null, 'weight', 1.2)),
  'us',
);
const SMOOTH_S = 20;
const smooth = plan([
  { do: 'countdown', s: 2 },
  { do: 'reel', mPerS: 0.75, s: SMOOTH_S },
]);
const path = retrieve(lure, smooth, open, towline).path;
const start = path.find(([timeS]) => timeS >= 2 - 1e-9)!;
const rates = reelRates(lure, towline, 0.75);
const solver = new Solver(2);
solver.absoluteTolerance = solver.relativeTolerance = 1e-5;
const general = (): readonly number[] =>
  solver.solve((_, [x, z]) => [...rates(x!, z!)], start[0], [start[1], start[2]], start[0] + SMOOTH_S).y;
const ours = (): readonly number[] => reelFor(lure, open, towline, 0.75, start, SMOOTH_S);
const [theirEnd, ourEnd] = [general(), ours()];
line('general-solver-end-apart', Math.hypot(theirEnd[0]! - ourEnd[0]!, theirEnd[1]! - ourEnd[1]!) * 1000, 'mm', 10);
line('general-solver', medianUs(200, general), 'us');
line('faster-than-general-solver', timesLonger(400, general, ours), 'times');

const demoUs = medianUs(3, () => advise(NORTH_ARM, DEMO_BOX));
line('rank-demo-box', demoUs / 1000, 'ms', 1000);
line('rank-demo-box-rigs', advise(NORTH_ARM, DEMO_BOX).considered, 'rigs');
const catalogue = catalogueBox();
const catalogueMs = medianUs(1, () => advise(NORTH_ARM, catalogue)) / 1000;
line('rank-catalogue', catalogueMs, 'ms');
line('rank-catalogue-rigs', advise(NORTH_ARM, catalogue).considered, 'rigs');

// a box of a thousand parts, many of them weighed
const big = bigBox(1000);
const startedBig = performance.now();
const { considered } = advise(NORTH_ARM, big);
line('rank-1000-parts', performance.now() - startedBig, 'ms', 5000);
line('rank-1000-parts-rigs', considered, 'rigs');
// the same where lures are reeled: each rig has a depth, a hold speed and a window of speeds besides
const overWeed: Water = { ...NORTH_ARM, depthM: 2.4, band: { fromM: 0.3, toM: 1 } };
const startedReeled = performance.now();
advise(overWeed, big);
line('rank-1000-parts-reeled', performance.now() - startedReeled, 'ms', 5000);
// and of twenty thousand: every pair of it is compared
const huge = bigBox(20_000);
const startedHuge = performance.now();
advise(NORTH_ARM, huge);
line('rank-20000-parts', performance.now() - startedHuge, 'ms', 10_000);
const startedHugeReeled = performance.now();
advise(overWeed, huge);
line('rank-20000-parts-reeled', performance.now() - startedHugeReeled, 'ms', 10_000);

// building the numbers of rigs, and scoring them once they are known
const compiled = compileWater(NORTH_ARM);
const space = candidateClasses(catalogue);
const parts = Array.from({ length: 4000 }, (_, i) => {
  const head = space.heads[(i * 31) % space.heads.length]!;
  const skirts = space.skirtSets[head.skirtSet]!.classes;
  const skirt = space.skirts[skirts[(i * 17) % skirts.length]!]!;
  return { head, skirt, trailer: space.trailers[(i * 7) % space.trailers.length]! };
});
const buildUs = medianUs(1, () =>
  parts.map((rig) => measureParts(rig.head, rig.skirt, rig.trailer, medium, compiled.facts)),
);
line('numbers-built', (parts.length / buildUs) * 1e6, 'rigs/s');
line('numbers-built-of-15000', ((parts.length / buildUs) * 1e6) / 15_000, 'ratio');
const reeled = compileWater(overWeed);
const reeledUs = medianUs(1, () =>
  parts.map((rig) => measureParts(rig.head, rig.skirt, rig.trailer, medium, reeled.facts)),
);
line('numbers-built-reeled', (parts.length / reeledUs) * 1e6, 'rigs/s');
line('numbers-built-reeled-of-15000', ((parts.length / reeledUs) * 1e6) / 15_000, 'ratio');
// as the search does it: what head and trailer settle is added up once, then skirt after skirt is tried
const wants = wantScorer(compiled.wants);
const rules = ruleScorer(compiled.prefers, ['skirted']);
const pairs = parts.slice(0, 200).map(({ head, trailer }) => ({
  head,
  trailer,
  worn: space.skirtSets[head.skirtSet]!.classes.map((at) => ({
    skirt: space.skirts[at]!,
    row: measureParts(head, space.skirts[at]!, trailer, medium, compiled.facts),
  })),
}));
const scored = pairs.reduce((count, { worn }) => count + worn.length, 0);
let sum = 0;
const scoreUs = medianUs(5, () => {
  for (const { head, trailer, worn } of pairs) {
    const closed = rules.closed(head, trailer);
    const open = rules.open(head, trailer);
    for (const { skirt, row } of worn) sum += wants.exact(row) + closed + rules.skirt(open, skirt, trailer);
  }
});
line('scored', (scored / scoreUs) * 1e6, 'rigs/s');
line('scored-of-a-million', scored / scoreUs, 'ratio');
if (!Number.isFinite(sum)) throw new Error('scores must be numbers');

// what would flip the first three, by ranking again and again; one rig by itself, and every check of it
const demoPicks = advise(NORTH_ARM, DEMO_BOX, 3, { asks: 'own-school' }).picks.map(({ base }) => base);
line('flips-demo-box', medianUs(1, () => tippingPointsOf(NORTH_ARM, DEMO_BOX, demoPicks)) / 1000, 'ms', 3000);
const startedFlips = performance.now();
tippingPointsOf(
  NORTH_ARM,
  catalogue,
  advise(NORTH_ARM, catalogue, 3, { asks: 'own-school' }).picks.map(({ base }) => base),
);
line('flips-catalogue', performance.now() - startedFlips, 'ms');
const startedFamilies = performance.now();
advise({ ...DEFAULT_WATER, band: { fromM: 0.2, toM: 0.9 } }, catalogue, 8);
line('rank-catalogue-three-families', performance.now() - startedFamilies, 'ms', 5000);
line(
  'judge-rig',
  medianUs(20, () => judgeRig(NORTH_ARM, rig)),
  'us',
  5000,
);
const handled = handle(compiled, rig);
line(
  'checks-of-a-rig',
  medianUs(50, () => rigFaults(rig, { water: NORTH_ARM, plan: handled.plan })),
  'us',
  5000,
);
line('what-to-buy', medianUs(1, () => whatToBuy([NORTH_ARM], DEMO_BOX, 8)) / 1000, 'ms');

const gapsMs = medianUs(1, () => fillGaps(NORTH_ARM, DEMO_BOX)) / 1000;
line('fill-gaps', gapsMs, 'ms');

const csv = `style,weight\n${Array.from({ length: 5000 }, (_, i) => `casting,${1 + (i % 12)}/16 oz`).join('\n')}\n`;
line('csv-5000-rows', medianUs(1, () => readBoxCsv(csv)) / 1000, 'ms');

// the bench: what one movement of a cut costs, in numbers and in drawings, and what a card does
const on = benchWater(NORTH_ARM, rig.family);
const buildSpeedMps = 0.5;
line('bench-build', medianUs(200, () => measureBuild(on, rig, buildSpeedMps)) / 1000, 'ms', 5);
line(
  'bench-build-drawn',
  medianUs(100, () => {
    const of = rigBody(rig);
    return [
      rigOutline(rig, of, 'side'),
      rigOutline(rig, of, 'top'),
      rigHeadOn(rig, of, 0.12),
      trailerSheet(rig),
      handlesOf(rig, of),
    ];
  }) / 1000,
  'ms',
  5,
);
const nosed = applyEdit(rig, uncutRig(rig), 'nose', 12);
const cutRig = nosed.ok ? nosed.rig : rig;
line(
  'bench-which-cut',
  medianUs(50, () => changeEffects(on, uncutRig(rig), measureBuild(on, cutRig, buildSpeedMps))) / 1000,
  'ms',
  16,
);
line('bench-cut-list', medianUs(200, () => cutList(cutRig)) / 1000, 'ms', 5);
const { readouts } = measureBuild(on, cutRig, buildSpeedMps);
const cardOnce = () => layOutCard({ rig: cutRig, readouts, system: 'us', paper: 'a4' });
line('cut-card-pdf', medianUs(5, () => cardPdf(cardOnce())) / 1000, 'ms', 500);
line('cut-card-svg', medianUs(20, () => cardSvg(cardOnce())) / 1000, 'ms', 500);

await part('judgement', measureJudgement);
const fished = fishedOn(NORTH_ARM, rig);
const gear = gearAt(DEMO_BOX, { rod: 0, reel: 0, line: 0 })!;
line('gear-margins', medianUs(200, () => marginsOf(fished, gear)) / 1000, 'ms', 1);
line('gear-best-of-box', medianUs(3, () => bestGear(fished, DEMO_BOX)) / 1000, 'ms');
await part('deck', measureDeck);
await part('log', measureLog);
await part('tank and map', () => measureTankAndMap(rig, DEFAULT_PLAN));
finish();
