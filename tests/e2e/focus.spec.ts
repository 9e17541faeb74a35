/** Where the keys go on from after an act that takes away what they were on. */
import type { Locator, Page } from '@playwright/test';
import { awake, expect, saved, test } from './studio';

test.beforeEach(({ studio }) => studio.fill());

/** Presses a button by key and expects the focus in a part of the page afterwards, on something that can be used. */
async function pressAndStay(page: Page, button: Locator, part: Locator): Promise<void> {
  await button.focus();
  await page.keyboard.press('Enter');
  await saved(page);
  await expect
    .poll(() =>
      part.evaluate((within) => {
        const at = document.activeElement;
        return at !== document.body && within.contains(at) ? 'in' : (at?.outerHTML.slice(0, 80) ?? 'nowhere');
      }),
    )
    .toBe('in');
}

test('after Approve and its withdrawal', async ({ page }) => {
  await page.goto('/rooms/landing/fitting');
  await awake(page);
  const approve = page.getByRole('button', { name: 'Approve this wall' }).first();
  await approve.focus();
  await page.keyboard.press('Enter');
  await saved(page);
  const withdraw = page.getByRole('button', { name: 'Withdraw approval' });
  await expect(withdraw).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(withdraw).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Approve this wall' }).first()).toBeFocused();
});

test('after a pillow is taken off', async ({ page }) => {
  await page.goto('/rooms/long-room/seats?look=early-summer');
  await awake(page);
  await page
    .getByRole('button', { name: /^Tanbark linen/ })
    .first()
    .click();
  await pressAndStay(page, page.getByRole('button', { name: 'Take it off' }), page.locator('main'));
  await saved(page);
});
