import { computed, ref, shallowRef, watch } from 'vue';
import { defineStore } from 'pinia';
import type { Advice, Water } from '@core';
import { createRanker, type Mailbox } from '../workers/ranker';
import { useBox } from './box';
import { useNotices } from './notices';
import { useSettings } from './settings';
import { useWater } from './water';

/** How many picks are listed. */
const TOP = 12;

/** The answer to the water at hand, computed in the worker; the newest water wins. */
export const useAdvice = defineStore('advice', () => {
  const water = useWater();
  const box = useBox();
  const settings = useSettings();
  const notices = useNotices();

  const advice = shallowRef<Advice | null>(null);
  /** the water the answer belongs to */
  const answered = shallowRef<Water | null>(null);
  const tookMs = ref(0);
  const ranking = ref(false);
  let asked: Water | null = null;

  const worker = new Worker(new URL('../workers/rank.worker.ts', import.meta.url), { type: 'module' });
  const ranker = createRanker(worker as unknown as Mailbox, (reply) => {
    ranking.value = false;
    if (!reply.ok) {
      notices.complainIn([
        `Ranking failed, which is our own fault: ${reply.bug.split('\n')[0] ?? ''}. Reload the page; what you entered is kept.`,
      ]);
      return;
    }
    advice.value = reply.advice;
    answered.value = asked;
    tookMs.value = reply.tookMs;
  });

  watch(
    [() => water.water, () => box.box, () => settings.settings.source, () => box.ready],
    ([current, owned, source, ready]) => {
      if (!ready) return;
      asked = current;
      ranking.value = true;
      ranker.rank({ water: current, box: source === 'catalogue' ? 'catalogue' : owned, top: TOP });
    },
    { immediate: true },
  );

  const picks = computed(() => advice.value?.picks ?? []);
  return { advice, answered, picks, tookMs, ranking };
});
