import { writeBackup, type Backup, type Result } from '@core';
import { makeBackup } from '../db/backup';
import { keep } from '../db/keep';
import { useNotices } from '../stores/notices';
import { useSettings } from '../stores/settings';
import { saveText } from './save-text';

/** Everything this browser holds, as it stands now. */
export const backupNow = (): Promise<Result<Backup>> =>
  keep(() => makeBackup({ ...useSettings().settings }, new Date().toISOString()));

/** Saves a full backup as a file. */
export async function exportAll(): Promise<void> {
  const notices = useNotices();
  const made = await backupNow();
  if (!made.ok) return notices.complain(made.issues);
  saveText(`pandero-backup-${made.value.madeAt.slice(0, 10)}.json`, writeBackup(made.value), 'application/json');
  notices.say('Everything is in the file you just saved.');
}
