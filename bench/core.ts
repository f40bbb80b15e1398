import { DEMO_BOX, NORTH_ARM } from '../demo/brindle-mere';
import {
  advise,
  catalogueBox,
  compileWater,
  fallBandMps,
  fishesLikeOz,
  mediumAt,
  readBoxCsv,
  rigBody,
  rigOutline,
  steadyFall,
} from '../core';
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

const csv = `style,weight\n${Array.from({ length: 5000 }, (_, i) => `casting,${1 + (i % 12)}/16 oz`).join('\n')}\n`;
line('csv-5000-rows', medianUs(1, () => readBoxCsv(csv)) / 1000, 'ms');
