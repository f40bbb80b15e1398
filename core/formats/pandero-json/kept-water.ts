import * as z from 'zod/mini';
import { shortText } from '../../rig/parts/schema';
import { waterSchema } from '../../water/schema';

/** A water as it is kept: what it was, where and on which day. */
export const keptWaterSchema = z.strictObject({
  id: shortText(),
  place: shortText(0),
  day: z.nullable(z.iso.date()),
  water: waterSchema,
});
export type KeptWater = z.infer<typeof keptWaterSchema>;
