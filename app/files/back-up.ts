import { fail, type Result } from '@core';
import { causeOf } from '../db/cause';
import { db } from '../db/database';
import { onScreen, rowsOnScreen } from '../db/page-state';
import { askFiles } from './ask-files';
import type { BackupFile, Tell } from './file-jobs';
import * as words from '../locale/en/files';

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

/** What there is, counted: the four kinds everybody has, and the others where there are any. */
export const heldText = ({
  waters,
  parts,
  tickets,
  builds,
  trips,
  outings,
  tests,
  setAside,
}: BackupFile['counts']): string =>
  [
    words.waters(waters),
    words.parts(parts),
    words.tickets(tickets),
    words.builds(builds),
    ...(trips > 0 ? [words.trips(trips)] : []),
    ...(outings > 0 ? [words.outings(outings)] : []),
    ...(tests > 0 ? [words.tests(tests)] : []),
    ...(setAside > 0 ? [words.rowsAside(setAside)] : []),
  ].join(', ');

/** Says what is in a backup, and no more. */
export function backupText({ counts, fromScreen }: BackupFile & { readonly fromScreen: boolean }): string {
  const held = heldText(counts);
  return fromScreen ? words.savedFromScreen(held) : words.savedWhole(held);
}
