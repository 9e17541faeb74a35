/** Covers, inserts, throws and cushions: the insert bench, the composer, what is laid over a sofa. */
import type { Page } from '@playwright/test';
import { awake, expect, fileOf, saved, test } from './studio';

const SEATS = '/rooms/long-room/seats?look=early-summer';
const look = async (page: Page) => (await fileOf(page)).looks.find((l) => l.id === 'early-summer')!;
const answer = (page: Page, label: string) =>
  page.locator('p', { hasText: new RegExp(`^${label}$`) }).locator('xpath=..');
const size = async (page: Page, label: string, text: string) => {
  const field = page.getByLabel(label, { exact: true });
  await field.fill(text);
  await field.press('Enter');
};

test('the insert bench: any cover to its insert, by filling and school', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/stash?tab=inserts');
  await awake(page);
  const insert = answer(page, 'Insert').first();
  await expect(insert).toContainText('22 × 22 in');
  await page.getByRole('radio', { name: 'Very full' }).click();
  await expect(insert).toContainText('24 × 24 in');
  await page.getByRole('radio', { name: 'Lightly filled' }).click();
  await expect(insert).toContainText('20 × 20 in');
  await size(page, 'Cover height', '12');
  await page.getByRole('radio', { name: 'Full', exact: true }).click();
  await expect(insert).toContainText('22 × 14 in');
  await page.getByRole('checkbox', { name: 'Round' }).click();
  await expect(insert).toContainText('22 × 22 in');
  await page.getByRole('checkbox', { name: 'Round' }).click();
  await size(page, 'Cover width', '36');
  await size(page, 'Cover height', '31');
  await expect(insert).toContainText('none fits');
  await expect(insert).toContainText('One of 38 × 33 in would do, made to order');
});

test('the year’s inserts: fewer than all looks take together, and what is to buy', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/stash?tab=inserts');
  await awake(page);
  const year = page.getByRole('heading', { name: 'For the whole year' }).locator('xpath=..');
  const count = async (label: string) =>
    Number(
      await year
        .locator('p', { hasText: new RegExp(`^${label}$`) })
        .first()
        .locator('xpath=following-sibling::p')
        .innerText(),
    );
  await expect.poll(() => count('Inserts that do')).toBeGreaterThan(5);
  const bought = await year.locator('tbody').first().locator('tr td:nth-child(4)').allInnerTexts();
  expect(bought.map(Number).reduce((a, b) => a + b, 0)).toBe(await count('To buy'));
});

test('the quick answer says every way to fill a cover', async ({ page }) => {
  await page.goto('/quick/insert');
  await awake(page);
  await page.getByRole('radio', { name: 'Very full' }).click();
  const cell = page
    .getByRole('row', { name: /Very full/ })
    .getByRole('cell')
    .first();
  await expect(cell).toContainText('24 × 24');
  await expect(cell).toHaveAttribute('aria-current', 'true');
  await expect(page.getByText('173% full').first()).toBeVisible();
});

test('a throw is folded, laid over an arm, let down, and laid across the seat', async ({ page, studio }) => {
  await studio.fill();
  await page.goto(SEATS);
  await awake(page);
  const thrown = async () => (await look(page)).placements.find((p) => p.itemId === 'throw-lichen')!;
  await page.getByRole('button', { name: /^Lichen wool throw over the back/ }).click();
  await page.getByRole('radio', { name: 'In half' }).click();
  await expect.poll(async () => (await thrown()).fold).toBe('halves');
  await size(page, 'Hangs behind', '40');
  await expect(page.getByText(/4 in of Lichen wool throw lies on the floor behind the back/)).toBeVisible();
  await page.getByRole('combobox', { name: 'Laid' }).click();
  await page.getByRole('option', { name: 'over the right arm' }).click();
  await expect.poll(async () => (await thrown()).spot.part).toBe('arm2');
  expect(await thrown()).toMatchObject({ lie: 'overArm', fold: null, hangsMm: null });
  await expect(
    page.getByText(/Lichen wool throw makes a band .* It hangs .* down outside the arm/),
  ).toBeVisible();
  await page.getByRole('combobox', { name: 'Laid' }).click();
  await page.getByRole('option', { name: 'across the seat' }).click();
  await expect.poll(async () => (await thrown()).spot.part).toBe('seat');
  await saved(page);
});

test('a pillow is chopped, its zip turned; loose cushions are taken out and put somewhere', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto(SEATS);
  await awake(page);
  await page
    .getByRole('button', { name: /^Tanbark linen/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Chop it' }).click();
  await page.getByRole('combobox', { name: 'Zip' }).click();
  await page.getByRole('option', { name: 'on top' }).click();
  const pillow = async () => (await look(page)).placements.find((p) => p.itemId === 'tanbark-20')!;
  await expect.poll(async () => [(await pillow()).chopped, (await pillow()).zip]).toEqual([true, 'up']);
  await expect(page.getByText('The zip of Tanbark linen shows along its top.')).toBeVisible();
  await page.getByText('polyester', { exact: true }).click();
  await expect(page.getByText(/Tanbark linen won’t hold a dent/)).toBeVisible();
  await size(page, 'Loose cushions out', '3');
  await expect(page.getByText(/3 loose cushions of Long sofa are out and have no place yet/)).toBeVisible();
  await size(page, 'Kept meanwhile', 'Attic shelf');
  await expect(
    page.getByText(/kept here: Attic shelf\. That leaves the seat about 6 in deeper/),
  ).toBeVisible();
  await saved(page);
  expect((await look(page)).cushionsOut).toEqual([{ of: 'long-sofa', count: 3, whereabouts: 'Attic shelf' }]);
});

test('all seats are composed together; what is locked stays', async ({ page, studio }) => {
  await studio.fill();
  await page.goto(SEATS);
  await awake(page);
  const ideas = page.getByRole('region', { name: 'Other ideas' });
  await page
    .getByRole('group', { name: 'Long sofa' })
    .getByRole('button', { name: 'Ticking lumbar' })
    .press('l');
  await saved(page);
  const kept = (await look(page)).placements.find((p) => p.itemId === 'ticking-lumbar' && p.locked)!;
  await ideas.getByRole('radio', { name: 'All seats' }).click();
  // a slow machine is given its time
  await expect(ideas.getByRole('progressbar')).toBeHidden({ timeout: 30_000 });
  await expect(ideas.getByRole('button', { name: 'Use this one' }).first()).toBeVisible();
  await ideas.getByRole('button', { name: 'Use this one' }).first().click();
  await saved(page);
  const placements = (await look(page)).placements;
  expect(placements.find((p) => p.id === kept.id)).toEqual(kept);
  const plan = await studio.plan();
  const broken = [
    'front-larger-than-back',
    'step-too-small',
    'back-too-tall',
    'ends-differ',
    'cover-bought-short',
  ];
  expect(plan.findings.filter((f) => broken.includes(f.code)).map((f) => f.code)).toEqual([]);
});

test('on a phone the bench is worked by thumb', async ({ page, studio }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await studio.fill();
  await page.goto('/stash?tab=inserts');
  await awake(page);
  await page.getByRole('radio', { name: 'Very full' }).click();
  await expect(answer(page, 'Insert').first()).toContainText('24 × 24 in');
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
});
