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
