import { PDFDocument } from 'pdf-lib';
import { axeFindsNothing, expect, fileOf, saved, test, type, choose } from './studio';

test.beforeEach(async ({ studio }) => studio.fill());

const sheet = (page: import('@playwright/test').Page) => page.getByRole('complementary').last();
const open = (page: import('@playwright/test').Page, title: string) =>
  sheet(page).getByText(title, { exact: true }).first().click();

test('all windows together: the best three, each with what it gives up, and one of them is hung', async ({
  page,
  studio,
}) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  await open(page, 'Other ways to dress');
  const ways = sheet(page).getByRole('list', { name: 'Other ways to dress' }).getByRole('listitem');
  await expect(ways).toHaveCount(3);
  for (const way of await ways.all()) await expect(way).toContainText(/ompromises/);
  await ways.nth(1).getByRole('button', { name: 'Use this layout' }).click();
  await saved(page);
  await expect
    .poll(async () =>
      (await studio.plan()).windows.map((w) => [w.chosenRoute?.stockMm, w.rodHeightMm / 25.4]),
    )
    .toEqual([
      [expect.closeTo(2590.8, 1), 105],
      [expect.closeTo(2590.8, 1), 105],
    ]);
  await expect(ways.nth(1)).toContainText('In use');
});

test('a sheer behind, a heading on a track, a rod in the reveal: what belongs together comes along', async ({
  page,
  studio,
}) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  await sheet(page).getByRole('button', { name: 'Hang a sheer behind it' }).click();
  await expect.poll(async () => (await studio.plan()).windows[0]!.sheer?.panels).toBeGreaterThan(2);
  await choose(sheet(page).getByLabel('Sheer behind it, Cloth'), /Sailcloth voile/);
  await saved(page);
  expect((await fileOf(page)).items.some((i) => i.id === 'panel-voile')).toBe(true);
  await choose(sheet(page).getByLabel('Heading', { exact: true }).first(), /wave/i);
  await expect
    .poll(async () => (await fileOf(page)).looks.find((l) => l.id === 'early-summer')!.dressings[0]!.rod.make)
    .toBe('track');
  await choose(sheet(page).getByLabel('Fixed'), 'in the reveal');
  await expect
    .poll(async () => {
      const w = (await studio.plan()).windows[0]!;
      return [w.mount, w.hemOn, Math.round(w.bracketToBracketMm / 25.4)];
    })
    .toEqual(['inside', 'sill', 52]);
  // undo takes the place of the rod back, then its make
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await studio.plan()).windows[0]!.mount).toBe('wall');
});

test('curtains on the leaves of the balcony door: rods above and below, as many panels on each', async ({
  page,
  studio,
}) => {
  await page.goto('/rooms/lookout/windows?look=summer&wall=e');
  const door = async () =>
    (await studio.plan('summer', 'lookout')).windows.find((w) => w.openingId === 'balcony-door');
  // of eight walls the one that is worked on is among those that the strip shows
  await expect(page.getByRole('radio', { name: 'East wall 2', exact: true })).toBeInViewport({
    ratio: 0.95,
  });
  await sheet(page)
    .getByRole('radio', { name: /^Balcony door/ })
    .click();
  await choose(sheet(page).getByLabel('Fixed'), 'on the leaves');
  await expect
    .poll(async () => {
      const w = (await door())!;
      return [w.mount, w.leaves?.length, w.rod.count, w.brackets, w.panels];
    })
    .toEqual(['leaf', 2, 4, 8, 2]);
  await expect(sheet(page)).toContainText('It moves with the leaf');
  await expect(sheet(page).getByRole('heading', { name: 'Hem', exact: true })).toHaveCount(0);
  await type(page, 'Panels', '3');
  await expect.poll(async () => (await door())!.panels).toBe(4);
  const pdf = await page.request.get('/api/rooms/lookout/cuts.pdf?look=summer');
  expect(pdf.ok()).toBe(true);
  await page.reload();
  await expect
    .poll(
      async () =>
        (await fileOf(page, 'lookout')).looks
          .find((l) => l.id === 'summer')!
          .dressings.find((d) => d.openingId === 'balcony-door')?.mount,
    )
    .toBe('leaf');
});

test('light, rod, making and sound are told, and the cut list can be taken along', async ({
  page,
  studio,
}) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  const w = (await studio.plan()).windows[0]!;
  await open(page, 'Light and privacy');
  await expect(sheet(page)).toContainText(`${Math.round(w.light.open * 100)}%`);
  await open(page, 'Rod and hardware');
  await expect(sheet(page)).toContainText(`${w.brackets} brackets`);
  await type(page, 'Diameter', '1/2');
  await expect.poll(async () => (await studio.plan()).windows[0]!.rod.section.outerMm).toBeCloseTo(12.7, 3);
  expect((await studio.plan()).windows[0]!.brackets).toBeGreaterThan(w.brackets);
  await open(page, 'Made to measure');
  await type(page, 'Pattern repeat', '25');
  await expect
    .poll(async () => ((await studio.plan()).windows[0]!.making.cutMm / 25.4) % 25)
    .toBeCloseTo(0, 6);
  await open(page, 'How the room sounds');
  await expect(sheet(page)).toContainText(/RT60/);
  const pdf = await PDFDocument.load(
    await (await page.request.get('/api/rooms/long-room/cuts.pdf?look=early-summer')).body(),
  );
  expect(pdf.getPageCount()).toBeGreaterThan(0);
  expect((await page.request.get('/api/rooms/nowhere/cuts.pdf')).status()).toBe(404);
});

test('a bay hangs under one rod, unrolled; a window is given its own rod and goes back under it', async ({
  page,
  studio,
}) => {
  await page.goto('/rooms/lookout/windows?look=summer&wall=b2');
  await expect(page.getByRole('heading', { name: '3 walls, unrolled' })).toBeVisible();
  await expect(sheet(page).getByRole('heading', { name: 'Bay left + Bay front + Bay right' })).toBeVisible();
  await sheet(page).getByRole('button', { name: 'Give Bay right its own rod' }).click();
  await expect
    .poll(async () => (await studio.plan('summer', 'lookout')).windows.map((w) => w.openingIds.length))
    .toEqual([2, 1, 1]);
  await sheet(page).getByRole('button', { name: 'One rod with Bay right' }).click();
  await expect
    .poll(async () => (await studio.plan('summer', 'lookout')).windows.map((w) => w.openingIds.length))
    .toEqual([3, 1]);
});

test('a tub is given a shower curtain', async ({ page, studio }) => {
  const file = await fileOf(page, 'landing');
  const wallId = file.room.walls[0]!.id;
  const tub = {
    id: 'tub',
    name: 'Tub',
    kind: 'tub',
    wallId,
    rises: 'right',
    xMm: 100,
    widthMm: 1600,
    bottomMm: 0,
    heightMm: 560,
    depthMm: 700,
    mantel: null,
    colours: [{ l: 95, a: 0, b: 1, share: 1 }],
  };
  const put = await page.request.post('/api/rooms', {
    data: {
      ...file,
      room: { ...file.room, id: 'wet-room', name: 'Wet room' },
      pieces: [],
      fittings: [tub],
      openings: [],
      looks: [
        {
          ...file.looks[0]!,
          id: 'wet',
          isRecord: false,
          dressings: [],
          hangings: [],
          groups: [],
          placements: [],
        },
      ],
    },
  });
  expect(put.ok(), await put.text()).toBe(true);
  await page.goto('/rooms/wet-room/windows?look=wet');
  await sheet(page).getByRole('button', { name: 'Hang a shower curtain' }).click();
  await expect
    .poll(async () => {
      const [w] = (await studio.plan('wet', 'wet-room')).windows;
      return w && [w.shower, w.bracketToBracketMm, w.findings.some((f) => f.code === 'shower-hem')];
    })
    .toEqual([true, 1600, true]);
});

test('axe finds nothing on Windows with all its folds open', async ({ page }) => {
  await page.goto('/rooms/lookout/windows?look=summer&wall=b2');
  await axeFindsNothing(page, '/rooms/lookout/windows?look=summer&wall=b2', 1280);
});
