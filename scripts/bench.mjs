// npm run bench: medians and ratios, printed and not judged. With words (core, drag, server, stash) only
// those parts. Works on a scratch studio; the data folder is not touched.
import { chromium } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import net from 'node:net';
import sharp from 'sharp';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';
import { demoStudio, ensureBuilt, ensureInstalled, main, root, say, serve } from './lib.mjs';

const at = (times, share) =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))];
const median = (times) => at(times, 0.5);
const ms = (n) => `${n.toFixed(n < 1 ? 3 : 1)} ms`;
const line = (what, value, target = '') =>
  say(`${what.padEnd(58)} ${value.padStart(12)}${target ? `   target ${target}` : ''}`);
const freePort = () =>
  new Promise((resolve) => {
    const s = net.createServer();
    s.listen(0, '127.0.0.1', () => {
      const { port } = s.address();
      s.close(() => resolve(port));
    });
  });

/** 200 rooms and 5,000 things: the demo's rooms and stash over and over, under new ids. */
function largeStudio(demo) {
  const rooms = Array.from({ length: 200 }, (_, i) => {
    const r = demo.rooms[i % demo.rooms.length];
    return { ...r, room: { ...r.room, id: `room-${i}`, name: `${r.room.name} ${i + 1}` } };
  });
  const items = Array.from({ length: 5000 }, (_, i) => {
    const copy = Math.floor(i / demo.items.length);
    const item = demo.items[i % demo.items.length];
    return copy === 0 ? item : { ...item, id: `${item.id}-${copy}` };
  });
  return { ...demo, rooms, items };
}

const asked = process.argv.slice(2);
const wanted = (part) => asked.length === 0 || asked.includes(part);

await main(async () => {
  await ensureInstalled();
  await ensureBuilt();
  const scratch = mkdtempSync(path.join(tmpdir(), 'rideau-bench-'));
  const demo = JSON.parse(demoStudio());
  const { homeId: _home, ...body } = demo.rooms.find((r) => r.room.id === 'long-room');
  const file = {
    rideau: 3,
    rules: demo.rules,
    home: demo.homes[0],
    places: demo.places,
    items: demo.items,
    ...body,
  };

  await build({
    root,
    configFile: false,
    logLevel: 'error',
    build: {
      outDir: scratch,
      emptyOutDir: false,
      minify: true,
      target: 'es2022',
      lib: {
        entry: path.join(root, 'tests/bench/core.ts'),
        name: 'bench',
        formats: ['es', 'iife'],
        fileName: (f) => `core.${f}.mjs`,
      },
    },
  });
  const core = await import(pathToFileURL(path.join(scratch, 'core.es.mjs')).href);
  if (wanted('core')) {
    say(`Node ${process.versions.node}`);
    const plans = core.timePlans(file, 300);
    line('planLook, Long Room, median', ms(median(plans)), '≤ 8 ms');
    line(
      '  as a multiple of JSON there and back',
      `× ${(median(plans) / median(core.timeJson(file, 300))).toFixed(1)}`,
    );
    const floors = core.timeFloors(file, 100);
    line('the floor’s checks, Long Room, median', ms(median(floors)));
    for (const n of [24, 60]) {
      const g = core.timeGallery(n);
      line(`a gallery of ${n} frames, searched`, ms(g.ms), n === 24 ? '≤ 2000 ms' : '');
      line(
        '  outline filled, ours against a rectangle packer’s',
        `${(g.filled * 100).toFixed(0)} : ${(g.packerFilled * 100).toFixed(0)} %`,
      );
      line(
        '  facing gaps that are the gap, ours against the packer’s',
        `${(g.even * 100).toFixed(0)} : ${(g.packerEven * 100).toFixed(0)} %`,
      );
    }
    line(
      'ways to dress two windows with 300 kinds of panels',
      ms(median(core.timeSolve(file, 'early-summer', 300, 3))),
    );
    const clusters = core.timeClusters(5);
    line(
      'k-means of 12,000 pixels, ours as a share of the reference library’s',
      `× ${(median(clusters.ours) / median(clusters.reference)).toFixed(2)}`,
    );
    const de = core.timeDifferences(5);
    line(
      '10,000 × ΔE00, ours as a share of the reference library’s',
      `× ${(median(de.ours) / median(de.reference)).toFixed(2)}`,
    );
  }

  const server = await serve({ port: await freePort(), host: '127.0.0.1', data: scratch }, { quiet: true });
  const restore = (studio) =>
    fetch(`${server.address}/api/studio/restore`, { method: 'POST', body: JSON.stringify(studio) }).then(
      async (r) => {
        if (!r.ok) throw new Error(await r.text());
      },
    );
  if (wanted('drag')) {
    await restore(demo);
    const browser = await chromium.launch({
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    });
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
      const frames = await drag(browser, server.address + url, name, up);
      line(`dragging ${what}: script of a frame, median`, ms(median(frames)), '< 16 ms');
      line('  its first ten frames, median', ms(median(frames.slice(1, 11))));
      line('  95 of 100 under', ms(at(frames, 0.95)));
    }
    await browser.close();
  }

  await restore(largeStudio(demo));
  if (wanted('server')) {
    say('\nServer, 200 rooms and 5,000 things');
    const pages = ['measure', 'clear', 'windows', 'walls', 'seats', 'colour', 'fitting', 'measure/tape'];
    const ask = async (url) => {
      const from = performance.now();
      const r = await fetch(server.address + url);
      await r.text();
      if (!r.ok) throw new Error(`${url}: ${r.status}`);
      return performance.now() - from;
    };
    const first = [];
    for (let i = 0; i < 60; i++) first.push(await ask(`/rooms/room-${i}/${pages[i % 8]}`));
    line('the first sixty room pages after the start, 95 of 100 under', ms(at(first, 0.95)));
    const answers = [];
    for (let i = 0; i < 300; i++) answers.push(await ask(`/rooms/room-${(i * 7) % 200}/${pages[i % 8]}`));
    line('a room page, median', ms(median(answers)));
    line('a room page, 95 of 100 under', ms(at(answers, 0.95)), '≤ 80 ms');
    const home = [];
    for (let i = 0; i < 60; i++) home.push(await ask('/'));
    line('the first page, median', ms(median(home)));
    line('  95 of 100 under', ms(at(home, 0.95)), '≤ 80 ms');
    for (const [what, url] of [
      ['the stash page', '/stash'],
      ['the stash in short rows', '/api/stash/index'],
    ]) {
      const taken = [];
      for (let i = 0; i < 60; i++) taken.push(await ask(url));
      line(`${what}, median`, ms(median(taken)));
      line('  95 of 100 under', ms(at(taken, 0.95)), '≤ 80 ms');
    }
  }
  if (wanted('stash')) {
    say('\nChromium, 5,000 things and a photo of 12 MP');
    const again = await chromium.launch({
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    });
    const stash = await again.newPage({ viewport: { width: 1280, height: 800 } });
    await stash.goto(`${server.address}/stash`, { waitUntil: 'networkidle' });
    await stash.getByText('5000 of 5000').waitFor();
    const filters = [];
    for (const words of ['l', 'li', 'lin', 'line', 'linen', 'linen s', '', 'harbour', 'velvet 3', '']) {
      const shown = await stash.evaluate(
        (text) =>
          new Promise((done) => {
            const field = document.querySelector('input[type=search]');
            const from = performance.now();
            Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, text);
            field.dispatchEvent(new Event('input', { bubbles: true }));
            requestAnimationFrame(() => {
              const channel = new MessageChannel();
              channel.port1.onmessage = () => done(performance.now() - from);
              channel.port2.postMessage(0);
            });
          }),
        words,
      );
      filters.push(shown);
    }
    line('filtering 5,000 by a letter more, to the next frame, median', ms(median(filters)), '≤ 50 ms');
    line('  the slowest', ms(Math.max(...filters)), '≤ 50 ms');
    const photo = await sharp(
      Buffer.from(Array.from({ length: 400 * 300 * 3 }, (_, i) => (i * 2654435761) >>> 24)),
      { raw: { width: 400, height: 300, channels: 3 } },
    )
      .resize(4000, 3000)
      .jpeg({ quality: 90 })
      .toBuffer();
    await stash.goto(`${server.address}/stash?item=${demo.items[0].id}`, { waitUntil: 'networkidle' });
    const shots = [];
    for (let i = 0; i < 5; i++) {
      await stash.goto(`${server.address}/stash?item=${demo.items[0].id}`, { waitUntil: 'networkidle' });
      await stash.getByRole('button', { name: 'From a photo', exact: true }).click();
      await stash.locator('aside input[type=file]').waitFor({ state: 'attached' });
      await stash.evaluate(() => {
        globalThis.from = 0;
        document.querySelector('aside input[type=file]').addEventListener(
          'change',
          () => {
            globalThis.from = performance.now();
          },
          { capture: true },
        );
      });
      await stash
        .locator('aside input[type=file]')
        .setInputFiles({ name: 'p.jpg', mimeType: 'image/jpeg', buffer: photo });
      const mark = stash.getByRole('application');
      await mark.waitFor();
      const opened = await stash.evaluate(() => performance.now() - globalThis.from);
      const box = await mark.boundingBox();
      const marked = await stash.evaluate(
        ({ x, y, w, h }) =>
          new Promise((done) => {
            const soon = () =>
              new Promise((go) => {
                const channel = new MessageChannel();
                channel.port1.onmessage = go;
                channel.port2.postMessage(0);
              });
            const target = document.querySelector('[role=application]');
            const at = (type, px, py) =>
              target.dispatchEvent(
                new PointerEvent(type, { clientX: px, clientY: py, pointerId: 1, bubbles: true }),
              );
            target.setPointerCapture = () => undefined;
            const from = performance.now();
            at('pointerdown', x + w * 0.1, y + h * 0.1);
            // a hand's events come one after the other
            void soon()
              .then(() => {
                at('pointermove', x + w * 0.9, y + h * 0.9);
                return soon();
              })
              .then(() => at('pointerup', x + w * 0.9, y + h * 0.9));
            const seen = new MutationObserver(() => {
              if (document.querySelector('aside [role=img]')) {
                seen.disconnect();
                done(performance.now() - from);
              }
            });
            seen.observe(document.querySelector('aside'), { childList: true, subtree: true });
          }),
        { x: box.x, y: box.y, w: box.width, h: box.height },
      );
      shots.push(opened + marked);
    }
    line('a 12 MP photo to its colours, median', ms(median(shots)), '≤ 1,000 ms');
    await again.close();
  }
  await server.stop();
  rmSync(scratch, { recursive: true, force: true });
  process.exit(0);
});

/** Script time between two frames while a thing is dragged to and fro. */
async function drag(browser, url, name, up) {
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
  const [x, y] = [thing.x + thing.width / 2, thing.y + thing.height / (up > 0 ? 2 : 3)];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const idle = [];
  const frames = [];
  for (let i = 0; i < 60; i++) {
    let before = await script();
    if (i % 4 === 0) {
      await frame();
      idle.push((await script()) - before);
      before = await script();
    }
    await page.mouse.move(x + Math.sin(i / 6) * 60, y + Math.sin(i / 5) * up);
    await frame();
    frames.push((await script()) - before);
  }
  await page.mouse.up();
  await page.close();
  // what the measuring itself costs is taken off
  const own = median(idle);
  return frames.map((f) => Math.max(0, f - own));
}
