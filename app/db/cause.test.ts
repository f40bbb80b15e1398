import { afterEach, describe, expect, test } from '@jest/globals';
import Dexie from 'dexie';
import { issue, issueText } from '@core';
import { causeOf, KeepError } from './cause';
import { PanderoDatabase, STORE_VERSION } from './database';
import { keep } from './keep';

let number = 0;
const opened: Dexie[] = [];
const fresh = (name = `cause-${number++}`): PanderoDatabase => {
  const made = new PanderoDatabase(name);
  opened.push(made);
  return made;
};
afterEach(() => opened.splice(0).forEach((one) => one.close()));

const named = (name: string, message = '', inner?: unknown): object =>
  Object.assign(new Error(message), { name, ...(inner ? { inner } : {}) });

describe('what is really wrong', () => {
  test.each([
    ['a full disk', named('QuotaExceededError'), 'no-room'],
    ['a full disk inside an aborted write', named('AbortError', '', named('QuotaExceededError')), 'no-room'],
    [
      'a full disk by its message',
      named('UnknownError', 'Encountered full disk while opening backing store'),
      'no-room',
    ],
    [
      'a full disk in one row of many',
      Object.assign(named('BulkError'), { failures: [named('QuotaExceededError')] }),
      'no-room',
    ],
    ['a newer store', named('VersionError'), 'store-newer'],
    ['no store at all', named('MissingAPIError'), 'store-unavailable'],
    ['a forbidden store', named('OpenFailedError', '', named('SecurityError')), 'store-unavailable'],
    ['a store that is broken', named('UnknownError', 'Internal error opening backing store'), 'store-broken'],
    ['a shape that cannot be stored', named('DataCloneError'), 'cannot-be-stored'],
    ['an abort nobody explains', named('AbortError'), 'store-broken'],
    [
      'our own refusal',
      new KeepError(issue('too-many-kept', '', { got: 2, limit: 1, what: 'builds' })),
      'too-many-kept',
    ],
    ['a bug of ours', new TypeError('crypto.randomUUID is not a function'), 'our-fault'],
    ['a thrown text', 'moon', 'our-fault'],
  ])('%s', (_, error, code) => {
    const found = causeOf(error, 'open');
    expect(found.code).toBe(code);
    const text = issueText(found);
    expect(text).toMatch(/\.$/);
    // only a full disk says that there is no room
    expect(/\b(full|room)\b/.test(text)).toBe(code === 'no-room');
  });
  test.each([
    ['deleted', 'store-deleted'],
    ['taken-over', 'store-closed'],
    ['blocked', 'store-blocked'],
  ] as const)('a store that is %s says so, whatever the error is called', (state, code) => {
    expect(causeOf(named('DatabaseClosedError'), state).code).toBe(code);
  });
});

describe('the store as a whole', () => {
  test('one written by a newer version is refused, and nothing in it is touched', async () => {
    const name = `cause-${number++}`;
    const later = new Dexie(name);
    later.version(STORE_VERSION + 1).stores({
      settings: 'key',
      waters: 'key, at',
      parts: 'id, tray, at',
      tickets: 'id, madeAt',
      builds: 'id, changedAt',
      setAside: 'id, at',
      trips: 'id, changedAt',
      outings: 'id, changedAt',
      tests: 'id, changedAt',
      plans: 'id',
    });
    await later.table('plans').add({ id: 'p' });
    later.close();
    const kept = await keep(() => fresh(name).tickets.count(), fresh(name));
    expect(kept).toMatchObject({ ok: false, issues: [{ code: 'store-newer' }] });
    const again = new Dexie(name);
    opened.push(again);
    await again.open();
    expect([again.verno, await again.table('plans').count()]).toEqual([STORE_VERSION + 1, 1]);
  });
  test('another tab that wants a newer one gets it, after what waited here was written', async () => {
    const name = `cause-${number++}`;
    const old = fresh(name);
    await old.open();
    const order: string[] = [];
    old.onHandOver = async () => {
      await old.settings.put({ key: 'at-hand', value: 'just typed' });
      order.push('written');
    };
    old.onState = (state) => order.push(state);
    const newer = new Dexie(name);
    opened.push(newer);
    newer.version(STORE_VERSION + 1).stores({ settings: 'key', plans: 'id' });
    await newer.open();
    expect(order).toEqual(['written', 'taken-over']);
    expect(await newer.table('settings').get('at-hand')).toEqual({ key: 'at-hand', value: 'just typed' });
    expect(await keep(() => old.settings.count(), old)).toMatchObject({
      ok: false,
      issues: [{ code: 'store-closed' }],
    });
  });
  test('deleted while it is open: said as that, and not made anew in silence', async () => {
    const name = `cause-${number++}`;
    const held = fresh(name);
    await held.settings.put({ key: 'at-hand', value: 'a' });
    await Dexie.delete(name);
    expect(held.state).toBe('deleted');
    expect(await keep(() => held.settings.put({ key: 'at-hand', value: 'b' }), held)).toMatchObject({
      ok: false,
      issues: [{ code: 'store-deleted' }],
    });
    expect(await Dexie.exists(name)).toBe(false);
  });
});
