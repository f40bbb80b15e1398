import { computed, ref, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import { isBelief, sameJson, type Belief, type OwnLog } from '@core';
import { useFollowed } from '../live/useFollowed';
import { db, type SettingsRow } from '../db/database';
import { keep } from '../db/keep';
import { keeper } from '../db/our-keeper';
import { onBeginAnew } from '../db/page-state';
import { workWith } from '../workers/belief';
import { useNotices } from './notices';
import { useWater } from './water';

/**
 * What tests and the log taught, in short: made of them whenever they change, and kept beside them so that the next visit need not read a
 * thousand outings before it answers.
 */
export const useLearned = defineStore('learned', () => {
  const belief = shallowRef<Belief | null>(null);
  const ownLog = shallowRef<OwnLog>({});
  const notices = useNotices();

  /** in short: what a plan was made with; empty without tests */
  const mark = computed(() =>
    belief.value === null
      ? ''
      : `~${belief.value.mean.map((log) => Math.round(1000 * log).toString(36)).join('.')}`.slice(0, 60),
  );

  function work(next: Belief | null): void {
    if (sameJson(next, belief.value)) return;
    belief.value = next;
    workWith(next);
    // whatever was computed is of another model now
    useWater().touch();
  }
  function take(row: SettingsRow | null | undefined): void {
    if (!row) return;
    // one of other factors, of an earlier version, is made anew once its tests are read
    if (row.key === 'belief') work(isBelief(row.value) ? row.value : null);
    if (row.key === 'own-log' && !sameJson(ownLog.value, row.value)) ownLog.value = row.value;
  }
  // cleared in another tab it is gone here too; before anything was taught there is nothing to clear
  useFollowed('setting', ref('belief'), (row) => (row ? take(row) : work(null)));
  useFollowed('setting', ref('own-log'), (row) => (row ? take(row) : (ownLog.value = {})));

  async function load(): Promise<void> {
    const stored = await keep(() => db.settings.bulkGet(['belief', 'own-log']));
    if (!stored.ok) return notices.complain(stored.issues);
    const [beliefRow, logRow] = (['belief', 'own-log'] as const).map(
      (key, at) => keeper.pendingOf('setting', key)?.row ?? stored.value[at],
    );
    if (!beliefRow) work(null);
    if (!logRow) ownLog.value = {};
    take(beliefRow);
    take(logRow);
  }
  onBeginAnew('learned', load);
  /** made of other things: whatever stands there is written over, and nobody is told */
  const store = (row: SettingsRow): void => void keeper.put('setting', row, null);
  function setBelief(next: Belief | null): void {
    if (sameJson(next, belief.value)) return;
    work(next);
    store({ key: 'belief', value: next });
  }
  function setOwnLog(next: OwnLog): void {
    if (sameJson(next, ownLog.value)) return;
    ownLog.value = next;
    store({ key: 'own-log', value: next });
  }
  return { belief, mark, ownLog, load, setBelief, setOwnLog };
});
