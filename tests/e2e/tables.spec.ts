/** A table laid for a meal, by mouse, by keys and by thumb. */
import { awake, expect, fileOf, saved, test } from './studio';

const PAGE = '/rooms/lookout/surfaces?look=summer';

test('a table is laid: cloth, runner, mats and napkins, with what each does', async ({ page, studio }) => {
  await studio.fill();
  await page.goto(PAGE);
  await awake(page);
  await page.getByRole('combobox', { name: 'Surface' }).click();
  await page.getByRole('option', { name: /^Breakfast table/ }).click();
  const table = page.getByRole('region', { name: 'Laid for a meal' });
  await expect(table.getByRole('img', { name: /from above/ })).toBeVisible();
  await expect(table).toContainText('10 in wide, hangs down 6 in at each end');
  await expect(table).toContainText('2 places');
  await page
    .getByRole('button', { name: /Oyster tablecloth/ })
    .first()
    .click();
  await expect(table).toContainText('hangs down 11 in at the ends, 11 in at front and back');
  const sheet = page.getByRole('complementary').last();
  await expect(sheet).toContainText('Oyster tablecloth hangs down 11 in at the ends of Breakfast table');
  // more places than there is room for
  await table.getByRole('button', { name: /^Sailcloth place mats/ }).click();
  const count = table.getByLabel('How many');
  await count.fill('7');
  await count.press('Enter');
  await expect(sheet).toContainText('7 places are laid at Breakfast table, where 6 people have room');
  await expect(sheet).toContainText('2 chairs stand there');
  await expect(sheet).toContainText('2 napkins for 7 mats');
  await saved(page);
  const laid = async () => (await fileOf(page, 'lookout')).looks[0]!.placements;
  expect((await laid()).find((p) => p.itemId === 'mats-sailcloth')).toMatchObject({
    lie: 'atPlaces',
    count: 7,
  });
  // off the table it is folded
  await table.getByRole('button', { name: /^Harbour stripe runner/ }).click();
  await table.getByRole('radio', { name: 'across, as a runner' }).click();
  await expect(table).toContainText('10 in wide, hangs down 15 in at each end');
  await table.getByRole('button', { name: 'Take it off' }).click();
  await expect.poll(async () => (await laid()).some((p) => p.itemId === 'runner-harbour')).toBe(false);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test('a table is laid by thumb', async ({ page, studio }) => {
    await studio.fill();
    await page.goto(PAGE);
    await page.getByRole('combobox', { name: 'Surface' }).tap();
    await page.getByRole('option', { name: /^Breakfast table/ }).tap();
    const table = page.getByRole('region', { name: 'Laid for a meal' });
    await table.getByRole('button', { name: /^Mist napkins/ }).tap();
    await table.getByRole('radio', { name: 'folded' }).tap();
    const napkins = async () =>
      (await fileOf(page, 'lookout')).looks[0]!.placements.find((p) => p.itemId === 'napkins-mist');
    await expect.poll(async () => (await napkins())?.lie).toBe('folded');
  });
});
