import { expect, fileOf, test } from './studio';

test.beforeEach(async ({ studio }) => {
  await studio.fill();
});

test.describe('before the page is awake', () => {
  // the page is there, its script comes late
  test.beforeEach(async ({ page }) => {
    await page.route('**/_next/static/chunks/**', async (route) => {
      await new Promise((r) => setTimeout(r, 1000));
      await route.continue();
    });
  });

  test('what is typed and pressed is carried out once, in order', async ({ page }) => {
    await page.goto('/rooms/landing/measure?look=summer&wall=n', { waitUntil: 'commit' });
    const ceiling = page.getByLabel('Ceiling height');
    await ceiling.fill('230');
    await ceiling.press('Enter');
    await page.getByRole('radio', { name: 'Plan', exact: true }).last().click();
    await expect
      .poll(async () => (await fileOf(page, 'landing')).room.ceilingMm, { timeout: 20_000 })
      .toBe(2300);
    await expect(page.getByRole('heading', { name: 'Plan', exact: true })).toBeVisible();
  });

  test('keys on a drawing are carried out too', async ({ page, studio }) => {
    await page.goto('/rooms/long-room/windows?look=early-summer&wall=e', { waitUntil: 'commit' });
    const rod = page.getByRole('button', { name: /Harbour window, Rod/ });
    await rod.focus();
    for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowDown');
    await expect
      .poll(async () => (await studio.plan()).windows[0]!.rodHeightMm / 25.4, { timeout: 20_000 })
      .toBeCloseTo(104.625, 5);
  });

  // the page wakes at a moment that nobody knows: each time at another moment between the typing and its
  // Enter
  test('nothing is lost at the moment of waking', async ({ page, studio }) => {
    // six pages one after the other take long on a slow machine
    test.setTimeout(90_000);
    for (let i = 0; i < 6; i++) {
      await page.goto('/rooms/long-room/windows?look=early-summer&wall=e', { waitUntil: 'commit' });
      const field = page.getByRole('textbox', { name: 'Rod, floor to centre' });
      await field.waitFor();
      const inches = 100 + i / 2;
      await field.fill(String(inches));
      await page.waitForTimeout(i * 60);
      await field.press('Enter');
      await expect
        .poll(async () => (await studio.plan()).windows[0]!.rodHeightMm / 25.4, { timeout: 20_000 })
        .toBeCloseTo(inches, 5);
    }
  });

  test('a bother typed early is noted once; a box ticked early is ticked', async ({ page }) => {
    await page.goto('/rooms/long-room/walls?look=early-summer&wall=s', { waitUntil: 'commit' });
    const previous = (await fileOf(page)).clear.irritations.filter((i) => i.doneIn === 'walls').length;
    const box = page.getByRole('checkbox', { name: 'Lamp cable across the doorway' });
    await box.click();
    await expect
      .poll(async () => (await fileOf(page)).clear.irritations.filter((i) => i.doneIn === 'walls').length, {
        timeout: 20_000,
      })
      .toBe(previous + 1);
    await expect(box).toBeChecked();
  });
});

test('a field that adds takes its text once', async ({ page }) => {
  await page.goto('/rooms/long-room/clear?look=early-summer&wall=s');
  await page.getByRole('tab', { name: /^Bothers/ }).click();
  await page.getByLabel(/What bothers/).fill('Door sticks');
  await page.getByLabel(/What bothers/).press('Enter');
  await expect(page.getByText('Door sticks')).toHaveCount(1);
  await expect
    .poll(async () => (await fileOf(page)).clear.irritations.filter((i) => i.text === 'Door sticks').length)
    .toBe(1);
});
