import Dexie, { type EntityTable } from 'dexie';
import type { LaterTray, Settings, Ticket, Tray, Water } from '@core';

/** One part of the box; `part` is the shape of files without its id. */
export interface PartRow {
  readonly id: string;
  readonly tray: Tray | LaterTray;
  /** order of entry */
  readonly at: number;
  readonly part: Record<string, unknown>;
}

export interface SettingsRow {
  readonly key: 'settings';
  readonly value: Settings;
}

export interface WaterRow {
  readonly key: 'current';
  readonly value: Water;
}

/** Everything this browser keeps. `version(n)` blocks are append-only. */
export class PanderoDatabase extends Dexie {
  settings!: EntityTable<SettingsRow, 'key'>;
  waters!: EntityTable<WaterRow, 'key'>;
  parts!: EntityTable<PartRow, 'id'>;
  tickets!: EntityTable<Ticket, 'id'>;

  constructor(name = 'pandero') {
    super(name);
    this.version(1).stores({
      settings: 'key',
      waters: 'key',
      parts: 'id, tray, at',
      tickets: 'id, madeAt',
    });
  }
}

export const db = new PanderoDatabase();
