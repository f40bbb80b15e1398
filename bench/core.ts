import { DEMO_BOX, NORTH_ARM } from '../demo/brindle-mere';
import {
  advise,
  catalogueBox,
  compileWater,
  fallBandMps,
  fillGaps,
  fishesLikeOz,
  mediumAt,
  readBoxCsv,
  rigBody,
  rigOutline,
  steadyFall,
  measureParts,
  rigSpace,
  ruleScorer,
  wantScorer,
} from '../core';
import { bigBox } from './big-box';
import { line, medianUs } from './line';

const rig = advise(NORTH_ARM, DEMO_BOX, 1).picks[0]!.rig;
const medium = mediumAt(NORTH_ARM.temperatureC);
const body = rigBody(rig);
const fall = steadyFall(body, medium);

/** The yardstick of a run: a fixed amount of plain arithmetic on this machine. */
const yardstickUs = medianUs(200, () => {
  let sum = 0;
  for (let i = 1; i <= 1000; i++) sum += Math.sqrt(i) * Math.log(i);
  return sum;
});
line('yardstick', yardstickUs, 'us');

const fallUs = medianUs(2000, () => steadyFall(body, medium));
line('fall', fallUs, 'us', 30);
line('fall-per-yardstick', fallUs / yardstickUs, 'ratio');
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

// building the numbers of rigs, and scoring them once they are known
const compiled = compileWater(NORTH_ARM);
const space = rigSpace(catalogue);
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
// as the search does it: what head and trailer settle is added up once, then skirt after skirt is tried
const wants = wantScorer(compiled.wants);
const rules = ruleScorer(compiled.prefers);
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

const gapsMs = medianUs(1, () => fillGaps(NORTH_ARM, DEMO_BOX)) / 1000;
line('fill-gaps', gapsMs, 'ms');

const csv = `style,weight\n${Array.from({ length: 5000 }, (_, i) => `casting,${1 + (i % 12)}/16 oz`).join('\n')}\n`;
line('csv-5000-rows', medianUs(1, () => readBoxCsv(csv)) / 1000, 'ms');
