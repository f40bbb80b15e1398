import Dexie, { type EntityTable, type Transaction } from 'dexie';
import { parsePart, TRAYS, type Build, type Settings, type Ticket, type Tray, type Water } from '@core';

/** One part of the box; `part` is the shape of files without its id. Entries no tray can read are `kept` as they came. */
export interface PartRow {
  readonly id: string;
  readonly tray: Tray | 'kept';
  /** order of entry */
  readonly at: number;
  readonly part: Record<string, unknown>;
}

export type SettingsRow =
  | { readonly key: 'settings'; readonly value: Settings }
  /** key of the water at hand */
  | { readonly key: 'at-hand'; readonly value: string }
  /** id of the build on the bench */
  | { readonly key: 'on-bench'; readonly value: string }
  /** CSS pixels that make a millimetre on this screen */
  | { readonly key: 'screen'; readonly value: number };

/** A water by place and day; `at` tells when it was last changed, ms. */
export interface WaterRow {
  readonly key: string;
  readonly place: string;
  readonly day: string | null;
  readonly at: number;
  readonly value: Water;
}

/** Version 1 kept one water without a place, and parts of later trays whatever they were. */
async function toVersion2(transaction: Transaction): Promise<void> {
  await transaction
    .table('waters')
    .toCollection()
    .modify((row: Partial<WaterRow>) => Object.assign(row, { place: '', day: null, at: 0 }));
  await transaction
    .table('parts')
    .toCollection()
    .modify((row: { tray: string; part: unknown }) => {
      const tray = TRAYS.find((name) => name === row.tray);
      if (tray && parsePart(tray, row.part).ok) return;
      row.part = { tray: row.tray, part: row.part };
      row.tray = 'kept';
    });
}

/** Everything this browser keeps. `version(n)` blocks are append-only. */
export class PanderoDatabase extends Dexie {
  settings!: EntityTable<SettingsRow, 'key'>;
  waters!: EntityTable<WaterRow, 'key'>;
  parts!: EntityTable<PartRow, 'id'>;
  tickets!: EntityTable<Ticket, 'id'>;
  builds!: EntityTable<Build, 'id'>;

  constructor(name = 'pandero') {
    super(name);
    this.version(1).stores({
      settings: 'key',
      waters: 'key',
      parts: 'id, tray, at',
      tickets: 'id, madeAt',
    });
    this.version(2).stores({ waters: 'key, at' }).upgrade(toVersion2);
    this.version(3).stores({ builds: 'id, changedAt' });
  }
}

export const db = new PanderoDatabase();
