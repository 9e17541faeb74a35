import { awake, expect, inchText, saved, test, type, choose } from './studio';

test.beforeEach(async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
});

const sheet = (page: import('@playwright/test').Page) => page.getByRole('complementary').last();

test('the worksheet says what the plan computes', async ({ page, studio }) => {
  const [w] = (await studio.plan()).windows;
  for (const mm of [
    w!.rodHeightMm,
    w!.bracketToBracketMm,
    Math.min(...w!.panelPlans.map((p) => p.finishedLengthMm)),
    Math.max(...w!.panelPlans.map((p) => p.finishedLengthMm)),
  ])
    await expect(sheet(page)).toContainText(inchText(mm));
  await expect(sheet(page)).toContainText(`${w!.panels} at ${w!.fullness.toFixed(1)}×`);
  await expect(page.getByRole('radio', { name: /108 in/ }).first()).toBeChecked();
  // what is judged over all windows stands by each that it speaks of
  await expect(sheet(page)).toContainText('The rods of Harbour window and Galley window meet');
  const drawn = await page
    .getByRole('group', { name: 'East wall' })
    .innerText()
    .catch(async () => page.getByRole('group', { name: 'East wall' }).textContent());
  expect(drawn).toContain('105');
});

test('a number changed on the drawing carries all with it', async ({ page, studio }) => {
  const previous = await studio.plan();
  await page
    .getByRole('group', { name: 'East wall' })
    .getByRole('button', { name: /^Rod, floor to centre/ })
    .last()
    .click();
  await page.getByRole('textbox', { name: 'Rod, floor to centre' }).first().fill('104 1/8');
  await page.keyboard.press('Enter');
  await saved(page);
  await expect.poll(async () => (await studio.plan()).windows[0]!.rodHeightMm / 25.4).toBeCloseTo(104.125, 5);
  const changed = await studio.plan();
  expect((previous.windows[0]!.finishedLengthMm - changed.windows[0]!.finishedLengthMm) / 25.4).toBeCloseTo(
    0.875,
    5,
  );
  expect(changed.windows[1]!.rodHeightMm).toBe(changed.windows[0]!.rodHeightMm);
  expect(changed.hangings).toEqual(previous.hangings);
  await expect(sheet(page)).toContainText(inchText(changed.windows[0]!.finishedLengthMm));
});

test('the landing, the ways and the list to buy follow each other', async ({ page, studio }) => {
  await sheet(page).getByText('pools 3', { exact: true }).click();
  await saved(page);
  await expect.poll(async () => (await studio.plan()).windows[0]!.landing).toBe('pool');
  await page.getByRole('radio', { name: /To measure/ }).check();
  await saved(page);
  await expect.poll(async () => (await studio.plan()).windows[0]!.chosenRoute?.kind).toBe('made');
  expect((await studio.plan()).sheet.buy.some((b) => b.kind === 'cloth')).toBe(true);
});

test('a length as it is moves the rod of the whole line to where it lands', async ({ page, studio }) => {
  // over a level floor; where it drops no one length lands under every panel
  await sheet(page).getByRole('radio', { name: 'Galley window', exact: true }).click();
  const way = page.getByRole('radio', { name: /as is, rod/ }).first();
  await way.check();
  await saved(page);
  await expect.poll(async () => (await studio.plan()).windows[1]!.chosenRoute?.kind).toBe('asItIs');
  const plan = await studio.plan();
  expect(plan.windows[1]!.chosenRoute!.stockMm).toBeCloseTo(
    Math.max(...plan.windows[1]!.panelPlans.map((p) => p.finishedLengthMm)),
    3,
  );
  expect(new Set(plan.windows.map((w) => w.rodHeightMm)).size).toBe(1);
});

test('the rod is dragged and nudged, within the room', async ({ page, studio }) => {
  const rod = page.getByRole('button', { name: /Harbour window, Rod/ });
  await rod.focus();
  await page.keyboard.press('ArrowDown');
  await saved(page);
  await expect.poll(async () => (await studio.plan()).windows[0]!.rodHeightMm / 25.4).toBeCloseTo(104.875, 5);
  await awake(page);
  const box = (await rod.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + 40, { steps: 5 });
  await page.mouse.up();
  await expect.poll(async () => (await studio.plan()).windows[0]!.rodHeightMm / 25.4).toBeLessThan(100);
});

test('a dragged rod is drawn to a named height; with Alt it is left where the hand lets go', async ({
  page,
  studio,
}) => {
  const rodAt = async () => (await studio.plan()).windows[0]!.rodHeightMm / 25.4;
  const rod = page.getByRole('button', { name: /Harbour window, Rod/ });
  await awake(page);
  const drawing = (await page.getByRole('group', { name: 'East wall' }).boundingBox())!;
  const start = (await rod.boundingBox())!;
  const [x, y] = [start.x + start.width / 2, start.y + start.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 20, { steps: 4 });
  // back to within a pixel of where the school puts it
  await page.mouse.move(x, y + 1, { steps: 4 });
  await expect(page.getByText(/^High: rod/)).toBeVisible();
  await page.mouse.up();
  await expect(page.getByText(/^High: rod/)).toHaveCount(0);
  expect(drawing.height).toBeGreaterThan(200);
  await page.keyboard.down('Alt');
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 20, { steps: 4 });
  await page.mouse.move(x, y + 2, { steps: 4 });
  await expect(page.getByText(/^High: rod/)).toHaveCount(0);
  await page.mouse.up();
  await page.keyboard.up('Alt');
  await expect.poll(rodAt).not.toBeCloseTo(105, 3);
  await expect.poll(async () => Math.abs((await rodAt()) - 105)).toBeLessThan(1.5);
});

test('bracket to bracket and the finished length are typed in the worksheet too', async ({
  page,
  studio,
}) => {
  const span = sheet(page).getByRole('textbox', { name: 'Bracket to bracket' });
  await span.fill('76');
  await span.press('Enter');
  await saved(page);
  await expect
    .poll(async () => (await studio.plan()).windows[0]!.bracketToBracketMm / 25.4)
    .toBeCloseTo(76, 4);
  await span.fill('40');
  await span.press('Enter');
  await expect(
    sheet(page).getByRole('alert').filter({ hasText: 'The frame with its trim is' }),
  ).toBeVisible();
  const length = sheet(page).getByRole('textbox', { name: 'Finished length' });
  const previous = (await studio.plan()).windows[0]!;
  await length.fill('102 1/2');
  await length.press('Enter');
  await saved(page);
  await expect
    .poll(async () => (await studio.plan()).windows[0]!.rodHeightMm / 25.4)
    .toBeCloseTo(previous.rodHeightMm / 25.4 - (previous.finishedLengthMm / 25.4 - 102.5), 3);
});

test('a rod over the ceiling is refused where it is typed', async ({ page, studio }) => {
  const field = sheet(page).getByRole('textbox', { name: 'Rod, floor to centre' });
  await field.fill('12ft');
  await field.press('Enter');
  await expect(
    sheet(page).getByRole('alert').filter({ hasText: 'above the ceiling at 108 in' }),
  ).toBeVisible();
  expect((await studio.plan()).windows[0]!.rodHeightMm / 25.4).toBeCloseTo(105, 5);
});

test('undressed and dressed again, with another cloth', async ({ page, studio }) => {
  await sheet(page).getByRole('button', { name: 'Take the curtains down' }).click();
  await page.getByRole('radio', { name: 'Harbour window', exact: true }).last().click();
  await page.getByRole('button', { name: 'Dress this window' }).click();
  await page.getByLabel('Cloth', { exact: true }).click();
  await expect(page.getByRole('option')).toHaveCount(9);
  await page.keyboard.press('Escape');
  await choose(page.getByLabel('Cloth', { exact: true }), /Sailcloth voile/);
  await saved(page);
  await expect
    .poll(
      async () => (await studio.plan()).windows.find((w) => w.openingId === 'harbour-window')?.flatWidthMm,
    )
    .toBeCloseTo(55 * 25.4, 4);
});

test('in centimetres everything is in centimetres', async ({ page }) => {
  await page.goto('/rooms/landing/windows?look=summer');
  await expect(sheet(page)).toContainText('220 cm');
  await type(page, 'Rod, floor to centre', '212,5');
  await saved(page);
  await expect(sheet(page)).toContainText('212.5 cm');
  await expect(sheet(page)).not.toContainText(/\d in\b/);
});
