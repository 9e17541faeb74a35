/** Backups with more photos than any one body could be held of: out of a running studio, and back into it. */
import { randomFillSync } from 'node:crypto';
import { readdirSync } from 'node:fs';
import sharp from 'sharp';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { textStream } from '../../src/server/textStream';
import { scratchStudio } from '../helpers/database';
import { freePort, serve, type Server } from '../helpers/server';
import { demoStudio } from '../helpers/rooms';

const MB = 1024 * 1024;
let server: Server;
let webp: string;
const folder = scratchStudio();

beforeAll(async () => {
  server = await serve({ port: await freePort(), host: '127.0.0.1', data: folder.folder });
  // noise can't be packed: a small picture of many bytes
  const raw = { width: 2000, height: 1500, channels: 3 as const };
  const noise = randomFillSync(Buffer.alloc(raw.width * raw.height * raw.channels));
  const once = await sharp(noise, { raw }).webp({ quality: 88, effort: 2 }).toBuffer();
  // what the studio makes of it when it encodes it again
  webp = (await sharp(once).webp({ quality: 88, effort: 2 }).toBuffer()).toString('base64');
}, 60_000);
afterAll(async () => {
  await server.stop();
  folder.remove();
});

const photoOf = (n: number) => ({ id: `photo-${n}`, widthPx: 2000, heightPx: 1500, webp });

/** A studio whose backup has so many bytes, as it is sent: part by part, with so many things showing so many photos. */
function studioOf(bytes: number) {
  // encoded once more it may be a little smaller
  const photos = Math.ceil((1.1 * bytes) / webp.length);
  const { photos: _none, ...studio } = demoStudio();
  const items = Array.from({ length: photos }, (_, n) => ({
    ...studio.items[0]!,
    id: `thing-${n}`,
    name: `Thing ${n}`,
    photoId: `photo-${n}`,
  }));
  const head = JSON.stringify({ ...studio, items: [...studio.items, ...items] }).replace(
    /\}$/,
    ',"photos":[',
  );
  function* parts() {
    yield head;
    for (let n = 0; n < photos; n++) yield (n === 0 ? '' : ',') + JSON.stringify(photoOf(n));
    yield ']}';
  }
  return { photos, parts };
}

const restore = (parts: Iterator<string>): Promise<Response> =>
  fetch(`${server.address}/api/studio/restore`, {
    method: 'POST',
    body: textStream(parts),
    duplex: 'half',
  } as RequestInit);

test.each([
  [72, true],
  [400, false],
])(
  'more than %i MB come back as they went',
  async (size, twice) => {
    const { photos, parts } = studioOf(size * MB + 1);
    const came = await restore(parts());
    expect(await came.json()).toMatchObject({ items: demoStudio().items.length + photos });
    const backup = await fetch(`${server.address}/api/studio/backup?photos=1`);
    expect(backup.status).toBe(200);
    let bytes = 0;
    let found = 0;
    let tail = '';
    const text = new TextDecoder();
    const reader = backup.body!.getReader();
    for (;;) {
      const part = await reader.read();
      if (part.done) break;
      bytes += part.value.byteLength;
      const piece = tail + text.decode(part.value, { stream: true });
      found += piece.split('"widthPx":2000').length - 1;
      tail = piece.slice(-10);
    }
    expect(bytes).toBeGreaterThan(size * MB);
    expect(found).toBe(photos);
    if (!twice) return;
    // the backup itself is what the studio takes in again
    const again = await fetch(`${server.address}/api/studio/backup?photos=1`);
    const restored = await fetch(`${server.address}/api/studio/restore`, {
      method: 'POST',
      body: again.body,
      duplex: 'half',
    } as RequestInit);
    expect(await restored.json()).toMatchObject({ items: demoStudio().items.length + photos });
    expect((await fetch(`${server.address}/api/photos/photo-${photos - 1}`)).status).toBe(200);
  },
  900_000,
);

test('a backup that is cut, doubled or no backup is refused and changes nothing', async () => {
  const before = await (await fetch(`${server.address}/api/studio/backup`)).text();
  const { parts } = studioOf(9 * MB);
  const whole = [...parts()];
  const codeOf = async (pieces: readonly string[]) => {
    const answer = await restore(pieces.values());
    const { issues } = (await answer.json()) as { issues: { code: string; path: unknown[] }[] };
    return [answer.status, issues[0]!.code, issues[0]!.path.join('.')];
  };
  expect(await codeOf(whole.slice(0, -1))).toEqual([400, 'not-json', '']);
  expect(await codeOf([...whole.slice(0, 2), 'x', ...whole.slice(2)])).toEqual([400, 'not-json', '']);
  expect(await codeOf([...whole, '{}'])).toEqual([400, 'not-json', '']);
  const fresh = { ...photoOf(0), id: 'new-photo' };
  expect(await codeOf([whole[0]!, JSON.stringify(fresh), ',', JSON.stringify(fresh), ']}'])).toEqual([
    422,
    'same-id',
    'photos.1.id',
  ]);
  expect(await codeOf([whole[0]!, JSON.stringify({ ...fresh, webp: 'AAAA' }), ']}'])).toEqual([
    422,
    'not-a-picture',
    'photos.0',
  ]);
  expect(await codeOf([whole[0]!, '{"id":"p"}', ']}'])).toEqual([422, 'invalid-type', 'photos.0.widthPx']);
  expect(await codeOf(['[1, 2, 3]'])).toEqual([422, 'not-a-studio-file', 'rideauStudio']);
  expect(await codeOf([''])).toEqual([400, 'not-json', '']);
  expect(await (await fetch(`${server.address}/api/studio/backup`)).text()).toBe(before);
});

test('writes from elsewhere are refused at this door too', async () => {
  const foreign = await fetch(`${server.address}/api/studio/restore`, {
    method: 'POST',
    headers: { origin: 'http://elsewhere.example' },
    body: '{}',
  });
  expect([
    foreign.status,
    ((await foreign.json()) as { issues: { code: string }[] }).issues[0]!.code,
  ]).toEqual([403, 'origin-refused']);
});

test('of what was there before, the newest three copies stay, and nothing that waited', async () => {
  for (let n = 0; n < 4; n++) expect((await restore(studioOf(1).parts())).status).toBe(200);
  const names = readdirSync(folder.folder);
  const copies = names.filter((name) => name.startsWith('before-restore-'));
  expect(copies).toHaveLength(3);
  expect(names.filter((name) => name.startsWith('restoring-'))).toEqual([]);
});
