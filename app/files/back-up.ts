import { fail, type Result } from '@core';
import { causeOf } from '../db/cause';
import { db } from '../db/database';
import type { AllRows } from '../db/everything';
import { keep } from '../db/keep';
import { keeper } from '../db/our-keeper';
import { useBench } from '../stores/bench';
import { useBox } from '../stores/box';
import { useDeck } from '../stores/deck';
import { useNotices } from '../stores/notices';
import { useOutings } from '../stores/outings';
import { useTickets } from '../stores/tickets';
import { useWater } from '../stores/water';
import { askFiles, onScreen } from './ask-files';
import type { BackupFile, Tell } from './jobs';
import { saveBlob } from './save';
import * as words from '../locale/en/files';

/** The outing that runs, where this page knows of one. */
function runningOnPage(): AllRows['outings'] {
  const { running } = useOutings();
  return running ? [running] : [];
}

/** What stands on the screen of this page, for when the store cannot be read. */
function rowsOnScreen(): AllRows {
  return {
    settings: [],
    waters: useWater().all,
    parts: useBox().rows,
    tickets: useTickets().tickets,
    builds: useBench().all,
    trips: useDeck().all,
    // of the log a page holds the outing that runs, and no more
    outings: runningOnPage(),
    tests: [],
    setAside: [],
  };
}

/** Makes a backup of everything, read back and found whole; from what is on the screen where the store cannot be read. */
export async function backUp(tell?: Tell): Promise<Result<BackupFile & { readonly fromScreen: boolean }>> {
  const madeAt = new Date().toISOString();
  // a store this page has lost would be made anew, empty, by whoever opens it
  const isLost = db.state === 'deleted' || db.state === 'taken-over';
  const made = isLost
    ? fail([causeOf(null, db.state)])
    : await askFiles({ do: 'back-up', onScreen: onScreen(), madeAt, rows: null }, tell);
  if (made.ok) return { ok: true, value: { ...made.value, fromScreen: false } };
  if (!made.issues.some(({ code }) => code.startsWith('store-') || code === 'worker-silent')) return made;
  const again = await askFiles({ do: 'back-up', onScreen: onScreen(), madeAt, rows: rowsOnScreen() }, tell);
  return again.ok ? { ok: true, value: { ...again.value, fromScreen: true } } : fail([...made.issues, ...again.issues]);
}

/** Says what is in a backup, and no more. */
export function backupText({ counts, fromScreen }: BackupFile & { readonly fromScreen: boolean }): string {
  const { waters, parts, tickets, builds, trips, outings, tests, setAside } = counts;
  const held = [
    words.waters(waters),
    words.parts(parts),
    words.tickets(tickets),
    words.builds(builds),
    ...(trips > 0 ? [words.trips(trips)] : []),
    ...(outings > 0 ? [words.outings(outings)] : []),
    ...(tests > 0 ? [words.tests(tests)] : []),
    ...(setAside > 0 ? [words.rowsAside(setAside)] : []),
  ].join(', ');
  return fromScreen ? words.savedFromScreen(held) : words.savedWhole(held);
}

/** Saves a full backup as a file, and remembers when. */
export async function exportAll(tell?: Tell): Promise<void> {
  const notices = useNotices();
  const made = await backUp(tell);
  if (!made.ok) return notices.complain(made.issues);
  const at = new Date().toISOString();
  saveBlob(`pandero-backup-${at.slice(0, 10)}.json`, made.value.blob);
  notices.say(backupText(made.value));
  if (!made.value.fromScreen) {
    const before = await keep(() => db.settings.get('backed-up'));
    void keeper.put('setting', { key: 'backed-up', value: at }, (before.ok && before.value) || null);
  }
}
