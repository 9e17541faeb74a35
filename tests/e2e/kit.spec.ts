import { ITEMS, choose, expect, fileOf, notice, saved, test } from './studio';

test.beforeEach(({ studio }) => studio.fill());

const LOOK = '/rooms/long-room/walls?look=early-summer&wall=n';

test('a list opens, is walked and chosen from by keys alone, and the focus comes back to it', async ({
  page,
  studio,
}) => {
  await page.goto(LOOK);
  const combo = page.getByRole('combobox', { name: 'Over' });
  await expect(combo).toHaveText('Long sofa');
  await combo.focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('option', { name: 'Long sofa' })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('option', { name: 'Side table' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('option')).toHaveCount(0);
  await expect(combo).toHaveText('Side table');
  await expect(combo).toBeFocused();
  await saved(page);
  // a letter opens it too; Escape leaves it as it was, and takes nothing else with it
  await page.keyboard.press('l');
  await expect(page.getByRole('listbox')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('listbox')).toHaveCount(0);
  await expect(combo).toHaveText('Side table');
  // undo works while the list has the focus
  await page.keyboard.press('Control+z');
  await expect(notice(page)).toContainText('Undone');
  await expect.poll(async () => (await studio.plan()).hangings[0]!.centreMm / 25.4).toBeCloseTo(60, 3);
});

test('a long list is narrowed by typing, says when nothing matches, and takes Enter', async ({ page }) => {
  await page.goto('/stash');
  await expect(page.getByText(`${ITEMS} of ${ITEMS}`)).toBeVisible();
  const kind = page.getByRole('combobox', { name: 'Kind', exact: true });
  await kind.click();
  await expect(page.getByPlaceholder('Search', { exact: true })).toBeFocused();
  await page.keyboard.type('zzz');
  await expect(page.getByText('No matches')).toBeVisible();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('MIRR');
  await expect(page.locator('[cmdk-item]')).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(kind).toHaveText('Mirror');
  await expect(kind).toBeFocused();
  await expect(page.getByText(`1 of ${ITEMS}`)).toBeVisible();
  // a press beside an open list only closes it
  await kind.click();
  await expect(page.locator('[cmdk-item]').first()).toBeVisible();
  await page.mouse.click(640, 20);
  await expect(page.locator('[cmdk-item]')).toHaveCount(0);
  await expect(kind).toBeFocused();
});

test('looks are tabs: arrows go along them, and each shows its own panel', async ({ page }) => {
  await page.goto(LOOK);
  const tab = page.getByRole('tab', { name: 'Early summer', exact: true });
  await tab.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('tab', { name: 'As found' })).toBeFocused();
  await expect(page.getByRole('tab', { name: 'As found' })).toHaveAttribute('aria-selected', 'true');
  await expect(page.getByRole('tabpanel', { name: 'As found' })).toBeVisible();
  await page.keyboard.press('End');
  await expect(page.getByRole('tab', { name: 'Early summer, blue' })).toHaveAttribute(
    'aria-selected',
    'true',
  );
});

test('a look’s menu comes from its button and from a right click, and renames it', async ({ page }) => {
  await page.goto(LOOK);
  const button = page.getByRole('button', { name: 'This look', exact: true });
  await button.click();
  await expect(page.getByRole('menuitem')).toHaveText([
    'Rename this look',
    'Season, brief and colours',
    'What changes from another look',
    'Copy this look',
    'Keep as it is, as a record',
    'Delete this look',
  ]);
  await page.keyboard.press('Escape');
  await expect(button).toBeFocused();
  await page.getByRole('tab', { name: 'Early summer', exact: true }).click({ button: 'right' });
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  const name = page.getByRole('dialog').getByLabel('Name of the look');
  await name.fill('First sun');
  await name.press('Enter');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('tab', { name: 'First sun' })).toBeVisible();
  await saved(page);
  expect((await fileOf(page)).looks.some((l) => l.name === 'First sun')).toBe(true);
});

test('a small button says what it does to the pointer and to the keys', async ({ page }) => {
  await page.goto(LOOK);
  const copy = page.getByRole('button', { name: 'Copy this look' });
  await copy.hover();
  await expect(page.getByRole('tooltip')).toHaveText('Copy this look');
  await page.mouse.move(400, 400);
  await expect(page.getByRole('tooltip')).toHaveCount(0);
  await page.getByRole('button', { name: 'This look', exact: true }).focus();
  await page.keyboard.press('Tab');
  await expect(copy).toBeFocused();
  await expect(page.getByRole('tooltip')).toHaveText('Copy this look');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('tooltip')).toHaveCount(0);
});

test('a slider steps by arrows and goes to its ends', async ({ page }) => {
  await page.goto(LOOK);
  const light = page.getByRole('slider', { name: 'Seen by' });
  await light.focus();
  await page.keyboard.press('Home');
  await expect(light).toHaveAttribute('aria-valuetext', '2700 K');
  await page.keyboard.press('End');
  await expect(light).toHaveAttribute('aria-valuetext', 'daylight');
});

test('what was drawn for the eye can be read: a chart’s numbers stand in a table', async ({
  page,
  studio,
}) => {
  await page.goto('/rooms/long-room/colour?look=early-summer');
  const { spread } = await studio.plan();
  const table = page.getByRole('table', { name: /planned and actual/ });
  const row = table.getByRole('row', { name: /^base/ });
  await expect(row).toContainText(`${Math.round(spread.planned.base * 100)}%`);
  await expect(row).toContainText(`${Math.round(spread.actual.base * 100)}%`);
  await page.getByText('Planned and seen').scrollIntoViewIfNeeded();
  await expect(page.locator('.recharts-bar-rectangle path').first()).toBeVisible();
});

test('on glass: a thumb opens a list, ticks a box and opens a part of the sheet', async ({
  browser,
  page,
  studio,
}) => {
  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    baseURL: studio.address,
  });
  const glass = await phone.newPage();
  await glass.goto(LOOK);
  await glass.waitForFunction(() => !document.querySelector('[data-asleep]'));
  await glass.getByRole('combobox', { name: 'Over' }).tap();
  await glass.getByRole('option', { name: 'Side table' }).tap();
  await expect(glass.getByRole('combobox', { name: 'Over' })).toHaveText('Side table');
  await glass.getByRole('checkbox', { name: 'Leans against the wall' }).tap();
  await expect(glass.getByRole('checkbox', { name: 'Leans against the wall' })).toBeChecked();
  await expect.poll(async () => (await fileOf(page)).looks[1]!.hangings[0]!.leans).toBe(true);
  await glass.getByRole('button', { name: /^Holes in this wall/ }).tap();
  await expect(glass.getByRole('button', { name: 'Mark holes' })).toBeVisible();
  await phone.close();
  expect((await studio.plan()).hangings.length).toBeGreaterThan(0);
});

test('choosing in a list of a worksheet is one step of undo', async ({ page }) => {
  await page.goto('/rooms/long-room/windows?look=early-summer&wall=e');
  await choose(page.getByRole('combobox', { name: 'Heading', exact: true }), 'Grommets');
  await saved(page);
  const heading = async () =>
    (await fileOf(page)).looks.find((l) => l.id === 'early-summer')!.dressings[0]!.heading;
  expect(await heading()).toBe('grommet');
  await page.keyboard.press('Control+z');
  await expect.poll(heading).toBe('ringClip');
});
