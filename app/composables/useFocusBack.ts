import { onBeforeUnmount } from 'vue';

/** A dialog that goes gives the focus back to what had it when the dialog came; called once while it is put together. */
export function useFocusBack(): void {
  const before = document.activeElement;
  onBeforeUnmount(() => {
    const inDialog = document.activeElement?.closest('.v-overlay') ? document.activeElement : null;
    // once the dialog has let go of it; one that fades may still hold it
    setTimeout(() => {
      const held = document.activeElement;
      const isFree = held === null || held === document.body || held === inDialog;
      if (isFree && before instanceof HTMLElement && before.isConnected) before.focus({ preventScroll: true });
    });
  });
}
