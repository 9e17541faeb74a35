// npm run bench: medians and ratios, printed and not judged. With words (core, drag, sheet, server, stash, script) only
// those parts. Works on a scratch studio; the data folder is not touched.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';
import { benchCore } from './bench/core.mjs';
import { benchDrag } from './bench/drag.mjs';
import { freePort } from './bench/figures.mjs';
import { listScript } from './bench/script.mjs';
import { benchServer, benchSheet } from './bench/server.mjs';
import { benchStash } from './bench/stash.mjs';
import { demoStudio, ensureBuilt, ensureInstalled, main, root, serve } from './lib.mjs';

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
    rideau: 11,
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
  if (wanted('core')) benchCore(core, file);
  if (wanted('script')) await listScript();
  const server = await serve({ port: await freePort(), host: '127.0.0.1', data: scratch }, { quiet: true });
  const restore = async (studio) => {
    const request = { method: 'POST', body: JSON.stringify(studio) };
    const answer = await fetch(`${server.address}/api/studio/restore`, request);
    if (!answer.ok) throw new Error(await answer.text());
  };
  if (wanted('drag')) await restore(demo);
  if (wanted('drag'))
    await benchDrag({
      server,
      scratch,
      file,
      restoreFrames: async () => {
        const { items, looks } = core.roomOfFrames(file, 60, 'n');
        const rooms = demo.rooms.map((r) => (r.room.id === 'long-room' ? { ...r, looks } : r));
        await restore({ ...demo, items, rooms });
        return looks[0].id;
      },
    });
  if (wanted('sheet')) {
    await restore(demo);
    await benchSheet(server);
  }
  if (wanted('server') || wanted('stash')) await restore(largeStudio(demo));
  if (wanted('server')) await benchServer(server);
  if (wanted('stash')) await benchStash(server, demo.items[0].id);
  await server.stop();
  rmSync(scratch, { recursive: true, force: true });
  process.exit(0);
});
