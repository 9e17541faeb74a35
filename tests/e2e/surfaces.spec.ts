/** Things on surfaces: put there from the stash, in and on each other, moved, taken apart, and on the sheet. */
import type { Page } from '@playwright/test';
import { emptyLists } from '../../src/core/model/nouns';
import { awake, expect, fileOf, listed, saved, test } from './studio';

const SURFACE = '/rooms/long-room/surfaces?look=early-summer-blue&wall=s';
const placements = async (page: Page) =>
  (await fileOf(page)).looks.find((l) => l.id === 'early-summer-blue')!.placements;

test('a thing is put where there is room, dragged, nudged, typed and taken off', async ({ page, studio }) => {
  await studio.fill();
  await page.goto(SURFACE);
  await awake(page);
  await expect(page.getByRole('heading', { name: 'Sea chest' })).toBeVisible();
  const before = (await placements(page)).length;
  await page.getByRole('button', { name: 'Put on Slate clock' }).click();
  await saved(page);
  const put = (await placements(page)).find((p) => p.itemId === 'clock')!;
  expect(put.spot).toEqual({ of: 'chest', part: 'top' });
  const drawn = page
    .getByRole('group', { name: 'Sea chest' })
    .getByRole('button', { name: 'Slate clock', exact: true });
  const xOf = async () => (await placements(page)).find((p) => p.id === put.id)?.xMm;
  const box = (await drawn.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 30, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect.poll(xOf).toBeLessThan(put.xMm - 20);
  const dragged = (await xOf())!;
  await drawn.press('ArrowRight');
  await expect.poll(xOf).toBeCloseTo(dragged + 25.4 / 8, 6);
  await page.getByLabel('Centre from the left end', { exact: true }).fill('44');
  await page.getByLabel('Centre from the left end', { exact: true }).press('Enter');
  await expect.poll(xOf).toBeCloseTo(44 * 25.4, 6);
  // what was moved is carried on the drawing: it is where it would be drawn anew
  await saved(page);
  const carried = (await drawn.boundingBox())!;
  expect(carried.x).toBeGreaterThan(box.x - 200);
  await page.reload();
  await awake(page);
  const drawnAnew = (await drawn.boundingBox())!;
  for (const side of ['x', 'y', 'width', 'height'] as const)
    expect(Math.abs(drawnAnew[side] - carried[side]), side).toBeLessThan(1);
  await drawn.press('Delete');
  await expect.poll(async () => (await placements(page)).length).toBe(before);
});

test('the wall that is chosen below shows its surface, also after one was picked from the list', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/rooms/long-room/surfaces?look=early-summer&wall=s');
  await awake(page);
  const shown = page.getByRole('radio', { checked: true });
  await page.getByRole('combobox', { name: 'Surface' }).click();
  await page.getByRole('option', { name: /^Stove, mantel/ }).click();
  await expect(page.getByRole('heading', { name: 'Stove, mantel' })).toBeVisible();
  await expect(shown.filter({ hasText: 'West' })).toBeVisible();
  await page.getByRole('radio', { name: /^East/ }).click();
  await expect(page.getByRole('heading', { name: 'Stove, mantel' })).toBeHidden();
  await expect(shown.filter({ hasText: 'East' })).toBeVisible();
});

test('a tray carries what is put on it, goes with it, and gives it back', async ({ page, studio }) => {
  await studio.fill();
  await page.goto(SURFACE);
  await awake(page);
  const inLook = () => placements(page);
  const drawn = (name: string) =>
    page.getByRole('group', { name: 'Sea chest' }).getByRole('button', { name, exact: true });
  await page.getByRole('button', { name: 'Put on Slate tray' }).click();
  await saved(page);
  await page.getByRole('combobox', { name: 'Put it on' }).click();
  await page.getByRole('option', { name: 'Slate tray' }).click();
  await page.getByRole('button', { name: 'Put on Glass net float' }).click();
  await saved(page);
  const tray = (await inLook()).find((p) => p.itemId === 'tray')!;
  const float = (await inLook()).find((p) => p.itemId === 'float-green')!;
  expect(float.spot).toEqual({ of: tray.id, part: 'top' });
  await expect(page.getByText('with Slate tray')).toBeVisible();
  // the tray moves, and what is on it is drawn where the tray is
  const at = async () => (await drawn('Glass net float').boundingBox())!.x;
  const x = await at();
  await drawn('Slate tray').press('Shift+ArrowLeft');
  await expect.poll(at).toBeLessThan(x);
  // taken off with what it carries, and brought back by undo
  await drawn('Slate tray').press('Delete');
  await expect.poll(async () => (await inLook()).some((p) => p.itemId === 'float-green')).toBe(false);
  await expect(drawn('Mist pitcher')).toBeFocused();
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(async () => (await inLook()).some((p) => p.itemId === 'float-green')).toBe(true);
  await expect(drawn('Slate tray')).toBeVisible();
  await expect(drawn('Mist pitcher'), 'what has the focus keeps it').toBeFocused();
  // leant, the tray carries nothing: the float stands where it stood, and undo puts it back on
  const row = page.getByRole('button', { name: /^Slate tray/ }).last();
  const floatOn = async () => (await inLook()).find((p) => p.itemId === 'float-green')?.spot;
  await row.click();
  await page.getByRole('radio', { name: 'leaning' }).click();
  await expect.poll(floatOn).toEqual({ of: 'chest', part: 'top' });
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(floatOn).toEqual({ of: tray.id, part: 'top' });
  // taken apart: the tray goes, the float stays on the chest
  await page.getByRole('button', { name: 'Take it off, leave its contents' }).click();
  await expect
    .poll(async () => (await inLook()).find((p) => p.itemId === 'float-green')?.spot)
    .toEqual({ of: 'chest', part: 'top' });
  expect((await inLook()).some((p) => p.itemId === 'tray')).toBe(false);
});

test('what stood on a piece that is taken out is put elsewhere with all that it carries, or taken off', async ({
  page,
  studio,
}) => {
  await studio.fill();
  const look = 'early-summer-blue';
  await page.goto(`/rooms/long-room/measure?wall=plan&look=${look}`);
  await awake(page);
  await page.getByRole('radio', { name: 'Arrange' }).click();
  await listed(page, 'Sea chest').click();
  await page.getByRole('button', { name: 'Take it out of this look' }).click();
  await saved(page);
  await page.goto(`/rooms/long-room/surfaces?look=${look}&wall=w`);
  await awake(page);
  await page.getByRole('combobox', { name: 'Surface' }).click();
  await page.getByRole('option', { name: /^Stove, mantel/ }).click();
  const lost = page.getByRole('list', { name: 'Nowhere to stand' });
  const waiting = async () => (await placements(page)).filter((p) => p.spot.of === 'chest').map((p) => p.id);
  const before = await waiting();
  expect(before.length).toBeGreaterThan(1);
  await expect(lost.getByRole('listitem')).toHaveCount(before.length);
  await lost.getByRole('button', { name: 'Put it here' }).first().click();
  await expect.poll(async () => (await waiting()).length).toBe(before.length - 1);
  const [, second] = before;
  expect((await placements(page)).find((p) => p.id === before[0])?.spot).toEqual({
    of: 'stove',
    part: 'mantel',
  });
  await lost.getByRole('button', { name: 'Take it off' }).first().click();
  await expect.poll(async () => (await placements(page)).some((p) => p.id === second)).toBe(false);
});

test('what is too tall for where it stands says by how much, and the sheet sets things out', async ({
  page,
  studio,
}) => {
  await studio.fill();
  // the chest of the south wall has a picture over its left end
  await page.goto('/rooms/long-room/surfaces?look=early-summer&wall=s');
  await awake(page);
  const { hangings } = await studio.plan();
  const knot = hangings.find((h) => h.name.includes('bowline'))!;
  const highestIn = (knot.bottomMm / 25.4 - 30 - 1).toString();
  await expect(page.getByText('Tallest that fits').locator('xpath=../..')).toContainText(
    highestIn.split('.')[0]!,
  );
  await expect(page.getByRole('button', { name: /^Put on Dune grass/ })).toHaveCount(0);
  await page.goto('/rooms/long-room/fitting?look=early-summer');
  await awake(page);
  await expect(page.getByText('7 × Dune grass, with Mist pitcher')).toBeVisible();
  const csv = await (await page.request.get('/api/rooms/long-room/sheet.csv?look=early-summer')).text();
  expect(csv).toContain('Mist pitcher, 9 in from the left end');
});

test('an empty room has its corners; one without a corner says how to begin', async ({ page, studio }) => {
  await studio.fill();
  const file = await fileOf(page);
  const bare = {
    ...file,
    pieces: [],
    fittings: [],
    openings: [],
    looks: file.looks.map((l) => ({ ...l, ...emptyLists() })),
  };
  const open = async (data: unknown) => {
    const { id } = (await (await page.request.post('/api/rooms', { data })).json()) as { id: string };
    await page.goto(`/rooms/${id}/surfaces`);
    await awake(page);
  };
  await open(bare);
  await expect(page.getByRole('heading', { name: 'Floor, north-west corner' })).toBeVisible();
  // six walls that meet at 120°
  const walls = Array.from({ length: 6 }, (_, i) => ({
    ...file.room.walls[0]!,
    id: `side-${i}`,
    xMm: 3000 + 2400 * Math.cos((i * Math.PI) / 3),
    yMm: 3000 + 2400 * Math.sin((i * Math.PI) / 3),
  }));
  await open({ ...bare, room: { ...file.room, walls, slopes: [], beams: [], standpoints: [], holes: [] } });
  await expect(page.getByText('There’s no surface in this room yet.')).toBeVisible();
});

test('what a shop has is put on the mantel and is on the list to buy, once for each', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/rooms/long-room/surfaces?look=early-summer-blue&wall=w');
  await page.getByRole('radio', { name: /^shops/ }).click();
  const jug = page.getByRole('button', { name: 'Put on Low glass vase' });
  await expect(jug).toContainText('Net Loft Goods');
  await jug.click();
  const placed = async () =>
    (await fileOf(page)).looks
      .find((l) => l.id === 'early-summer-blue')!
      .placements.filter((p) => p.itemId.startsWith('shop-'));
  await expect.poll(async () => (await placed()).length).toBe(1);
  await jug.click();
  await expect.poll(async () => (await placed()).length).toBe(2);
  await saved(page);
  const line = (await studio.plan('early-summer-blue')).sheet.buy.find((b) => b.name === 'Low glass vase');
  expect(line).toMatchObject({ count: 2, cost: 2 * 1800, have: 0 });
});
