import type { WantId } from '../../advice/rules/rule';
import { slidShare } from '../../hold/keeper';
import { hookPoint, type HookPoint, type RollUp } from '../../hold/hook-point';
import { guardCollapseN } from '../../hold/guard';
import type { Band } from '../../motion/bands';
import { steadyFall, type SteadyFall } from '../../motion/fall';
import type { Medium } from '../../motion/medium';
import { onsetOfMps } from '../../motion/kick';
import type { WagVerdict } from '../../motion/tail';
import type { RigBody } from '../../rig/body/body';
import type { Rig } from '../../rig/parts/schema';

/** What a number is counted in; SI inside. `share` runs from 0 to 1, `index` has no unit. */
export type ReadoutUnit =
  'mass' | 'headMass' | 'length' | 'speed' | 'depth' | 'index' | 'hundred' | 'share' | 'degrees' | 'force' | 'word';

export type ReadoutWord = WagVerdict | RollUp | 'wild';

/** A line numbers are placed on, SI; `log` spreads what grows by factors evenly. */
export interface Scale {
  readonly from: number;
  readonly to: number;
  readonly log?: boolean;
}

/** A rig as it is looked at: in which water, at which speed, and what several numbers rest on. */
export interface LookedAt {
  readonly rig: Rig;
  readonly body: RigBody;
  readonly medium: Medium;
  readonly tempC: number;
  readonly depthM: number;
  readonly speedMps: number;
  /** where the water wants a number; null where it asks for none */
  readonly wanted: (id: WantId) => Band | null;
  readonly fall: SteadyFall;
  readonly onsetMps: number | null;
  readonly hook: HookPoint;
  readonly guardN: number | null;
}

/** In what, and against what, a rig is looked at. */
export type LookFrom = Pick<LookedAt, 'medium' | 'tempC' | 'depthM' | 'wanted'>;

export const lookAt = (from: LookFrom, rig: Rig, body: RigBody, speedMps: number): LookedAt => ({
  ...from,
  rig,
  body,
  speedMps,
  fall: steadyFall(body, from.medium),
  onsetMps: onsetOfMps(rig.trailer, from.tempC),
  hook: hookPoint(rig, body, slidShare(rig, body, from.medium, speedMps)),
  guardN: rig.guard ? guardCollapseN(rig.guard) : null,
});

/** What was found of a number. */
export interface Found {
  /** null where the model has no number: nothing of the kind on this rig, or out of its range */
  readonly value: number | null;
  /** 80 % band, or how far an estimate may be off */
  readonly band: Band | null;
  /** where it should lie: what the water asks, or what works at the chosen speed; null where nothing is asked */
  readonly good: Band | null;
  readonly word?: ReadoutWord;
}

/** A number beside the drawing, told once: what it is counted in, the line it is drawn on, how it is computed. */
export interface ReadoutRow {
  readonly unit: ReadoutUnit;
  /** ends of its line; none for what is a word */
  readonly scale?: Scale;
  readonly of: (at: LookedAt) => Found;
}

export const around = (value: number | null, share: number, most = Infinity): Band | null =>
  value === null ? null : [value * (1 - share), Math.min(most, value * (1 + share))];
export const within = (value: number, off: number): Band => [value - off, value + off];
export const upTo = (most: number): Band => [0, most];
export const from = (least: number): Band => [least, Infinity];

/** How far the estimates may be off, as shares, mm and degrees. @source adr-0014 */
export const OFF = {
  lengthMm: 1.5,
  gapMm: 1,
  attackDeg: 5,
  match: 0.25,
  pulse: 0.25,
  puff: 0.15,
  seeThrough: 0.2,
  pinned: 0.3,
  hunting: 0.3,
  blowOver: 0.3,
  upright: 0.25,
  slip: 0.3,
} as const;
