const NAME = 'pandero-opening';

/** Locks between the pages of this app; a browser over plain http gives none, and keeps no app that could be new either. */
const locks = (): LockManager | null => (navigator as Partial<Navigator>).locks ?? null;

/** Lets other pages know that this one is still being opened, until a promise is done. Opening waits for nobody. */
export function markOpening(opened: Promise<unknown>): void {
  void locks()?.request(NAME, { mode: 'shared' }, () => opened.catch(() => undefined));
}

/** Runs something once no page of the app is still opening. */
export async function onceAllAreOpen(work: () => Promise<void>): Promise<void> {
  const here = locks();
  if (here) await here.request(NAME, work);
  else await work();
}
