import { ref, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import {
  issueText,
  MONTHS,
  monthWater,
  startingYear,
  yearSchema,
  type Climate,
  type Purchase,
  type Winner,
  type Year,
} from '@core';
import { useKeptSetting } from '../composables/useKeptSetting';
import { askWhatToBuy } from '../workers/ask-gaps';
import { askCells } from '../workers/ask-map';
import { useBox } from './box';
import { useWater } from './water';

/** Parts that are named as missing. */
const MISSING = 12;

/** The season clock: a year of temperature and sight at the place at hand, and what each month ties. */
export const useYear = defineStore('year', () => {
  const water = useWater();
  const box = useBox();
  const kept = useKeptSetting('year', yearSchema, () => startingYear('mild', water.water.usualVisibilityM));
  const { value: year, load, reload, set } = kept;
  const winners = shallowRef<readonly (Winner | null)[]>([]);
  const missing = shallowRef<readonly Purchase[]>([]);
  const busy = ref(false);
  const problem = ref('');
  let turn = 0;

  const begin = (climate: Climate): Promise<void> => set(startingYear(climate, water.water.usualVisibilityM));
  const setMonth = (of: keyof Year, month: number, value: number): Promise<void> =>
    set({ ...year.value, [of]: year.value[of].with(month, value) });

  function stop(): void {
    turn++;
    busy.value = false;
  }
  /** Asks every month for its first pick, then what the box lacks over the year. */
  async function look(): Promise<void> {
    const mine = ++turn;
    busy.value = true;
    problem.value = '';
    const from = box.box;
    const [on, of] = [water.water, year.value];
    const waters = Array.from({ length: MONTHS }, (_, month) => monthWater(on, of, month));
    const found: (Winner | null)[] = new Array<Winner | null>(MONTHS).fill(null);
    await askCells(
      waters.map((_, month) => month),
      (month) => ({ water: waters[month]!, box: from }),
      (month, answer) => {
        if (mine !== turn) return false;
        if (!answer.ok) {
          problem.value = answer.issues.map(issueText).join(' ');
          return false;
        }
        found[month] = answer.value;
        winners.value = [...found];
        return true;
      },
    );
    if (mine !== turn) return;
    missing.value = [];
    if (problem.value === '') {
      const lacks = await askWhatToBuy(waters, from, MISSING);
      if (mine !== turn) return;
      if (lacks.ok) missing.value = lacks.value;
      else problem.value = lacks.issues.map(issueText).join(' ');
    }
    busy.value = false;
  }
  return { year, winners, missing, busy, problem, load, reload, begin, setMonth, look, stop };
});
