/**
 * The tasks of the guide, each from start to end by keys alone: every stop is reached by Tab, from where the last act
 * left the focus.
 */
import { button, chooseRadio, focused, go, press, putOn, staysNear, tabTo, write } from './keys';
import { awake, expect, fileOf, saved, test } from './studio';

test.describe.configure({ timeout: 120_000 });

test('a room is begun, a window is measured, the tape session taken, and a sofa put in', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/');
  await press(page, button(page, 'Start a room'));
  await expect(page.getByLabel('Name', { exact: true })).toBeFocused();
  await page.keyboard.type('Attic');
  await page.keyboard.press('Tab');
  await write(page, page.getByLabel('North wall'), '151');
  await expect(page.getByLabel('East wall')).toBeFocused();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('140');
  await page.keyboard.press('Tab');
  await press(page, button(page, 'Start it'));
  await expect(page.getByRole('banner').getByText('Attic', { exact: true })).toBeVisible();
  await awake(page);
  const room = () => fileOf(page, new URL(page.url()).pathname.split('/')[2]);
  await press(page, button(page, 'Window'));
  await expect.poll(async () => (await room()).openings.length).toBe(1);
  await staysNear(page);
  await write(page, page.getByLabel('Frame width', { exact: true }), '40 1/4');
  await expect.poll(async () => (await room()).openings[0]!.widthMm / 25.4).toBe(40.25);
  // Enter goes on in the run of measurements
  expect(await focused(page)).toBe('INPUT');
  await chooseRadio(page, /^Plan/, page.getByRole('radiogroup', { name: 'Walls' }));
  await press(page, button(page, 'Sofa'));
  await expect.poll(async () => (await room()).pieces.length).toBe(1);
  await press(page, page.getByRole('link', { name: 'Tape session' }));
  const reading = page.locator('#tape-reading');
  await expect(reading).toBeFocused();
  const open = async () => (await room()).room.readings.filter((r) => r.guess).length;
  const before = await open();
  // Enter keeps what is measured, and measures what was a guess
  for (let n = 0; n < 30 && !(await page.getByText('Estimated so far.').isVisible()); n++)
    await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect.poll(open).toBe(before - 1);
  await expect(reading).toBeFocused();
});

test('a window is dressed, its length chosen, and its rod asked why', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/windows?look=early-summer');
  await awake(page);
  const sheet = page.getByRole('complementary').last();
  await press(page, button(page, 'Take the curtains down'));
  await expect(button(page, 'Dress this window')).toBeVisible();
  await staysNear(page);
  await press(page, button(page, 'Dress this window'));
  await expect(sheet.getByRole('radiogroup', { name: 'Option' })).toBeVisible();
  await staysNear(page);
  await chooseRadio(page, /^breaks/, sheet);
  await saved(page);
  await chooseRadio(page, /take up/, sheet);
  await saved(page);
  await write(page, page.getByRole('textbox', { name: 'Rod, floor to centre' }), '98');
  await expect.poll(async () => (await studio.plan()).windows[0]!.rodHeightMm / 25.4).toBeCloseTo(98, 6);
  const why = button(page, 'Why One rod line');
  await press(page, why);
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(why).toBeFocused();
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(async () => (await studio.plan()).windows[0]!.rodHeightMm / 25.4).not.toBeCloseTo(98, 6);
});

test('a picture is hung, moved by an arrow, and taken down', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/walls?look=early-summer&wall=s');
  await awake(page);
  const hung = async () => (await studio.plan()).hangings.length;
  const before = await hung();
  await press(page, button(page, /Gorse on the headland/));
  await expect.poll(hung).toBe(before + 1);
  await staysNear(page);
  const drawn = page
    .getByRole('group', { name: 'South wall' })
    .getByRole('button', { name: 'Gorse on the headland', exact: true });
  const centre = async () =>
    (await studio.plan()).hangings.find((h) => h.name === 'Gorse on the headland')!.centreMm / 25.4;
  await tabTo(page, drawn);
  const was = await centre();
  await page.keyboard.press('ArrowUp');
  await expect.poll(centre).toBeCloseTo(was + 1 / 8, 4);
  await press(page, button(page, 'Take it down'));
  await expect.poll(hung).toBe(before);
  await staysNear(page);
});

test('a cover is put on, moved, taken off; other ideas are taken', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/seats?look=early-summer');
  await awake(page);
  const count = async () => (await studio.plan()).seats[0]!.pillows.length;
  const before = await count();
  await putOn(page, 'Mist blue cotton');
  await expect.poll(count).toBe(before + 1);
  await write(page, page.getByLabel('Centre from the left arm'), '20');
  await press(page, button(page, 'Take it off'));
  await expect.poll(count).toBe(before);
  await staysNear(page);
  await press(page, button(page, 'Use this one'));
  await saved(page);
  await staysNear(page);
});

test('a thing is put on a surface, moved, turned over, put on another thing and taken off', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/rooms/long-room/surfaces?look=early-summer-blue&wall=s');
  await awake(page);
  const things = async () => (await fileOf(page)).looks.find((l) => l.id === 'early-summer-blue')!.placements;
  const clock = async () => (await things()).find((p) => p.itemId === 'clock');
  await putOn(page, 'Slate clock');
  await expect.poll(clock).toBeDefined();
  const drawn = page
    .getByRole('group', { name: 'Sea chest' })
    .getByRole('button', { name: 'Slate clock', exact: true });
  await tabTo(page, drawn);
  const was = (await clock())!.xMm;
  await page.keyboard.press('Shift+ArrowRight');
  await expect.poll(async () => (await clock())!.xMm).toBeCloseTo(was + 25.4, 6);
  await page.keyboard.press('o');
  await expect.poll(async () => (await clock())!.lie).toBe('side');
  await page.keyboard.press('l');
  await expect.poll(async () => (await clock())!.locked).toBe(true);
  await page.keyboard.press('ArrowRight');
  await saved(page);
  expect((await clock())!.xMm).toBeCloseTo(was + 25.4, 6);
  await page.keyboard.press('Delete');
  await expect.poll(clock).toBeUndefined();
  await staysNear(page);
});

test('what is found is cleared, a thing comes into the stash, and both are found again', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/rooms/long-room/clear?look=early-summer');
  await awake(page);
  await write(page, page.getByLabel('What you found'), 'Pewter jug');
  await expect.poll(async () => (await fileOf(page)).items.map((i) => i.name)).toContain('Pewter jug');
  await expect(page.getByLabel('What you found')).toBeFocused();
  await page.goto('/stash');
  await press(
    page,
    page.getByRole('main').getByRole('button', { name: 'Add' }).or(button(page, 'Add')).first(),
  );
  await write(page, page.getByLabel('Name', { exact: true }), 'Rope tray');
  await expect(page.getByText('Rope tray was added.')).toBeVisible();
  await page.keyboard.press('Escape');
  await go(page, 'rope tray');
  await expect(page.getByRole('heading', { name: 'Rope tray' })).toBeVisible();
});

test('a look is copied and renamed, colours are followed, and the sheet is approved and taken to site', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/rooms/long-room/colour?look=early-summer');
  await awake(page);
  await press(
    page,
    page.getByRole('group', { name: 'Colours seen in this look' }).getByRole('button').first(),
  );
  await expect(page.getByRole('heading', { name: /through the room$/ })).toBeVisible();
  const menu = button(page, 'This look');
  await press(page, menu);
  await expect(page.getByRole('menuitem', { name: 'Rename this look' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the look')).toBeFocused();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('June');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('tab', { name: 'June' })).toBeVisible();
  await expect(menu).toBeFocused();
  await go(page, 'Fitting');
  await press(page, button(page, 'Approve this wall'));
  await saved(page);
  await staysNear(page);
  await press(page, button(page, 'Mark as taken to site'));
  await expect(page.getByText('This is the sheet you took to site.')).toBeVisible();
  await staysNear(page);
});

test('a table is laid: a mat more, the runner across, the napkins taken off', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/lookout/surfaces?look=summer');
  await awake(page);
  const which = page.getByRole('combobox', { name: 'Surface' });
  await tabTo(page, which);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('option').first()).toBeVisible();
  await page.keyboard.type('Breakfast');
  const chosen = page.locator('[cmdk-item][data-selected=true]');
  await expect(chosen).toContainText('Breakfast');
  // the floor under it is found by that too
  if (!/^Breakfast/.test((await chosen.textContent())!)) await page.keyboard.press('ArrowDown');
  await expect(chosen).toHaveText(/^Breakfast table/);
  await page.keyboard.press('Enter');
  const table = page.getByRole('region', { name: 'Laid for a meal' });
  const laid = async (itemId: string) =>
    (await fileOf(page, 'lookout')).looks[0]!.placements.find((p) => p.itemId === itemId);
  await press(page, table.getByRole('button', { name: /^Sailcloth place mats/ }));
  await write(page, table.getByLabel('How many'), '3');
  await expect.poll(async () => (await laid('mats-sailcloth'))?.count).toBe(3);
  await press(page, table.getByRole('button', { name: /^Harbour stripe runner/ }));
  await chooseRadio(page, 'across, as a runner', table);
  await expect.poll(async () => (await laid('runner-harbour'))?.lie).toBe('acrossTable');
  await press(page, table.getByRole('button', { name: /^Mist napkins/ }));
  await press(page, table.getByRole('button', { name: 'Take it off' }));
  await expect.poll(async () => await laid('napkins-mist')).toBeUndefined();
  await staysNear(page);
});
