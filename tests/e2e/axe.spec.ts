import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from './studio';
import { ROOM, VIEWS } from './views';

test.describe.configure({ timeout: 600_000 });
test.beforeEach(async ({ studio }) => {
  await studio.fill();
});

type Opening = { what: string; url: string; open: (page: Page) => Promise<void> };
const press = (name: string | RegExp) => (page: Page) =>
  page.getByRole('button', { name, exact: true }).first().click();
/** Every kind of dialog, menu and list, with the page it is opened on and the way to open it. */
const OPENINGS: readonly Opening[] = [
  { what: 'find in a room', url: `${ROOM}/walls`, open: press('Find') },
  { what: 'find in the studio', url: '/', open: press('Find') },
  { what: 'the keys', url: '/', open: (page) => page.keyboard.press('?') },
  { what: 'start a room', url: '/', open: press('Start a room') },
  { what: 'remove a room', url: '/', open: press('Remove') },
  { what: 'why', url: `${ROOM}/windows`, open: press(/^Why /) },
  { what: 'a look’s menu', url: `${ROOM}/walls`, open: press('This look') },
  { what: 'keep a quick answer', url: '/quick/curtain', open: press('Save as a room') },
  { what: 'a list', url: '/stash', open: (page) => page.getByRole('banner').getByRole('combobox').click() },
];

const POPUPS = '[role=menu], [role=listbox]:not([data-page-keys]):not([cmdk-list])';

/** How far the page runs over its side. */
const overSide = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/** What axe has to say of the page as it stands, and whether something runs over its side. */
async function wrongWith(page: Page, what: string): Promise<string[]> {
  const axe = new AxeBuilder({ page });
  // while a menu or a list is open the rest is hidden from reading, and cannot be reached either
  if ((await page.locator(POPUPS).count()) > 0) axe.include(POPUPS).disableRules('region');
  const { violations } = await axe.analyze();
  const over = await overSide(page);
  return [
    ...violations.map((v) => `${what}: ${v.id}: ${v.nodes.map((n) => n.html.slice(0, 160)).join(' | ')}`),
    ...(over > 0 ? [`${what}: runs ${over} px over the side`] : []),
  ];
}

for (const [width, height] of [
  [1280, 800],
  [390, 844],
] as const) {
  test(`axe finds nothing in any view, and nothing runs over the side, ${width} px wide`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    const wrong: string[] = [];
    for (const url of VIEWS) {
      await page.goto(url, { waitUntil: 'networkidle' });
      wrong.push(...(await wrongWith(page, url)));
    }
    expect(wrong).toEqual([]);
  });

  test(`axe finds nothing with anything open, ${width} px wide`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    const wrong: string[] = [];
    for (const { what, url, open } of OPENINGS) {
      await page.goto(url);
      await open(page);
      await expect(page.locator(`[role=dialog], ${POPUPS}`).last(), what).toBeVisible();
      wrong.push(...(await wrongWith(page, what)));
    }
    expect(wrong).toEqual([]);
  });
}

test('nothing runs over the side of the narrowest phone', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  const over: string[] = [];
  for (const url of VIEWS) {
    await page.goto(url);
    const by = await overSide(page);
    if (by > 0) over.push(`${url} by ${by} px`);
  }
  expect(over).toEqual([]);
});
