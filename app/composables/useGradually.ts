import { onBeforeUnmount, ref, watch, type Ref } from 'vue';

/**
 * Shows a long list a few items a frame, so that no single frame has to draw it all.
 * @param length  how many there are; a new list starts over only when it got shorter
 * @param first   how many at once to begin with
 */
export function useGradually(length: () => number, first: number, perFrame: number): Ref<number> {
  const shown = ref(Math.min(first, length()));
  let frame = 0;
  const grow = (): void => {
    frame = 0;
    if (shown.value >= length()) return;
    shown.value = Math.min(length(), shown.value + perFrame);
    frame = requestAnimationFrame(() => (frame = requestAnimationFrame(grow)));
  };
  watch(
    length,
    (count) => {
      shown.value = Math.min(Math.max(shown.value, first), count);
      if (frame === 0) frame = requestAnimationFrame(grow);
    },
    { immediate: true },
  );
  onBeforeUnmount(() => cancelAnimationFrame(frame));
  return shown;
}
