import * as z from 'zod/mini';
import { shortText, within } from '../../rig/parts/schema';

/** Settings that travel with a backup. */
export const settingsSchema = z.strictObject({
  units: z.enum(['us', 'metric']),
  theme: z.enum(['light', 'night']),
  source: z.enum(['box', 'catalogue']),
  /** whether picks go on the gear the angler has, or on what each should have; left out, on what there is */
  pickGear: z.exactOptional(z.enum(['own', 'asked'])),
  /** whether picks weigh what the angler’s log says; left out, they do */
  pickLog: z.exactOptional(z.enum(['own', 'none'])),
  /** how late this hand stops a watch, s, where it was measured */
  reactionS: z.exactOptional(within({ min: 0, max: 1 })),
  /** rod, reel and line the angler fishes with, by the ids of the parts; the best of the box where none is named */
  gear: z.exactOptional(
    z.strictObject({
      rod: z.exactOptional(shortText()),
      reel: z.exactOptional(shortText()),
      line: z.exactOptional(shortText()),
    }),
  ),
});
export type Settings = z.infer<typeof settingsSchema>;

/** What a screen can be, CSS pixels a millimetre: beyond it a slider was dragged by mistake. */
export const SCREEN_LIMITS = { min: 1.5, max: 12 } as const;

/** How large a millimetre is on a screen, and which screen that was: on another it says nothing. */
export const screenSchema = z.strictObject({
  pxPerMm: within(SCREEN_LIMITS),
  widthPx: z.number(),
  heightPx: z.number(),
  ratio: z.number(),
});
export type MeasuredScreen = z.infer<typeof screenSchema>;
