/** What is done less often, by keys alone: a group, one rod round a bay, covers from one cloth, a wall’s photo. */
import sharp from 'sharp';
import { button, chooseOption, chooseRadio, press, staysNear, tabTo, write } from './keys';
import { awake, expect, fileOf, saved, test } from './studio';

test.describe.configure({ timeout: 180_000 });
test.beforeEach(({ studio }) => studio.fill());

test('several pictures are hung as one, laid out, arranged and moved together', async ({ page, studio }) => {
  await page.goto('/rooms/lookout/walls?look=summer&wall=n2');
  await awake(page);
  const group = async () => (await studio.plan('summer', 'lookout')).groups.find((g) => g.name === 'Group 2');
  await press(page, button(page, 'Hang several as one'));
  await staysNear(page);
  const sheet = page.locator('#worksheet');
  for (const name of ['bowline', 'hitch']) {
    await press(page, sheet.getByLabel('Add from the stash'));
    await expect(page.getByRole('option', { name: new RegExp(name) })).toBeVisible();
    await page.keyboard.type(name);
    await expect(page.getByRole('option')).toHaveCount(1);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('option')).toHaveCount(0);
  }
  await write(page, sheet.getByLabel(/Plan a frame/).first(), '12');
  await write(page, sheet.getByLabel('Its height').first(), '16');
  await expect.poll(async () => ((await group())?.widthMm ?? 0) / 25.4).toBeCloseTo(41, 3);
  await staysNear(page);
  await chooseOption(page, sheet.getByLabel('Laid out as'), 'column');
  await expect.poll(async () => ((await group())?.heightMm ?? 0) / 25.4).toBeCloseTo(53, 3);
  const before = (await group())!.xMm;
  await tabTo(page, page.locator('svg').getByRole('button', { name: 'Group 2, as a whole' }));
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => ((await group())!.xMm - before) / 25.4).toBeCloseTo(1 / 8, 4);
  await chooseOption(page, sheet.getByLabel('Laid out as'), 'free');
  await press(page, sheet.getByRole('button', { name: 'Arrange', exact: true }));
  const hangings = async () => JSON.stringify((await fileOf(page, 'lookout')).looks.map((l) => l.hangings));
  const asColumn = await hangings();
  await press(page, sheet.getByRole('button', { name: 'Use this layout' }).first());
  await expect.poll(hangings).not.toBe(asColumn);
  await staysNear(page);
});

test('a window of a bay is given its own rod, and goes back under the one', async ({ page, studio }) => {
  await page.goto('/rooms/lookout/windows?look=summer&wall=b2');
  await awake(page);
  const rods = async () => (await studio.plan('summer', 'lookout')).windows.map((w) => w.openingIds.length);
  await press(page, button(page, 'Give Bay right its own rod'));
  await expect.poll(rods).toEqual([2, 1, 1]);
  await staysNear(page);
  await press(page, button(page, 'One rod with Bay right'));
  await expect.poll(rods).toEqual([3, 1]);
  await staysNear(page);
});

test('an insert is found on the bench, and covers are cut from one cloth', async ({ page }) => {
  await page.goto('/stash?tab=inserts');
  await awake(page);
  await write(page, page.getByLabel('Cover width'), '36');
  await write(page, page.getByLabel('Cover height'), '14');
  await expect(page.getByText(/38 × 16 in/).first()).toBeVisible();
  await chooseRadio(page, 'Lightly filled', page.locator('main'));
  await expect(page.getByText(/36 × 14 in/).first()).toBeVisible();
  await page.goto('/stash?tab=cutting&cloth=gull-panel');
  await awake(page);
  await write(page, page.getByLabel('How many').first(), '9');
  await expect(page.getByText(/There are motifs enough/)).toBeVisible();
  await press(page, button(page, 'As many as there can be'));
  await expect(page.getByText(/The whole cloth yields \d of these/)).toBeVisible();
  await staysNear(page);
});

test('the photo of a wall is straightened by arrows, and a bay built into the wall', async ({ page }) => {
  const photo = await sharp({ create: { width: 800, height: 500, channels: 3, background: '#998877' } })
    .jpeg()
    .toBuffer();
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=n');
  await awake(page);
  await press(page, button(page, 'Photo'));
  await page
    .locator('aside input[type=file]')
    .setInputFiles({ name: 'wall.jpg', mimeType: 'image/jpeg', buffer: photo });
  await tabTo(page, button(page, 'Corner 1 of the photo'));
  const corner = async () => (await fileOf(page)).room.wallPhotos[0]?.corners[0].x;
  const before = (await corner())!;
  await page.keyboard.press('Shift+ArrowRight');
  await expect.poll(corner).toBeCloseTo(before + 0.02, 6);
  await write(page, page.getByRole('textbox', { name: 'Known length' }), '100');
  // the line spans half of what the corners hold: the whole is twice as wide
  await expect
    .poll(async () => Math.round((await fileOf(page)).room.wallPhotos[0]!.widthMm / 25.4))
    .toBeGreaterThan(170);
  await press(page, button(page, 'Bay'));
  await write(page, page.getByLabel('Width at the wall'), '90');
  await write(page, page.getByLabel('Depth'), '20');
  await press(page, button(page, 'Build it in'));
  await expect.poll(async () => (await fileOf(page)).room.walls.length).toBeGreaterThan(4);
  await staysNear(page);
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(async () => (await fileOf(page)).room.walls.length).toBe(4);
  await saved(page);
});
