import { onScreen } from '../db/page-state';
import { askFiles } from '../files/ask-files';
import { backUp } from '../files/back-up';
import * as words from '../locale/en/files';
import { beginAnew } from './begin-anew';
import { useNotices } from './notices';

/**
 * Puts everything back as a backup of it has it. What was entered since is backed up before, and comes back the same way: where that cannot be done
 * nothing is touched, and the way back stays.
 */
export async function bringBack(file: Blob): Promise<void> {
  const notices = useNotices();
  const again = (): Promise<void> => bringBack(file);
  const since = await backUp();
  if (!since.ok) {
    await notices.complain(since.issues);
    return notices.say(words.notBroughtBack, again, 'stays');
  }
  const back = await askFiles({ do: 'take', file, how: 'all-or-nothing', mode: 'add', onScreen: onScreen() });
  if (!back.ok) {
    await notices.complain(back.issues);
    return notices.say(words.notBroughtBack, again, 'stays');
  }
  if (back.value.epoch !== null) await beginAnew(back.value.epoch);
  notices.say(words.broughtBack, () => bringBack(since.value.blob), 'stays');
}
