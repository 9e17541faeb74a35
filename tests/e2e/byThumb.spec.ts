/** What is done on a phone, each task from start to end by taps at 390 px. */
import type { Page } from '@playwright/test';
import sharp from 'sharp';
import type { Item } from '../../src/core/model/types';
import { awake, expect, fileOf, saved, test } from './studio';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
test.describe.configure({ timeout: 90_000 });
test.beforeEach(({ studio }) => studio.fill());

const tap = (page: Page, name: string | RegExp) =>
  page
    .getByRole('button', { name, exact: typeof name === 'string' })
    .first()
    .tap();

test('the tape session: a measurement is typed, one skipped, and one gone back to', async ({ page }) => {
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=e');
  await awake(page);
  await page.getByRole('link', { name: 'Tape session' }).tap();
  const reading = page.locator('#tape-reading');
  await expect(reading).toBeVisible();
  await expect(page.getByText(/^1 of \d+/)).toBeVisible();
  await tap(page, 'Skip');
  await expect(page.getByText(/^2 of \d+/)).toBeVisible();
  await tap(page, 'Back');
  await expect(page.getByText(/^1 of \d+/)).toBeVisible();
  await reading.tap();
  const shown = await reading.inputValue();
  await page.keyboard.type('190 1/8');
  expect(await reading.inputValue(), `over ${shown}`).toBe('190 1/8');
  await tap(page, 'Next');
  await expect
    .poll(async () => (await fileOf(page)).room.readings.some((r) => r.secondMm !== null))
    .toBe(true);
  await page.getByRole('link', { name: 'Back to the drawing' }).tap();
  await expect(page).toHaveURL(/\/measure\?/);
});

test('what is found is entered and settled, and what bothers is ticked off', async ({ page }) => {
  await page.goto('/rooms/long-room/clear?look=early-summer');
  await awake(page);
  await page.getByLabel('What you found').tap();
  await page.keyboard.type('Pewter jug');
  await tap(page, 'Add');
  await expect.poll(async () => (await fileOf(page)).items.map((i) => i.name)).toContain('Pewter jug');
  const row = page.getByRole('listitem').filter({ hasText: 'Pewter jug' });
  await row.getByRole('radio', { name: 'let go' }).tap();
  await expect.poll(async () => (await fileOf(page)).clear.found.map((f) => f.verdict).at(-1)).toBe('letGo');
  await page.getByRole('tab', { name: /^Bothers you/ }).tap();
  await page.getByRole('checkbox').first().tap();
  await expect
    .poll(async () => (await fileOf(page)).clear.irritations.some((i) => i.doneIn !== null))
    .toBe(true);
});

test('a thing is found in the stash, and where it is', async ({ page }) => {
  await page.goto('/stash');
  await awake(page);
  await tap(page, 'Find');
  await page.getByRole('dialog').getByRole('combobox').fill('sail check');
  await page
    .getByRole('option', { name: /Sail check/ })
    .first()
    .tap();
  await expect(page.getByRole('heading', { name: 'Sail check' })).toBeVisible();
  await expect(page.getByRole('complementary').last().getByLabel('Place', { exact: true })).toHaveText(
    'Linen press',
  );
  await tap(page, 'Back to the list');
  await expect(page.getByRole('option', { name: /Sail check/ }).first()).toBeVisible();
});

test('the sheet is read, a wall approved, taken to site, and a rule asked', async ({ page }) => {
  await page.goto('/rooms/long-room/fitting?look=early-summer');
  await awake(page);
  await tap(page, 'Why Level line');
  await expect(page.getByRole('dialog')).toContainText('Source');
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).tap();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await tap(page, 'Approve this wall');
  await expect(page.getByRole('button', { name: 'Withdraw approval' }).first()).toBeVisible();
  await tap(page, 'Mark as taken to site');
  await expect(page.getByText('This is the sheet you took to site.')).toBeVisible();
  await saved(page);
});

test('a cover is put on, a picture hung, a length typed on the drawing, and undone', async ({
  page,
  studio,
}) => {
  await page.goto('/rooms/long-room/seats?look=early-summer');
  await awake(page);
  const count = async () => (await studio.plan()).seats[0]!.pillows.length;
  const before = await count();
  await tap(page, 'Put on Mist blue cotton');
  await expect.poll(count).toBe(before + 1);
  await tap(page, /^Undo/);
  await expect.poll(count).toBe(before);
  await page.goto('/rooms/long-room/walls?look=early-summer&wall=n');
  await awake(page);
  await page.getByRole('button', { name: /^Gap over Long sofa 7/ }).tap();
  await page.keyboard.type('8');
  await page.keyboard.press('Enter');
  await expect
    .poll(async () => (await studio.plan()).hangings.find((h) => h.name === 'Regatta, large')!.gapMm)
    .toBeCloseTo(8 * 25.4, 3);
});

test('a thing is put on a mantel, typed to its place, and taken off', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/surfaces?look=early-summer&wall=w');
  await awake(page);
  const clock = async () => (await studio.plan()).placed.find((p) => p.item.id === 'clock');
  await tap(page, 'Put on Slate clock');
  await expect.poll(async () => (await clock())?.spot.part).toBe('mantel');
  await page.getByLabel('Centre from the left end', { exact: true }).tap();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('33');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await clock())!.placement.xMm).toBeCloseTo(33 * 25.4, 3);
  await tap(page, 'Take it off');
  await expect.poll(clock).toBeUndefined();
});

test('a bed: bedding is picked, its layer chosen, and one of three ways tried', async ({ page }) => {
  await page.goto('/rooms/harbour-bedroom/beds?look=summer');
  await awake(page);
  const placements = async () =>
    (await fileOf(page, 'harbour-bedroom')).looks.find((l) => l.id === 'summer')!.placements;
  const made = page.getByRole('region', { name: 'Spread over the bed' });
  await made.getByRole('button', { name: /Biscuit duvet cover/ }).tap();
  await made.getByRole('combobox', { name: 'Stays' }).tap();
  await page.getByRole('option', { name: 'all year' }).tap();
  await expect
    .poll(async () => (await placements()).filter((p) => p.lie === 'made' && p.layer === 'permanent').length)
    .toBe(1);
  await page.getByRole('button', { name: 'Try it' }).first().tap();
  await expect.poll(async () => (await placements()).some((p) => p.itemId === 'duvet-mist')).toBe(true);
});

test('a cloth: a photo of it is taken, a motif pressed on it, and its cover found', async ({ page }) => {
  await page.goto('/stash?tab=cutting&cloth=gull-panel');
  await awake(page);
  const photo = page.getByRole('region', { name: 'Photo of the cloth' });
  await page
    .getByRole('button', { name: /^Marks on the cloth/ })
    .first()
    .tap();
  await photo.locator('input[type=file]').setInputFiles({
    name: 'cloth.png',
    mimeType: 'image/png',
    buffer: await sharp({ create: { width: 300, height: 400, channels: 3, background: '#c8b89a' } })
      .png()
      .toBuffer(),
  });
  const cloth = async (): Promise<Item> =>
    ((await (await page.request.get('/api/studio/backup')).json()) as { items: Item[] }).items.find(
      (i) => i.id === 'gull-panel',
    )!;
  const motifs = async () => (await cloth()).cloth!.motifs;
  const image = photo.getByRole('img');
  await expect(image).toBeVisible();
  const before = await motifs();
  const { widthMm, heightMm } = await cloth();
  // somewhere between the motifs that are marked already
  const isClear = (share: number) =>
    before.every((m) => Math.hypot(m.xMm - widthMm * share, m.yMm - heightMm * share) > widthMm / 8);
  const share = Array.from({ length: 60 }, (_, i) => 0.2 + i / 100).find(isClear)!;
  const { width, height } = (await image.boundingBox())!;
  // the corners of the cloth are taken to be 8% in from those of the photo
  const at = 0.08 + 0.84 * share;
  await image.tap({ position: { x: width * at, y: height * at } });
  await expect.poll(async () => (await motifs()).length).toBe(before.length + 1);
  const added = (await motifs()).at(-1)!;
  expect(Math.abs(added.xMm - widthMm * share)).toBeLessThan(widthMm / 50);
  expect(Math.abs(added.yMm - heightMm * share)).toBeLessThan(heightMm / 50);
});
