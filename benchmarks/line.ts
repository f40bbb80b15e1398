const round = (number: number): number => Number(number.toPrecision(4));
const tell = (name: string, value: number, unit: string): void =>
  console.log(JSON.stringify({ name, value: round(value), unit }));

/** How old a yardstick may be when a line stands beside it, ms. */
const YARDSTICK_MS = 60_000;
let takenAt = -Infinity;

/** A fixed amount of plain arithmetic on this machine, µs: a slow machine shows as a slow yardstick. */
export const yardstickUs = (): number =>
  medianUs(200, () => {
    let sum = 0;
    for (let i = 1; i <= 1000; i++) sum += Math.sqrt(i) * Math.log(i);
    return sum;
  });

/**
 * One result as a JSON line, beside a yardstick taken in the same minute; with a budget also how much of it is used, so that runs on
 * other machines compare.
 */
export function line(name: string, value: number, unit: string, budget?: number): void {
  tell(name, value, unit);
  if (budget !== undefined) tell(`${name}-of-budget`, value / budget, 'ratio');
  if (performance.now() - takenAt < YARDSTICK_MS) return;
  tell('yardstick', yardstickUs(), 'us');
  takenAt = performance.now();
}

const failed: string[] = [];
/** Measures one part; what fails is named at the end, and the others are measured all the same. */
export async function part(name: string, measure: () => unknown): Promise<void> {
  try {
    await measure();
  } catch (error) {
    failed.push(name);
    console.error(`pandero: ${name} could not be measured: ${String(error).split('\n')[0]}`);
  }
}
/** Says which parts failed; the bench has failed where one did. */
export function finish(): void {
  if (failed.length === 0) return;
  console.error(`pandero: not measured: ${failed.join(', ')}`);
  process.exitCode = 1;
}

/** Median time of one call, µs: rounds of many calls, so that the clock's grain does not count. */
export function medianUs(calls: number, work: () => unknown): number {
  for (let i = 0; i < calls; i++) work();
  const rounds = Array.from({ length: 9 }, () => {
    const started = performance.now();
    for (let i = 0; i < calls; i++) work();
    return ((performance.now() - started) * 1000) / calls;
  });
  return rounds.sort((a, b) => a - b)[4]!;
}

/** How many times longer one piece of work takes than another: measured in turns, so that a machine that slows down slows both. */
export function timesLonger(calls: number, slow: () => unknown, fast: () => unknown): number {
  const took = (work: () => unknown): number => {
    const started = performance.now();
    for (let i = 0; i < calls; i++) work();
    return performance.now() - started;
  };
  for (const work of [slow, fast]) took(work);
  const ratios = Array.from({ length: 21 }, () => took(slow) / took(fast));
  return ratios.sort((a, b) => a - b)[10]!;
}
