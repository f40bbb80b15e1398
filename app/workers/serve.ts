import type { Belief } from '@core';
import { heedBelief } from './belief';

/** What a worker is sent, and what it answers: that it lives, how far it is, a value, or the text of a bug. */
export interface Asked<Job> {
  readonly id: number;
  readonly job: Job;
  /** what tests taught; left out where none did */
  readonly belief?: Belief | null;
}
export type Answer<Value> =
  | { readonly id: number; readonly progress: number }
  | { readonly id: number; readonly value: Value }
  | { readonly id: number; readonly bug: string };

export const bugText = (error: unknown): string =>
  error instanceof Error ? (error.stack ?? error.message) : String(error);

/** Serves requests in this worker: one job, one answer. */
export function serve<Job, Value>(run: (job: Job, tell: (progress: number) => void) => Value | Promise<Value>): void {
  const post = (answer: Answer<Value>): void => self.postMessage(answer);
  self.addEventListener('message', ({ data: { id, job, belief } }: MessageEvent<Asked<Job>>) => {
    post({ id, progress: 0 });
    heedBelief(belief);
    Promise.resolve()
      .then(() => run(job, (progress) => post({ id, progress })))
      .then(
        (value) => post({ id, value }),
        (error: unknown) => post({ id, bug: bugText(error) }),
      );
  });
}
