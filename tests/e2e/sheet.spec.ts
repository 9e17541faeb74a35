import AxeBuilder from '@axe-core/playwright';
import Papa from 'papaparse';
import { PDFDocument } from 'pdf-lib';
import { expect, inchText, saved, test } from './studio';

test.beforeEach(async ({ studio }) => {
  await studio.fill();
});

test('the fitting sheet marks what the plan computes, from one line, in order', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/fitting?look=early-summer');
  const { sheet } = await studio.plan();
  for (const step of sheet.steps.filter((s) => s.kind === 'rod' || s.kind === 'picture'))
    for (const m of step.marks) await expect(page.getByRole('main')).toContainText(inchText(m.heightMm));
  for (const b of sheet.buy.filter((x) => x.cost !== null))
    await expect(page.getByRole('main')).toContainText((b.cost! / 100).toFixed(2));
  await expect(page.getByText(/Check every hole with a detector/)).toBeVisible();
  await page.getByRole('button', { name: 'Why Level line' }).click();
  await expect(page.getByRole('dialog')).toContainText('Source');
  await page.keyboard.press('Escape');
  await page
    .getByRole('row')
    .filter({ hasText: /Rings/ })
    .first()
    .getByRole('button', { name: /^Why / })
    .click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Mark as taken to site' }).click();
  await saved(page);
  await expect(page.getByText('This is the sheet you took to site.')).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation')).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Fitting sheet' })).toBeVisible();
});

test('as PDF on both papers, and as CSV', async ({ page, studio }) => {
  await page.goto('/rooms/long-room/fitting?look=early-summer');
  for (const [name, width] of [
    ['PDF, A4', 595.28],
    ['PDF, Letter', 612],
  ] as const) {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name }).click(),
    ]);
    const chunks: Buffer[] = [];
    for await (const c of await download.createReadStream()) chunks.push(c as Buffer);
    const pdf = await PDFDocument.load(Buffer.concat(chunks));
    expect(Math.abs(pdf.getPage(0).getWidth() - width)).toBeLessThan(0.1);
    expect(download.suggestedFilename()).toBe('Long Room, Early summer.pdf');
  }
  const csv = await (await page.request.get('/api/rooms/long-room/sheet.csv?look=early-summer')).text();
  const rows = Papa.parse<Record<string, string>>(csv.replace(/^\ufeff/, '').trim(), { header: true }).data;
  const { sheet } = await studio.plan();
  expect(rows.filter((r) => r.part === 'buy').length).toBe(sheet.buy.length);
  const nails = rows.filter((r) => r.mark === 'nail').map((r) => Number(r.from_floor_mm));
  expect(nails).toEqual(
    sheet.steps.flatMap((s) =>
      s.marks.filter((m) => m.label === 'nail').map((m) => Number(m.heightMm.toFixed(1))),
    ),
  );
});

test('is readable on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/rooms/long-room/fitting?look=early-summer');
  await expect(page.getByRole('heading', { name: 'East wall' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

const VIEWS = [
  '/',
  '/quick/curtain',
  '/quick/picture',
  '/quick/insert',
  '/rooms/long-room/measure?wall=e',
  '/rooms/long-room/measure?wall=plan',
  '/rooms/long-room/windows?look=early-summer',
  '/rooms/long-room/walls?look=early-summer',
  '/rooms/long-room/seats?look=early-summer',
  '/rooms/harbour-bedroom/beds?look=summer',
  '/stash?tab=cutting&cloth=gull-panel',
  '/rooms/long-room/colour?look=early-summer',
  '/rooms/long-room/fitting?look=early-summer',
  '/rooms/none/windows',
];
for (const view of VIEWS) {
  test(`axe finds nothing on ${view}`, async ({ page, problems }) => {
    await page.goto(view);
    await page.waitForLoadState('networkidle');
    const { violations } = await new AxeBuilder({ page })
      .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
      .analyze();
    expect(
      violations.map(
        (v) =>
          `${v.id}: ${v.nodes
            .slice(0, 3)
            .map((n) => n.target.join(' '))
            .join(' | ')}`,
      ),
    ).toEqual([]);
    problems.length = 0;
  });
}
test('axe finds nothing in the open dialogs', async ({ page }) => {
  await page.goto('/rooms/long-room/walls?look=early-summer');
  await page.getByRole('button', { name: 'Why Centre height' }).first().click();
  await expect(page.getByRole('dialog')).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map((v) => v.id)).toEqual([]);
});
