import type { Mailbox } from '../workers/ranker';
import { startWorker } from '../workers/start-worker';

const make = (): Mailbox => startWorker('rank');
let warm: Mailbox | null = null;

/** Stations that show the answer, by the hash of the visit. */
const WITH_ANSWER = /^#?(\/(water|pick|bench)?(\?.*)?)?$/;
export const showsAnswer = (): boolean => WITH_ANSWER.test(location.hash);

/**
 * Has the worker that ranks read its program while the page is still being put up. Only where it is used at once: one that is left
 * idle while it starts keeps a new version of the app from taking over (seen in Chromium 156).
 */
export function warmRanker(): void {
  if (!showsAnswer()) return;
  try {
    warm ??= make();
  } catch {
    // whoever needs it tries again, and says why it cannot be had
    warm = null;
  }
}

/** The worker that was started ahead, once; after that a new one each time. */
export function takeRanker(): Mailbox {
  const taken = warm ?? make();
  warm = null;
  return taken;
}
