import { onScreen } from '../db/page-state';
import { askFiles } from '../files/ask-files';
import { beginAnew } from './begin-anew';
import { useNotices } from './notices';

/** Puts everything back as a backup of it has it. */
export async function bringBack(file: Blob): Promise<void> {
  const back = await askFiles({ do: 'take', file, how: 'all-or-nothing', mode: 'add', onScreen: onScreen() });
  if (!back.ok) return useNotices().complain(back.issues);
  if (back.value.epoch !== null) await beginAnew(back.value.epoch);
}
