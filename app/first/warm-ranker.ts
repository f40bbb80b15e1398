import type { Mailbox } from '../workers/ranker';

const make = (): Mailbox =>
  new Worker(new URL('../workers/rank.worker.ts', import.meta.url), { type: 'module' }) as unknown as Mailbox;
let warm: Mailbox | null = null;

/** Has the worker that ranks read its program while the page is still being put up. */
export function warmRanker(): void {
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
