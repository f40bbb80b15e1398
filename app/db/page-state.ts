import type { Settings } from '@core';
import type { AllRows, OnScreen } from './everything';
import type { KindName, Rows } from './kinds';
import { keeper } from './our-keeper';
import { perTable, type StoredTable } from './stored-kinds';

/** What is shown before any settings were stored. */
export const DEFAULT_SETTINGS: Settings = { units: 'us', theme: 'light', source: 'box' };

/** The screen in front of us: what it measures elsewhere says nothing here. */
export const thisScreen = (): OnScreen['screen'] => ({
  widthPx: globalThis.screen?.width ?? 0,
  heightPx: globalThis.screen?.height ?? 0,
  ratio: globalThis.devicePixelRatio ?? 1,
});

let settingsShown = (): Settings => DEFAULT_SETTINGS;
const rowsShown = new Map<KindName, () => readonly unknown[]>();
const looksAgain = new Map<string, () => Promise<unknown>>();

/** Whoever shows the settings registers here; a backup takes them from there. */
export const showsSettings = (settings: () => Settings): void => void (settingsShown = settings);
/** Whoever shows documents of a kind registers here: where the store cannot be read, a backup is made of what is on the screen. */
export const showsRows = <K extends KindName>(kind: K, rows: () => readonly Rows[K][]): void =>
  void rowsShown.set(kind, rows);
/** Whoever shows something of the store registers how to read it again, by a name of its own. */
export const onBeginAnew = (name: string, look: () => Promise<unknown>): void => void looksAgain.set(name, look);

/** State that only the page has, such as changes not yet stored. */
export const onScreen = (): OnScreen => ({
  settings: { ...settingsShown() },
  waiting: keeper.waiting(),
  screen: thisScreen(),
});

/** The documents on the screen of this page. */
export const rowsOnScreen = (): AllRows => ({
  ...(perTable(({ kind }) => rowsShown.get(kind)?.() ?? []) as Pick<AllRows, StoredTable>),
  settings: [],
  setAside: [],
});

/** Everything was cleared or replaced: what was noted before is forgotten, and everything on the screen is read again. */
export async function beginAnew(epoch: string): Promise<void> {
  keeper.forget(epoch);
  await Promise.all([...looksAgain.values()].map((look) => look()));
}
