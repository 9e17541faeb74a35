import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, saved, test } from './studio';

test.beforeEach(async ({ studio }) => {
  await studio.fill();
});

/** By keys alone: opens the search, types, and takes the first that is found. */
async function find(page: Page, typed: string, first: string | RegExp): Promise<void> {
  await page.keyboard.press('/');
  const dialog = page.getByRole('dialog', { name: 'Find anything' });
  await expect(dialog.getByRole('combobox')).toBeFocused();
  await page.keyboard.type(typed);
  await expect(dialog.locator('[cmdk-item][data-selected=true]')).toContainText(first);
  await page.keyboard.press('Enter');
  await expect(dialog).toHaveCount(0);
}

test('anything is found in a room, by keys alone', async ({ page }) => {
  await page.goto('/rooms/long-room/colour');
  // a window on another wall, in another stage
  await find(page, 'galley win', /Galley window.*Windows/);
  await expect(page).toHaveURL(/\/windows/);
  await expect(page.getByRole('complementary').getByRole('heading', { level: 2 })).toHaveText(
    'Galley window',
  );
  // a picture is picked on its wall
  await find(page, 'regatta', /Regatta.*Walls/);
  await expect(page).toHaveURL(/\/walls/);
  await expect(page.getByRole('complementary').getByRole('heading', { level: 2 })).toContainText('Regatta');
  // a finding leads to where it is mended
  await find(page, 'no room to sit', /no room to sit/);
  await expect(page).toHaveURL(/\/seats/);
  await find(page, 'as found', /As found/);
  await expect(page.getByRole('tab', { name: 'As found' })).toHaveAttribute('aria-selected', 'true');
});

test('a rule, a sheet and another room are found too', async ({ page }) => {
  await page.goto('/rooms/long-room/walls');
  await find(page, 'centre height', 'Centre height');
  const why = page.getByRole('dialog');
  await expect(why.getByText('Set your own')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(why).toHaveCount(0);
  const coming = page.waitForEvent('download');
  await find(page, 'fitting sheet as pdf', /Download the fitting sheet as PDF/);
  expect((await coming).suggestedFilename()).toMatch(/\.pdf$/);
  await find(page, 'landing', /^Landing\s*Sail Loft$/);
  await expect(page).toHaveURL(/\/rooms\/landing\/measure/);
  await saved(page);
});

test('from the first page, the stash and a quick answer', async ({ page }) => {
  await page.goto('/');
  await find(page, 'tanbark linen', 'Tanbark linen');
  await expect(page).toHaveURL(/\/stash\?item=/);
  await expect(page.getByRole('heading', { name: /Tanbark linen/ })).toBeVisible();
  await find(page, 'jute', /jute/i);
  await expect(page.getByRole('heading', { name: /jute/i })).toBeVisible();
  await find(page, 'insert for a cover', /An insert/);
  await expect(page).toHaveURL(/\/quick\/insert/);
  await find(page, 'seated eye', 'Seated eye level');
  await expect(page.getByRole('dialog').getByText('Set your own')).toBeVisible();
  await expect(page).not.toHaveURL(/why=/);
});

test('names are found without accents, nothing is said to be nothing, and the keys are listed', async ({
  page,
}) => {
  await page.goto('/stash');
  // what is typed before the dialog has come is not lost
  await page.keyboard.press('/');
  await page.keyboard.type('zzzz');
  await expect(page.getByText('Nothing has that name.')).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('/ finds anything');
});

test('on a phone it is found by thumb, and away from the studio the room alone', async ({ page, studio }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/rooms/long-room/walls');
  await page.getByRole('button', { name: 'Find', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Find anything' });
  await expect(dialog.getByRole('option', { name: /Go to Measure/ })).toBeVisible();
  await studio.kill();
  try {
    await dialog.getByRole('combobox').fill('stove');
    await expect(dialog.getByRole('option', { name: /Stove/ }).first()).toBeVisible();
    await expect(dialog.getByText(/only this page is searched/)).toBeVisible();
  } finally {
    await studio.start();
  }
});
