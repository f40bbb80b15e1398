import type { Tray } from '@core';
import type { PartRow } from '../../db/database';

/** A part in one of the trays, not an entry that is only kept. */
export type TrayRow = PartRow & { readonly tray: Tray };
