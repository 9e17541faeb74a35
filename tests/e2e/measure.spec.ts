import { awake, expect, fileOf, listed, saved, test, type } from './studio';

test.beforeEach(async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=e');
});

test('readings that cannot be are refused at the field, with what came, what was expected and an example', async ({
  page,
}) => {
  await listed(page, 'Harbour window').click();
  for (const [field, text, says] of [
    ['Frame width', '200', /200 in is wider than its wall \(162 in\)\. Try 81 in/],
    ['Sill', '90', /The sill at 90 in is above the head at 81 in/],
    ['Height', '100', /Its top would be at 131 in, above the ceiling at 108 in/],
    ['From the left', '80', /It would overlap Galley window by/],
    ['From the left', '150', /runs past the end of the wall\. It fits up to 110 in/],
    ['Frame width', '0', /Enter a length above zero/],
  ] as const) {
    await type(page, field, text);
    await expect(page.getByRole('alert').filter({ hasText: says })).toBeVisible();
    await expect(page.getByLabel(field, { exact: true }).first()).toHaveValue(text);
    await page.getByLabel(field, { exact: true }).first().press('Escape');
  }
  expect((await fileOf(page)).openings[0]!.widthMm).toBeCloseTo(52 * 25.4, 4);
});

test('odd readings ask, and are kept when meant', async ({ page }) => {
  await listed(page, 'Harbour window').click();
  await type(page, 'Right', '84');
  await expect(page.getByRole('alert').filter({ hasText: 'Are you sure?' })).toContainText(
    '84 in differs more than usual from the drop next to it',
  );
  await page.getByRole('button', { name: 'Keep it' }).click();
  await saved(page);
  expect((await fileOf(page)).openings[0]!.dropsMm!.right).toBeCloseTo(84 * 25.4, 4);
  await page.getByRole('button', { name: 'Back to the room' }).click();
  await type(page, 'Ceiling height', '77');
  await expect(page.getByRole('alert').filter({ hasText: 'above the ceiling at 77 in' })).toBeVisible();
});

test('a window is dragged on its wall, stops at its neighbour, and is nudged by an eighth', async ({
  page,
}) => {
  const frame = page.getByRole('button', { name: 'Harbour window', exact: true }).first();
  await awake(page);
  const box = (await frame.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 3);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 60, box.y + box.height / 3, { steps: 6 });
  await page.mouse.up();
  await saved(page);
  const left = (await fileOf(page)).openings[0]!.xMm / 25.4;
  expect(left).toBeLessThan(30);
  expect((left * 8) % 1).toBeCloseTo(0, 5);
  await frame.focus();
  await page.keyboard.press('ArrowRight');
  await saved(page);
  await expect.poll(async () => (await fileOf(page)).openings[0]!.xMm / 25.4).toBeCloseTo(left + 1 / 8, 5);
  await page.mouse.move(box.x + 20, box.y + box.height / 3);
  await page.mouse.down();
  await page.mouse.move(box.x + 420, box.y + box.height / 3, { steps: 12 });
  await page.mouse.up();
  await saved(page);
  const file = await fileOf(page);
  expect(file.openings[0]!.xMm + file.openings[0]!.widthMm).toBeLessThanOrEqual(file.openings[1]!.xMm + 1);
});

test('everything of the first step can be added, on wall and plan, and removed again', async ({ page }) => {
  await page.getByRole('radio', { name: 'West wall' }).click();
  for (const kind of ['Window', 'Door', 'Radiator', 'Socket']) {
    await page.getByRole('group', { name: 'Add' }).getByRole('button', { name: kind, exact: true }).click();
    await expect(page.getByRole('heading', { level: 2, name: new RegExp(`^${kind}`) })).toBeVisible();
    await page.getByRole('button', { name: 'Back to the room' }).click();
  }
  await page.getByRole('radio', { name: 'Plan', exact: true }).click();
  for (const kind of ['Sofa', 'Chair', 'Coffee table', 'Bed', 'Floor lamp']) {
    await page.getByRole('group', { name: 'Add' }).getByRole('button', { name: kind, exact: true }).click();
    await expect(page.getByRole('heading', { level: 2, name: new RegExp(`^${kind}`) })).toBeVisible();
    await page.getByRole('button', { name: 'Remove', exact: true }).click();
  }
  await saved(page);
  expect((await fileOf(page)).openings.length).toBe(5);
  expect((await fileOf(page)).pieces.length).toBe(10);
});

test('a thing is dragged from its name onto the wall and the plan, and stands where it was let go', async ({
  page,
}) => {
  const things = async () => {
    const f = await fileOf(page);
    return f.openings.length + f.fittings.length + f.pieces.length;
  };
  const dragTo = async (name: string, fx: number, fy: number) => {
    const previous = await things();
    await awake(page);
    const chip = (await page.getByRole('button', { name, exact: true }).first().boundingBox())!;
    const sheet = (await page.locator('#drawing svg[role=group]').first().boundingBox())!;
    await page.mouse.move(chip.x + 10, chip.y + 10);
    await page.mouse.down();
    await page.mouse.move(sheet.x + sheet.width * fx, sheet.y + sheet.height * fy, { steps: 8 });
    await page.mouse.up();
    await expect.poll(things).toBe(previous + 1);
  };
  await page.getByRole('radio', { name: 'West wall' }).click();
  await dragTo('Socket', 0.75, 0.6);
  const socket = (await fileOf(page)).fittings.at(-1)!;
  expect(socket).toMatchObject({ kind: 'socket', wallId: 'w' });
  // the west wall is 162 in long, and three quarters of the sheet lie beyond its middle
  expect(socket.xMm / 25.4).toBeGreaterThan(100);
  expect(((socket.xMm / 25.4) * 8) % 1).toBeCloseTo(0, 4);
  await page.getByRole('radio', { name: /^Plan/ }).click();
  await dragTo('Plant', 0.62, 0.7);
  const plant = (await fileOf(page)).pieces.at(-1)!;
  expect([plant.kind, plant.xMm / 25.4 > 110, plant.yMm / 25.4 > 90]).toEqual(['plant', true, true]);
  await dragTo('Bed', 0.05, 0.05);
  await expect(page.getByText('It doesn’t fit there, so it went where there is room.')).toBeVisible();
  expect((await fileOf(page)).pieces.at(-1)!.kind).toBe('bed');
});

test('a piece is dragged on the plan and may not leave the room', async ({ page }) => {
  await page.getByRole('radio', { name: 'Plan', exact: true }).click();
  await listed(page, 'Floor lamp').click();
  await type(page, 'Centre from the west', '200');
  await expect(page.getByRole('alert').filter({ hasText: 'outside the room' })).toBeVisible();
  await page.getByLabel('Centre from the west').press('Escape');
  const lamp = page.getByRole('group', { name: 'Plan' }).getByRole('button', { name: 'Floor lamp' });
  await awake(page);
  const box = (await lamp.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 300, box.y + 100, { steps: 10 });
  await page.mouse.up();
  await saved(page);
  const lampNow = (await fileOf(page)).pieces.find((p: { id: string }) => p.id === 'floor-lamp')!;
  // it stops at the wall, not where the hand first went past it, and slides along
  expect(lampNow.xMm).toBeLessThanOrEqual((192 - 8) * 25.4 + 15);
  expect(lampNow.xMm).toBeGreaterThan((192 - 8) * 25.4 - 15);
  expect(lampNow.yMm).toBeGreaterThan(16 * 25.4);
});

test('numbers on the drawing are typed over', async ({ page }) => {
  await listed(page, 'Harbour window').click();
  const drawing = page.getByRole('group', { name: 'East wall' });
  await drawing.getByRole('button', { name: 'Width 52' }).click();
  await page.getByRole('textbox', { name: 'Width', exact: true }).fill('50 1/2');
  await page.getByRole('textbox', { name: 'Width', exact: true }).press('Enter');
  await saved(page);
  await expect.poll(async () => (await fileOf(page)).openings[0]!.widthMm / 25.4).toBeCloseTo(50.5, 5);
  await drawing.getByRole('button', { name: /^From the left 34/ }).click();
  await page.getByRole('textbox', { name: 'From the left' }).nth(0).fill('999');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'runs past the end of the wall' })).toBeVisible();
});
