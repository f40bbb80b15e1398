const ASKED = 'pandero-asked-to-keep';

/** Whether the browser was asked before; from now on it was. Some ask their user, who is asked once. */
function hasAsked(): boolean {
  try {
    const before = localStorage.getItem(ASKED) !== null;
    localStorage.setItem(ASKED, 'yes');
    return before;
  } catch {
    return false;
  }
}

/** Asks the browser to keep what is stored for good. Whether it agrees stands under Files; a refusal changes nothing. */
export function askToKeep(): void {
  const storage = (globalThis.navigator as Navigator | undefined)?.storage as StorageManager | undefined;
  if (typeof storage?.persist !== 'function' || hasAsked()) return;
  void storage.persist().catch(() => false);
}
