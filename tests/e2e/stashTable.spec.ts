import type { StudioFile } from '../../src/core/model/types';
import { ITEMS, expect, test } from './studio';

type Page = import('@playwright/test').Page;
const studioOf = async (page: Page): Promise<StudioFile> =>
  (await page.request.get('/api/studio/backup')).json() as Promise<StudioFile>;

test.beforeEach(async ({ studio }) => {
  await studio.fill();
});

test('rows of a spreadsheet are previewed before anything is written, with row, column and why', async ({
  page,
}) => {
  await page.goto('/stash?tab=add');
  await page
    .getByLabel('Rows of a spreadsheet')
    .fill('name\tkind\tcount\twidth\theight\nDory stripe\tcover\t3\t22 in\t22\nBad one\tcushion\tx\twide\t9');
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.getByText('1 new, 0 changed, 0 unchanged, 3 cells refused.')).toBeVisible();
  await expect(page.getByText(/Row 3, width: wide – not a length/)).toBeVisible();
  expect((await studioOf(page)).items.length).toBe(ITEMS);
  await page.getByRole('button', { name: 'Save 1 row' }).click();
  await expect(page.getByText('Saved: 1 new, 0 changed.')).toBeVisible();
  expect((await studioOf(page)).items.length).toBe(ITEMS + 1);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(async () => (await studioOf(page)).items.length).toBe(ITEMS);
  // out and in again: everything as it is
  const csv = await (await page.request.get('/api/stash/table')).text();
  await page
    .locator('section input[type=file]')
    .last()
    .setInputFiles({ name: 'stash.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.getByText(`0 new, 0 changed, ${ITEMS} unchanged, nothing refused.`)).toBeVisible();
});

test('five thousand rows come in with progress, and the list stays quick to go through', async ({ page }) => {
  await page.goto('/stash?tab=add');
  const rows = [
    'name,kind,count,width,height,colours',
    ...Array.from(
      { length: 5000 },
      (_, i) =>
        `Thing ${i},cover,${(i % 4) + 1},20 in,20 in,#${((i * 7919) % 0xffffff).toString(16).padStart(6, '0')}`,
    ),
  ].join('\n');
  const steps = (
    await (
      await page.request.post('/api/stash/import?write=1', {
        data: rows,
        headers: { 'content-type': 'text/csv' },
      })
    ).text()
  )
    .trim()
    .split('\n')
    .map((l) => JSON.parse(l) as { step: string });
  expect(steps.filter((s) => s.step === 'reading').length).toBeGreaterThan(10);
  expect(steps.at(-1)).toEqual({ step: 'written', added: 5000, changed: 0 });
  await page.goto('/stash');
  await expect(page.getByText(`${ITEMS + 5000} of ${ITEMS + 5000}`)).toBeVisible();
  await page.getByRole('listbox').focus();
  await page.keyboard.press('End');
  await expect(page.getByRole('option').last()).toBeVisible();
  expect(await page.locator('[role=listbox] [role=option]').count()).toBeLessThan(60);
  await page.getByRole('searchbox').fill('thing 4999');
  await expect(page.getByText(`1 of ${ITEMS + 5000}`)).toBeVisible();
});
