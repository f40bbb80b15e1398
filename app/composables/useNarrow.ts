import { onBeforeUnmount, ref, type Ref } from 'vue';

/** Widest screen on which a station is one column. */
const ONE_COLUMN = '(max-width: 700px)';

/** Whether this screen is so narrow that drawings stand under each other. */
export function useNarrow(): Ref<boolean> {
  const query = window.matchMedia(ONE_COLUMN);
  const narrow = ref(query.matches);
  const follow = (): void => void (narrow.value = query.matches);
  query.addEventListener('change', follow);
  onBeforeUnmount(() => query.removeEventListener('change', follow));
  return narrow;
}
