import { db } from '../db/database';
import { keep } from '../db/keep';
import { keeper } from '../db/our-keeper';
import { backUp, backupText } from '../files/back-up';
import type { Tell } from '../files/file-jobs';
import { saveBlob } from '../files/save';
import { useNotices } from './notices';

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
