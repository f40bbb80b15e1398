import type { Ref, ShallowRef } from 'vue';
import { joinOutings, keptOutingSchema, parseWith, splitOuting, type Issue, type KeptOuting, type Result } from '@core';
import { db } from '../db/database';
import { keep } from '../db/keep';
import { keeper } from '../db/our-keeper';
import { newId } from '../new-id';
import type { OutingRow } from '../workers/log';
import { useKeeping } from './keeping';
import { useNotices } from './notices';
import * as words from '../locale/en/log';

/** What is done to outings at home needs of the one that runs, and of the list. */
interface OnTheWater {
  readonly running: ShallowRef<KeptOuting | null>;
  readonly rows: Ref<readonly OutingRow[] | null>;
  clear(): void;
  store(next: KeptOuting): Promise<boolean>;
  takeOn(row: KeptOuting): Promise<void>;
  read(): Promise<void>;
}
const stamp = (): string => new Date().toISOString();

/** Outings put right at home: read, changed, split, joined, added and taken away; what is taken away comes back with one tap. */
export function outingsAtHome({ running, rows, clear, store, takeOn, read }: OnTheWater) {
  const notices = useNotices();
  const keeping = useKeeping();

  async function get(id: string): Promise<KeptOuting | null> {
    const waiting = keeper.pendingOf('outing', id);
    const found = waiting ? { ok: true as const, value: waiting.row } : await keep(() => db.outings.get(id));
    if (!found.ok) {
      void notices.complain(found.issues);
      return null;
    }
    const row = found.value ?? null;
    if (!row) return null;
    const parsed = parseWith(keptOutingSchema, row);
    if (parsed.ok) return parsed.value;
    void keeping.setRowsAside([{ kind: 'outing', row, issues: parsed.issues }]);
    return null;
  }
  /**
   * Stores a changed outing.
   * @returns problems that keep it from being taken; empty when it was
   */
  async function put(next: KeptOuting, base: KeptOuting | null): Promise<readonly Issue[]> {
    const parsed = parseWith(keptOutingSchema, { ...next, changedAt: stamp() });
    if (!parsed.ok) return parsed.issues;
    if (running.value?.id === next.id) {
      if (parsed.value.to === null) await store(parsed.value);
      else {
        clear();
        await keeper.put('outing', parsed.value, base);
      }
      return [];
    }
    const kept = await keeper.put('outing', parsed.value, base);
    keeping.somethingToLose();
    return kept.ok ? [] : kept.issues;
  }
  async function remove(outing: KeptOuting): Promise<void> {
    const wasRunning = running.value?.id === outing.id;
    if (wasRunning) clear();
    const removed = await keeper.remove('outing', outing);
    if (!removed.ok) return notices.complain(removed.issues);
    notices.say(words.outingDeleted, async () => {
      await keeper.put('outing', outing, null);
      if (wasRunning) await takeOn(outing);
    });
  }
  /** Splits an outing at a moment; what it was comes back by one tap. */
  async function split(outing: KeptOuting, at: string): Promise<Result<KeptOuting>> {
    const made = splitOuting(outing, at, { id: newId(), changedAt: stamp() });
    if (!made.ok) return made;
    const [first, second] = made.value;
    const wasRunning = running.value?.id === outing.id;
    if (wasRunning) clear();
    await keeper.put('outing', first, outing);
    await keeper.put('outing', second, null);
    // one that runs goes on in its second half
    if (wasRunning) await takeOn(second);
    notices.say(words.splitSays, async () => {
      const whole = { ...outing, changedAt: stamp() };
      if (wasRunning) clear();
      await keeper.remove('outing', second);
      await keeper.put('outing', whole, first);
      if (wasRunning) await takeOn(whole);
    });
    return { ok: true, value: first };
  }
  async function join(one: KeptOuting, other: KeptOuting): Promise<KeptOuting> {
    const both = joinOutings(one, other, stamp());
    const [stays, goes] = both.id === one.id ? [one, other] : [other, one];
    await keeper.put('outing', both, stays);
    await keeper.remove('outing', goes);
    notices.say(words.joined, async () => {
      await keeper.put('outing', { ...stays, changedAt: stamp() }, both);
      await keeper.put('outing', goes, null);
    });
    return both;
  }
  /** Adds outings that are complete, such as those of the made-up world. */
  async function add(outings: readonly KeptOuting[]): Promise<Result<number>> {
    const added = await keep(() => db.outings.bulkPut([...outings]));
    if (!added.ok) return added;
    await read();
    return { ok: true, value: outings.length };
  }
  async function removeMadeUp(): Promise<void> {
    const ids = rows.value?.flatMap(({ id, isDemo }) => (isDemo ? [id] : [])) ?? [];
    const gone = await keep(async () => {
      const before = await db.outings.bulkGet(ids);
      await db.outings.bulkDelete(ids);
      return before.filter((row) => row !== undefined);
    });
    if (!gone.ok) return notices.complain(gone.issues);
    await read();
    notices.say(words.demoGone, () => add(gone.value));
  }

  return { get, put, remove, split, join, add, removeMadeUp };
}
