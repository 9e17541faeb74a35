import type { StudioFile } from '../../src/core/model/types';
import { awake, expect, fileOf, test } from './studio';

test('a storage place is made where a thing is put away, by keys alone, and undone with it', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/rooms/long-room/clear?look=early-summer');
  await awake(page);
  await page.getByLabel('What you found').fill('Pewter jug');
  await page.keyboard.press('Enter');
  const row = page.getByRole('listitem').filter({ hasText: 'Pewter jug' });
  await row.getByRole('radio', { name: 'put away' }).click();
  const where = row.getByRole('combobox', { name: 'where …' });
  await where.focus();
  await page.keyboard.press('Enter');
  const option = page.getByRole('option', { name: 'New place …' });
  await expect(async () => {
    await page.keyboard.press('End');
    await expect(option).toBeFocused({ timeout: 500 });
  }).toPass();
  await page.keyboard.press('Enter');
  await expect(row.getByLabel('Name of the new place')).toBeFocused();
  await page.keyboard.type('Cupboard under the stairs');
  await page.keyboard.press('Enter');
  await expect(where).toBeFocused();
  await expect(where).toHaveText('Cupboard under the stairs');
  const made = async () => {
    const { places, items } = await fileOf(page);
    const place = places.find((p) => p.name === 'Cupboard under the stairs');
    return place && items.find((i) => i.placeId === place.id)?.name;
  };
  await expect.poll(made).toBe('Pewter jug');
  await page.keyboard.press('Control+z');
  await expect.poll(made).toBeUndefined();
});

test('a thing of the stash goes into a place that is made in its sheet', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/stash?item=sail-check-22');
  await awake(page);
  const place = page.locator('aside').getByRole('combobox', { name: 'Place', exact: true });
  await place.click();
  await page.getByRole('option', { name: 'New place …' }).click();
  await page.getByLabel('Name of the new place').fill('Blue trunk');
  await page.getByRole('button', { name: 'Add this place' }).click();
  await expect(place).toHaveText('Blue trunk');
  const storedIn = async () => {
    const studioFile = (await (await page.request.get('/api/studio/backup')).json()) as StudioFile;
    const item = studioFile.items.find((i) => i.id === 'sail-check-22');
    return studioFile.places.find((p) => p.id === item?.placeId)?.name;
  };
  await expect.poll(storedIn).toBe('Blue trunk');
  await page.reload();
  await awake(page);
  await expect(place).toHaveText('Blue trunk');
});
