import { onBeforeUnmount, onMounted, ref, type Ref } from 'vue';

/**
 * False while a page is mounted, true one frame later, so that leaving one station and drawing the next are two short tasks instead of one
 * long task.
 */
export function useNextFrame(): Ref<boolean> {
  const ready = ref(false);
  let frame = 0;
  onMounted(() => {
    frame = requestAnimationFrame(() => {
      frame = requestAnimationFrame(() => (ready.value = true));
    });
  });
  onBeforeUnmount(() => cancelAnimationFrame(frame));
  return ready;
}
