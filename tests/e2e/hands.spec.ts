/** Mouse, keys and thumbs one after the other: each stroke does one thing, from where the thing is now. */
import type { Locator, Page } from '@playwright/test';
import { awake, dragFree, expect, fileOf, listed, saved, test, type } from './studio';

test.beforeEach(({ studio }) => studio.fill());

const IN = 25.4;
const MARK = 1 / 8;

/** A drag, then an arrow; a number typed, then an arrow: each arrow is one mark on from where the thing is. */
async function goesOnFromWhereItIs(
  page: Page,
  thing: Locator,
  {
    at,
    drag,
    key,
    field,
    typed,
  }: {
    at: () => Promise<number>;
    drag: [number, number];
    key: 'ArrowUp' | 'ArrowRight';
    field: string | RegExp;
    typed: number;
  },
): Promise<void> {
  await awake(page);
  const before = await at();
  await dragFree(page, thing, ...drag);
  await expect.poll(at).not.toBeCloseTo(before, 3);
  const dropped = await at();
  await thing.focus();
  await page.keyboard.press(key);
  await expect.poll(at).toBeCloseTo(dropped + MARK, 4);
  await page.keyboard.press(key);
  await expect.poll(at).toBeCloseTo(dropped + 2 * MARK, 4);
  await type(page, field, `${typed}`);
  await expect.poll(at).toBeCloseTo(typed, 4);
  await thing.focus();
  await page.keyboard.press(key);
  await expect.poll(at).toBeCloseTo(typed + MARK, 4);
  await saved(page);
  expect(await at()).toBeCloseTo(typed + MARK, 4);
}

test('after a drag the arrows go on from there: a rod', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  await goesOnFromWhereItIs(page, page.getByRole('button', { name: /Harbour window, Rod/ }), {
    at: async () => (await studio.plan()).windows[0]!.rodHeightMm / IN,
    drag: [0, 24],
    key: 'ArrowUp',
    field: 'Rod, floor to centre',
    typed: 96,
  });
});

test('after a drag the arrows go on from there: a picture', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/walls?look=early-summer&wall=n');
  await goesOnFromWhereItIs(page, page.locator('svg').getByRole('button', { name: 'Regatta, large' }), {
    at: async () => (await studio.plan()).hangings.find((h) => h.name === 'Regatta, large')!.centreMm / IN,
    drag: [0, -20],
    key: 'ArrowUp',
    field: 'Centre above the floor',
    typed: 61,
  });
});

test('after a drag the arrows go on from there: a pillow', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/seats?look=early-summer');
  const pillow = page
    .locator('svg')
    .getByRole('button', { name: /^Tanbark linen/ })
    .first();
  await goesOnFromWhereItIs(page, pillow, {
    at: async () => (await studio.plan()).seats[0]!.pillows.find((p) => p.itemId === 'tanbark-20')!.xMm / IN,
    drag: [30, 0],
    key: 'ArrowRight',
    field: 'Centre from the left arm',
    typed: 20,
  });
});

test('after a drag the arrows go on from there: a window on its wall', async ({ page }) => {
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=e');
  await goesOnFromWhereItIs(page, page.locator('svg').getByRole('button', { name: 'Harbour window' }), {
    at: async () => (await fileOf(page)).openings.find((o) => o.name === 'Harbour window')!.xMm / IN,
    drag: [20, 0],
    key: 'ArrowRight',
    field: 'From the left',
    typed: 40,
  });
});

test('the keys for the next wall go round the walls of each stage, whatever is picked', async ({ page }) => {
  const heading = page.getByRole('heading', { level: 1 });
  for (const [stage, wall, next, before] of [
    ['windows', 'e', ['South', 'West', 'North', 'East'], 'North'],
    ['walls', 's', ['West', 'North', 'East', 'South'], 'East'],
  ] as const) {
    await page.goto(`/rooms/long-room/${stage}?look=early-summer&wall=${wall}`);
    await awake(page);
    await page.locator('svg').getByRole('button').first().press('Enter');
    for (const name of next) {
      await page.keyboard.press(']');
      await expect(heading, stage).toHaveText(`${name} wall`);
    }
    await page.keyboard.press('[');
    await expect(heading).toHaveText(`${before} wall`);
  }
  await page.goto('/rooms/long-room/seats?look=early-summer');
  await awake(page);
  await expect(heading).toHaveText('Long sofa');
  await page.keyboard.press(']');
  await expect(heading).not.toHaveText('Long sofa');
  await page.keyboard.press('[');
  await expect(heading).toHaveText('Long sofa');
});

test('windows and walls open on a wall that has something, unless one was chosen; the strip marks it', async ({
  page,
}) => {
  const strip = page.getByRole('radiogroup', { name: 'Walls' });
  const heading = page.getByRole('heading', { level: 1 });
  await page.goto('/rooms/long-room/windows?look=early-summer');
  await expect(heading).toHaveText('East wall');
  await expect(strip.getByRole('radio', { name: /^East/ })).toBeChecked();
  await awake(page);
  await strip.getByRole('radio', { name: /^North/ }).click();
  await expect(heading).toHaveText('North wall');
  await expect(page.getByText('There’s no window on this wall.')).toBeVisible();
  await page.getByRole('radio', { name: 'Harbour window' }).click();
  await expect(heading).toHaveText('East wall');
  // nothing hangs there, but it was chosen
  await page.getByRole('link', { name: /Walls/ }).click();
  await expect(strip.getByRole('radio', { name: /^East/ })).toBeChecked();
  await expect(page.getByText('Nothing hangs on this wall yet.')).toBeVisible();
  await page.goto('/rooms/lookout/walls?look=summer');
  await expect(heading).toHaveText('South wall');
  await expect(strip.getByRole('radio', { name: /^South/ })).toBeChecked();
});

test('Enter begins a room, and what was typed to begin one is kept when the dialog closes', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Start a room' }).click();
  const name = page.getByRole('dialog').getByLabel('Name', { exact: true });
  await expect(name).toBeFocused();
  await name.fill('Attic');
  await name.press('Tab');
  await type(page, 'North wall', '151');
  await expect(page.getByLabel('East wall')).toBeFocused();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Start a room' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(name).toHaveValue('Attic');
  await expect(page.getByLabel('North wall')).toHaveValue('151');
  await name.press('Enter');
  await expect(page.getByRole('heading', { name: 'Attic' })).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: 'Start a room' }).click();
  await expect(name).toHaveValue('');
});

test('Enter renames a look and closes the dialog, which gives the focus back', async ({ page }) => {
  await page.goto('/rooms/long-room/windows?look=early-summer');
  await awake(page);
  const menu = page.getByRole('button', { name: 'This look', exact: true });
  await menu.focus();
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem', { name: 'Rename this look' }).press('Enter');
  const name = page.getByLabel('Name of the look');
  await expect(name).toBeFocused();
  await name.fill('June');
  await name.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('tab', { name: 'June' })).toBeVisible();
  await expect(menu).toBeFocused();
});

test('things are entered one after the other by Enter, each from its name on', async ({ page }) => {
  await page.goto('/rooms/long-room/clear?look=early-summer');
  await awake(page);
  const count = async () => (await fileOf(page)).clear.found.length;
  const before = await count();
  for (const [i, name] of ['Pewter jug', 'Slate tray'].entries()) {
    await type(page, 'What you found', name);
    await expect.poll(count).toBe(before + i + 1);
    await expect(page.getByLabel('What you found')).toBeFocused();
    await expect(page.getByLabel('What you found')).toHaveValue('');
  }
});

test('Enter answers “sure?”, and a guess that is typed once more is measured', async ({ page }) => {
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=e');
  await listed(page, 'Harbour window').click();
  await type(page, 'Right', '84');
  await expect(page.getByRole('button', { name: 'Keep it' })).toBeVisible();
  await page.getByLabel('Right', { exact: true }).press('Enter');
  await expect.poll(async () => (await fileOf(page)).openings[0]!.dropsMm!.right).toBeCloseTo(84 * IN, 4);
  await expect(page.getByRole('button', { name: 'Keep it' })).toHaveCount(0);
  const guess = async () =>
    (await fileOf(page)).room.readings.find((r) => r.about === 'galley-window' && r.guess);
  await listed(page, 'Galley window').click();
  const { field } = (await guess())!;
  expect(field).toBe('revealMm');
  const reveal = page.getByLabel('Reveal depth', { exact: true });
  const shown = await reveal.inputValue();
  await reveal.fill(shown.replace('\u2044', '/'));
  await reveal.press('Enter');
  await expect.poll(guess).toBeUndefined();
});

test('the tape session tells its end, and what is still open', async ({ page }) => {
  await page.goto('/rooms/long-room/measure/tape?look=early-summer&only=open');
  await awake(page);
  const open = page.getByText(/^\d+ of \d+/);
  const count = Number(/of (\d+)/.exec((await open.textContent())!)![1]);
  for (let n = 0; n < count; n++) await page.getByRole('button', { name: 'Skip' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'That was the last one.' })).toContainText(
    'still open',
  );
  await page.keyboard.press('Enter');
  for (let n = 0; n < count; n++) await page.locator('#tape-reading').press('Enter');
  // two readings of one width differ: that is for the stylist to say
  await expect(page.getByText('That was the last one. One reading is still open.')).toBeVisible();
  await page.getByRole('button', { name: 'Go through the open ones' }).click();
  await page.getByRole('button', { name: /^Use/ }).first().click();
  await expect(page.getByText('That was the last one. Every reading is measured.')).toBeVisible();
});

for (const [url, links] of [
  ['/rooms/long-room/windows?look=early-summer', ['drawing', 'worksheet']],
  ['/rooms/long-room/fitting?look=early-summer', ['drawing']],
  ['/stash', ['list']],
] as const)
  test(`the first stops of ${url} lead over its head`, async ({ page }) => {
    for (const [i, to] of links.entries()) {
      await page.goto(url);
      await awake(page);
      for (let n = 0; n <= i; n++) await page.keyboard.press('Tab');
      await expect(page.getByRole('link', { name: `Skip to the ${to}` })).toBeFocused();
      await page.keyboard.press('Enter');
      await expect(page.locator(`#${to}`)).toBeFocused();
    }
  });

test('how the room was found stays: dressing it begins a copy, with a word, and undo takes that back', async ({
  page,
}) => {
  await page.goto('/rooms/long-room/seats?look=as-found');
  await awake(page);
  const looks = async () => (await fileOf(page)).looks;
  const found = (await looks()).find((l) => l.id === 'as-found');
  await page.getByRole('button', { name: 'Put on Gorse velvet' }).click();
  await expect(page.getByRole('tab', { name: 'New look' })).toHaveAttribute('aria-selected', 'true');
  await expect(
    page.getByText('“As found” stays as it is. This is a copy: “New look”.', { exact: true }),
  ).toBeVisible();
  await saved(page);
  const copy = (await looks()).find((l) => l.name === 'New look')!;
  expect((await looks()).find((l) => l.id === 'as-found')).toEqual(found);
  expect(copy.placements).toHaveLength(found!.placements.length + 1);
  // what comes after goes into the copy
  await page.getByRole('button', { name: 'Put on Gorse velvet' }).click();
  await expect.poll(async () => (await looks()).at(-1)!.placements.length).toBe(copy.placements.length + 1);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('tab', { name: 'New look' })).toHaveCount(0);
  await expect.poll(async () => (await looks()).map((l) => l.name)).not.toContain('New look');
  // opened for changing, it is changed itself
  await page.getByRole('tab', { name: 'As found' }).click();
  await page.getByRole('button', { name: 'This look', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Change this record' }).click();
  await page.getByRole('button', { name: 'Put on Gorse velvet' }).click();
  await expect
    .poll(async () => (await looks()).find((l) => l.id === 'as-found')!.placements.length)
    .toBe(copy.placements.length);
});
