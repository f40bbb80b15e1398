import { advise } from './core/advice/recommend/advise';
import { DEMO_BOX, NORTH_ARM } from './demo/brindle-mere';
import { rigTitle } from './core/wording/values';
for (let r = 0; r < 2; r++)
  for (const top of [1, 5, 12]) {
    const t = performance.now();
    let n = 0;
    for (const c of [5, 10, 15, 20, 25]) {
      advise({ ...NORTH_ARM, temperatureC: c }, DEMO_BOX, top);
      n++;
    }
    console.log(top, ((performance.now() - t) / n).toFixed(1), 'ms');
  }
for (const c of [4, 8, 12, 16, 20, 24, 28])
  console.log(
    c,
    [0.15, 0.4, 1, 2.5]
      .map((v) => rigTitle(advise({ ...NORTH_ARM, temperatureC: c, visibilityM: v }, DEMO_BOX, 1).picks[0]!.rig, 'us'))
      .join(' | '),
  );
