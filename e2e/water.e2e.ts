import { DEMO_STATE, DESK, expect, openDemoWorld, test } from './fixtures';

test.use({ storageState: DEMO_STATE });
test.describe('the water of the demo world', () => {
  test.beforeEach(({ page }) => openDemoWorld(page));

  test('the switches fit a desk without scrolling', DESK, async ({ page }) => {
    for (const last of [
      page.getByRole('group', { name: 'You are after' }),
      page.getByRole('textbox', { name: /^Usual visibility/ }),
    ]) {
      const box = (await last.boundingBox())!;
      expect(box.y + box.height).toBeLessThanOrEqual(800);
    }
  });

  test('the picture: each thing in it moves by keyboard and by hand, and its number follows', async ({ page }) => {
    await expect(page.locator('.column__label').filter({ hasText: '35 in' })).toHaveText(/^\s*usual 35 in\s*$/);
    const disc = page.getByRole('slider', { name: 'Visibility, in the picture', exact: true });
    await disc.focus();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('textbox', { name: 'Visibility, in', exact: true })).toHaveValue('15');
    await expect(disc).toHaveAttribute('aria-valuetext', '15 in, stained');
    const mercury = page.getByRole('slider', { name: 'Water temperature, in the picture' });
    await mercury.focus();
    await page.keyboard.press('PageUp');
    await expect(page.getByRole('textbox', { name: /Water temperature/ })).toHaveValue('62');
    const top = page.getByRole('slider', { name: 'Top of hedgerow, in the picture' });
    await top.focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByRole('group', { name: 'Cover 1' }).getByRole('textbox')).toHaveValue('0.7');
    const floor = page.getByRole('slider', { name: 'Depth, in the picture' });
    await floor.evaluate((element) => element.scrollIntoView({ block: 'center' }));
    const at = (await floor.boundingBox())!;
    const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x, y - 60, { steps: 6 });
    await page.mouse.up();
    const depth = Number(await page.getByRole('textbox', { name: /^Depth/ }).inputValue());
    expect(depth).toBeGreaterThan(2.5);
    expect(depth).toBeLessThan(3.9);
    await page.reload();
    await expect(page.getByRole('textbox', { name: /^Depth/ })).toHaveValue(String(depth));
  });
});
