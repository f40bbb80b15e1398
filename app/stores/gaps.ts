import { ref, shallowRef, watch } from 'vue';
import { defineStore } from 'pinia';
import { issueText, type Gaps } from '@core';
import { useBox } from './box';
import { useWater } from './water';
import { askGaps } from '../workers/ask-gaps';

/** Parts up to which a box is searched without being asked to: a large one takes its time. */
const UNASKED = 2000;

/** What the fewest further parts would add on the water at hand; it belongs to one water and one box. */
export const useGaps = defineStore('gaps', () => {
  const box = useBox();
  const water = useWater();
  const gaps = shallowRef<Gaps | null>(null);
  const busy = ref(false);
  const problem = ref('');
  let turn = 0;

  watch([() => water.water, () => box.box], () => {
    turn++;
    gaps.value = null;
    busy.value = false;
  });

  async function look(): Promise<void> {
    const mine = ++turn;
    busy.value = true;
    problem.value = '';
    const found = await askGaps(water.water, box.box);
    if (mine !== turn) return;
    busy.value = false;
    if (found.ok) gaps.value = found.value;
    else problem.value = found.issues.map(issueText).join(' ');
  }
  /** Looks without being asked, where that is quick and nothing is known yet. */
  function lookUnasked(): void {
    if (box.ready && box.count > 0 && box.count <= UNASKED && gaps.value === null && !busy.value) void look();
  }
  return { gaps, busy, problem, look, lookUnasked };
});
