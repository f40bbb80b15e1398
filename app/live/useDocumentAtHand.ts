import { computed, ref, shallowRef } from 'vue';
import { sameJson } from '@core';
import { db, type SettingsRow } from '../db/database';
import { keep } from '../db/keep';
import '../db/later-kinds';
import { kindOf, type Rows } from '../db/kinds';
import { keeper } from '../db/our-keeper';
import { STORED, type Stored } from '../db/stored-kinds';
import { useFollowed } from './useFollowed';

/** Kinds of which one document at a time is worked on, told by a setting, and where there may be none. */
type Kind = Exclude<Extract<Stored, { readonly atHand: object }>['kind'], 'water'>;

interface Hears<Row> {
  /** it was brought back by a visit, or laid in the place of another */
  readonly onLaid?: (row: Row) => void;
  /** another tab changed it */
  readonly onOther?: () => void;
  /** there is none any more */
  readonly onCleared?: () => void;
  /** whether it is worked on no more once it is so */
  readonly isOver?: (row: Row) => boolean;
}

/**
 * The document of a kind that is worked on: brought back by the next visit, followed while other tabs change it, and stored at every
 * change against what it was made from.
 */
export function useDocumentAtHand<K extends Kind>(kind: K, hears: Hears<Rows[K]> = {}) {
  type Row = Rows[K];
  const { onLaid, onOther, onCleared, isOver = () => false } = hears;
  const { setting } = STORED.find((stored) => stored.kind === kind)!.atHand!;
  const value = shallowRef<Row | null>(null);
  const loaded = ref(false);
  /** the document as it was read or stored last: what the next change is made of */
  let stored: Row | null = null;
  /** what the store knows of which document it is */
  let pointer: SettingsRow | null = null;

  function clear(): void {
    value.value = null;
    stored = null;
    onCleared?.();
  }
  async function point(to: string): Promise<void> {
    if (pointer?.value === to) return;
    const before = pointer;
    const next: SettingsRow = { key: setting, value: to };
    pointer = next;
    await keeper.put('setting', next, before);
  }
  /** What the store holds now is what is worked on, whoever put it there. */
  function takeUp(row: Row): void {
    if (value.value?.id !== row.id) return;
    stored = row;
    if (isOver(row)) return clear();
    if (!sameJson(value.value, row)) value.value = row;
  }
  useFollowed(
    kind,
    computed(() => value.value?.id ?? null),
    (row) => {
      if (row === null) {
        if (stored !== null && stored.id === value.value?.id) clear();
        return;
      }
      const isOther = stored?.id === row.id && !sameJson(value.value, row);
      takeUp(row);
      if (isOther) onOther?.();
    },
  );

  /**
   * Stores a change of it.
   * @returns whether the store has it; what it has not yet is on the screen, and tried again
   */
  async function store(next: Row): Promise<boolean> {
    value.value = next;
    void point(next.id);
    const kept = await keeper.put(kind, next, stored);
    if (!kept.ok) return false;
    if (kept.value !== null && !keeper.pendingOf(kind, next.id)) takeUp(kept.value);
    return true;
  }
  /**
   * Puts another document in its place.
   * @param base  what the store holds of it; null for a new one
   */
  function lay(next: Row, base: Row | null): Promise<boolean> {
    stored = base;
    value.value = next;
    loaded.value = true;
    onLaid?.(next);
    return store(next);
  }
  /** Works on one that is stored as it is. */
  async function takeOn(row: Row): Promise<void> {
    stored = row;
    value.value = row;
    await point(row.id);
  }

  /** Brings back what was worked on, a change a closing tab kept from the store included. */
  async function load(): Promise<void> {
    if (loaded.value) return;
    await keeper.recovered();
    const found = await keep(async () => {
      const at = keeper.pendingOf('setting', setting)?.row ?? (await db.settings.get(setting)) ?? null;
      if (at?.key !== setting) return { at, row: null };
      const key = at.value as string;
      const waiting = keeper.pendingOf(kind, key);
      return { at, row: waiting ? waiting.row : ((await kindOf(kind).table(db).get(key)) ?? null) };
    });
    // one was laid there meanwhile
    if (loaded.value) return;
    loaded.value = true;
    if (!found.ok) return keeper.report({ what: 'cannot-read', issues: found.issues });
    pointer = found.value.at;
    const { row } = found.value;
    if (row === null) return;
    const checked = kindOf(kind).check(row);
    if (!checked.ok) return keeper.report({ what: 'unreadable-rows', rows: [{ kind, row, issues: checked.issues }] });
    if (isOver(row)) return;
    stored = row;
    value.value = row;
    onLaid?.(row);
  }
  /** Looks again: everything was cleared, or another store put in its place. */
  async function reload(): Promise<void> {
    clear();
    pointer = null;
    loaded.value = false;
    await load();
  }
  /** what the store holds of it, as far as this page knows */
  const base = (): Row | null => stored;
  return { value, loaded, load, reload, clear, store, lay, takeOn, base };
}
