import { calibrateBy, type Belief } from '@core';

/** The calibration in force on this page (posterior of the drag and lift factors). */
let inForce: Belief | null = null;
export const beliefNow = (): Belief | null => inForce;

/** Puts a calibration in force, on the page and in every later job of a worker. */
export function workWith(belief: Belief | null): void {
  const isSame = JSON.stringify(inForce) === JSON.stringify(belief);
  inForce = belief;
  if (isSame) return;
  calibrateBy(belief);
  forget();
}

let forget: () => void = () => undefined;
/** Caches register here to hear that the model has changed. */
export const onOtherBelief = (hear: () => void): void => void (forget = hear);

let heard = '';
/** In a worker: puts the calibration of a job in force where it differs from the one before. */
export function heedBelief(belief: Belief | null | undefined): void {
  const text = belief ? JSON.stringify(belief) : '';
  if (text === heard) return;
  heard = text;
  calibrateBy(belief ?? null);
  forget();
}
