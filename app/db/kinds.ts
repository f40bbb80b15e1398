import {
  byField,
  issue,
  fail,
  keptEntrySchema,
  keptWaterSchema,
  mergeFields,
  ok,
  parsePart,
  parseWith,
  sameJson,
  settingsSchema,
  shortValue,
  STORE_LIMITS,
  TRAYS,
  type Build,
  type KeptOuting,
  type KeptTrip,
  type Meeting,
  type Merged,
  type Result,
  type Ticket,
  type TimedTest,
} from '@core';
import type { EntityTable, Table } from 'dexie';
import type { PanderoDatabase, PartRow, SettingsRow, WaterRow } from './database';
import { STORED, type StoredKind } from './stored-kinds';

/** A kind of document: where it is kept, how it is told apart and checked, and how two hands' changes to one meet. */
export interface Kind<Row> {
  readonly name: KindName;
  table(of: PanderoDatabase): Table<Row, string>;
  key(row: Row): string;
  check(row: unknown): Result<Row>;
  readonly meeting: Meeting<Row>;
  /** most that are kept */
  readonly limit: number;
  /** rows the limit is counted over, where it is not the whole table */
  readonly counted?: { readonly index: string; of(row: Row): string };
}

export type KindName = StoredKind | 'setting';
export const KIND_NAMES: readonly KindName[] = [...STORED.map(({ kind }) => kind), 'setting'];

/** Tables are typed by their key in the library; here every key is a text. */
export const asTable = <Row>(table: unknown): Table<Row, string> => table as Table<Row, string>;

function checkWater(row: unknown): Result<WaterRow> {
  if (typeof row !== 'object' || row === null)
    return fail([issue('wrong-type', '', { expected: 'a water', got: shortValue(row) })]);
  const { key, place, day, at, value } = row as Partial<WaterRow>;
  const parsed = parseWith(keptWaterSchema, { id: key, place, day, water: value });
  if (!parsed.ok) return parsed;
  if (typeof at !== 'number') return fail([issue('not-a-number', 'at', { got: shortValue(at) })]);
  const { id, water, ...rest } = parsed.value;
  return ok({ key: id, ...rest, at, value: water });
}

/** Timestamps never conflict: the later one wins. */
function mergeWaters(base: WaterRow | null, mine: WaterRow, theirs: WaterRow): Merged<WaterRow> {
  const at = Math.max(mine.at, theirs.at);
  return mergeFields(base && { ...base, at }, { ...mine, at }, { ...theirs, at });
}

const water: Kind<WaterRow> = {
  name: 'water',
  table: (of) => asTable(of.waters),
  key: ({ key }) => key,
  check: checkWater,
  meeting: { merge: mergeWaters, isValid: (row) => checkWater(row).ok },
  limit: STORE_LIMITS.waters,
};

/** Nesting limit of an entry that is only stored; files allow a few levels more. */
const KEPT_DEPTH = 50;
const isTooDeep = (value: unknown, left = KEPT_DEPTH): boolean =>
  typeof value === 'object' &&
  value !== null &&
  (left === 0 || Object.values(value).some((inner) => isTooDeep(inner, left - 1)));

function checkPart(row: unknown): Result<PartRow> {
  if (typeof row !== 'object' || row === null)
    return fail([issue('wrong-type', '', { expected: 'a part', got: shortValue(row) })]);
  const { id, tray: of, at, part: what } = row as Partial<PartRow>;
  if (typeof at !== 'number') return fail([issue('not-a-number', 'at', { got: shortValue(at) })]);
  if (of === 'kept') {
    const parsed = parseWith(keptEntrySchema, what);
    if (typeof id !== 'string') return fail([issue('wrong-type', 'id', { expected: 'a text', got: shortValue(id) })]);
    if (!parsed.ok) return parsed;
    const { tray, part: inner } = parsed.value;
    if (isTooDeep(inner)) return fail([issue('too-deep', 'part', { limit: KEPT_DEPTH })]);
    try {
      const plain = JSON.parse(JSON.stringify(inner)) as Record<string, unknown>;
      return ok({ id, tray: of, at, part: { tray, part: plain } });
    } catch {
      return fail([issue('cannot-be-stored', 'part', { got: shortValue(inner) })]);
    }
  }
  const tray = TRAYS.find((name) => name === of);
  if (!tray) return fail([issue('not-one-of', 'tray', { got: shortValue(of), allowed: TRAYS.join(' ') })]);
  // as it stands in files, which know its id as one of its fields
  const parsed = parsePart(tray, { ...what, id });
  if (!parsed.ok) return parsed;
  const { id: own, ...rest } = parsed.value;
  return own === undefined ? fail([issue('missing', 'id')]) : ok({ id: own, tray, at, part: rest });
}

const part: Kind<PartRow> = {
  name: 'part',
  table: (of) => asTable(of.parts as EntityTable<PartRow, 'id'>),
  key: ({ id }) => id,
  check: checkPart,
  meeting: byField((row) => checkPart(row).ok),
  limit: STORE_LIMITS.parts,
  counted: { index: 'tray', of: ({ tray }) => tray },
};

function checkSetting(row: unknown): Result<SettingsRow> {
  const { key, value } = (row ?? {}) as { key?: unknown; value?: unknown };
  if (typeof key !== 'string') return fail([issue('missing', 'key')]);
  if (key === 'settings') {
    const parsed = parseWith(settingsSchema, value);
    return parsed.ok ? ok({ key, value: parsed.value }) : parsed;
  }
  return ok(row as SettingsRow);
}

/** Fields of a tank that are merged as a whole: half of one rig and half of another is no rig, and a programme belongs to its plan. */
const TANK_PARTS = [['rig'], ['other'], ['plan', 'programme'], ['semiTight']] as const;

function mergeTank(base: SettingsRow | null, mine: SettingsRow, theirs: SettingsRow): SettingsRow {
  if (mine.key !== 'tank' || theirs.key !== 'tank' || base?.key !== 'tank') return mine;
  const was = base.value;
  const merged = { ...mine.value };
  for (const names of TANK_PARTS) {
    const isMine = names.some((name) => !sameJson(mine.value[name], was[name]));
    if (!isMine) for (const name of names) Object.assign(merged, { [name]: theirs.value[name] });
  }
  return { ...mine, value: merged };
}

/** Pointers and per-tab settings: the last writer wins. The other settings merge field by field, without a notice. */
function mergeSettings(base: SettingsRow | null, mine: SettingsRow, theirs: SettingsRow): Merged<SettingsRow> {
  // made of other things: whoever made it last has seen more of them
  if (mine.key === 'belief' || mine.key === 'own-log') return { value: mine, clashes: [] };
  if (mine.key === 'tank') return { value: mergeTank(base, mine, theirs), clashes: [] };
  return { value: mergeFields(base, mine, theirs).value, clashes: [] };
}

const setting: Kind<SettingsRow> = {
  name: 'setting',
  table: (of) => asTable(of.settings),
  key: ({ key }) => key,
  check: checkSetting,
  meeting: { merge: mergeSettings, isValid: (row) => checkSetting(row).ok },
  limit: 100,
};

const KINDS = new Map<KindName, unknown>([
  ['water', water],
  ['part', part],
  ['setting', setting],
]);

/** Adds a kind that the first view does without. */
export const addKind = (kind: { readonly name: KindName }): void => void KINDS.set(kind.name, kind);

/** The row of each kind. */
export interface Rows {
  water: WaterRow;
  part: PartRow;
  ticket: Ticket;
  build: Build;
  trip: KeptTrip;
  outing: KeptOuting;
  test: TimedTest;
  setting: SettingsRow;
}

/** @throws Error for a kind that was not loaded: whoever may meet tickets or builds waits for `laterKinds` */
export function kindOf<K extends KindName>(name: K): Kind<Rows[K]> {
  const kind = KINDS.get(name) as Kind<Rows[K]> | undefined;
  if (!kind) throw new Error(`kindOf(${name}): not loaded`);
  return kind;
}
