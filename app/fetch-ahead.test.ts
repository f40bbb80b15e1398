import { expect, test } from '@jest/globals';
import { fetchAhead } from './fetch-ahead';

/** As a reader's browser tells it. */
const reading = (connection: { readonly saveData: boolean }): void =>
  void Object.defineProperty(globalThis, 'navigator', { value: { connection }, configurable: true });

test('what is fetched ahead is fetched one after another, whatever fails; whoever saves data fetches what is opened', async () => {
  const done: string[] = [];
  const load = (name: string) => () => {
    done.push(name);
    return name === 'second' ? Promise.reject(new Error('no signal')) : Promise.resolve();
  };
  const parts = [load('first'), load('second'), load('third')];
  reading({ saveData: true });
  await fetchAhead(parts);
  expect(done).toEqual([]);
  reading({ saveData: false });
  await fetchAhead(parts);
  expect(done).toEqual(['first', 'second', 'third']);
});
