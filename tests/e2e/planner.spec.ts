/** A room's page is used before the part that plans has come. */
import type { Page } from '@playwright/test';
import { expect, fileOf, test } from './studio';

/** A sentence that stands in the planner and nowhere else. */
const IN_PLANNER = 'in this room';

/** Keeps the planner back until it is let go. */
async function withoutPlanner(page: Page): Promise<() => void> {
  let letGo = () => {};
  const held = new Promise<void>((done) => (letGo = done));
  await page.route('**/_next/static/chunks/**', async (route) => {
    const answer = await route.fetch();
    const script = await answer.text();
    if (script.includes('no look ') && script.includes(IN_PLANNER)) await held;
    await route.fulfill({ response: answer, body: script });
  });
  return letGo;
}
const WINDOWS = '/rooms/long-room/windows?look=early-summer&wall=e';
const rodInches = (plan: { windows: { rodHeightMm: number }[] }) => plan.windows[0]!.rodHeightMm / 25.4;

test.beforeEach(async ({ studio }) => {
  await studio.fill();
});
// a script that is still on its way when a test has seen enough is waited for
test.afterEach(async ({ page }) => {
  await page.unrouteAll({ behavior: 'wait' });
});

test('the room is drawn and looked at; what is changed is kept, and shown once it has come', async ({
  page,
  studio,
}) => {
  const letGo = await withoutPlanner(page);
  await page.goto(WINDOWS);
  const field = page.getByRole('textbox', { name: 'Rod, floor to centre' });
  await expect(field).toHaveValue('105');
  // what changes nothing needs no planner
  await page.getByRole('radio', { name: 'Squint' }).click();
  await expect(page.getByRole('radio', { name: 'Squint' })).toBeChecked();
  await field.fill('101');
  await field.press('Enter');
  await expect.poll(async () => rodInches(await studio.plan())).toBeCloseTo(101, 5);
  await expect(page.locator('body')).toHaveAttribute('data-held', '');
  letGo();
  await expect(page.locator('body')).not.toHaveAttribute('data-held');
  await expect(field).toHaveValue('101');
});

test('keys that are pressed meanwhile each go on from what the one before them did', async ({
  page,
  studio,
}) => {
  const letGo = await withoutPlanner(page);
  await page.goto(WINDOWS);
  const before = rodInches(await studio.plan());
  await page.getByRole('button', { name: /Harbour window, Rod/ }).focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowDown');
  letGo();
  await expect.poll(async () => rodInches(await studio.plan())).toBeCloseTo(before - 4 / 8, 5);
});

test('another look is opened as soon as it can be planned', async ({ page }) => {
  const letGo = await withoutPlanner(page);
  await page.goto('/rooms/long-room/clear?look=early-summer');
  await page.getByRole('tab', { name: 'Early summer, blue' }).click();
  letGo();
  await expect(page.getByRole('tab', { name: 'Early summer, blue' })).toHaveAttribute(
    'aria-selected',
    'true',
  );
  expect((await fileOf(page)).looks).toHaveLength(3);
});

test('a planner that could not be fetched is fetched again', async ({ page, studio }) => {
  let refused = 0;
  await page.route('**/_next/static/chunks/**', async (route) => {
    const answer = await route.fetch();
    const script = await answer.text();
    const isPlanner = script.includes('no look ') && script.includes(IN_PLANNER);
    if (isPlanner && refused++ < 2) await route.abort();
    else await route.fulfill({ response: answer, body: script });
  });
  await page.goto(WINDOWS);
  const field = page.getByRole('textbox', { name: 'Rod, floor to centre' });
  await field.fill('101');
  await field.press('Enter');
  await expect.poll(async () => rodInches(await studio.plan())).toBeCloseTo(101, 5);
  await expect(page.locator('body')).not.toHaveAttribute('data-held');
  await expect(field).toHaveValue('101');
  expect(refused).toBeGreaterThan(1);
});
