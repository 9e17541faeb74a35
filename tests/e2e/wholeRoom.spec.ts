import sharp from 'sharp';
import type { RoomFile } from '../../src/core/model/types';
import { awake, expect, fileOf, listed, saved, test, type, choose } from './studio';

const plan = (page: import('@playwright/test').Page, room = 'long-room') =>
  page.goto(`/rooms/${room}/measure?look=${room === 'long-room' ? 'early-summer' : 'summer'}&wall=plan`);

test.beforeEach(async ({ studio }) => {
  await studio.fill();
});

test('a wall’s length is typed over on the plan, and the walls that follow move with it', async ({
  page,
}) => {
  await plan(page);
  await page.getByRole('button', { name: /^north 192/ }).click();
  await page.getByRole('textbox', { name: 'north' }).fill("16' 6");
  await page.getByRole('textbox', { name: 'north' }).press('Enter');
  await expect
    .poll(async () => (await fileOf(page)).room.walls.map((w) => Math.round(w.xMm / 25.4)))
    .toEqual([0, 198, 198, 0]);
});

test('corners are dragged, walls pushed, a corner added and taken out, all with undo', async ({ page }) => {
  await page.goto('/rooms/landing/measure?look=summer&wall=plan');
  await page.getByRole('radio', { name: 'Walls', exact: true }).click();
  const previous = (await fileOf(page, 'landing')).room.walls;
  await page.getByRole('button', { name: 'Add a corner in wall 6' }).click();
  await expect.poll(async () => (await fileOf(page, 'landing')).room.walls.length).toBe(7);
  const corner = page.getByRole('button', { name: /^Corner 7;/ });
  await corner.focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await expect.poll(async () => (await fileOf(page, 'landing')).room.walls[6]!.xMm).toBeCloseTo(-10, 4);
  await corner.focus();
  await page.keyboard.press('Delete');
  await expect.poll(async () => (await fileOf(page, 'landing')).room.walls).toEqual(previous);
  await awake(page);
  const push = (await page.getByRole('button', { name: 'Move wall 5 in or out' }).boundingBox())!;
  await page.mouse.move(push.x + push.width / 2, push.y + push.height / 2);
  await page.mouse.down();
  await page.mouse.move(push.x + push.width / 2, push.y + push.height / 2 + 24, { steps: 6 });
  await page.mouse.up();
  await expect
    .poll(async () => (await fileOf(page, 'landing')).room.walls[4]!.yMm)
    .toBeGreaterThan(previous[4]!.yMm + 50);
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await fileOf(page, 'landing')).room.walls).toEqual(previous);
});

test('the walk says by how much and where it does not meet, and which reading would close it', async ({
  page,
}) => {
  await plan(page);
  await page.getByRole('radio', { name: 'Walls', exact: true }).click();
  await page.getByRole('button', { name: 'More corners, or other angles' }).click();
  await type(page, 'Wall 3', '190 1/4');
  await expect(page.getByRole('alert').filter({ hasText: 'The walls miss each other by' })).toContainText(
    '1 3⁄4 in at the north-west corner',
  );
  await expect(page.getByText('wall 1: 190 1⁄4 in instead of 192 in')).toBeVisible();
  // each of them has a button of its own
  await expect(page.getByText('wall 3: 192 in instead of 190 1⁄4 in')).toBeVisible();
  await expect(page.getByRole('button', { name: /Use 192 in for wall 3/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Use this outline' })).toBeDisabled();
  await choose(page.getByLabel('then turn').nth(1), 'half right');
  await expect(
    page
      .getByRole('alert')
      .filter({ hasText: 'These turns don’t bring you back round: they add up to 315°' }),
  ).toBeVisible();
  await choose(page.getByLabel('then turn').nth(1), 'right');
  await page.getByRole('button', { name: /^Use 190.* for wall 1/ }).click();
  await page.getByRole('button', { name: 'Use this outline' }).click();
  await expect
    .poll(async () => Math.round(((await fileOf(page)).room.walls[1]!.xMm / 25.4) * 4) / 4)
    .toBe(190.25);
});

test('a bay is set in a wall with its windows; what is in the way is named', async ({ page }) => {
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=w');
  await page.getByRole('button', { name: 'Bay', exact: true }).click();
  await page.getByRole('button', { name: 'Build it in' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'in two. Move that first.' })).toContainText(
    'Stove',
  );
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('radio', { name: 'North wall' }).click();
  await page.getByRole('button', { name: 'Bay', exact: true }).click();
  await type(page, 'Width at the wall', '90');
  await type(page, 'Depth', '20');
  await page.getByRole('button', { name: 'Build it in' }).click();
  await expect
    .poll(async () => (await fileOf(page)).openings.filter((o) => o.name.startsWith('Bay window')).length)
    .toBe(3);
  const file = await fileOf(page);
  expect(file.room.walls.length).toBe(8);
  expect(
    file.room.readings
      .filter((r) => file.openings.some((o) => o.id === r.about && o.name.startsWith('Bay')))
      .every((r) => r.guess),
  ).toBe(true);
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await fileOf(page)).room.walls.length).toBe(4);
});

test('a slope is drawn, holds windows down, and is refused above the ceiling', async ({ page }) => {
  await page.goto('/rooms/landing/measure?look=summer&wall=n');
  await type(page, 'height at the wall', '240');
  await expect(
    page.getByRole('alert').filter({ hasText: 'no lower than the ceiling (228 cm)' }),
  ).toBeVisible();
  await page.getByLabel('height at the wall').press('Escape');
  await type(page, 'full height after', '200');
  // the window’s right side would now stand in the slope
  await expect(page.getByRole('alert').filter({ hasText: 'Its top would be at 200 cm' })).toBeVisible();
});

test('pieces take usual sizes, turn by any angle, and come flush to a wall when dragged near it', async ({
  page,
}) => {
  await plan(page);
  await listed(page, 'Sea chest').click();
  await type(page, 'Turn', '30');
  await expect(page.getByRole('alert').filter({ hasText: 'It would be outside the room.' })).toBeVisible();
  await page.getByLabel('Turn', { exact: true }).press('Escape');
  await listed(page, 'Coffee table').click();
  await type(page, 'Turn', '30');
  await expect
    .poll(async () => (await fileOf(page)).pieces.find((p) => p.id === 'coffee-table')!.turnDeg)
    .toBe(30);
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: 'Bookcase', exact: true }).first().click();
  await expect(page.getByText('Shelves, tops above the floor')).toBeVisible();
  await choose(page.getByLabel('Usual sizes'), /low/i);
  await expect
    .poll(async () => (await fileOf(page)).pieces.find((p) => p.kind === 'bookcase')?.heightMm)
    .toBeCloseTo(36 * 25.4, 3);
  const file = await fileOf(page);
  const made = file.pieces.find((p) => p.kind === 'bookcase')!;
  expect(file.room.readings.filter((r) => r.about === made.id && r.guess).length).toBeGreaterThan(2);
  await type(page, 'Height', '40');
  await expect
    .poll(async () =>
      (await fileOf(page)).room.readings.some((r) => r.about === made.id && r.field === 'heightMm'),
    )
    .toBe(false);
  await type(page, 'Shelf 2', '44');
  await expect(page.getByRole('alert').filter({ hasText: 'above the piece’s top' })).toBeVisible();
});

test('what fails on the floor is drawn with its distance and follows the pieces', async ({ page }) => {
  await plan(page);
  await expect(page.getByText('Jute rug goes 9 in under Long sofa')).toBeVisible();
  await listed(page, 'Jute rug').click();
  await type(page, 'Centre from the north', '64');
  await page.getByRole('button', { name: 'Back to the room' }).click();
  await expect(page.getByText('Jute rug goes 11 in under Long sofa.')).toBeVisible();
  await expect(page.getByText('There’s nothing within 18 in of Harbour chair')).toBeVisible();
  await page.getByRole('button', { name: 'Why' }).first().click();
  await expect(page.getByRole('dialog')).toContainText('Our own definition');
});

test('the tape session takes readings, keeps two that differ, and is fed by the laser tape', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/rooms/long-room/measure/tape?look=early-summer&only=open');
  await expect(page.getByText('1 of 3, 3 to do')).toBeVisible();
  await expect(page.getByText('Measured twice: 38 in and 38 1⁄2 in.')).toBeVisible();
  await page.getByRole('button', { name: /Use 38 1⁄2 in/ }).click();
  await expect
    .poll(async () => (await fileOf(page)).openings.find((o) => o.id === 'galley-window')!.widthMm)
    .toBeCloseTo(38.5 * 25.4, 4);
  // nonsense stays in the field and says what would be read
  await page.locator('#tape-reading').fill('four-ish');
  await page.locator('#tape-reading').press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'Try, for example' })).toBeVisible();
  await expect(page.locator('#tape-reading')).toHaveValue('four-ish');
  await page.getByRole('button', { name: 'Laser tape' }).click();
  await page.getByLabel('Real length').fill('104 mm');
  await page.getByLabel('± mm').fill('0');
  await page.getByRole('button', { name: 'Measure', exact: true }).click();
  await expect
    .poll(async () => (await fileOf(page)).openings.find((o) => o.id === 'galley-window')!.revealMm)
    .toBeCloseTo(104, 4);
  await expect
    .poll(async () => (await fileOf(page)).room.readings.map((r) => `${r.about}/${r.field}`))
    .toEqual(['stove/depthMm']);
  await page.getByRole('button', { name: 'Put away' }).click();
  // Enter on a guess keeps it as measured
  await expect(page.getByText('Estimated so far.')).toBeVisible();
  await page.locator('#tape-reading').press('Enter');
  await expect.poll(async () => (await fileOf(page)).room.readings).toEqual([]);
  await page.getByRole('button', { name: 'Everything' }).click();
  await page.locator('#tape-reading').fill('190');
  await page.locator('#tape-reading').press('Enter');
  await expect(page.getByText('Both are kept until you decide')).toBeVisible();
  await expect
    .poll(async () => (await fileOf(page)).room.readings)
    .toEqual([{ about: 'n', field: 'wallLength', guess: false, secondMm: expect.closeTo(190 * 25.4, 3) }]);
  expect((await fileOf(page)).room.walls[1]!.xMm).toBeCloseTo(192 * 25.4, 3);
});

test('a photo lies under its wall, straightened and scaled, and stays out of the room file unless asked for', async ({
  page,
}) => {
  const photo = await sharp({ create: { width: 800, height: 500, channels: 3, background: '#998877' } })
    .jpeg()
    .toBuffer();
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=n');
  await page.getByRole('button', { name: 'Photo', exact: true }).click();
  await page
    .locator('aside input[type=file]')
    .setInputFiles({ name: 'wall.jpg', mimeType: 'image/jpeg', buffer: photo });
  await expect(page.getByRole('button', { name: 'Corner 1 of the photo' })).toBeVisible();
  await expect(page.locator('#drawing image')).toBeVisible();
  await page.getByRole('button', { name: 'Corner 1 of the photo' }).focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect.poll(async () => (await fileOf(page)).room.wallPhotos[0]?.corners[0].x).toBeCloseTo(0.07, 6);
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await fileOf(page)).room.wallPhotos[0]?.corners[0].x).toBeCloseTo(0.05, 6);
  // a press moves nothing, and a drag as far as the hand, wherever it takes hold
  const corner = page.getByRole('button', { name: 'Corner 1 of the photo' });
  const wide = (await page.locator('aside img').boundingBox())!.width;
  const { x, y } = (await corner.boundingBox())!;
  await page.mouse.click(x + 4, y + 4);
  await page.mouse.move(x + 4, y + 4);
  await page.mouse.down();
  await page.mouse.move(x + 4 + wide / 20, y + 4, { steps: 4 });
  await page.mouse.up();
  await expect.poll(async () => (await fileOf(page)).room.wallPhotos[0]?.corners[0].x).toBeCloseTo(0.1, 3);
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await fileOf(page)).room.wallPhotos[0]?.corners[0].x).toBeCloseTo(0.05, 6);
  // half of the straightened width of 0.9 of the photo is known to be 100 in: the whole is 180 in
  await type(page, 'Known length', '100');
  await expect
    .poll(async () => Math.round((await fileOf(page)).room.wallPhotos[0]!.widthMm / 25.4))
    .toBe(180);
  const bare = await fileOf(page);
  expect(bare.photos).toBeUndefined();
  const full = (await (await page.request.get('/api/rooms/long-room/file?photos=1')).json()) as RoomFile;
  expect(full.photos!.map((p) => p.id)).toEqual([bare.room.wallPhotos[0]!.photoId]);
  // and it comes in again with its photo
  const again = await page.request.post('/api/rooms', {
    data: {
      ...full,
      room: { ...full.room, id: 'copy' },
      photos: full.photos!.map((p) => ({ ...p, id: 'copied-photo' })),
    },
  });
  expect(again.status()).toBe(201);
  expect((await page.request.get('/api/photos/copied-photo')).headers()['content-type']).toBe('image/webp');
  const broken = await page.request.post('/api/rooms', {
    data: { ...full, photos: [{ ...full.photos![0]!, id: 'other', webp: 'AAAA' }] },
  });
  expect([broken.status(), (await broken.json()).issues[0].path]).toEqual([422, ['photos', 0]]);
});

test('everything found is entered in one pass, with verdicts; bothers are ticked off in the stage that mends them', async ({
  page,
}) => {
  await page.goto('/rooms/long-room/clear?look=early-summer&wall=s');
  await expect(page.getByText('7 of 9 decided.')).toBeVisible();
  await type(page, 'What you found', 'Brass barometer');
  await expect(page.getByText('Brass barometer is on the list.')).toBeVisible();
  const verdict = page.getByRole('radiogroup', { name: 'What happens to Brass barometer' });
  await verdict.getByRole('radio', { name: 'put away' }).click();
  await choose(page.getByLabel('where …').last(), 'Attic shelf');
  await expect
    .poll(async () => (await fileOf(page)).items.find((i) => i.name === 'Brass barometer'))
    .toMatchObject({ placeId: 'attic-shelf', roomId: null });
  await verdict.getByRole('radio', { name: 'mend' }).click();
  await expect
    .poll(async () => (await fileOf(page)).clear.tasks.some((x) => x.text === 'Mend: Brass barometer'))
    .toBe(true);
  await verdict.getByRole('radio', { name: 'let go' }).click();
  await expect
    .poll(async () => (await fileOf(page)).items.find((i) => i.name === 'Brass barometer')!.state)
    .toBe('gone');
  await page.getByRole('button', { name: /Add the \d+ items from the look/ }).click();
  await expect.poll(async () => (await fileOf(page)).clear.found.length).toBeGreaterThan(12);
  await page.getByRole('tab', { name: /^Bothers/ }).click();
  await type(page, /What bothers/, 'Switch plate cracked');
  await expect(page.getByText('Switch plate cracked').first()).toBeVisible();
  await page.getByRole('tab', { name: /^To do/ }).click();
  await page.getByRole('button', { name: 'Start the clock' }).first().click();
  await expect(page.getByRole('timer')).toContainText('left');
  await page.getByRole('radio', { name: 'Bare', exact: true }).click();
  await expect(page.getByText('with everything loose taken out')).toBeVisible();
  await saved(page);
  await page.goto('/rooms/long-room/walls?look=early-summer&wall=s');
  await page.getByLabel('Switch plate cracked').check();
  await expect
    .poll(
      async () =>
        (await fileOf(page)).clear.irritations.find((i) => i.text === 'Switch plate cracked')!.doneIn,
    )
    .toBe('walls');
});

test('approving a wall with tags on asks for them to be cut', async ({ page }) => {
  const studio = await (await page.request.get('/api/studio/backup')).json();
  studio.items.find((i: { id: string }) => i.id === 'art-regatta').tagsOn = true;
  studio.items.find((i: { id: string }) => i.id === 'art-regatta').returnBy = '2099-05-01';
  await page.request.post('/api/studio/restore', { data: studio });
  await page.goto('/rooms/long-room/fitting?look=early-summer');
  await page
    .getByRole('heading', { name: 'North wall' })
    .locator('..')
    .getByRole('button', { name: 'Approve this wall' })
    .click();
  const asked = page.getByRole('dialog');
  await expect(asked).toContainText('Regatta, large');
  await asked.getByRole('button', { name: 'Approve and cut the tags' }).click();
  await expect
    .poll(async () => (await fileOf(page)).items.find((i) => i.id === 'art-regatta')!.tagsOn)
    .toBe(false);
  await page.keyboard.press('Control+z');
  await expect
    .poll(async () => (await fileOf(page)).items.find((i) => i.id === 'art-regatta')!.tagsOn)
    .toBe(true);
});
