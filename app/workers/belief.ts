import { calibrateBy, type Belief } from '@core';

/** What tests taught, as this page works with it. */
let inForce: Belief | null = null;
export const beliefNow = (): Belief | null => inForce;

/** Works with it from now on, on the page and in every job a worker is asked after this. */
export function workWith(belief: Belief | null): void {
  inForce = belief;
  calibrateBy(belief);
  forget();
}

let forget: () => void = () => undefined;
/** Whoever keeps what was computed hears that it is of another model now. */
export const onOtherBelief = (hear: () => void): void => void (forget = hear);

let heard = '';
/** In a worker: works with what came with a job, where it is another than before. */
export function heedBelief(belief: Belief | null | undefined): void {
  const text = belief ? JSON.stringify(belief) : '';
  if (text === heard) return;
  heard = text;
  calibrateBy(belief ?? null);
  forget();
}
