// Takes one picture: node scripts/shot.mjs PATH OUT [WIDTHxHEIGHT] [script run in the page before]
import { chromium } from '@playwright/test';

const [, , url, out, size = '1280x800', act] = process.argv;
const [width, height] = size.split('x').map(Number);
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
const page = await browser.newPage({ viewport: { width, height }, baseURL: 'http://127.0.0.1:3000' });
page.on('console', (m) => {
  if (m.type() === 'error' || m.type() === 'warning') console.log(m.type(), m.text());
});
page.on('pageerror', (e) => console.log('pageerror', e.message));
await page.goto(`http://127.0.0.1:${process.env.PORT ?? 3000}${url}`, { waitUntil: 'networkidle' });
if (act) await new Function('page', `return (async()=>{${act}})()`)(page);
await page.waitForTimeout(400);
await page.screenshot({ path: out });
await browser.close();
