/** One result as a JSON line; with a budget also how much of it is used, so that runs on other machines compare. */
export function line(name: string, value: number, unit: string, budget?: number): void {
  const round = (number: number): number => Number(number.toPrecision(4));
  console.log(JSON.stringify({ name, value: round(value), unit }));
  if (budget !== undefined)
    console.log(JSON.stringify({ name: `${name}-of-budget`, value: round(value / budget), unit: 'ratio' }));
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
