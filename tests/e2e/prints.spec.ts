import { PDFDocument } from 'pdf-lib';
import { expect, fileOf, test, type, choose } from './studio';

test.beforeEach(async ({ studio }) => studio.fill());

const sheet = (page: import('@playwright/test').Page) => page.getByRole('complementary').last();
const hangingsOf = async (page: import('@playwright/test').Page, room = 'lookout') =>
  (await fileOf(page, room)).looks.find((l) => l.id === 'summer')!;

test('what the mirror shows is drawn on the plan and on the unrolled walls', async ({ page, studio }) => {
  await page.goto('/rooms/lookout/walls?look=summer&wall=w');
  const seen = await studio.plan('summer', 'lookout');
  const mirror = seen.hangings.find((h) => h.name === 'Porthole mirror')!;
  const sight = seen.sights.find((s) => s.hangingId === mirror.hangingId && s.shows.length > 0)!;
  await sheet(page).getByText('Reflections in the glass').click();
  await expect(sheet(page)).toContainText(sight.shows[0]!.name);
  await sheet(page).getByRole('button', { name: 'Show me' }).first().click();
  await expect(page.getByRole('img', { name: 'On the unrolled walls' })).toBeVisible();
  await sheet(page).getByRole('button', { name: 'Back' }).click();
  await expect(page.getByRole('group', { name: /West wall/ })).toBeVisible();
});

test('a print in a frame: its mat, its pixels, its colours on the wall', async ({ page, studio }) => {
  await page.goto('/rooms/lookout/walls?look=summer&wall=s');
  await sheet(page).getByRole('radio', { name: 'Tide table, 1911', exact: true }).click();
  await sheet(page).getByText('Print and mat').click();
  await sheet(page).getByRole('button', { name: 'Put a print in this frame' }).click();
  await choose(sheet(page).getByLabel('Sheet', { exact: true }), /^11 × 14/);
  await expect(sheet(page)).toContainText(/10\s?1⁄2 × 13\s?1⁄2 in/);
  await type(page, 'File, pixels across', '1000');
  await type(page, 'File, pixels up', '1200');
  await expect
    .poll(async () =>
      (await studio.plan('summer', 'lookout')).findings.some((f) => f.code === 'print-pixels-short'),
    )
    .toBe(true);
  await choose(sheet(page).getByLabel('Print', { exact: true }), 'Gull in charcoal');
  await expect
    .poll(async () => (await hangingsOf(page)).hangings.find((h) => h.itemId === 'art-tide')!.print?.itemId)
    .toBe('art-gull');
});

test('templates come at full size, the elevation in true units', async ({ page, studio }) => {
  await page.goto('/rooms/lookout/walls?look=summer&wall=s');
  const h = (await studio.plan('summer', 'lookout')).hangings.find((x) => x.name === 'Terns')!;
  for (const [paper, size] of [
    ['a4', [595.28, 841.89]],
    ['letter', [612, 792]],
  ] as const) {
    const pdf = await PDFDocument.load(
      await (
        await page.request.get(
          `/api/rooms/lookout/template.pdf?look=summer&hanging=${h.hangingId}&paper=${paper}`,
        )
      ).body(),
    );
    // upright or across, whichever takes fewer pages
    const { width, height } = pdf.getPage(0).getSize();
    expect([width, height].sort((a, b) => a - b)).toEqual([
      expect.closeTo(size[0], 1),
      expect.closeTo(size[1], 1),
    ]);
    expect(pdf.getPageCount()).toBeGreaterThan(1);
  }
  const svg = await (
    await page.request.get(`/api/rooms/lookout/template.svg?look=summer&hanging=${h.hangingId}`)
  ).text();
  expect(svg).toContain(`width="${Math.round((h.widthMm + 24) * 1000) / 1000}mm"`);
  const wall = (scale: number) =>
    page.request.get(`/api/rooms/lookout/wall.svg?look=summer&wall=s&scale=${scale}`);
  const read = async (scale: number) => {
    const text = await (await wall(scale)).text();
    return {
      mm: Number(/width="([\d.]+)mm"/.exec(text)![1]),
      box: Number(/viewBox="0 0 ([\d.]+)/.exec(text)![1]),
      text,
    };
  };
  const [one, twenty] = [await read(1), await read(20)];
  expect(one.mm).toBeCloseTo(one.box, 3);
  expect(twenty.mm * 20).toBeCloseTo(twenty.box, 1);
  // 192 in of wall, and 12 mm of paper on each side
  expect(one.mm).toBeCloseTo(192 * 25.4 + 24, 2);
  // what is noted at the right end stands to the left of its point, and so on the paper
  for (const room of ['long-room', 'lookout']) {
    for (const { id } of (await (await page.request.get(`/api/rooms/${room}/file`)).json()).room.walls as {
      id: string;
    }[]) {
      const drawn = await (await page.request.get(`/api/rooms/${room}/wall.svg?wall=${id}&scale=20`)).text();
      const wide = Number(/viewBox="0 0 ([\d.]+)/.exec(drawn)![1]);
      for (const [, x, anchor] of drawn.matchAll(/<text x="([\d.]+)"[^>]*text-anchor="(\w+)"/g))
        expect(Number(x), `${room} ${id}`)[anchor === 'end' ? 'toBeGreaterThan' : 'toBeLessThan'](
          wide - 24 * 20 - (anchor === 'end' ? 20 : -1),
        );
    }
  }
  expect((await wall(3)).status()).toBe(404);
  expect((await page.request.get('/api/rooms/lookout/template.pdf?look=summer&hanging=none')).status()).toBe(
    404,
  );
});
