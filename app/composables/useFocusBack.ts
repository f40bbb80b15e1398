import { onBeforeUnmount } from 'vue';

/** A dialog that goes gives the focus back to what had it when the dialog came; called once while it is put together. */
export function useFocusBack(): void {
  const before = document.activeElement;
  onBeforeUnmount(() => {
    // once the dialog has let go of it
    setTimeout(() => {
      const isFree = document.activeElement === null || document.activeElement === document.body;
      if (isFree && before instanceof HTMLElement && before.isConnected) before.focus({ preventScroll: true });
    });
  });
}
