/** Beds and cutting: a bed made by hand and in three ways, what comes off at night, covers from one cloth. */
import type { Page } from '@playwright/test';
import { awake, expect, fileOf, saved, test } from './studio';

const BEDS = '/rooms/harbour-bedroom/beds?look=summer';
const look = async (page: Page, id = 'summer') =>
  (await fileOf(page, 'harbour-bedroom')).looks.find((l) => l.id === id)!;
const answer = (page: Page, label: string) =>
  page
    .locator('p', { hasText: new RegExp(`^${label}`) })
    .first()
    .locator('xpath=..');

test('a bed is shown with its tiers, its drops and its warmth', async ({ page, studio }) => {
  await studio.fill();
  await page.goto(BEDS);
  await awake(page);
  await expect(page.getByRole('heading', { name: 'Queen bed', level: 1 })).toBeVisible();
  await expect(page.getByRole('group', { name: 'Queen bed from its foot' })).toBeVisible();
  await expect(page.getByRole('group', { name: 'Queen bed from its side' })).toBeVisible();
  await expect(answer(page, 'Back row covers')).toContainText('130%');
  await expect(answer(page, 'Warmth')).toContainText('4.5 tog');
  const sheet = page.locator('#worksheet');
  await expect(sheet.getByText('15 in at the sides, 16 in at the foot')).toBeVisible();
  await expect(sheet.getByText('Sleeping pillows in shams')).toBeVisible();
});

test('a cover is folded across the foot, a pillow taken off, and both come back', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto(BEDS);
  await awake(page);
  const sheet = page.locator('#worksheet');
  await sheet.getByRole('button', { name: /Biscuit duvet cover/ }).click();
  await page.getByRole('button', { name: 'Fold across the foot' }).click();
  await saved(page);
  const lies = async () => (await look(page)).placements.find((p) => p.itemId === 'duvet-biscuit')?.lie;
  expect(await lies()).toBe('acrossFoot');
  await expect(sheet.getByText(/lies without its duvet/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await saved(page);
  expect(await lies()).toBe('made');
});

test('where the pillows go at night is kept; without it the check asks', async ({ page, studio }) => {
  await studio.fill();
  await page.goto(BEDS);
  await awake(page);
  const place = page.getByRole('combobox', { name: /come off at night go here/ });
  await place.click();
  await page.getByRole('option', { name: 'Not chosen yet' }).click();
  await expect(page.getByText(/nobody has said where they go/)).toBeVisible();
  await place.click();
  await page.getByRole('option', { name: 'Outside this room' }).click();
  const field = page.getByLabel('Where outside this room');
  await field.fill('Chest at the window');
  await field.press('Enter');
  await saved(page);
  expect((await look(page)).night).toEqual([{ of: 'bed', whereabouts: 'Chest at the window' }]);
});

test('the pillows go on the bench for the night, once there is room for them', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/harbour-bedroom/seats?look=summer');
  await awake(page);
  await page
    .getByRole('button', { name: /^Tar blue lumbar/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Take it off' }).click();
  await saved(page);
  await page.goto(BEDS);
  await awake(page);
  const place = page.getByRole('combobox', { name: /The 5 pieces that come off at night go here/ });
  await place.click();
  await page.getByRole('option', { name: 'Foot bench, seat' }).click();
  await expect(page.getByText('5 pieces come off Queen bed at night, put here: Foot bench.')).toBeVisible();
  await saved(page);
  const night = async () => (await look(page)).night;
  expect(await night()).toEqual([{ of: 'bed', whereabouts: '', spot: { of: 'bench', part: 'seat' } }]);
});

test('three ways are shown side by side; one is tried, another becomes a look', async ({ page, studio }) => {
  await studio.fill();
  await page.goto(BEDS);
  await awake(page);
  const ways = page.getByRole('region', { name: 'Three ways' });
  await expect(ways.getByRole('img')).toHaveCount(3);
  await ways.getByRole('button', { name: 'Try it' }).last().click();
  await saved(page);
  const tried = (await look(page)).placements.map((p) => p.itemId);
  expect(tried).toContain('peat-26');
  expect(tried).toContain('sheet-sailcloth');
  await ways.getByRole('button', { name: 'Make it a look' }).first().click();
  await saved(page);
  const { looks } = await fileOf(page, 'harbour-bedroom');
  const made = looks.find((l) => l.name === 'Summer, With an accent');
  expect(made?.placements.map((p) => p.itemId)).toContain('sailcloth-26');
  expect((await look(page)).placements.map((p) => p.itemId)).toEqual(tried);
  await expect(page.getByRole('tab', { name: 'Summer, With an accent' })).toHaveAttribute(
    'aria-selected',
    'true',
  );
});

test('covers are cut from one cloth, and the most of them counted', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/stash?tab=cutting&cloth=gull-panel');
  await awake(page);
  await expect(answer(page, 'Pieces')).toContainText('5 of 5');
  const count = page.getByLabel('How many').first();
  await count.fill('9');
  await count.press('Enter');
  await expect(page.getByText(/There are motifs enough/)).toBeVisible();
  await page.getByRole('button', { name: 'As many as there can be' }).first().click();
  await expect(page.getByText(/The whole cloth yields \d of these/)).toBeVisible();
  await expect(page.getByText(/There are motifs enough/)).toBeHidden();
  const response = await page.request.get('/api/stash/cut.pdf?item=gull-panel&paper=letter');
  expect(response.headers()['content-type']).toBe('application/pdf');
  expect((await page.request.get('/api/stash/cut.pdf?item=nothing')).status()).toBe(404);
});

test('what bedding is, how warm and how deep, is told in its sheet', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/stash?item=duvet-light');
  await awake(page);
  const togs = page.getByLabel('Togs');
  await expect(togs).toHaveValue('4.5');
  await togs.fill('3');
  await togs.press('Enter');
  await page.getByRole('combobox', { name: 'Bedding' }).click();
  await page.getByRole('option', { name: 'Fitted sheet' }).click();
  await expect(page.getByLabel('Pocket deep')).toBeVisible();
});
