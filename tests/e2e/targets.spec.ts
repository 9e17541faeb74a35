/** What is pressed is large enough to be hit: by a mouse anywhere, by a thumb on a phone where a tape is in the other hand. */
import type { Page } from '@playwright/test';
import { expect, test } from './studio';
import { ROOM, VIEWS } from './views';

test.beforeEach(({ studio }) => studio.fill());
test.describe.configure({ timeout: 120_000 });

const PRESSED = [
  'a[href]',
  'button',
  'input:not([type=hidden]):not([type=file])',
  ...['radio', 'slider', 'tab', 'combobox', 'checkbox'].map((role) => `[role=${role}]`),
].join(', ');

/** What is shown of those and is smaller than that many pixels, by its name and size. */
const smaller = (page: Page, selector: string, least: number): Promise<string[]> =>
  page.evaluate(
    ([what, px]) =>
      [...document.querySelectorAll(what)].flatMap((el) => {
        const { width, height, right } = el.getBoundingClientRect();
        const isShown = width > 1 && height > 1 && right > 0 && getComputedStyle(el).visibility !== 'hidden';
        const name = (el.getAttribute('aria-label') ?? el.textContent ?? '').trim().slice(0, 30);
        return isShown && Math.min(width, height) < px - 0.01
          ? [`${el.tagName} “${name}” ${width.toFixed(1)} × ${height.toFixed(1)}`]
          : [];
      }),
    [selector, least] as const,
  );

for (const [width, height] of [
  [1280, 800],
  [390, 844],
] as const)
  test(`nothing that is pressed is smaller than 24 px, ${width} px wide`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    const small: string[] = [];
    for (const url of VIEWS) {
      await page.goto(url, { waitUntil: 'networkidle' });
      small.push(...(await smaller(page, PRESSED, 24)).map((s) => `${url}: ${s}`));
    }
    expect(small).toEqual([]);
  });

test('on a phone the tape session and the numbers on drawings take a thumb', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${ROOM}/measure/tape`, { waitUntil: 'networkidle' });
  expect(await smaller(page, 'main a[href], main button, main input', 44)).toEqual([]);
  for (const stage of ['windows', 'walls']) {
    await page.goto(`${ROOM}/${stage}?look=early-summer`, { waitUntil: 'networkidle' });
    const numbers = page.locator('svg [role=button]').filter({ has: page.locator('text') });
    expect(await numbers.count(), stage).toBeGreaterThan(3);
    expect(await smaller(page, 'svg [role=button]:has(> text)', 43)).toEqual([]);
  }
  // the number that a thumb falls on is typed over
  await page.goto(`${ROOM}/walls?look=early-summer&wall=n`, { waitUntil: 'networkidle' });
  await page
    .getByRole('button', { name: /^Gap over Long sofa/ })
    .last()
    .click({ position: { x: 8, y: 8 } });
  await expect(page.getByRole('textbox', { name: 'Gap over Long sofa' }).first()).toBeFocused();
});
