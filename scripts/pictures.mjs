// npm run pictures: one picture of each main view from the demo studio, into docs/screenshots. With words,
// only the views whose names hold one of them.
import { chromium } from '@playwright/test';
import { mkdtempSync, mkdirSync, rmSync } from 'node:fs';
import net from 'node:net';
import sharp from 'sharp';
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
/** A made photo: cloth of two dyes and a white card on a board, by a warm lamp. */
async function madePhoto() {
  const [w, h] = [1200, 900];
  const data = Buffer.alloc(w * h * 3);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const weave = ((x >> 1) + (y >> 1)) % 2 ? 0.97 : 1;
      const shade = (0.86 + 0.14 * Math.sin(x / 260 + 1)) * weave;
      const stripe = Math.floor((x + y * 0.12) / 74) % 2;
      const cloth = stripe ? [79, 111, 147] : [228, 223, 211];
      const card = x > w * 0.76 && y < h * 0.3 ? [238, 238, 238] : cloth;
      const c = y > h * 0.8 ? [150, 118, 82] : card;
      [1, 0.87, 0.66].forEach((tint, k) => {
        data[3 * (y * w + x) + k] = Math.round(
          c[k] * tint * (y > h * 0.8 || (x > w * 0.76 && y < h * 0.3) ? 1 : shade),
        );
      });
    }
  return sharp(data, { raw: { width: w, height: h, channels: 3 } })
    .jpeg({ quality: 90 })
    .toBuffer();
}
const markCloth = async (page) => {
  await page.getByRole('button', { name: 'From a photo', exact: true }).click();
  await page
    .locator('aside input[type=file]')
    .setInputFiles({ name: 'cloth.jpg', mimeType: 'image/jpeg', buffer: await madePhoto() });
  const box = await page.getByRole('application').boundingBox();
  await page.mouse.move(box.x + box.width * 0.08, box.y + box.height * 0.15);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.66, box.y + box.height * 0.7, { steps: 5 });
  await page.mouse.up();
  await page.getByRole('radio', { name: 'Tap the white card' }).click();
  await page.mouse.click(box.x + box.width * 0.88, box.y + box.height * 0.14);
  await page.getByText('As photographed').waitFor();
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
  ['tape-phone', '/rooms/long-room/measure/tape?look=early-summer&only=open', PHONE],
  ['clear', '/rooms/long-room/clear?look=early-summer&wall=s', DESK],
  [
    'stash',
    '/stash?item=harbour-velvet-20',
    DESK,
    (page) => page.getByRole('heading', { name: 'Harbour blue velvet' }).waitFor(),
  ],
  ['photo-colour', '/stash?item=harbour-stripe-20', DESK, markCloth],
  ['windows', '/rooms/long-room/windows?look=early-summer&wall=e', DESK],
  ['bay', '/rooms/lookout/windows?look=summer&wall=b2', DESK],
  [
    'gallery',
    '/rooms/lookout/walls?look=summer&wall=s',
    DESK,
    async (page) => {
      await page.getByRole('radio', { name: 'Lookout gallery', exact: true }).first().click();
      await page.getByText('Harbour chart').waitFor();
      await page.getByRole('button', { name: 'Arrange', exact: true }).click();
      const best = page.getByText('Best layouts');
      await best.waitFor();
      await best.evaluate((e) => {
        const sheet = e.closest('aside');
        sheet.scrollTop += e.getBoundingClientRect().top - sheet.getBoundingClientRect().top - 190;
      });
    },
  ],
  [
    'mirror',
    '/rooms/lookout/walls?look=summer&wall=w',
    DESK,
    async (page) => {
      await page.getByText('Reflections in the glass').click();
      await page.getByRole('button', { name: 'Show me' }).first().click();
      await page.getByRole('img', { name: 'On the unrolled walls' }).waitFor();
      await page.getByText('Harbour chart').waitFor();
      await page.mouse.move(5, 790);
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
    (page) => page.getByRole('button', { name: 'Use this' }).first().waitFor(),
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
