import { computed } from 'vue';
import { MONTHS, numbered, rigTitle, turningPoints } from '@core';
import { useUnits } from '../../../composables/useUnits';
import { TAG } from '../../../locale/en/tag';
import { useYear } from '../../../stores/year';
import { partTitle } from '../../../parts/part-text';
import * as words from '../../../locale/en/year';

/** A month by name, from 0. */
export interface MonthName {
  readonly month: number;
  readonly name: string;
  readonly short: string;
}
/** What a month says: its water, what is tied on and where the year turns. */
export interface MonthRow extends MonthName {
  /** number of its rig; 0 while none is known */
  readonly nth: number;
  readonly water: string;
  readonly ties: string;
  /** what changes from the month before; empty where nothing does */
  readonly turns: string;
  readonly lacks: string;
}

/** any year: a month alone is named */
const ANY_YEAR = 2026;
const named = (month: number, how: 'long' | 'short'): string =>
  new Intl.DateTimeFormat(TAG, { month: how }).format(new Date(ANY_YEAR, month, 15));
export const MONTH_NAMES: readonly MonthName[] = Array.from({ length: MONTHS }, (_, month) => ({
  month,
  name: named(month, 'long'),
  short: named(month, 'short'),
}));

/** The year, month by month, as it is read. */
export function useMonths() {
  const clock = useYear();
  const { show, system } = useUnits();
  /** none before every month is answered */
  const whole = computed(() => {
    const known = clock.winners.filter((won) => won !== undefined);
    return known.length === MONTHS ? known : [];
  });
  const numbers = computed(() => numbered(whole.value));
  const turning = computed(() => new Map(turningPoints(whole.value).map(({ month, changes }) => [month, changes])));

  /** of what is missing, what adds most in a month */
  function lacksIn(month: number): string {
    const [most] = clock.missing
      .flatMap((row) => row.on.filter(({ water }) => water === month).map(({ from, to }) => ({ row, gain: to - from })))
      .sort((a, b) => b.gain - a.gain);
    return most ? partTitle(most.row.tray, most.row.part, system.value) : '';
  }
  function tiesIn(month: number): string {
    const won = clock.winners[month];
    if (won === undefined) return '';
    return won ? rigTitle(won.rig, system.value) : words.noRig;
  }
  const rows = computed<readonly MonthRow[]>(() =>
    MONTH_NAMES.map((name) => ({
      ...name,
      nth: numbers.value[name.month] ?? 0,
      water: [
        show('temperature', clock.year.temperatureC[name.month]!),
        show('visibility', clock.year.visibilityM[name.month]!),
      ].join(', '),
      ties: tiesIn(name.month),
      turns: (turning.value.get(name.month) ?? []).map((change) => words.changes[change]).join(', '),
      lacks: lacksIn(name.month),
    })),
  );
  return { rows };
}
