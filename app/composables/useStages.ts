import { onBeforeUnmount, onMounted, ref, type Ref } from 'vue';
import { nextPaint } from '../first/breath';

/**
 * Puts a page up in stages: 0 at once, then one more after each picture, so that no task has to draw the whole page and what is
 * clicked or typed meanwhile is heard.
 * @param last  the stage at which all of it stands
 */
export function useStages(last: number): Ref<number> {
  const stage = ref(0);
  let isGone = false;
  onMounted(async () => {
    while (!isGone && stage.value < last) {
      await nextPaint();
      stage.value++;
    }
  });
  onBeforeUnmount(() => (isGone = true));
  return stage;
}
