import { chromium } from '@playwright/test';
import path from 'node:path';
import { say } from '../lib.mjs';
import { CHROMIUM, line, median, ms, quantile } from './figures.mjs';

/** What a drag costs a frame, on four screens of the demo. */
export async function benchDrag({ server, scratch, file, restoreFrames }) {
  const browser = await chromium.launch(CHROMIUM);
  say(`\nChromium ${browser.version()}`);
  const bare = await browser.newPage();
  await bare.addScriptTag({ path: path.join(scratch, 'core.iife.mjs') });
  const inPage = await bare.evaluate(
    (f) => ({ plans: globalThis.bench.timePlans(f, 300), json: globalThis.bench.timeJson(f, 300) }),
    file,
  );
  line('planLook, Long Room, median', ms(median(inPage.plans)), '≤ 16 ms');
  line(
    '  as a multiple of JSON there and back',
    `× ${(median(inPage.plans) / Math.max(0.001, inPage.json.reduce((s, n) => s + n, 0) / inPage.json.length)).toFixed(1)}`,
  );
  for (const [what, url, name, up = 0] of [
    ['a window on its wall', '/rooms/long-room/measure?wall=e&look=early-summer', 'Harbour window'],
    ['a pillow on the sofa', '/rooms/long-room/seats?look=early-summer', 'Tanbark linen'],
    ['a picture on its wall', '/rooms/lookout/walls?look=summer&wall=s', 'Terns', 12],
    ['a rod', '/rooms/long-room/windows?look=early-summer&wall=e', '.*Rod', 16],
  ]) {
    tell(what, await drag(browser, server.address + url, { name, up }));
  }
  const look = await restoreFrames();
  const wall = `${server.address}/rooms/long-room/walls?look=${look}&wall=n`;
  tell('60 glazed frames', await drag(browser, wall, { name: 'Frames, as a whole', up: 12, byEdge: true }));
  await browser.close();
}

function tell(what, frames) {
  line(`dragging ${what}: script of a frame, median`, ms(median(frames)), '< 16 ms');
  line('  its first ten frames, median', ms(median(frames.slice(1, 11))));
  line('  95 of 100 under', ms(quantile(frames, 0.95)));
}

/** Script time between two frames while a thing is dragged to and fro. */
async function drag(browser, url, { name, up, byEdge = false }) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(url, { waitUntil: 'networkidle' });
  const thing = await page
    .locator('svg')
    .getByRole('button', { name: new RegExp(`^${name}`) })
    .first()
    .boundingBox();
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Performance.enable');
  const script = async () =>
    (await cdp.send('Performance.getMetrics')).metrics.find((m) => m.name === 'ScriptDuration').value * 1000;
  const frame = () =>
    page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
  // a group is taken hold of by the line round it
  const x = byEdge ? thing.x + 6 : thing.x + thing.width / 2;
  const y = thing.y + thing.height / (up > 0 ? 2 : 3);
  await page.mouse.move(x, y);
  await page.mouse.down();
  const idle = [];
  const frames = [];
  for (let i = 0; i < 60; i++) {
    let previous = await script();
    if (i % 4 === 0) {
      await frame();
      idle.push((await script()) - previous);
      previous = await script();
    }
    await page.mouse.move(x + Math.sin(i / 6) * 60, y + Math.sin(i / 5) * up);
    await frame();
    frames.push((await script()) - previous);
  }
  await page.mouse.up();
  await page.close();
  // what the measuring itself costs is taken off
  const own = median(idle);
  return frames.map((f) => Math.max(0, f - own));
}
