import { awake, expect, inchText, saved, test, type, choose, notice } from './studio';

test.beforeEach(async ({ studio }) => {
  await studio.fill();
});

test('walls: a piece hung from the stash over the sofa, its nails by its hanger', async ({
  page,
  studio,
}) => {
  await page.goto('/rooms/long-room/walls?look=early-summer&wall=n');
  const [first] = (await studio.plan()).hangings;
  await expect(page.getByText(`${inchText(first!.nails[0]!.heightMm)} in`).first()).toBeVisible();
  await type(page, 'Gap over Long sofa', '10');
  await expect(
    page.getByText(/Keeping the 10 in gap above Long sofa puts the centre 3 in above 60 in/),
  ).toBeVisible();
  for (const hanger of ['Wire, one hook', 'Sawtooth', 'D-rings', 'Wire, two hooks']) {
    await page.getByText(hanger, { exact: true }).click();
    await saved(page);
  }
  await expect.poll(async () => (await studio.plan()).hangings[0]!.nails.length).toBe(2);
  await page.getByRole('radio', { name: 'South wall' }).click();
  await page.getByRole('button', { name: /Gorse on the headland/ }).click();
  await expect(page.getByRole('heading', { name: 'Gorse on the headland' })).toBeVisible();
  await choose(page.getByLabel('Over', { exact: true }), 'Sea chest');
  await expect(page.getByText(/It’s 42% of the width of Sea chest: too narrow/)).toBeVisible();
  await saved(page);
  const picture = page
    .getByRole('group', { name: 'South wall' })
    .getByRole('button', { name: 'Gorse on the headland' });
  await picture.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await saved(page);
  await expect
    .poll(async () => (await studio.plan()).hangings.find((h) => h.name.startsWith('Gorse'))!.xMm / 25.4)
    .toBeCloseTo(109, 5);
});

test('seats: pillows by drag, by key and from the worksheet', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/seats?look=early-summer');
  const count = async () =>
    (await studio.plan()).seats.find((s) => s.pieceId === 'long-sofa')!.pillows.length;
  await expect(page.getByRole('heading', { name: '5 pillows, back to front' })).toBeVisible();
  await page
    .getByRole('group', { name: 'Long sofa' })
    .getByRole('button', { name: 'Ticking lumbar' })
    .focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await expect
    .poll(
      async () =>
        (await studio.plan()).seats[0]!.pillows.find((p) => p.itemId === 'ticking-lumbar')!.xMm / 25.4,
    )
    .toBeCloseTo(42, 5);
  await page.keyboard.press('Delete');
  await expect.poll(count).toBe(4);
  const card = page.getByRole('button', { name: 'Put on Gorse velvet' });
  await awake(page);
  const drawing = (await page.getByRole('group', { name: 'Long sofa' }).boundingBox())!;
  const start = (await card.boundingBox())!;
  await page.mouse.move(start.x + 30, start.y + 15);
  await page.mouse.down();
  await page.mouse.move(drawing.x + drawing.width / 2, drawing.y + drawing.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect.poll(count).toBe(5);
  const gorse = (await studio.plan()).seats[0]!.pillows.find((p) => p.itemId === 'gorse-18')!;
  expect(gorse.xMm / 25.4).toBeGreaterThan(36);
  expect(gorse.xMm / 25.4).toBeLessThan(50);
  await page.getByRole('button', { name: 'Put on Mist blue cotton' }).press('Enter');
  await expect.poll(count).toBe(6);
  await page.getByRole('button', { name: 'Take it off' }).click();
  await expect.poll(count).toBe(5);
  await page
    .getByRole('button', { name: /^Tanbark linen/ })
    .first()
    .click();
  await type(page, 'Centre from the left arm', '30 1/2');
  await page.getByText('polyester', { exact: true }).click();
  await expect
    .poll(async () => (await studio.plan()).seats[0]!.pillows.find((p) => p.itemId === 'tanbark-20'))
    .toMatchObject({ fill: 'polyester' });
  await page.getByRole('button', { name: 'Bring forward' }).click();
  await saved(page);
});

test('seats: another way from the stash replaces what is on the sofa', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/seats?look=early-summer');
  const covers = async () => (await studio.plan()).seats[0]!.pillows.map((p) => p.itemId).join();
  const before = await covers();
  await page.getByRole('button', { name: 'Use this one' }).first().click();
  await saved(page);
  await expect.poll(covers).not.toBe(before);
  expect((await studio.plan()).seats[0]!.findings.some((f) => f.code === 'front-larger-than-back')).toBe(
    false,
  );
});

test('colour: shares as the plan has them, near whites found, one accent at a time', async ({
  page,
  studio,
}) => {
  await page.goto('/rooms/long-room/colour?look=early-summer');
  const { spread } = await studio.plan();
  for (const f of spread.families.slice(0, 3))
    await expect(page.getByRole('complementary').last()).toContainText(
      (f.share * 100).toFixed(f.share < 0.1 ? 1 : 0),
    );
  await expect(page.getByText(/are close but don’t match \(ΔE/)).toBeVisible();
  await expect(page.getByText('Gorse appears only once, in Gorse glaze vase.')).toBeVisible();
  await page
    .getByRole('complementary')
    .last()
    .getByRole('button', { name: /^Tanbark/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Tanbark through the room' })).toBeVisible();
  const tanbark = spread.families.find((f) => f.ownName === 'Tanbark')!;
  const { low, hand, eye, high } = tanbark.spread.heights;
  const heights = [
    [low, 'low'],
    [hand, 'at hand height'],
    [eye, 'at eye level'],
    [high, 'high'],
  ] as const;
  const found = heights.filter(([count]) => count > 0);
  await expect(page.getByText(found.map((h) => h.join(' ')).join(', '), { exact: true })).toBeVisible();
  await expect(page.getByText(`${found.length} of 4`)).toBeVisible();
  for (const view of ['Squint', 'Values', 'All colours'])
    await page.getByRole('radio', { name: view }).click();
  const wall = () =>
    page.locator('svg[aria-label="Where it is"] rect[fill^="#"]').first().getAttribute('fill');
  const day = await wall();
  await page.getByRole('slider', { name: 'Seen by' }).focus();
  await page.keyboard.press('Home');
  await expect(page.getByText('2700 K')).toBeVisible();
  expect(await wall()).not.toBe(day);
});

test('the valance says a fold’s name, share and places, and leads to its colour', async ({ page }) => {
  await page.goto('/rooms/long-room/walls?look=early-summer');
  const fold = page
    .getByRole('group', { name: 'Colours seen in this look' })
    .getByRole('button', { name: /^Lichen, .*% of what you see, \d spots/ });
  await fold.click();
  await expect(page.getByRole('heading', { name: 'Lichen through the room' })).toBeVisible();
});

test('looks: copied, changed alone, switched by key, deleted and brought back', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/seats?look=early-summer');
  await page.getByRole('button', { name: 'Copy this look' }).click();
  await expect(page.getByRole('tab', { name: 'Early summer, copy' })).toHaveAttribute(
    'aria-selected',
    'true',
  );
  await page
    .getByRole('button', { name: /^Tanbark linen/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Take it off' }).click();
  await saved(page);
  expect((await studio.plan()).seats[0]!.pillows.length).toBe(5);
  await page.keyboard.press('2');
  await expect(page.getByRole('tab', { name: 'Early summer', exact: true })).toHaveAttribute(
    'aria-selected',
    'true',
  );
  await expect(page.getByRole('heading', { name: '5 pillows, back to front' })).toBeVisible();
  await page.keyboard.press('4');
  await page.getByRole('button', { name: 'This look', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Delete this look' }).click();
  await page.getByRole('button', { name: 'Delete this look' }).click();
  await expect(page.getByRole('tab', { name: 'Early summer, copy' })).toHaveCount(0);
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('tab', { name: 'Early summer, copy' })).toBeVisible();
  await expect(notice(page)).toHaveText('Undone: look Early summer, copy deleted');
});

test('why: from one rule to those that it works together with, each can be set', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  await page.getByRole('button', { name: 'Why One rod line' }).first().click();
  await page.getByRole('dialog').getByRole('button', { name: 'Rod under the ceiling' }).click();
  const dialog = page.getByRole('dialog', { name: 'Rod under the ceiling' });
  await expect(dialog).toContainText('3 in');
  await dialog.getByRole('textbox').fill('4');
  await expect(dialog).toContainText('105 in → 104 in');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await saved(page);
  await expect
    .poll(async () => (await studio.plan()).windows.map((w) => w.rodHeightMm / 25.4))
    .toEqual([104, 104]);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  // the page answers again: nothing of the dialog is left over it
  await page.getByRole('radio', { name: 'Squint' }).click();
  await expect(page.getByRole('radio', { name: 'Squint' })).toBeChecked();
});

test('why: a rule opens, shows what an own value changes, and keeps it', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/walls?look=early-summer&wall=n');
  await page.getByRole('button', { name: 'Why Centre height' }).first().click();
  const dialog = page.getByRole('dialog', { name: 'Centre height' });
  await expect(dialog).toContainText('Common practice in the trade');
  await dialog.getByRole('textbox').fill('high up');
  await expect(dialog.getByRole('alert')).toContainText('doesn’t read as a length');
  await dialog.getByRole('textbox').fill('58');
  await expect(dialog).toContainText('Centre of Red buoy print: 60 in → 58 in');
  expect(
    (await studio.plan()).hangings.find((h) => h.name === 'Red buoy print')!.centreMm / 25.4,
  ).toBeCloseTo(60, 5);
  await dialog.getByRole('button', { name: 'Save' }).click();
  await saved(page);
  await expect
    .poll(
      async () => (await studio.plan()).hangings.find((h) => h.name === 'Red buoy print')!.centreMm / 25.4,
    )
    .toBeCloseTo(58, 5);
  await page.getByRole('button', { name: 'Why Centre height' }).first().click();
  await expect(page.getByRole('dialog')).toContainText('Your own value');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Reset to default, 60 in/ })
    .click();
  await expect
    .poll(
      async () => (await studio.plan()).hangings.find((h) => h.name === 'Red buoy print')!.centreMm / 25.4,
    )
    .toBeCloseTo(60, 5);
});
