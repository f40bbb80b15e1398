import { trailerHookAllowed, type Water } from '../water/schema';
import { rigBody } from '../rig/body/body';
import { hookPoint } from '../hold/hook-point';
import type { Rig } from '../rig/parts/schema';
import { msOf, type LogEvent } from './schema';

/** What the craft changes where fish strike short. */
export const SHORT_STRIKE_CHANGES = ['slower', 'shorten', 'smaller', 'trailer-hook'] as const;
export type ShortStrikeChange = (typeof SHORT_STRIKE_CHANGES)[number];

/** So many in so long on one rig are more than chance. @source craft-practice */
const FROM_COUNT = 2;
const WITHIN_MS = 45 * 60_000;
/** Plastic behind the bend that can come off, mm. @source craft-practice */
const CAN_COME_OFF_MM = 22;
/** A body so long can be exchanged for a smaller one, mm. @source craft-practice */
const CAN_BE_SMALLER_MM = 70;

/** Strikes on one rod that did not hook, since its rig was tied on and lately; fish that were hooked come off the bites. */
export function shortStrikes(events: readonly LogEvent[], rod: number, nowMs: number): number {
  let [short, bites, hooked, ended] = [0, 0, 0, 0];
  for (const { what, rod: on, at } of events) {
    if (on !== rod) continue;
    if (what === 'tie-on' || what === 'put-down') [short, bites, hooked, ended] = [0, 0, 0, 0];
    if (nowMs - msOf(at) > WITHIN_MS) continue;
    if (what === 'nip') short++;
    if (what === 'bite') bites++;
    if (what === 'hooked') hooked++;
    if (what === 'landed' || what === 'lost') ended++;
  }
  // whoever noted only the last step is understood
  return short + Math.max(0, bites - Math.max(hooked, ended));
}

/** A change for short strikes, with the number it hangs on. */
export interface ShortStrikeAdvice {
  readonly change: ShortStrikeChange;
  /** which because it has: they differ by family */
  readonly because:
    'blades-slow-down' | 'plate-slow-down' | 'jig-slow-down' | 'overhang' | 'long' | 'hook-last' | 'hook-while-fast';
  /** mm behind the bend, or of body */
  readonly mm: number;
}

/**
 * What to change on a rig that is struck short, the first thing to try first. Blades are not chased with another hook: who nips a spinnerbait does not
 * want it as it comes.
 * @source craft-practice
 */
export function shortStrikeAdvice(rig: Rig, water: Water | null, strikes: number): readonly ShortStrikeAdvice[] {
  if (strikes < FROM_COUNT) return [];
  const { overhangMm } = hookPoint(rig, rigBody(rig));
  const bodyMm = rig.trailer ? rig.trailer.lengthMm - rig.trailer.cutNoseMm - rig.trailer.cutTailMm : 0;
  const found: ShortStrikeAdvice[] = [];
  const slower: ShortStrikeAdvice = {
    change: 'slower',
    because:
      rig.family === 'spinner' ? 'blades-slow-down' : rig.family === 'vibrating' ? 'plate-slow-down' : 'jig-slow-down',
    mm: 0,
  };
  const shorten: ShortStrikeAdvice[] =
    overhangMm > CAN_COME_OFF_MM ? [{ change: 'shorten', because: 'overhang', mm: overhangMm }] : [];
  const smaller: ShortStrikeAdvice[] =
    bodyMm > CAN_BE_SMALLER_MM ? [{ change: 'smaller', because: 'long', mm: bodyMm }] : [];
  const hook: ShortStrikeAdvice[] =
    rig.trailerHook || !trailerHookAllowed(water?.localRules, 'single')
      ? []
      : [{ change: 'trailer-hook', because: rig.family === 'skirted' ? 'hook-last' : 'hook-while-fast', mm: 0 }];
  if (rig.family === 'spinner') found.push(slower, ...shorten, ...smaller, ...hook);
  else if (rig.family === 'vibrating') found.push(...shorten, slower, ...smaller, ...hook);
  // a second hook behind a guard fouls what the guard is for
  else found.push(...shorten, ...smaller, slower, ...(rig.guard ? [] : hook));
  return found;
}
