import { computed, onScopeDispose } from 'vue';
import { defineStore } from 'pinia';
import { liveQuery } from 'dexie';
import { causeOf } from '../db/cause';
import { db } from '../db/database';
import { keep } from '../db/keep';
import type { KeeperNews, UnreadNote } from '../db/keeper-news';
import { kindOf } from '../db/kinds';
import { keeper } from '../db/our-keeper';
import { EPOCH } from '../db/shelf';
import type { Unreadable } from '../db/sieve';
import { useNotices } from './notices';
import * as words from '../locale/en/notices';

/** When rows that no list shows are looked for: the first view goes first, ms. */
const SWEEP_AFTER_MS = 4000;

/** What can be done about a store that does not take anything. */
const SAVE = {
  label: words.saveBackupFile,
  run: () => void import('./back-up').then(({ exportAll }) => exportAll()),
} as const;

/** What becomes of what is entered: waits to be stored, stored, set aside. */
export const useKeeping = defineStore('keeping', () => {
  const notices = useNotices();
  /** changes that are noted and not stored yet */
  const waiting = computed(() => keeper.pending.size);
  let isStarted = false;
  const underWay = new Set<string>();
  let ended = (): void => undefined;
  onScopeDispose(() => ended());
  const asideTable = () => import('../db/set-aside');

  function onNews(news: KeeperNews): void {
    switch (news.what) {
      case 'not-stored':
        notices.takeBack('not-stored');
        return void notices.complain(news.issues, { tag: 'not-stored', action: SAVE });
      case 'stored-at-last':
        notices.takeBack('not-stored');
        return notices.say(words.storedAtLast);
      case 'refused':
        return void notices.complain(
          news.issues,
          news.again ? { action: { label: words.tryAgain, run: news.again } } : {},
        );
      case 'unreadable':
        return void setNotesAside(news.notes);
      case 'unreadable-rows':
        return void setRowsAside(news.rows);
      case 'cannot-read':
        return void notices.complain(news.issues);
      default:
        // the words for what tabs do to each other are loaded when they do
        void import('./tab-news').then(({ tellTabNews }) => tellTabNews(news, notices));
    }
  }

  async function setNotesAside(rows: readonly UnreadNote[]): Promise<void> {
    const kept = await keep(async () => (await asideTable()).keepNotesAside(rows, Date.now(), db));
    if (!kept.ok) return notices.complain(kept.issues);
    notices.complainIn([words.notesSetAside(rows.length)]);
  }

  /** Takes rows that cannot be read out of the way; they stay to be looked at and exported. */
  async function setRowsAside(rows: readonly Unreadable[]): Promise<void> {
    const fresh = rows.filter(({ kind, row }) => !underWay.has(`${kind} ${kindOf(kind).key(row as never)}`));
    if (fresh.length === 0) return;
    for (const { kind, row } of fresh) underWay.add(`${kind} ${kindOf(kind).key(row as never)}`);
    const moved = await keep(async () => (await asideTable()).moveAside(fresh, Date.now(), db));
    if (!moved.ok) return notices.complain(moved.issues);
    if (moved.value === 0) return;
    const [why] = await notices.worded(fresh[0]!.issues.slice(0, 1));
    notices.complainIn([words.rowsSetAside(moved.value, why ? words.theFirst(fresh[0]!.kind, why) : '')]);
  }

  /** Takes up what earlier tabs left, and follows clearings of the store. */
  function start(): void {
    if (isStarted) return;
    isStarted = true;
    keeper.onNews(onNews);
    db.onState = (state) => {
      notices.takeBack('store');
      if (state !== 'open')
        void notices.complain([causeOf(null, state)], {
          tag: 'store',
          ...(state === 'blocked' ? {} : { action: SAVE }),
        });
    };
    void keeper.recover();
    const timer = setTimeout(() => void sweep(), SWEEP_AFTER_MS);
    const following = liveQuery(() => db.settings.get(EPOCH)).subscribe({
      next: (row) => keeper.setEpoch(row?.key === EPOCH ? row.value : ''),
      error: () => undefined,
    });
    ended = () => {
      clearTimeout(timer);
      following.unsubscribe();
    };
  }

  /** Rows that no list shows, since they lack what lists are ordered by; and a word about the last backup. */
  async function sweep(): Promise<void> {
    const lost = await keep(async () => (await asideTable()).unlisted(db));
    if (lost.ok && lost.value.length > 0) await setRowsAside(lost.value);
    const word = await keep(async () => (await import('./reminder')).backupReminder(Date.now()));
    if (word.ok && word.value !== null) notices.say(word.value);
  }

  /** Something is kept that would be missed: the browser is asked once to keep it for good. */
  function somethingToLose(): void {
    // a browser that has nobody to fetch the asking from is asked another day
    void import('./ask-to-keep').then(
      ({ askToKeep }) => askToKeep(),
      () => undefined,
    );
  }

  return { waiting, start, setRowsAside, somethingToLose };
});
