/** A look's own sheet: its season, which says what is free, and how its colours are shared out. */
import { awake, choose, expect, fileOf, saved, test } from './studio';

test('a look is given its season and its shares, and undo takes them back', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/colour?look=early-summer');
  await awake(page);
  const look = async () => (await fileOf(page)).looks.find((l) => l.id === 'early-summer')!;
  await page.getByRole('button', { name: 'This look', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Season, brief and colours' }).click();
  const dialog = page.getByRole('dialog');
  await choose(dialog.getByRole('combobox', { name: 'Season' }), 'winter');
  await expect.poll(async () => (await look()).season).toBe('winter');
  await dialog.getByRole('checkbox', { name: 'Plan the shares of colour' }).click();
  await expect.poll(async () => (await look()).plannedShares).toEqual([0.6, 0.3, 0.1]);
  await dialog.getByLabel('Main colours').fill('80');
  await dialog.getByLabel('Main colours').press('Enter');
  // with the second at 30 there is room for 70
  await expect(dialog.getByRole('alert')).toBeVisible();
  await dialog.getByLabel('Main colours').fill('55');
  await dialog.getByLabel('Main colours').press('Enter');
  await expect.poll(async () => (await look()).plannedShares).toEqual([0.55, 0.3, 0.15]);
  await page.keyboard.press('Escape');
  await saved(page);
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(async () => (await look()).plannedShares).toEqual([0.6, 0.3, 0.1]);
});

test('in a season that other rooms do not use a thing for, it is free', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/walls?look=early-summer&wall=n');
  await awake(page);
  const chart = page.getByRole('button', { name: /Approaches, chart/ }).first();
  await expect(chart).toContainText('0 free');
  await page.getByRole('button', { name: 'This look', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Season, brief and colours' }).click();
  await choose(page.getByRole('dialog').getByRole('combobox', { name: 'Season' }), 'winter');
  await page.keyboard.press('Escape');
  await expect(chart).toContainText('1 of 1 free');
});
