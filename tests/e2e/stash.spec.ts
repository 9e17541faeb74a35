import sharp from 'sharp';
import type { StudioFile } from '../../src/core/model/types';
import { ITEMS, expect, test, type, choose } from './studio';

type Page = import('@playwright/test').Page;
const studioOf = async (page: Page): Promise<StudioFile> =>
  (await page.request.get('/api/studio/backup')).json() as Promise<StudioFile>;
const itemOf = async (page: Page, id: string) => (await studioOf(page)).items.find((i) => i.id === id)!;

test.beforeEach(async ({ studio }) => {
  await studio.fill();
});

/** A check of two dyes and a white card, lit by a warm lamp. */
async function photo(
  format: 'jpeg' | 'png' | 'webp' | 'avif' = 'jpeg',
  size: [number, number] = [800, 600],
): Promise<Buffer> {
  const [w, h] = size;
  const data = Buffer.alloc(w * h * 3);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const light = (Math.floor((x * 20) / w) + Math.floor((y * 20) / h)) % 2 === 1;
      const cloth = light ? [200, 196, 186] : [70, 95, 140];
      const c = x > w * 0.75 && y < h * 0.25 ? [230, 230, 230] : cloth;
      [1, 0.88, 0.66].forEach((tint, k) => {
        data[3 * (y * w + x) + k] = Math.round(c[k]! * tint);
      });
    }
  return sharp(data, { raw: { width: w, height: h, channels: 3 } })
    [format]()
    .toBuffer();
}

test('things are found by word, kind, family, size and place, all by keyboard', async ({ page }) => {
  await page.goto('/stash');
  await expect(page.getByText(`${ITEMS} of ${ITEMS}`)).toBeVisible();
  await page.keyboard.press('f');
  await page.keyboard.type('harbour blue');
  await expect(page.getByText(new RegExp(`^1\\d of ${ITEMS}$`))).toBeVisible();
  await page.getByRole('searchbox').fill('');
  await choose(page.getByLabel('Kind', { exact: true }), 'Art');
  await expect(page.getByText(`17 of ${ITEMS}`)).toBeVisible();
  await page.getByLabel('Wide').fill('20');
  await page.getByLabel('Wide').press('Enter');
  await page.getByLabel('High').fill('20 in');
  await page.getByLabel('High').press('Enter');
  await expect(page.getByText(`11 of ${ITEMS}`)).toBeVisible();
  await page.getByRole('button', { name: 'Clear the filters' }).click();
  await page.getByLabel('Colour to look for').fill('#a3462f');
  await expect(page.getByRole('option', { name: /Tanbark linen/ })).toBeVisible();
  await expect(page.getByRole('option', { name: /Harbour blue linen/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Clear the filters' }).click();
  await choose(page.getByLabel('a spot in …'), 'Long Room');
  await choose(page.getByLabel('which spot …'), /coffee table/i);
  // ten feet of rug do not go on a table, a bowl does
  await page.getByRole('searchbox').fill('jute rug');
  await expect(page.getByText(`0 of ${ITEMS}`)).toBeVisible();
  await page.getByRole('searchbox').fill('turned bowl');
  await expect(page.getByText(`1 of ${ITEMS}`)).toBeVisible();
  await page.getByRole('searchbox').fill('');
  const list = page.getByRole('listbox');
  await list.focus();
  await page.keyboard.press('End');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await expect(page.locator('aside h2')).not.toHaveText('Coming up');
  await page.keyboard.press('g');
  await expect(page.getByRole('radio', { name: 'Gallery' })).toBeChecked();
});

test('a thing is changed, kept, undone; a stale change is refused and shows what is there', async ({
  page,
  context,
}) => {
  await page.goto('/stash?item=sail-check-22');
  await type(page, 'How many', '5');
  await expect.poll(async () => (await itemOf(page, 'sail-check-22')).count).toBe(5);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(async () => (await itemOf(page, 'sail-check-22')).count).toBe(3);
  const other = await context.newPage();
  await other.goto('/stash?item=sail-check-22');
  await type(other, 'How many', '4');
  await expect.poll(async () => (await itemOf(page, 'sail-check-22')).count).toBe(4);
  await other.close();
  await type(page, 'in a set of', '2');
  await expect(page.getByText('It was changed elsewhere in the meantime')).toBeVisible();
  await page.getByRole('button', { name: 'Show the current version' }).click();
  await expect(page.getByLabel('How many').last()).toHaveValue('4');
  await page.getByRole('button', { name: 'Remove from the stash' }).click();
  await expect(page.getByText('Sail check is used in Long Room')).toBeVisible();
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(page.getByRole('heading', { name: 'Sail check, copy' })).toBeVisible();
});

test('while the studio is away what is typed stays, in order, and is written when it is back', async ({
  page,
  studio,
}) => {
  // the server is ended and begun again three times
  test.setTimeout(90_000);
  await page.goto('/stash?item=moss-20');
  const [wide, many] = [
    page.locator('aside').getByLabel('Wide'),
    page.locator('aside').getByLabel('How many'),
  ];
  await wide.waitFor();
  await studio.kill();
  await wide.fill('19 1/2');
  await wide.press('Enter');
  await many.fill('7');
  await many.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'Can’t reach the studio.' })).toBeVisible();
  await expect(many).toHaveValue('7');
  await studio.start();
  await expect
    .poll(
      async () => {
        const { widthMm, count } = await itemOf(page, 'moss-20');
        return [Math.round(widthMm * 10) / 10, count];
      },
      { timeout: 15_000 },
    )
    .toEqual([495.3, 7]);
  await expect(page.getByText('Can’t reach the studio.')).toHaveCount(0);
  // left and opened again in the meantime, as after a crash
  await studio.kill();
  await many.fill('9');
  await many.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'Can’t reach the studio.' })).toBeVisible();
  await page.goto('about:blank');
  await studio.start();
  await page.goto('/stash');
  await expect(page.getByText('An earlier change has been saved.').first()).toBeVisible();
  expect((await itemOf(page, 'moss-20')).count).toBe(9);
  await page.goto('/stash?tab=places');
  await page.getByRole('heading', { name: 'Places', level: 1 }).waitFor();
  const high = page.getByRole('main').getByLabel('High').first();
  await high.waitFor();
  await studio.kill();
  await high.fill('10 1/2');
  await high.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'Can’t reach the studio.' })).toBeVisible();
  await studio.start();
  await expect
    .poll(async () => (await studioOf(page)).places.some((p) => Math.abs(p.heightMm - 266.7) < 0.01), {
      timeout: 15_000,
    })
    .toBe(true);
});

test('colours come out of a photo, and the white card takes the cast out; both are shown and marked', async ({
  page,
}) => {
  await page.goto('/stash?item=moss-20');
  await page.getByRole('button', { name: 'From a photo', exact: true }).click();
  // the thing's own photo has a field for a file too
  await page.getByRole('heading', { name: 'Colours from a photo' }).waitFor();
  const input = page.locator('aside input[type=file]');
  await input.setInputFiles({ name: 'note.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(page.getByText('This file isn’t a picture we can read.')).toBeVisible();
  await input.setInputFiles({ name: 'cloth.jpg', mimeType: 'image/jpeg', buffer: await photo() });
  const canvas = page.getByRole('application');
  const box = (await canvas.boundingBox())!;
  await page.mouse.move(box.x + box.width * 0.1, box.y + box.height * 0.4);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.6, box.y + box.height * 0.9, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText('uncorrected', { exact: true })).toBeVisible();
  await page.getByRole('radio', { name: 'Tap the white card' }).click();
  await page.mouse.click(box.x + box.width * 0.88, box.y + box.height * 0.1);
  await expect(page.getByText('Corrected by the card')).toBeVisible();
  await expect(page.getByText('As photographed')).toBeVisible();
  await page.getByRole('button', { name: 'Use these colours' }).click();
  await expect.poll(async () => (await itemOf(page, 'moss-20')).colourFrom).toBe('corrected');
  const item = await itemOf(page, 'moss-20');
  expect(item.colours.length).toBeGreaterThanOrEqual(2);
  // the blue of the check: far bluer than it came
  const [blue, raw] = [item.colours, item.rawColours!].map((c) => Math.min(...c.map((x) => x.b)));
  expect(blue!).toBeLessThan(raw! - 12);
  expect(item.photoId).not.toBeNull();
});

test('photos are kept upright and without place, in every format; anything else is refused plainly', async ({
  page,
}) => {
  await page.goto('/stash');
  const put = (buffer: Buffer) =>
    page.request.post('/api/photos', {
      data: buffer,
      headers: { 'content-type': 'application/octet-stream' },
    });
  for (const format of ['jpeg', 'png', 'webp', 'avif'] as const)
    expect((await put(await photo(format, [300, 200]))).status(), format).toBe(201);
  const turned = await sharp(await photo('jpeg', [300, 200]))
    .withExif({ IFD0: { Copyright: 'someone' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();
  const kept = (await (await put(turned)).json()) as { id: string; widthPx: number; heightPx: number };
  expect([kept.widthPx, kept.heightPx]).toEqual([200, 300]);
  const meta = await sharp(await (await page.request.get(`/api/photos/${kept.id}`)).body()).metadata();
  expect([meta.format, meta.exif, meta.orientation]).toEqual(['webp', undefined, undefined]);
  for (const [bytes, code] of [
    [Buffer.from('GIF89a nothing'), 'not-a-picture'],
    [(await photo()).subarray(0, 900), 'damaged'],
    [Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'), 'not-a-picture'],
    [
      await sharp({ create: { width: 7000, height: 6000, channels: 3, background: '#888' } })
        .png()
        .toBuffer(),
      'too-many-pixels',
    ],
  ] as const) {
    const refused = await put(bytes);
    expect([refused.status(), (await refused.json()).issues[0].code]).toEqual([422, code]);
  }
});

test('a colour reader’s spectrum is taken, and a pair that parts under a warm bulb is told', async ({
  page,
}) => {
  await page.goto('/stash?item=harbour-20');
  for (const id of ['harbour-20', 'harbour-velvet-20']) {
    await page.goto(`/stash?item=${id}`);
    await page.getByRole('button', { name: 'From a colour reader' }).click();
    await page.getByRole('button', { name: 'Use the simulated reader' }).click();
    await page.getByRole('button', { name: 'Use it', exact: true }).click();
    await expect.poll(async () => (await itemOf(page, id)).spectrum?.length).toBe(31);
  }
  await expect(
    page.getByText(/Matches in daylight but not under a warm bulb: Harbour blue linen/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'From a colour reader' }).click();
  await page.getByLabel('Readings').fill('name;L;a;b\nSpot;48;-3;wide');
  await page.getByRole('button', { name: 'Read them' }).click();
  await expect(page.getByText('Row 2, b: “wide” is not a number.')).toBeVisible();
  await expect(page.getByLabel('Readings')).toHaveValue('name;L;a;b\nSpot;48;-3;wide');
  // numbers alone, with commas for decimals or nothing but spaces between them
  for (const rows of ['48,2; -3; 12,5', '48.2  -3 12.5']) {
    await page.getByLabel('Readings').fill(rows);
    await page.getByRole('button', { name: 'Read them' }).click();
    await expect(page.getByRole('button', { name: 'Use it', exact: true })).toHaveCount(1);
  }
  await page.getByRole('button', { name: 'Use it', exact: true }).click();
  await expect
    .poll(async () => (await itemOf(page, 'harbour-velvet-20')).colours[0])
    .toMatchObject({ l: 48.2, a: -3, b: 12.5 });
});

test('what arrives is told in words and ΔE, with what relied on it', async ({ page }) => {
  const studio = await studioOf(page);
  studio.items.find((i) => i.id === 'tanbark-20')!.state = 'ordered';
  await page.request.post('/api/studio/restore', { data: studio });
  await page.goto('/stash?item=tanbark-20');
  await page.getByRole('button', { name: 'It arrived' }).click();
  await page.getByLabel('Colour 1').fill('#8a3a2a');
  await page.getByLabel('Colour 1').blur();
  await page.getByRole('button', { name: 'It arrived' }).click();
  await expect(page.getByText(/It came .*darker.*ΔE/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Long Room, Early summer', exact: true })).toBeVisible();
  await expect.poll(async () => (await itemOf(page, 'tanbark-20')).state).toBe('owned');
  expect((await itemOf(page, 'tanbark-20')).relied).not.toBeNull();
});

test('places say whether things fit and where they are; labels print; need is set against have', async ({
  page,
}) => {
  await page.goto('/stash?tab=places');
  await expect(page.getByText(/Fits under Queen bed, Harbour Bedroom/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Find an item' }).fill('gorse velvet');
  await expect(page.locator('section').last()).toContainText('Linen press');
  await page.getByRole('button', { name: 'Another place' }).click();
  await expect(page.getByText('Empty.')).toBeVisible();
  const labels = await page.request.get('/api/stash/labels.pdf');
  expect([labels.headers()['content-type'], (await labels.body()).subarray(0, 5).toString()]).toEqual([
    'application/pdf',
    '%PDF-',
  ]);
  await page.getByRole('button', { name: 'Need and have' }).click();
  await expect(page.getByRole('row', { name: /Sail check/ })).toContainText('Quayside Cloth: 6 in stock');
  await choose(page.getByLabel('Needed by'), 'Early summer');
  await expect(page.getByRole('row', { name: /Sail check/ })).toContainText('4');
  await page.getByRole('button', { name: 'Returns' }).click();
  await expect(page.getByText('Harbour blue velvet')).toBeVisible();
  await page.getByRole('button', { name: 'Cut the tags' }).last().click();
  await page.getByRole('button', { name: 'Cut them' }).click();
  await expect.poll(async () => (await itemOf(page, 'harbour-velvet-20')).tagsOn).toBe(false);
  const ics = await (await page.request.get('/api/stash/returns.ics')).text();
  expect(ics).toContain('BEGIN:VCALENDAR');
  expect(ics).toContain('Shell pink bud vase');
  expect(ics).not.toContain('Harbour blue velvet');
});

test.describe('on an evening in New York', () => {
  test.use({ timezoneId: 'America/New_York' });
  test('what is to go back that day is not over yet, though it is the next day in Greenwich', async ({
    page,
  }) => {
    const { returnBy } = await itemOf(page, 'harbour-velvet-20');
    const evening = Date.parse(`${returnBy}T00:00:00Z`) + 25.5 * 3_600_000;
    await page.clock.setFixedTime(new Date(evening));
    await page.goto('/stash?tab=returns');
    await expect(page.getByText('Today is the last day to return it.')).toBeVisible();
  });
});

test('an empty stash says how to begin, and things come in one after the other', async ({ page, studio }) => {
  await studio.empty();
  await page.goto('/stash');
  await page.getByRole('main').getByRole('button', { name: 'Add' }).click();
  await type(page, 'Name', 'Rope tray');
  await expect(page.getByText('Rope tray was added.')).toBeVisible();
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles([
      { name: 'Sea_glass bowl.png', mimeType: 'image/png', buffer: await photo('png', [200, 150]) },
    ]);
  await expect(page.getByText('One item added from photos.')).toBeVisible();
  await expect
    .poll(async () => (await studioOf(page)).items.map((i) => [i.name, i.colourFrom]))
    .toEqual([
      ['Rope tray', 'typed'],
      ['Sea glass bowl', 'photo'],
    ]);
});
