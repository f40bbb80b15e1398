import { DEMO_STATE, expect, test as setup } from './fixtures';

// the made-up world is put in once; tests begin where that ended, and the app opens as on any later visit
setup('the demo world is put in', async ({ page }) => {
  await page.goto('/#/water?world=brindle-mere');
  const tie = page.getByRole('region', { name: 'What to tie on' });
  await expect(tie.getByRole('link', { name: /^Tie on/ })).toBeVisible();
  await expect.poll(() => page.evaluate(() => localStorage.getItem('pandero-last-answer') !== null)).toBe(true);
  // its two seasons come last, and what they have to say
  const said = (): Promise<boolean> =>
    page.evaluate(
      () =>
        new Promise((resolve) => {
          const open = indexedDB.open('pandero');
          open.onsuccess = () => {
            const row = open.result.transaction('settings').objectStore('settings').get('own-log');
            row.onsuccess = () => {
              open.result.close();
              resolve(row.result !== undefined);
            };
          };
        }),
    );
  await expect.poll(said).toBe(true);
  // nothing waits to be stored any more
  await expect
    .poll(() => page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('pandero-note')).length))
    .toBe(0);
  await page.context().storageState({ path: DEMO_STATE, indexedDB: true });
});
