import { db } from '../db/database';
import * as words from '../locale/en/notices';

const DAY_MS = 86_400_000;
/** A backup older than that is worth a word. */
const OLD_DAYS = 14;

/**
 * A word about the last backup, where there is something to lose.
 * @param now  ms
 * @returns null where nothing needs to be said
 */
export async function backupReminder(now: number): Promise<string | null> {
  const [saved, first] = await Promise.all([db.settings.get('backed-up'), db.tickets.orderBy('madeAt').first()]);
  const at = saved?.key === 'backed-up' ? saved.value : null;
  const since = at ?? first?.madeAt;
  if (since === undefined) return null;
  const days = Math.floor((now - Date.parse(since)) / DAY_MS);
  if (!(days >= OLD_DAYS)) return null;
  return at === null ? words.neverBackedUp(days) : words.backupIsOld(days);
}
