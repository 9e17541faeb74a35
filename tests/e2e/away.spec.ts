import type { Page } from '@playwright/test';
import { ITEMS, expect, saved, test, type } from './studio';

test.describe.configure({ timeout: 90_000 });
test.beforeEach(async ({ studio }) => {
  await studio.fill();
});

/** Until the page has fetched what its other stages need. */
const hasParts = async (page: Page, url: string): Promise<void> => {
  await page.goto(url);
  await page.waitForFunction(() => performance.getEntriesByName('rideau: the parts are here').length > 0);
};

test('every stage opens while the studio is away, and what is typed there is sent later', async ({
  page,
  studio,
}) => {
  await hasParts(page, '/rooms/long-room/windows?look=early-summer&wall=e');
  await studio.kill();
  const rail = page.getByRole('navigation', { name: 'Order of work' });
  for (const stage of ['Measure', 'Clear', 'Seats', 'Colour', 'Fitting day', 'Walls']) {
    await rail.getByRole('link', { name: new RegExp(`${stage}`) }).click();
    await expect(rail.locator('[aria-current=page]')).toContainText(stage);
    await expect(page.locator('#drawing h1, main h1').first()).toBeVisible();
  }
  // what could not be read says so, and is no empty stash
  await expect(page.getByText("Can't reach the studio: what the stash holds").first()).toBeVisible();
  await page.keyboard.press('[');
  await type(page, 'Gap over Long sofa', '8');
  await page.goBack();
  await expect(rail.locator('[aria-current=page]')).toContainText('Fitting day');
  await studio.start();
  await expect(page.getByRole('status').first()).toHaveText('Saved', { timeout: 15_000 });
  expect(Math.round((await studio.plan()).hangings[0]!.gapMm! / 25.4)).toBe(8);
  // and the stash is read when it is back
  await page.goForward();
  await expect(page.getByText("Can't reach the studio: what the stash holds")).toHaveCount(0);
  await expect(page.locator('#drawing').getByRole('button', { name: /Dinghies/ })).toBeVisible();
});

test('a stage is a page of its own: its address opens it, Back leads back', async ({ page }) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  const rail = page.getByRole('navigation', { name: 'Order of work' });
  await rail.getByRole('link', { name: /Walls/ }).click();
  await expect(page).toHaveURL(/\/rooms\/long-room\/walls\?look=early-summer/);
  await page.reload();
  await expect(rail.locator('[aria-current=page]')).toContainText('Walls');
  await rail.getByRole('link', { name: /Measure/ }).click();
  await page.goBack();
  await expect(rail.locator('[aria-current=page]')).toContainText('Walls');
  await page.goBack();
  await expect(rail.locator('[aria-current=page]')).toContainText('Windows');
  await page.getByRole('link', { name: 'Rideau, All rooms' }).click();
  await expect(page.getByRole('heading', { name: 'Rooms' })).toBeVisible();
  await page.goBack();
  await expect(rail.locator('[aria-current=page]')).toContainText('Windows');
  await saved(page);
});

test('a thing put in while the studio is away is kept, also when the page is closed', async ({
  page,
  context,
  studio,
}) => {
  await page.goto('/stash?tab=add');
  await expect(page.getByRole('button', { name: 'Add it' })).toBeVisible();
  await studio.kill();
  await type(page, 'Name', 'Awning bolster');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText("Can't reach the studio").first()).toBeVisible();
  // the next is typed meanwhile
  await type(page, 'Name', 'Awning square');
  await page.getByRole('button', { name: 'Add it' }).click();
  await page.close();
  await studio.start();
  const next = await context.newPage();
  await next.goto('/stash');
  await expect(next.getByText(`${ITEMS + 2} of ${ITEMS + 2}`)).toBeVisible();
  await next.getByRole('searchbox').fill('awning');
  await expect(next.getByRole('option', { name: /Awning (bolster|square)/ })).toHaveCount(2);
});

test('a quick answer is kept as a room while the studio is away', async ({ page, studio }) => {
  await hasParts(page, '/quick/picture');
  await studio.kill();
  await page.getByRole('button', { name: 'Save as a room' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name of the room').fill('Porch');
  await dialog.getByRole('button', { name: 'Save as a room' }).click();
  await expect(dialog.getByRole('alert')).toContainText("Can't reach the studio");
  await studio.start();
  await expect(page).toHaveURL(/\/rooms\/.*\/walls/, { timeout: 15_000 });
  await expect(page.getByText('Porch')).toBeVisible();
});

test('a room begun by a page that was closed is there afterwards, once', async ({
  page,
  context,
  studio,
}) => {
  await hasParts(page, '/');
  await studio.kill();
  await page.getByRole('button', { name: 'Start a room' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Attic');
  await dialog.getByRole('button', { name: 'Start it' }).click();
  await expect(dialog.getByRole('alert')).toContainText("Can't reach the studio");
  await page.close();
  await studio.start();
  const next = await context.newPage();
  await next.goto('/');
  await expect(next.getByRole('heading', { name: 'Attic' })).toHaveCount(1);
});
