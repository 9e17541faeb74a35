/** A studio begun by hand, with no file: a room is built and dressed, and all of it is found again. */
import type { Page } from '@playwright/test';
import { awake, choose, expect, fileOf, fillIn, saved, test, type } from './studio';

/** What is put into the stash: name, kind, how many, width and height in inches, colour. */
const THINGS = [
  ['Green vase', 'Vase', '1', '6', '10', '#6f7d5f'],
  ['Olive stems', 'Stems', '5', '8', '20', '#8f9c5a'],
  ['Slate clock', 'Object', '1', '8', '8', '#55585c'],
  ['Tea tray', 'Tray', '1', '18', '2', '#2c3c52'],
  ['Log basket', 'Basket', '1', '15', '14', '#7a5a3c'],
  ['Rust linen', 'Pillow cover', '2', '20', '20', '#a3462f'],
  ['Striped rug', 'Rug', '1', '72', '48', '#4f6f93'],
] as const;

async function fillStash(page: Page): Promise<void> {
  await page.goto('/stash');
  await page.getByRole('main').getByRole('button', { name: 'Add' }).click();
  for (const [name, kind, count, wide, high, colour] of THINGS) {
    await choose(page.locator('[data-worksheet]').getByRole('combobox', { name: 'Kind' }), kind);
    await fillIn(page, 'How many', count);
    await fillIn(page, 'Wide', wide);
    await fillIn(page, 'High', high);
    await page.getByLabel('Colour', { exact: true }).fill(colour);
    await type(page, 'Name', name);
    await expect(page.getByText(`${name} was added.`)).toBeVisible();
  }
}

/** Opens a surface by its name in the list of them. */
const surface = (page: Page, name: RegExp) => choose(page.getByRole('combobox', { name: 'Surface' }), name);

test('a room begun in an empty studio is dressed from the floor to the mantel, and all of it is found', async ({
  page,
  studio,
}) => {
  test.setTimeout(180_000);
  await studio.empty();
  await page.goto('/');
  await fillIn(page, 'Name', 'Front room');
  await fillIn(page, 'Home', 'Quay House');
  await fillIn(page, 'North wall', '180');
  await type(page, 'East wall', '150');
  await page.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByRole('heading', { name: 'Front room' })).toBeVisible();
  const id = new URL(page.url()).pathname.split('/')[2]!;
  await awake(page);
  const built = async () => {
    const { fittings, pieces } = await fileOf(page, id);
    return [...fittings, ...pieces].map((x) => x.kind);
  };
  const add = async (kind: string, after: string) => {
    await page.getByRole('button', { name: kind, exact: true }).click();
    await expect.poll(built).toContain(after);
  };
  await add('Fireplace', 'fireplace');
  await page.getByRole('radio', { name: 'South wall', exact: true }).click();
  await add('Shelf', 'shelf');
  await page.getByRole('radio', { name: /^Plan/ }).first().click();
  await add('Sofa', 'sofa');
  await add('Coffee table', 'coffeeTable');
  await fillStash(page);

  await page.goto(`/rooms/${id}/surfaces`);
  const put = async (name: string) => {
    await page.getByRole('button', { name: `Put on ${name}` }).click();
    await saved(page);
  };
  await surface(page, /Fireplace, mantel/);
  await put('Green vase');
  await choose(page.getByRole('combobox', { name: 'Put it on' }), /Green vase/);
  await put('Olive stems');
  await surface(page, /^Shelf/);
  await put('Slate clock');
  await surface(page, /Coffee table/);
  await put('Tea tray');
  await surface(page, /^Floor, north-east corner/);
  await put('Log basket');
  // how the room was found stays as it is: what is dressed is a look of its own, which one goes on with
  const dressed = (await fileOf(page, id)).looks.find((l) => l.placements.length > 0)!.id;
  await page.goto(`/rooms/${id}/seats?look=${dressed}`);
  await put('Rust linen');
  await put('Rust linen');
  await page.goto(`/rooms/${id}/measure?look=${dressed}&wall=plan`);
  await page.getByRole('radio', { name: 'Arrange', exact: true }).click();
  await put('Striped rug');

  const look = (await fileOf(page, id)).looks.find((l) => l.id === dressed)!;
  expect(look.brought).toHaveLength(1);
  expect(look.placements.map((p) => p.spot.part).sort()).toEqual(
    ['corner', 'mantel', 'mouth', 'seat', 'seat', 'top', 'top'].sort(),
  );
  const { spread, sheet, findings } = await studio.plan(look.id, id);
  const seen = new Set(spread.families.flatMap((f) => f.things));
  for (const [name] of THINGS) expect(seen, name).toContain(name);
  expect(findings.filter((f) => f.level === 'stop')).toEqual([]);
  const setOut = sheet.steps.flatMap((s) => [s.name, ...(s.setOut ?? []).map((x) => x.name)]);
  for (const name of [
    'Green vase',
    'Olive stems',
    'Slate clock',
    'Tea tray',
    'Log basket',
    'Striped rug',
    'Sofa',
  ])
    expect(setOut, name).toContain(name);
  await page.goto(`/rooms/${id}/fitting?look=${look.id}`);
  for (const name of ['Green vase', 'Olive stems', 'Slate clock', 'Tea tray', 'Log basket', 'Striped rug'])
    await expect(page.getByText(new RegExp(name)).first()).toBeVisible();
  await page.goto('/stash');
  await page.getByRole('button', { name: 'What the looks need and what you have' }).click();
  for (const [name, , count] of THINGS) {
    const row = page.getByRole('row').filter({ hasText: name }).first();
    await expect(row).toContainText(count);
  }
});
