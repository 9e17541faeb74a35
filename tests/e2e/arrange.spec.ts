/** Furniture of one look only, its brief, what changes from another look, and what is wished for. */
import type { Page } from '@playwright/test';
import { awake, choose, expect, fileOf, listed, saved, test } from './studio';

const PLAN = '/rooms/long-room/measure?look=early-summer&wall=plan';
const lookOf = async (page: Page) => (await fileOf(page)).looks.find((l) => l.id === 'early-summer')!;
const arrange = (page: Page) => page.getByRole('radio', { name: 'Arrange', exact: true });
const menu = async (page: Page, item: string) => {
  await page.getByRole('button', { name: 'This look', exact: true }).click();
  await page.getByRole('menuitem', { name: item }).click();
};

test('a chair is moved, a rug taken out and another brought in, for this look alone', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto(PLAN);
  await arrange(page).click();
  await expect(page.getByText('Everything stands where it was measured.')).toBeVisible();
  // dragged
  const chair = page.getByRole('group', { name: 'Plan' }).getByRole('button', { name: 'Stove chair' });
  const box = (await chair.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2 - 30, { steps: 5 });
  await page.mouse.up();
  await expect.poll(async () => (await lookOf(page)).moved.map((m) => m.id)).toEqual(['stove-chair']);
  const own = (await fileOf(page)).pieces.find((p) => p.id === 'stove-chair')!;
  expect(own.xMm / 25.4).toBeCloseTo(48, 6);
  expect(own.yMm / 25.4).toBeCloseTo(134, 6);
  // put back where it was measured, by its button
  await page.getByRole('button', { name: 'Put it back', exact: true }).click();
  await expect.poll(async () => (await lookOf(page)).moved).toEqual([]);
  // taken out, and another brought in
  await listed(page, 'Jute rug').click();
  await page.getByRole('button', { name: 'Take it out of this look' }).click();
  await expect.poll(async () => (await lookOf(page)).moved.map((m) => m.isOut)).toEqual([true]);
  await page.getByRole('button', { name: 'Put on Cotton stripe rug' }).click();
  await expect.poll(async () => (await lookOf(page)).brought.map((b) => b.itemId)).toEqual(['rug-stripe']);
  await saved(page);
  const here = await studio.plan('early-summer');
  expect(here.sheet.steps.slice(0, 2).map((s) => [s.name, s.floor?.act])).toEqual([
    ['Jute rug', 'out'],
    ['Cotton stripe rug', 'in'],
  ]);
  expect(here.spread.families.some((f) => f.things.includes('Cotton stripe rug'))).toBe(true);
  const asFound = await studio.plan('as-found');
  expect(asFound.sheet.steps.some((s) => s.kind === 'floor')).toBe(false);
  // undo takes the steps back one by one
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(async () => (await lookOf(page)).brought).toEqual([]);
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(async () => (await lookOf(page)).moved).toEqual([]);
});

test('by keys alone a chair is brought in, moved, turned and dressed; its pillow goes with it', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto(PLAN);
  await arrange(page).focus();
  await page.keyboard.press('Space');
  const put = page.getByRole('button', { name: 'Put on Cane chair' });
  await put.focus();
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await lookOf(page)).brought.map((b) => b.itemId)).toEqual(['cane-chair']);
  const [brought] = (await lookOf(page)).brought;
  const chair = page.getByRole('group', { name: 'Plan' }).getByRole('button', { name: 'Cane chair' });
  await chair.focus();
  await page.keyboard.press('.');
  await expect.poll(async () => (await lookOf(page)).brought[0]!.turnDeg).toBe(brought!.turnDeg + 15);
  await page.keyboard.press('Shift+ArrowRight');
  await expect.poll(async () => (await lookOf(page)).brought[0]!.xMm).toBeGreaterThan(brought!.xMm);
  await page.getByRole('link', { name: /Seats/ }).first().press('Enter');
  await page.waitForURL(/seats/);
  await page.getByRole('radio', { name: /Cane chair/ }).click();
  await page
    .getByRole('button', { name: /^Put on Lichen linen/ })
    .first()
    .press('Enter');
  const onChair = async () =>
    (await lookOf(page)).placements.filter((p) => p.spot.of === brought!.id).map((p) => p.itemId);
  await expect.poll(onChair).toHaveLength(1);
  await page.goto(PLAN);
  await arrange(page).click();
  await page.getByRole('group', { name: 'Plan' }).getByRole('button', { name: 'Cane chair' }).press('Delete');
  await expect.poll(async () => (await lookOf(page)).brought).toEqual([]);
  expect(await onChair()).toEqual([]);
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(onChair).toHaveLength(1);
});

test('at 390 px a rug is brought in and put away again', async ({ page, studio }) => {
  await studio.fill();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(PLAN);
  await arrange(page).click();
  await page.getByRole('button', { name: 'Put on Claret kilim' }).click();
  await expect.poll(async () => (await lookOf(page)).brought.map((b) => b.itemId)).toEqual(['rug-claret']);
  await page.getByRole('button', { name: 'Put it away again' }).click();
  await expect.poll(async () => (await lookOf(page)).brought).toEqual([]);
});

test('a brief says who comes, what it may cost and how the day is worked', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/fitting?look=early-summer');
  await menu(page, 'Season, brief and colours');
  const dialog = page.getByRole('dialog');
  await choose(dialog.getByRole('combobox', { name: 'What it’s for' }), 'Overnight guests');
  await dialog.getByRole('radio', { name: /^Zone by zone/ }).click();
  await dialog.getByLabel('Age of a child who visits').fill('2');
  await dialog.getByLabel('Age of a child who visits').press('Enter');
  await dialog.getByLabel('Most to spend').fill('1');
  await dialog.getByLabel('Most to spend').press('Enter');
  await expect
    .poll(async () => (await lookOf(page)).brief)
    .toEqual({
      purpose: 'guests',
      filling: 'usual',
      order: 'zone',
      visitorAges: [2],
      mostCost: 100,
    });
  await page.keyboard.press('Escape');
  const { findings } = await studio.plan();
  expect(findings.map((f) => f.code)).toContain('over-cost');
  expect(findings.map((f) => f.code)).toContain('candle-in-reach');
  // zone by zone: the sofa is approved, the wall behind it is not
  const sofa = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'Long sofa', exact: true }) });
  await sofa.getByRole('button', { name: 'Approve this zone' }).click();
  await expect(sofa.getByText('Approved')).toBeVisible();
  await expect.poll(async () => (await lookOf(page)).approvedZones).toEqual(['on:long-sofa']);
  const wall = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'North wall', exact: true }) });
  await expect(wall.getByRole('button', { name: 'Approve this zone' })).toBeVisible();
  const csv = await (await page.request.get('/api/rooms/long-room/sheet.csv?look=early-summer')).text();
  expect(csv).toContain('Long sofa');
});

test('what changes from another look is listed thing by thing', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/measure?look=early-summer-blue&wall=plan');
  await menu(page, 'What changes from another look');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('combobox', { name: 'Coming from' })).toContainText('Early summer');
  const section = (name: RegExp) =>
    dialog.locator('section').filter({ has: page.getByRole('heading', { name }) });
  await expect(section(/^Out/)).toContainText('Jute rug');
  await expect(section(/^In/)).toContainText('Cane chair');
  await expect(section(/^Moved/)).toContainText('Harbour chair');
  await choose(dialog.getByRole('combobox', { name: 'Coming from' }), 'As found');
  await expect(section(/^Out/)).toContainText('Iron lantern');
});

test('a wish stands where it will be, is bought, and is found in the stash', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/surfaces?look=early-summer&wall=s');
  await awake(page);
  await page.getByRole('button', { name: 'Wish for something' }).click();
  const dialog = page.getByRole('dialog');
  await choose(dialog.getByRole('combobox', { name: 'What' }), 'Bowl');
  await dialog.getByLabel('Name').fill('Blue bowl');
  await dialog.getByLabel('Most to spend each').fill('30');
  await dialog.getByLabel('Most to spend each').press('Tab');
  await dialog.getByRole('button', { name: 'Put it there and on the wanted list' }).click();
  await saved(page);
  const wish = (await fileOf(page)).items.find((i) => i.name === 'Blue bowl')!;
  expect(wish).toMatchObject({ kind: 'bowl', count: 0, wish: { count: 1, mostPrice: 3000 } });
  await expect(page.getByText('Blue bowl is still to be found.')).toBeVisible();
  expect((await studio.plan()).sheet.buy.find((b) => b.name === 'Blue bowl')).toMatchObject({ cost: 3000 });
  await page.goto('/stash');
  await page.getByRole('button', { name: /on the wanted list/ }).click();
  await page.getByRole('option', { name: /Blue bowl/ }).click();
  await page.getByRole('button', { name: 'I have it now' }).click();
  await expect
    .poll(async () => (await fileOf(page)).items.find((i) => i.name === 'Blue bowl'))
    .toMatchObject({ count: 1, wish: null });
});

test('curtains that are only wished for hang dashed, and are on the list of what is bought', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/rooms/long-room/windows?look=early-summer-blue&wall=e');
  await awake(page);
  await page.getByRole('button', { name: 'Wish for curtains' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Sail stripe');
  await dialog.getByLabel('Most to spend each').fill('45');
  await dialog.getByLabel('Most to spend each').press('Tab');
  await dialog.getByRole('button', { name: 'Put it there and on the wanted list' }).click();
  await saved(page);
  await expect(page.getByRole('combobox', { name: 'Cloth', exact: true })).toContainText('Sail stripe');
  const plan = await studio.plan('early-summer-blue');
  const [window] = plan.windows;
  expect(plan.sheet.buy.find((b) => b.name === 'Sail stripe')).toMatchObject({
    count: window!.panels,
    cost: window!.panels * 4500,
  });
  const wish = (await fileOf(page)).items.find((i) => i.name === 'Sail stripe')!;
  expect(wish.wish?.widthMm[1]).toBeCloseTo(window!.flatWidthMm, 3);
  expect(wish.wish?.heightMm[0]).toBeCloseTo(window!.finishedLengthMm, 3);
  await expect(page.getByText('Sail stripe is still to be found.')).toBeVisible();
});

test('a basket on the floor is seen on the plan, where the look has it', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=plan');
  await page.getByRole('radio', { name: 'Arrange', exact: true }).click();
  await expect(page.locator('[data-placed="throw-basket"]').first()).toBeVisible();
  await page.getByRole('tab', { name: 'Early summer, blue' }).click();
  await expect(page.locator('[data-placed="throw-basket"]')).toHaveCount(0);
});
