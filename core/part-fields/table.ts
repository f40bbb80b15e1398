import type { Tray } from '../rig/parts/box';
import type { FieldRow } from './field-row';
import { HEADS } from './trays/heads';
import { SKIRTS } from './trays/skirts';
import { TRAILERS } from './trays/trailers';
import { BLADES } from './trays/blades';
import { HOOKS } from './trays/hooks';
import { LINES } from './trays/lines';
import { RODS } from './trays/rods';
import { REELS } from './trays/reels';

/** Fields of the parts of each tray, in the order lists are written. */
export const FIELD_ROWS: Readonly<Record<Tray, readonly FieldRow[]>> = {
  heads: HEADS,
  skirts: SKIRTS,
  trailers: TRAILERS,
  blades: BLADES,
  hooks: HOOKS,
  lines: LINES,
  rods: RODS,
  reels: REELS,
};
