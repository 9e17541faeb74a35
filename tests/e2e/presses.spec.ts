/** What a press on a drawing picks, and that it moves nothing. */
import { awake, dragFree, expect, saved, test } from './studio';

test.beforeEach(({ studio }) => studio.fill());

test('a press picks what is drawn, and a second one keeps it picked', async ({ page, studio }) => {
  await studio.fill();
  for (const [url, name] of [
    ['/rooms/long-room/seats?look=early-summer', 'Tanbark linen'],
    ['/rooms/harbour-bedroom/beds?look=summer', 'Harbour stripe lumbar'],
    ['/rooms/long-room/measure?look=early-summer&wall=plan', 'Table lamp'],
  ]) {
    await page.goto(url!);
    await awake(page);
    const drawn = page.locator('svg').getByRole('button', { name: name!, exact: true }).first();
    for (let press = 0; press < 2; press++) {
      await drawn.click();
      await expect(drawn).toHaveAttribute('aria-pressed', 'true');
    }
  }
});

test('a press moves nothing, also after a drag that was undone', async ({ page }) => {
  for (const [url, name, dx, dy] of [
    ['windows?look=early-summer&wall=e', /Harbour window, Rod/, 0, 24],
    ['walls?look=early-summer&wall=n', 'Regatta, large', 0, -20],
    ['seats?look=early-summer', /^Tanbark linen/, 30, 0],
    ['measure?look=early-summer&wall=e', 'Harbour window', 20, 0],
    ['measure?look=early-summer&wall=plan', 'Harbour chair', 12, 12],
  ] as const) {
    await page.goto(`/rooms/long-room/${url}`);
    await awake(page);
    const drawn = page.locator('svg').getByRole('button', { name }).first();
    // what is picked is framed: its middle is where it is
    const middle = async (): Promise<[number, number]> => {
      const { x, y, width, height } = (await drawn.boundingBox())!;
      return [x + width / 2, y + height / 2];
    };
    const [xThen, yThen] = await middle();
    /** How far its middle is from where it was; a frame takes it half a pixel further at most. */
    const movedBy = async () => {
      const [x, y] = await middle();
      return Math.hypot(x - xThen, y - yThen);
    };
    await page.mouse.click(xThen, yThen);
    expect(await movedBy(), url).toBeLessThan(2);
    await dragFree(page, drawn, dx, dy);
    expect(await movedBy(), url).toBeGreaterThan(4);
    await page.keyboard.press('Control+z');
    await expect.poll(movedBy, url).toBeLessThan(2);
    await page.mouse.click(...(await middle()));
    await saved(page);
    expect(await movedBy(), url).toBeLessThan(2);
  }
});

test('what is drawn thin is picked by a press beside it, and goes on by keys', async ({ page }) => {
  await page.goto('/rooms/long-room/surfaces?look=early-summer&spot=coffee-table');
  await awake(page);
  const candle = page.locator('svg').getByRole('button', { name: 'Church candle' });
  const { x, y, width } = (await candle.boundingBox())!;
  await page.mouse.click(x + width + 4, y + 20);
  await expect(candle).toBeFocused();
  await expect(candle).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('ArrowLeft');
  await saved(page);
  await expect.poll(async () => (await candle.boundingBox())!.x).toBeLessThan(x);
});

test('a cover is put on a seat by one press', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/seats?look=early-summer');
  await awake(page);
  const count = async () => (await studio.plan()).seats[0]!.pillows.length;
  const before = await count();
  await page.getByRole('button', { name: 'Put on Mist blue cotton' }).click();
  await expect.poll(count).toBe(before + 1);
  await page.getByRole('button', { name: 'Put on Gorse velvet' }).dblclick();
  await expect.poll(count).toBe(before + 2);
  await saved(page);
  expect(await count()).toBe(before + 2);
});
