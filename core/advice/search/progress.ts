/** Work done at one go. */
export function finished<T>(work: Generator<unknown, T>): T {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}

/** The same, telling how far it is. */
export function finishedIn<T>(work: Generator<number, T>, tell: (done: number) => void): T {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    tell(step.value);
  }
}

/** A generator's own progress as a part of the whole. */
export function* scaled<T>(work: Generator<number, T>, from: number, to: number): Generator<number, T> {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    yield from + (to - from) * step.value;
  }
}

/** Passes a search's pauses on as progress that creeps towards the end of its share. */
export function* paced<T>(search: Generator<void, T>, from: number, to: number): Generator<number, T> {
  for (let left = to - from; ; left *= 0.9) {
    const step = search.next();
    if (step.done) return step.value;
    yield to - left * 0.9;
  }
}
