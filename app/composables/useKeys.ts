import { onBeforeUnmount, onMounted } from 'vue';

/** True while a key belongs to a field or an open dialog, not to the app. */
function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return (
    event.defaultPrevented ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    target?.isContentEditable === true ||
    ['INPUT', 'TEXTAREA', 'SELECT'].includes(target?.tagName ?? '') ||
    document.querySelector('.v-overlay--active [role="dialog"], .v-overlay--active[role="dialog"]') !== null
  );
}

/** Single keys that work anywhere on a page but in a field. */
export function useKeys(keys: Readonly<Record<string, () => void>>): void {
  const onKey = (event: KeyboardEvent): void => {
    const act = keys[event.key];
    if (!act || isTyping(event)) return;
    event.preventDefault();
    act();
  };
  onMounted(() => window.addEventListener('keydown', onKey));
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey));
}
