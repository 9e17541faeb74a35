import { expect, fillIn, listed, saved, test, type, choose } from './studio';

test('an empty studio opens on beginning a room, and a stylist has it in a minute', async ({
  page,
  studio,
}) => {
  await studio.empty();
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Start a room' })).toBeVisible();
  await page.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByText('Enter a name, for example')).toBeVisible();
  await fillIn(page, 'Name', 'Front room');
  await fillIn(page, 'Home', 'Quay House');
  await type(page, 'North wall', "15' 3 1/2");
  await type(page, 'East wall', '380 cm');
  await fillIn(page, 'Ceiling height', '7ft');
  await page.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByRole('heading', { name: 'Front room' })).toBeVisible();
  const [room] = (await (await page.request.get('/api/studio/backup')).json()).rooms;
  expect(room.room.walls[1].xMm).toBeCloseTo(15 * 304.8 + 3.5 * 25.4, 4);
  expect(room.room.walls[2].yMm).toBeCloseTo(3800, 4);
  expect(room.room.ceilingMm).toBeCloseTo(84 * 25.4, 4);
  await expect(page.getByRole('link', { name: /Windows/ })).toBeVisible();
  await page.getByRole('link', { name: /Windows/ }).click();
  await expect(page.getByText('This room has no windows yet.')).toBeVisible();
});

test('an L-shaped room is typed as a walk; what does not meet is told and can be closed', async ({
  page,
  studio,
}) => {
  await studio.empty();
  await page.goto('/');
  await fillIn(page, 'Name', 'Ell');
  await page.getByText('centimetres', { exact: true }).click();
  await page.getByRole('button', { name: 'More corners' }).click();
  await page.getByRole('button', { name: 'Add a wall' }).click();
  await page.getByRole('button', { name: 'Add a wall' }).click();
  for (const [i, length] of ['310', '150', '120', '130', '190', '281'].entries())
    await type(page, `Wall ${i + 1}`, length);
  await choose(page.getByLabel('then turn').nth(2), 'left');
  await expect(page.getByText('The walls miss each other by 1 cm at the north-west corner.')).toBeVisible();
  await page.getByRole('button', { name: 'Let the last two walls close the room' }).click();
  await expect(page.getByLabel('Wall 6')).toHaveValue('280');
  await page.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByRole('radio', { name: 'South wall 2' })).toBeVisible();
  await expect(page.getByRole('radio', { name: 'East wall 2' })).toBeVisible();
});

test('the first page shows each room with what is next; a removed one comes back', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/');
  for (const name of ['Long Room', 'Harbour Bedroom', 'Landing'])
    await expect(page.getByRole('heading', { name })).toBeVisible();
  const card = page.getByRole('article').filter({ hasText: 'Landing' });
  await card.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByText('Removing Landing also removes')).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByRole('heading', { name: 'Landing' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo: Landing removed' }).click();
  await expect(page.getByRole('heading', { name: 'Landing' })).toBeVisible();
});

test('quick answers: a curtain from a handful of readings, kept as a room', async ({ page, studio }) => {
  await studio.fill();
  await page.goto('/');
  await page.getByRole('link', { name: /A curtain for a window/ }).click();
  await type(page, 'Ceiling height', '9ft');
  await type(page, 'Height', "4' 2");
  await type(page, 'Left', '80');
  await type(page, 'Middle', '80 1/2');
  await type(page, 'Right', '80 3/4');
  const answer = page.getByRole('complementary', { name: 'Answer' });
  await expect(answer.getByText('105 in')).toBeVisible();
  await expect(answer.getByText(/Hem each panel to its own drop/)).toBeVisible();
  await answer.getByRole('radio', { name: 'breaks' }).click();
  await expect(answer.getByText(/a hem that rests 1 in on it hides that/)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Ceiling height')).toHaveValue('108');
  await page.getByRole('button', { name: 'Save as a room' }).click();
  await fillIn(page, 'Name of the room', 'Stair');
  await page.getByRole('dialog').getByRole('button', { name: 'Save as a room' }).click();
  await expect(page).toHaveURL(/\/windows$/);
  await expect(page.getByText('Stair', { exact: true })).toBeVisible();
  await saved(page);
});

test('quick answers: a picture and an insert', async ({ page }) => {
  await page.goto('/quick/picture');
  await type(page, 'Frame height', '48');
  await expect(
    page.getByText(/Keeping the 6 in gap above Sofa puts the centre 4 in above 60 in/),
  ).toBeVisible();
  await page.getByText('Bare wall', { exact: true }).click();
  await expect(page.getByText('The centre is at 60 in, as the rule has it.')).toBeVisible();
  await page.goto('/quick/insert');
  await type(page, 'Cover width', '16');
  await type(page, 'Cover height', '16');
  await expect(page.getByText(/^18 × 18/).first()).toBeVisible();
  await type(page, 'Cover width', '36');
  await expect(page.getByText(/No standard insert suits Cover/)).toBeVisible();
});

test('typing nonsense says what would be read, and loses nothing, not even by a reload', async ({
  page,
  studio,
}) => {
  await studio.fill();
  await page.goto('/rooms/long-room/measure?look=early-summer&wall=e');
  await listed(page, 'Harbour window').click();
  const sill = page.getByLabel('Sill', { exact: true }).first();
  await sill.fill('31 and a bit');
  await sill.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'Try, for example' })).toContainText(
    'from character 4',
  );
  await expect(sill).toHaveValue('31 and a bit');
  await page.reload();
  await listed(page, 'Harbour window').click();
  await expect(page.getByLabel('Sill', { exact: true }).first()).toHaveValue('31 and a bit');
  await page.getByLabel('Sill', { exact: true }).first().press('Escape');
  await expect(page.getByLabel('Sill', { exact: true }).first()).toHaveValue('31');
});
