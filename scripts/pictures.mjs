// npm run pictures: one picture of each main view from the demo studio, into docs/screenshots. With words,
// only the views whose names hold one of them.
import { chromium } from '@playwright/test';
import { mkdtempSync, mkdirSync, rmSync } from 'node:fs';
import net from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { demoStudio, ensureBuilt, ensureInstalled, main, root, say, serve } from './lib.mjs';

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const fillCurtain = async (page) => {
  for (const [label, text] of [
    ['Frame width', '52'],
    ['Height', '48'],
    ['Left', '78 1/2'],
    ['Middle', '78 3/4'],
    ['Right', '78 7/8'],
  ]) {
    const f = page.getByLabel(label, { exact: true }).first();
    await f.fill(text);
    await f.press('Tab');
  }
  await page.locator('h1').click();
};
/** Opens a line of the look's menu. */
const lookMenu = (item) => async (page) => {
  await page.getByRole('button', { name: 'This look', exact: true }).click();
  await page.getByRole('menuitem', { name: item }).click();
  await page.getByRole('dialog').waitFor();
};
const VIEWS = [
  ['home', '/', DESK],
  ['quick-curtain', '/quick/curtain', DESK, fillCurtain],
  [
    'measure',
    '/rooms/long-room/measure?look=early-summer&wall=e',
    DESK,
    (page) => page.getByRole('radio', { name: 'Harbour window', exact: true }).last().click(),
  ],
  ['plan', '/rooms/long-room/measure?look=early-summer&wall=plan', DESK],
  ['look', '/rooms/long-room/colour?look=early-summer', DESK, lookMenu('Season, brief and colours')],
  ['clear', '/rooms/long-room/clear?look=early-summer&wall=s', DESK],
  [
    'stash',
    '/stash?item=harbour-velvet-20',
    DESK,
    (page) => page.getByRole('heading', { name: 'Harbour blue velvet' }).waitFor(),
  ],
  ['inserts', '/stash?tab=inserts', DESK, (page) => page.getByText('Inserts that do').waitFor()],
  [
    'cutting',
    '/stash?tab=cutting&cloth=gull-panel',
    DESK,
    (page) => page.getByText('Left over: A').waitFor(),
  ],
  ['windows', '/rooms/long-room/windows?look=early-summer&wall=e', DESK],
  [
    'works',
    '/rooms/long-room/works?look=early-summer-blue&wall=s',
    DESK,
    async (page) => {
      await page.getByRole('button', { name: /Paint Sea chest/ }).click();
      await page.getByText('Sheen afterwards').waitFor();
    },
  ],
  [
    'walls',
    '/rooms/long-room/walls?look=early-summer&wall=n',
    DESK,
    (page) => page.getByText('Harbour chart').waitFor(),
  ],
  [
    'seats',
    '/rooms/long-room/seats?look=early-summer',
    DESK,
    async (page) => {
      await page.getByRole('button', { name: 'Use this' }).first().waitFor();
      await page.getByRole('progressbar').waitFor({ state: 'hidden' });
      await page.getByRole('button', { name: 'Use this' }).first().scrollIntoViewIfNeeded();
    },
  ],
  [
    'beds',
    '/rooms/harbour-bedroom/beds?look=summer',
    DESK,
    (page) => page.getByRole('button', { name: 'Make it a look' }).first().waitFor(),
  ],
  [
    'surfaces',
    '/rooms/long-room/surfaces?look=early-summer&wall=w',
    DESK,
    (page) => page.getByRole('button', { name: 'Mist pitcher', exact: true }).click(),
  ],
  ['colour', '/rooms/long-room/colour?look=early-summer', DESK],
  ['fitting', '/rooms/long-room/fitting?look=early-summer', DESK],
  [
    'why',
    '/rooms/long-room/windows?look=early-summer&wall=e',
    DESK,
    async (page) => {
      await page.getByRole('button', { name: /^Why / }).first().click();
      await page.getByRole('dialog').waitFor();
    },
  ],
  ['fitting-phone', '/rooms/long-room/fitting?look=early-summer', PHONE],
];

await main(async () => {
  await ensureInstalled();
  await ensureBuilt();
  const wanted = process.argv.slice(2);
  const folder = mkdtempSync(path.join(tmpdir(), 'rideau-pictures-'));
  const port = await new Promise((resolve) => {
    const s = net.createServer();
    s.listen(0, '127.0.0.1', () => {
      const p = s.address().port;
      s.close(() => resolve(p));
    });
  });
  const server = await serve({ port, host: '127.0.0.1', data: folder }, { quiet: true });
  await fetch(`${server.address}/api/studio/restore`, { method: 'POST', body: demoStudio() });
  mkdirSync(path.join(root, 'docs/screenshots'), { recursive: true });
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  for (const [name, url, viewport, act] of VIEWS) {
    if (wanted.length > 0 && !wanted.some((w) => name.includes(w))) continue;
    const page = await browser.newPage({ viewport, baseURL: server.address });
    page.on('pageerror', (e) => say(`${name}: ${e.message}`));
    await page.goto(url, { waitUntil: 'networkidle' });
    await act?.(page);
    // all that comes after the page itself: parts that woke later, the small drawings of the strip
    await page.waitForFunction(
      () =>
        !document.querySelector('[data-asleep]') &&
        [...document.querySelectorAll('button > svg')].every((s) => s.childElementCount > 0),
    );
    await page.waitForTimeout(500);
    await page.screenshot({ path: path.join(root, 'docs/screenshots', `${name}.png`) });
    say(`docs/screenshots/${name}.png`);
    await page.close();
  }
  await browser.close();
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
  process.exit(0);
});
