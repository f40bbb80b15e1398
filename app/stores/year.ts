import { ref, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import {
  issueText,
  MONTHS,
  monthWater,
  purchasesOf,
  startingYear,
  yearSchema,
  type Box,
  type Climate,
  type Gains,
  type Purchase,
  type Result,
  type Water,
  type Winner,
  type Year,
} from '@core';
import { onBeginAnew } from '../db/page-state';
import { useKeptSetting } from '../live/useKeptSetting';
import { askLacks, askLeads } from '../workers/ask-map';
import { useBox } from './box';
import { useWater } from './water';

/** Answers by the water they are of, as JSON. */
type Answers<V> = Map<string, V>;

/** The season clock: a year of temperature and sight at the place at hand, and what each month ties. */
export const useYear = defineStore('year', () => {
  const water = useWater();
  const box = useBox();
  const kept = useKeptSetting('year', yearSchema, () => startingYear('mild', water.water.usualVisibilityM));
  const { value: year, load, reload, set } = kept;
  onBeginAnew('year', reload);
  /** by month: null where the box has no rig, undefined where nobody was asked yet */
  const winners = shallowRef<readonly (Winner | null | undefined)[]>([]);
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
  /** what was answered of a water of a month, for the box that was asked of last: a curve that moves in one month asks for that month alone */
  let known: { readonly box: Box; readonly leads: Answers<Winner | null>; readonly lacks: Answers<Gains> } | null =
    null;

  /** Asks every month for its first pick, then what the box lacks over the year. */
  async function look(): Promise<void> {
    const mine = ++turn;
    busy.value = true;
    problem.value = '';
    const from = box.box;
    if (known?.box !== from) {
      known = { box: from, leads: new Map(), lacks: new Map() };
      winners.value = [];
    }
    const { leads, lacks } = known;
    const [on, of] = [water.water, year.value];
    const waters = Array.from({ length: MONTHS }, (_, month) => monthWater(on, of, month));
    const keys = waters.map((one) => JSON.stringify(one));
    const monthsNotIn = (answers: Answers<unknown>): number[] =>
      keys.flatMap((key, month) => (answers.has(key) ? [] : [month]));
    /** takes an answer in; false where nobody waits for it any more */
    const takes =
      <V>(answers: Answers<V>, then: () => void = () => undefined) =>
      (month: number, answer: Result<V>): boolean => {
        if (answer.ok) answers.set(keys[month]!, answer.value);
        if (mine !== turn) return false;
        if (!answer.ok) problem.value = answer.issues.map(issueText).join(' ');
        then();
        return answer.ok;
      };
    /** what stood there before stands until its answer comes */
    const show = (): void =>
      void (winners.value = keys.map((key, month) => (leads.has(key) ? leads.get(key) : winners.value[month])));
    const waterOf = (month: number): Water => waters[month]!;
    show();
    await askLeads(monthsNotIn(leads), waterOf, from, takes(leads, show));
    if (mine === turn && problem.value === '') await askLacks(monthsNotIn(lacks), waterOf, from, takes(lacks));
    if (mine !== turn) return;
    const gains = keys.flatMap((key) => lacks.get(key) ?? []);
    missing.value = gains.length === MONTHS ? purchasesOf(gains, Infinity) : [];
    busy.value = false;
  }
  return { year, winners, missing, busy, problem, load, reload, begin, setMonth, look, stop };
});
