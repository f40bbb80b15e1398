import { computed, ref } from 'vue';
import { defineStore } from 'pinia';
import { liveQuery } from 'dexie';
import { issueText, oneLine, type Aside, type Clash } from '@core';
import { db } from '../db/database';
import { keep } from '../db/keep';
import type { KeeperNews } from '../db/keeper';
import { kindOf } from '../db/kinds';
import { keeper } from '../db/our-keeper';
import { EPOCH } from '../db/shelf';
import { keepAside, moveAside, unlisted, type Unreadable } from '../db/unreadable';
import { useNotices } from './notices';

/** When rows that no list shows are looked for: the first view goes first, ms. */
const SWEEP_AFTER_MS = 4000;

const shown = (value: unknown): string => {
  if (value === undefined) return 'nothing';
  const text = oneLine(typeof value === 'string' ? value : JSON.stringify(value));
  return text.length > 40 ? `${text.slice(0, 40)}…` : text;
};
const clashText = ({ path, mine, theirs }: Clash): string =>
  path === '' || typeof mine === 'object' || typeof theirs === 'object'
    ? path.split('.').at(-1) || 'all of it'
    : `${path.split('.').at(-1)!} (${shown(theirs)} there, ${shown(mine)} here)`;

/** What becomes of what is entered: waits to be stored, stored, set aside. */
export const useKeeping = defineStore('keeping', () => {
  const notices = useNotices();
  /** changes that are noted and not stored yet */
  const waiting = computed(() => keeper.pending.size);
  /** why they could not be stored, where that was tried */
  const failing = computed(() => keeper.failing.value);
  const isStarted = ref(false);
  const underWay = new Set<string>();
  let complained: readonly string[] = [];
  let asked = false;

  function onNews(news: KeeperNews): void {
    switch (news.what) {
      case 'not-stored':
        complained.forEach(notices.takeBack);
        complained = news.issues.map(issueText);
        return notices.complainIn(complained);
      case 'stored-at-last':
        complained.forEach(notices.takeBack);
        complained = [];
        return notices.say('Everything entered is stored now.');
      case 'refused':
        return notices.complain(news.issues);
      case 'clash': {
        const text = `${kindOf(news.kind).title} was changed in the other tab too: ${news.clashes.map(clashText).join(', ')}. What stands here was kept.`;
        return notices.raise({ text, action: { label: 'Take the other', run: news.takeTheirs } });
      }
      case 'gone': {
        const text = `${kindOf(news.kind).title} you were changing was thrown away meanwhile, in another tab or before, so your change was not stored.`;
        return notices.raise({ text, action: { label: 'Keep mine', run: news.keepMine } });
      }
      case 'stays':
        return notices.say(
          `${kindOf(news.kind).title} was changed in the other tab meanwhile, so it was not thrown away.`,
        );
      case 'unreadable':
        return void setNotesAside(news.aside);
    }
  }

  async function setNotesAside(rows: readonly Aside[]): Promise<void> {
    const kept = await keep(() => keepAside(rows, Date.now(), db));
    if (!kept.ok) return notices.complain(kept.issues);
    notices.complainIn([
      `${rows.length === 1 ? 'A change' : `${rows.length} changes`} of an earlier visit could not be read and ${rows.length === 1 ? 'is' : 'are'} set aside: Files, “Set aside”. What was stored before is untouched.`,
    ]);
  }

  /** Takes rows that cannot be read out of the way; they stay to be looked at and exported. */
  async function setRowsAside(rows: readonly Unreadable[]): Promise<void> {
    const fresh = rows.filter(({ kind, row }) => !underWay.has(`${kind} ${kindOf(kind).key(row as never)}`));
    if (fresh.length === 0) return;
    for (const { kind, row } of fresh) underWay.add(`${kind} ${kindOf(kind).key(row as never)}`);
    const moved = await keep(() => moveAside(fresh, Date.now(), db));
    if (!moved.ok) return notices.complain(moved.issues);
    if (moved.value === 0) return;
    const [first] = fresh;
    const why = first!.issues[0] ? ` The first, a ${first!.kind}: ${issueText(first!.issues[0])}` : '';
    notices.complainIn([
      `${moved.value} ${moved.value === 1 ? 'row' : 'rows'} of the store could not be read and ${moved.value === 1 ? 'is' : 'are'} set aside as they came: Files, “Set aside”.${why}`,
    ]);
  }

  /** Takes up what earlier tabs left, and follows clearings of the store. */
  function start(): void {
    if (isStarted.value) return;
    isStarted.value = true;
    keeper.onNews(onNews);
    db.onState = (state) => {
      if (state === 'blocked') notices.complain([{ code: 'store-blocked', path: '', data: {} }]);
      if (state === 'open') notices.takeBack(issueText({ code: 'store-blocked', path: '', data: {} }));
      if (state === 'taken-over') notices.complain([{ code: 'store-closed', path: '', data: {} }]);
      if (state === 'deleted') notices.complain([{ code: 'store-deleted', path: '', data: {} }]);
    };
    keeper.recover();
    setTimeout(() => void sweep(), SWEEP_AFTER_MS);
    liveQuery(() => db.settings.get(EPOCH)).subscribe({
      next: (row) => keeper.setEpoch(row?.key === EPOCH ? row.value : ''),
      error: () => undefined,
    });
  }

  /** Rows that no list shows, since they lack what lists are ordered by. */
  async function sweep(): Promise<void> {
    const lost = await keep(() => unlisted(db));
    if (lost.ok && lost.value.length > 0) await setRowsAside(lost.value);
  }

  /** Something is kept that would be missed: the browser is asked once to keep it for good. */
  function somethingToLose(): void {
    const storage = (globalThis.navigator as Navigator | undefined)?.storage as StorageManager | undefined;
    if (asked || typeof storage?.persist !== 'function') return;
    asked = true;
    // whether it agrees stands under Files; a refusal changes nothing here
    void storage.persist().catch(() => false);
  }

  return { waiting, failing, isStarted, start, setRowsAside, somethingToLose };
});
