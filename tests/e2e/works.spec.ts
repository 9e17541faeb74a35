/** What is painted, dyed or cut down for a look, and booked when it is done. */
import type { Page } from '@playwright/test';
import { choose, expect, fileOf, saved, test } from './studio';

const WORKS = '/rooms/long-room/works?look=early-summer&wall=n';
const lookOf = async (page: Page, id = 'early-summer') =>
  (await fileOf(page)).looks.find((l) => l.id === id)!;
const add = async (page: Page, act: string, on: string) => {
  await choose(page.getByRole('combobox', { name: 'What is done' }), act);
  await choose(page.getByRole('combobox', { name: 'On what' }), on);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
};

test('a wall is painted for one look: how much, on the sheet, and then for good', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto(WORKS);
  await expect(page.getByText('nothing to be done')).toBeVisible();
  await add(page, 'Paint', 'North wall');
  await choose(page.getByRole('combobox', { name: 'Colour afterwards' }), 'A colour of its own');
  const work = async () => (await lookOf(page)).works[0];
  await expect.poll(async () => (await work())?.after.colours?.length).toBe(1);
  await expect(page.getByText(/l \(.* gal\) for 2 coats/).first()).toBeVisible();
  // an area that was measured counts before the one that is worked out
  await page.getByRole('textbox', { name: 'Area, worked out' }).fill('100');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Area, as measured' })).toHaveValue('100');
  // 100 ft² are 9.29 m²: 1.86 l at 11 m² a litre, in two coats and a tenth to spare
  await expect(page.getByText('1.9 l (0.50 gal) for 2 coats').first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Left over' }).fill('0.5');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/left over are too little/)).toBeVisible();
  await saved(page);
  const plan = await studio.plan();
  expect(plan.sheet.steps[0]).toMatchObject({ kind: 'work', wallId: 'n' });
  expect(plan.sheet.buy.find((b) => b.kind === 'material')?.material?.amount).toBeCloseTo(1.358, 2);
  const other = await studio.plan('early-summer-blue');
  expect(other.sheet.steps.some((s) => s.work?.on === 'wall')).toBe(false);
  // done: the wall is so in every look
  await page.getByRole('button', { name: 'It is done' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'It is done' }).click();
  await expect.poll(async () => (await work())?.doneOn ?? '').toMatch(/^\d{4}-\d\d-\d\d$/);
  const colours = (await work())!.after.colours;
  await expect
    .poll(async () => (await fileOf(page)).room.walls.find((w) => w.id === 'n')?.finish?.colours)
    .toEqual(colours);
  await expect(page.getByText('It has been done: the thing is so in every look.')).toBeVisible();
  // one step of undo takes all of it back
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await work())?.doneOn).toBeNull();
  expect((await fileOf(page)).room.walls.find((w) => w.id === 'n')?.finish).toBeUndefined();
});

test('furniture that is painted stands where it stood: the plan keeps its distances', async ({ page }) => {
  await page.goto(WORKS);
  await add(page, 'Paint', 'Sea chest');
  await choose(page.getByRole('combobox', { name: 'Colour afterwards' }), 'A colour of its own');
  await saved(page);
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=plan');
  await expect(page.locator('figure svg').getByText('58', { exact: true })).toBeVisible();
});

test('a wall that has a colour of its own already is noted so in Measure, and taken back', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=e');
  await page.getByRole('button', { name: 'Finishes' }).click();
  await page.getByRole('button', { name: 'The East wall has a colour of its own' }).click();
  const own = async () => (await fileOf(page)).room.walls.filter((w) => w.finish).map((w) => w.id);
  await expect.poll(own).toEqual(['e']);
  await page.getByRole('button', { name: 'Give the East wall the colour of the others' }).click();
  await expect.poll(own).toEqual([]);
});

test('two of several covers are dyed and become a thing of their own', async ({ page, studio }) => {
  await studio.fill();
  await page.goto(WORKS);
  const item = (await fileOf(page)).items.find((i) => i.id === 'sail-check-22')!;
  expect(item.count).toBeGreaterThan(2);
  await add(page, 'Dye', item.name);
  await expect(page.getByText(/of dry cloth/).first()).toBeVisible();
  await choose(page.getByRole('combobox', { name: 'Colour afterwards' }), 'A colour of its own');
  await page.getByRole('button', { name: 'It is done' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox').fill('2');
  await dialog.getByRole('textbox').press('Enter');
  await expect(dialog.getByText(/become a thing of their own/)).toBeVisible();
  await dialog.getByRole('button', { name: 'It is done' }).click();
  await saved(page);
  const dyed = async () => (await fileOf(page)).items.find((i) => i.name === `${item.name}, dyed`);
  await expect.poll(async () => (await dyed())?.count).toBe(2);
  const used = (await lookOf(page)).placements.map((p) => p.itemId);
  expect(used).toContain((await dyed())!.id);
  expect(used).not.toContain(item.id);
});

test('by keys alone a work is put on the list, said more of, and taken off again', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto(WORKS);
  const act = page.getByRole('combobox', { name: 'What is done' });
  await act.focus();
  await page.keyboard.press('Enter');
  await page.getByPlaceholder('Search').waitFor();
  await page.keyboard.type('Cut');
  await page.keyboard.press('Enter');
  await expect(act).toHaveText('Cut down');
  const on = page.getByRole('combobox', { name: 'On what' });
  await on.focus();
  await page.keyboard.press('Enter');
  await page.getByPlaceholder('Search').waitFor();
  await page.keyboard.type('Coffee');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Add', exact: true }).focus();
  await page.keyboard.press('Enter');
  const height = page.getByRole('textbox', { name: 'Height', exact: true });
  await height.focus();
  await height.fill('99');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/would be larger after it was cut down/)).toBeVisible();
  await height.fill('16');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/would be larger after it was cut down/)).toHaveCount(0);
  await saved(page);
  expect((await studio.plan()).works.map((w) => w.work.after.heightMm)).toEqual([16 * 25.4]);
  await page.getByRole('button', { name: 'Take it off the list' }).focus();
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await lookOf(page)).works).toEqual([]);
});

test('pulls come with a hole template', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/works?look=early-summer-blue&wall=s');
  await page.getByRole('button', { name: /New pulls for Sea chest/ }).click();
  const link = page.getByRole('link', { name: /Hole template/ });
  const answer = await page.request.get((await link.getAttribute('href'))!);
  expect(answer.headers()['content-type']).toBe('application/pdf');
  expect((await answer.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('on a phone a work is found, opened and put off', async ({ page, studio }) => {
  await studio.fill();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/rooms/long-room/works?look=early-summer-blue&wall=s');
  await page.getByRole('button', { name: /Paint Sea chest/ }).click();
  await page.getByRole('radiogroup', { name: 'Trial piece' }).getByRole('radio', { name: 'To do' }).click();
  await expect(page.getByText(/hasn’t been tried on a small piece yet/)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
