import Dexie, { type EntityTable, type Transaction } from 'dexie';
import {
  issue,
  parsePart,
  TRAYS,
  type Aside,
  type Build,
  type Belief,
  type KeptOuting,
  type KeptTrip,
  type OwnLog,
  type TimedTest,
  type MeasuredScreen,
  type Settings,
  type Tank,
  type Ticket,
  type Tray,
  type Water,
  type Year,
} from '@core';
import { KeepError, type StoreState } from './cause';
import { STORED } from './stored-kinds';

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
  /** id of the day on the deck */
  | { readonly key: 'on-deck'; readonly value: string }
  /** id of the outing that runs */
  | { readonly key: 'on-water'; readonly value: string }
  /** what drop and wake tests taught; made of them anew whenever one changes */
  | { readonly key: 'belief'; readonly value: Belief | null }
  /** what the log has to say where a rig is picked; made of it anew whenever it changes */
  | { readonly key: 'own-log'; readonly value: OwnLog }
  /** how large a millimetre is on this screen; version 3 kept the number alone */
  | { readonly key: 'screen'; readonly value: MeasuredScreen | number }
  /** changes when everything is cleared or replaced: changes made before that are not written after it */
  | { readonly key: 'epoch'; readonly value: string }
  /** the rigs in the tank and what they run */
  | { readonly key: 'tank'; readonly value: Tank }
  /** the year of temperature and sight that was drawn */
  | { readonly key: 'year'; readonly value: Year }
  /** when the last backup was saved */
  | { readonly key: 'backed-up'; readonly value: string };

/** A water by place and day; `at` tells when it was last changed, ms. */
export interface WaterRow {
  readonly key: string;
  readonly place: string;
  readonly day: string | null;
  readonly at: number;
  readonly value: Water;
}

/** A row that could not be read, taken out of its table so that nothing else suffers. */
export interface AsideRow extends Aside {
  readonly id: string;
  /** when it was set aside, ms */
  readonly at: number;
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
  trips!: EntityTable<KeptTrip, 'id'>;
  outings!: EntityTable<KeptOuting, 'id'>;
  tests!: EntityTable<TimedTest, 'id'>;
  setAside!: EntityTable<AsideRow, 'id'>;
  state: StoreState = 'open';
  /** called before the store is handed to another tab; what is still to be written gets its chance */
  onHandOver: () => Promise<unknown> = () => Promise.resolve();
  /** called when the state changes */
  onState: (state: StoreState) => void = () => undefined;

  constructor(name = 'pandero') {
    // what was confirmed is on the disk: a phone may lose its power in a wet hand
    super(name, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({
      settings: 'key',
      waters: 'key',
      parts: 'id, tray, at',
      tickets: 'id, madeAt',
    });
    this.version(2).stores({ waters: 'key, at' }).upgrade(toVersion2);
    this.version(3).stores({ builds: 'id, changedAt' });
    this.version(4).stores({ setAside: 'id, at' });
    this.version(5).stores({ trips: 'id, changedAt' });
    this.version(6).stores({ outings: 'id, changedAt', tests: 'id, changedAt' });
    // returning false keeps the library from warning and reopening by itself
    this.on('blocked', () => {
      this.is('blocked');
      return false;
    });
    this.on('versionchange', ({ newVersion }) => {
      void this.handOver(newVersion === null ? 'deleted' : 'taken-over');
      return false;
    });
    // the browser closed it: its data were cleared
    this.on('close', () => {
      if (this.state !== 'open' || !this.isOpened) return;
      this.is('deleted');
      this.close({ disableAutoOpen: true });
    });
    this.on('ready', () => this.refuseNewer(), true);
  }

  private isOpened = false;

  /** The library opens a store of any later version; what such a store means nobody here knows. */
  private refuseNewer(): void {
    if (Math.floor(this.backendDB().version / 10) > STORE_VERSION) {
      throw new KeepError(issue('store-newer', ''));
    }
    this.isOpened = true;
    this.is('open');
  }

  /** Lets go of the store for good, without a word. */
  override close(how?: { disableAutoOpen: boolean }): void {
    this.isOpened = false;
    super.close(how);
  }

  private is(state: StoreState): void {
    if (this.state === state) return;
    this.state = state;
    this.onState(state);
  }

  /** Lets go of the store: another tab waits for it. */
  private async handOver(as: 'deleted' | 'taken-over'): Promise<void> {
    await Promise.race([this.onHandOver(), new Promise((resolve) => setTimeout(resolve, HAND_OVER_MS))]);
    this.is(as);
    this.close({ disableAutoOpen: true });
  }
}

/** All tables: what touches everything touches them in one transaction. */
export const everyTable = (of: PanderoDatabase) => [of.settings, ...STORED.map(({ table }) => of[table]), of.setAside];

/** Version of the store this app knows. */
export const STORE_VERSION = 6;
/** Longest another tab is kept waiting for what is still to be written here, ms. */
const HAND_OVER_MS = 1000;

export const db = new PanderoDatabase();
