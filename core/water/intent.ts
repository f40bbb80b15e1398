import * as z from 'zod/mini';
import type { IssueCode } from '../result';
import { massKgFromOz, ozFromMassKg } from '../units/units';

/** What a water, or an angler, can ask of a rig as a band on a scale. */
export const WANT_IDS = [
  'fall',
  'weight',
  'push',
  'show',
  'length',
  'ratio',
  'snag',
  'run',
  'hold',
  'window',
  'kick',
] as const;
export type WantId = (typeof WANT_IDS)[number];

/** A want as files have it: its unit there, and how far its scale reaches. */
interface WantScale {
  readonly unit: string;
  readonly min: number;
  readonly max: number;
  /** half of the last digit people read, in the core's own units: a miss that vanishes there is none */
  readonly grain: number;
}

/** Scales of the wants in the units of files: weight is written in ounces, all else as the core holds it. */
export const WANT_SCALES: Readonly<Record<WantId, WantScale>> = {
  fall: { unit: 'm/s', min: 0, max: 3, grain: 0.015 },
  weight: { unit: 'oz', min: 0, max: 4, grain: 0.0004 },
  push: { unit: 'index', min: 0, max: 100, grain: 0.5 },
  show: { unit: 'share', min: 0, max: 1, grain: 0.005 },
  length: { unit: 'm', min: 0, max: 0.5, grain: 0.0013 },
  ratio: { unit: 'share', min: 0, max: 1, grain: 0.005 },
  snag: { unit: 'share', min: 0, max: 1, grain: 0.005 },
  run: { unit: 'm', min: 0, max: 40, grain: 0.015 },
  hold: { unit: 'm/s', min: 0, max: 5, grain: 0.015 },
  window: { unit: 'ratio', min: 0, max: 20, grain: 0.05 },
  kick: { unit: 'ratio', min: 0, max: 20, grain: 0.05 },
};

/** A value of a want from the unit of files to the core's, and back. */
export const wantFromFile = (id: WantId, value: number): number => (id === 'weight' ? massKgFromOz(value) : value);
export const wantToFile = (id: WantId, value: number): number => (id === 'weight' ? ozFromMassKg(value) : value);

const bandOf = ({ min, max }: WantScale) => {
  const end = z.number().check(z.minimum(min), z.maximum(max));
  return z.strictObject({ from: end, to: end }).check(({ value: band, issues }) => {
    if (band.from <= band.to) return;
    const params = { code: 'upside-down-want' satisfies IssueCode, data: { from: band.from, to: band.to } };
    issues.push({ code: 'custom', input: band, path: [], params });
  });
};

type BandSchema = ReturnType<typeof bandOf>;
type IntentShape = { [Id in WantId]: z.ZodMiniExactOptional<BandSchema> };

/** Wants an angler took into their own hands, by want, in the units of files. */
export const intentSchema = z.strictObject(
  Object.fromEntries(WANT_IDS.map((id) => [id, z.exactOptional(bandOf(WANT_SCALES[id]))])) as unknown as IntentShape,
);
export type Intent = z.infer<typeof intentSchema>;
