import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ITEMS, expect, listed, saved, test, type, notice } from './studio';

test.beforeEach(async ({ studio }) => {
  await studio.fill();
});
const rod = async (studio: { plan: (l?: string) => Promise<{ windows: { rodHeightMm: number }[] }> }) =>
  Math.round(((await studio.plan()).windows[0]!.rodHeightMm / 25.4) * 8) / 8;

test('survives a killed server: what is done meanwhile is kept and sent when it is back', async ({
  page,
  studio,
}) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  await type(page, /^Rod, floor to centre$/, '104');
  await saved(page);
  await studio.kill();
  await type(page, /^Rod, floor to centre$/, '103');
  await expect(page.getByRole('status').first()).toContainText("Can't reach the studio");
  await studio.start();
  await expect(page.getByRole('status').first()).toHaveText('Saved', { timeout: 15_000 });
  expect(await rod(studio)).toBe(103);
});

test('a crashed page: the next one finds what was not sent', async ({ page, context, studio }) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  await studio.kill();
  await type(page, /^Rod, floor to centre$/, '102');
  await expect(page.getByRole('status').first()).toContainText("Can't reach the studio");
  await page.close();
  await studio.start();
  const again = await context.newPage();
  await again.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  await expect.poll(() => rod(studio)).toBe(102);
});

test('a second tab that is out of date is told, and loses nothing', async ({ page, context, studio }) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  const other = await context.newPage();
  const awake = other.waitForResponse((r) => r.request().method() === 'POST', { timeout: 20_000 });
  await other.goto('/rooms/long-room/walls?look=early-summer&wall=n');
  await expect(other.getByRole('heading', { name: 'Regatta, large' })).toBeVisible();
  // a page that has not yet asked whether it is current takes what is new without a word: it shows nothing
  // old
  await awake;
  await type(page, /^Rod, floor to centre$/, '104');
  await saved(page);
  await expect(other.getByRole('alertdialog')).toContainText('Someone changed this room');
  await type(other, 'Gap over Long sofa', '8');
  await expect(other.getByRole('alertdialog')).toContainText('Your own changes are kept');
  await other.getByRole('button', { name: 'Keep my changes too' }).click();
  await expect(other.getByRole('status').first()).toHaveText('Saved');
  const plan = await studio.plan();
  expect([plan.windows[0]!.rodHeightMm / 25.4, plan.hangings[0]!.gapMm! / 25.4].map(Math.round)).toEqual([
    104, 8,
  ]);
});

test('undo pressed before the studio has answered takes back what was just done', async ({
  page,
  studio,
}) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  const previous = await rod(studio);
  await page.route('**/rooms/**', async (route) => {
    if (route.request().method() === 'POST') await new Promise((r) => setTimeout(r, 700));
    await route.continue();
  });
  await type(page, /^Rod, floor to centre$/, '104');
  await type(page, /^Rod, floor to centre$/, '103');
  await page.locator('h1, h2').first().click();
  await expect(page.getByRole('status').first()).not.toHaveText(/Saved|Undone/);
  await page.locator('body').press('Control+z');
  await expect(notice(page)).toContainText('Undone');
  expect(await rod(studio)).toBe(104);
  await page.locator('body').press('Control+z');
  await expect.poll(() => rod(studio)).toBe(previous);
});

test('undo and redo across stages, by key, with what was undone said', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  await type(page, /^Rod, floor to centre$/, '104');
  await saved(page);
  await page.getByRole('link', { name: /Seats/ }).click();
  await page
    .getByRole('button', { name: /^Tanbark linen/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Take it off' }).click();
  await saved(page);
  await page.locator('body').press('Control+z');
  await expect(notice(page)).toHaveText('Undone: Tanbark linen taken off');
  await page.locator('body').press('Control+z');
  await expect(notice(page)).toHaveText(/^Undone: rod (line|of Harbour window) to 104 in$/);
  expect(await rod(studio)).toBe(105);
  await page.locator('body').press('Control+z');
  await expect(notice(page)).toHaveText('Nothing to undo.');
  await page.locator('body').press('Control+Shift+z');
  await expect.poll(() => rod(studio)).toBe(104);
});

test('the back button brings nothing old back', async ({ page, studio }) => {
  await page.goto('/');
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  await type(page, /^Rod, floor to centre$/, '104');
  await saved(page);
  await page.getByRole('link', { name: /Rideau/ }).click();
  await expect(page.getByRole('heading', { name: 'Rooms' })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('textbox', { name: 'Rod, floor to centre' })).toHaveValue('104');
  expect(await rod(studio)).toBe(104);
});

test('a room file goes out and comes in identical; a damaged or foreign one is refused with where', async ({
  page,
  studio,
}, info) => {
  await page.goto('/');
  const card = page.getByRole('article').filter({ hasText: 'Long Room' });
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    card.getByRole('link', { name: 'Room file' }).click(),
  ]);
  const file = info.outputPath('room.json');
  await download.saveAs(file);
  const previous = JSON.parse(readFileSync(file, 'utf8'));
  await card.getByRole('button', { name: 'Remove' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByRole('heading', { name: 'Long Room' })).toHaveCount(0);
  const text = readFileSync(file, 'utf8');
  for (const [name, body, says] of [
    ['cut.json', text.slice(0, 4000), /the file itself: The file is damaged or not JSON/],
    ['wrong.json', text.replace('"widthMm": 1320.8', '"widthMm": "wide"'), /at openings\.0\.widthMm/],
    ['foreign.json', '{"cats":3}', /This is not a room file/],
    ['binary.json', Buffer.from([0xff, 0xfe, 0x00, 0x80]), /damaged/],
  ] as const) {
    const bad = path.join(info.outputDir, name);
    writeFileSync(bad, body);
    await page.getByLabel('Import a room file').setInputFiles(bad);
    await expect(page.getByRole('alert').filter({ hasText: says })).toContainText('nothing was changed');
  }
  expect((await (await page.request.get('/api/studio/backup')).json()).rooms.length).toBe(5);
  await page.getByLabel('Import a room file').setInputFiles(file);
  await expect(page.getByText('Imported.')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Long Room' })).toBeVisible();
  expect(await (await page.request.get('/api/rooms/long-room/file')).json()).toEqual(previous);
  expect((await studio.plan()).windows.length).toBe(2);
});

test('the whole studio backs up and restores', async ({ page }, info) => {
  await page.goto('/');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Back up the studio' }).click(),
  ]);
  const file = info.outputPath('studio.json');
  await download.saveAs(file);
  await page
    .getByRole('article')
    .filter({ hasText: 'Landing' })
    .getByRole('button', { name: 'Remove' })
    .click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByRole('heading', { name: 'Landing' })).toHaveCount(0);
  await page.getByLabel('Restore a backup').setInputFiles(file);
  await page.getByRole('button', { name: 'Restore it' }).click();
  await expect(page.getByText(`Restored: 6 rooms, ${ITEMS} items`)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Landing' })).toBeVisible();
});

test('removing a window says what goes with it, and undo brings all of it back', async ({ page, studio }) => {
  const previous = await studio.plan();
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=e');
  await listed(page, 'Harbour window').click();
  await expect(page.getByText('3 things dressed or placed there')).toBeVisible();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await saved(page);
  await expect.poll(async () => (await studio.plan()).windows.length).toBe(1);
  await page.locator('body').press('Control+z');
  await expect.poll(async () => (await studio.plan()).windows.length).toBe(2);
  expect(await studio.plan()).toEqual(previous);
});
