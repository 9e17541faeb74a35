/** What textiles answer, and what is there for an occasion only. */
import { expect, fileOf, saved, test } from './studio';

test.beforeEach(({ studio }) => studio.fill());

test('what a textile answers is said by kind, and drawn on the walls and on the plan', async ({ page }) => {
  await page.goto('/rooms/long-room/colour?look=early-summer');
  const list = page.getByRole('region', { name: 'What each textile answers' });
  await expect(list).toContainText('Tanbark linen');
  const lines = page.locator('svg [data-ties]');
  await expect(lines).toHaveCount(0);
  await page.getByRole('combobox', { name: 'Show what this answers' }).click();
  await page.getByRole('option', { name: /Tanbark linen/ }).click();
  // on the unrolled walls and on the plan
  await expect(lines).toHaveCount(2);
  await page.getByRole('combobox', { name: 'Show what this answers' }).click();
  await page.getByRole('option', { name: 'no lines' }).click();
  await expect(lines).toHaveCount(0);
});

test('what is there for the occasion comes off in one act, and one undo brings it back', async ({ page }) => {
  await page.goto('/rooms/long-room/surfaces?look=early-summer');
  const placements = async () => (await fileOf(page)).looks.find((l) => l.id === 'early-summer')!.placements;
  const before = await placements();
  const sheet = page.getByRole('complementary').last();
  await sheet.getByRole('listitem').getByRole('button').first().click();
  await sheet.getByRole('combobox', { name: 'Stays' }).click();
  await page.getByRole('option', { name: 'for the occasion' }).click();
  await saved(page);
  await expect.poll(async () => (await placements()).filter((p) => p.layer === 'occasion').length).toBe(1);
  await page.getByRole('button', { name: 'This look', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Season, brief and colours' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('One thing is here for the occasion only');
  await dialog.getByRole('button', { name: 'Take the occasion off' }).click();
  await expect(dialog).toContainText('Nothing here is for an occasion only');
  await page.keyboard.press('Escape');
  await saved(page);
  expect((await placements()).length).toBeLessThan(before.length);
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(async () => (await placements()).length).toBe(before.length);
});
