/** More tasks of the guide by keys alone: quick answers, beds, rules, a copy of the studio. */
import { button, chooseOption, chooseRadio, press, staysNear, tabTo, write } from './keys';
import { awake, expect, fileOf, test } from './studio';

test.describe.configure({ timeout: 120_000 });
test.beforeEach(({ studio }) => studio.fill());

test('a quick answer is typed, and kept as a room', async ({ page }) => {
  await page.goto('/quick/curtain');
  await awake(page);
  await write(page, page.getByLabel('Ceiling height'), '9ft');
  await write(page, page.getByLabel('Left', { exact: true }), '80');
  const answer = page.getByRole('complementary', { name: 'Answer' });
  await chooseRadio(page, /^breaks/, answer);
  await press(page, button(page, 'Save as a room'));
  const name = page.getByLabel('Name of the room');
  await expect(name).toBeFocused();
  await page.keyboard.type('Stair');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/windows$/);
  await expect(page.getByText('Stair', { exact: true })).toBeVisible();
});

test('bedding is folded back and kept all year, a way is taken, and the night’s place chosen', async ({
  page,
}) => {
  await page.goto('/rooms/harbour-bedroom/beds?look=summer');
  await awake(page);
  const look = async () => (await fileOf(page, 'harbour-bedroom')).looks.find((l) => l.id === 'summer')!;
  const cover = async () => (await look()).placements.find((p) => p.itemId === 'duvet-biscuit');
  const made = page.getByRole('region', { name: 'Spread over the bed' });
  await press(page, made.getByRole('button', { name: /Biscuit duvet cover/ }));
  await chooseOption(page, made.getByRole('combobox', { name: 'Stays' }), 'all year');
  await expect.poll(async () => (await cover())?.layer).toBe('permanent');
  await press(page, button(page, 'Fold across the foot'));
  await expect.poll(async () => (await cover())?.lie).toBe('acrossFoot');
  await staysNear(page);
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(async () => (await cover())?.lie).toBe('made');
  await chooseOption(
    page,
    page.getByRole('combobox', { name: /come off at night go here/ }),
    'Not chosen yet',
  );
  await expect.poll(async () => (await look()).night).toEqual([]);
  await press(page, button(page, 'Try it'));
  await expect.poll(async () => (await look()).placements.some((p) => p.itemId === 'duvet-mist')).toBe(true);
  await staysNear(page);
});

test('a rule gets a value of one’s own, and its default back', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/walls?look=early-summer&wall=n');
  await awake(page);
  const centre = async () =>
    (await studio.plan()).hangings.find((h) => h.name === 'Red buoy print')!.centreMm / 25.4;
  const why = button(page, 'Why Centre height');
  const dialog = page.getByRole('dialog', { name: 'Centre height' });
  await press(page, why);
  await write(page, dialog.getByRole('textbox'), '58');
  await expect(dialog).toHaveCount(0);
  await expect(why).toBeFocused();
  await expect.poll(centre).toBeCloseTo(58, 5);
  await press(page, why);
  await press(page, dialog.getByRole('button', { name: /Reset to default/ }));
  await expect(dialog).toHaveCount(0);
  await expect.poll(centre).toBeCloseTo(60, 5);
  await staysNear(page);
});

test('a copy of the studio is saved', async ({ page }) => {
  await page.goto('/');
  await awake(page);
  const backup = page.getByRole('link', { name: 'Back up the studio' });
  await tabTo(page, backup);
  const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')]);
  expect(download.suggestedFilename()).toMatch(/\.json$/);
});
