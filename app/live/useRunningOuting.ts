import { onScopeDispose, shallowRef, type Ref } from 'vue';
import { liveQuery } from 'dexie';
import { db } from '../db/database';

/** The outing that runs, in short: nothing of it is read but since when. */
export interface RunningOuting {
  readonly id: string;
  /** moment, ISO 8601 with the offset of the place */
  readonly from: string;
}

/** The outing the store says one is out on; null when there is none, or the store cannot be read: whoever opens the log is told why. */
export async function readRunningOuting(): Promise<RunningOuting | null> {
  const at = await db.settings.get('on-water');
  if (at?.key !== 'on-water') return null;
  const outing = await db.outings.get(at.value);
  return outing && outing.to === null ? { id: outing.id, from: outing.from } : null;
}

/** An outing is read whole, and its keys store it often: it is looked at once a while, not at every key. */
const LOOK_AFTER_MS = 1000;

/** The outing that runs, begun and ended in whichever tab: a mark on the way to the log, without the log. */
export function useRunningOuting(): Ref<RunningOuting | null> {
  const running = shallowRef<RunningOuting | null>(null);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const look = async (): Promise<void> => {
    timer = undefined;
    running.value = await readRunningOuting().catch(() => null);
  };
  // what tells that something changed costs no outing
  const following = liveQuery(() =>
    Promise.all([db.settings.get('on-water'), db.outings.orderBy('changedAt').reverse().limit(1).keys()]),
  ).subscribe({
    next: () => (timer ??= setTimeout(() => void look(), running.value === null ? 0 : LOOK_AFTER_MS)),
    error: () => (running.value = null),
  });
  onScopeDispose(() => {
    following.unsubscribe();
    clearTimeout(timer);
  });
  return running;
}
