import { beforeEach, expect, test } from 'vitest';
import sharp from 'sharp';
import { newItem } from '../../src/core/model/defaults';
import type { Item } from '../../src/core/model/types';
import { demoStudio } from '../helpers/rooms';
import { ownStudio } from '../helpers/ownStudio';
import { restoreStudio } from '../helpers/restore';

ownStudio('photos');
const stash = await import('../../src/server/stash/stash');
const { keepPhoto, photoBytes, photosForFile, readPhotoFiles } = await import('../../src/server/photos');
const rooms = await import('../../src/server/rooms');
const { studioDatabase } = await import('../../src/server/studio');
const { dropUnusedPhotos } = await import('../../src/data/photoRepository');
const { loadItem } = await import('../../src/data/itemRepository');

beforeEach(async () => {
  const r = await restoreStudio(demoStudio());
  if (!r.ok) throw new Error(JSON.stringify(r.issues));
});

const one = (id: string): Item => loadItem(studioDatabase(), id)!;
const red = (fields: Partial<Item> = {}) =>
  newItem({ id: 'red', name: 'Red float', kind: 'object', widthMm: 100, heightMm: 100, ...fields });

test('a photo that nothing speaks of any more goes, one that undo could bring back stays', async () => {
  const photo = async (shade: number) => {
    const kept = await keepPhoto(
      await sharp({ create: { width: 40, height: 30, channels: 3, background: { r: shade, g: 90, b: 90 } } })
        .jpeg()
        .toBuffer(),
    );
    if (!kept.ok) throw new Error(JSON.stringify(kept.issues));
    return kept.value.id;
  };
  const [used, wasUsed, never] = [await photo(10), await photo(90), await photo(200)];
  stash.putItems([red({ photoId: used }), red({ id: 'green', photoId: wasUsed })]);
  stash.putItems([{ ...one('green'), photoId: null }]);
  // within a day, what it was taken for may still come
  const dayOld = (hours: number) => new Date(Date.now() - hours * 3_600_000).toISOString();
  const made = studioDatabase().prepare('UPDATE photo SET taken_in_at = ?');
  made.run(dayOld(23));
  expect(dropUnusedPhotos(studioDatabase(), dayOld(24))).toBe(0);
  made.run(dayOld(25));
  expect(dropUnusedPhotos(studioDatabase(), dayOld(24))).toBe(1);
  expect([used, wasUsed, never].map((id) => photoBytes(id, 'small') !== undefined)).toEqual([
    true,
    true,
    false,
  ]);
  rooms.replayRoom(null, 'undo');
  expect(photoBytes(one('green').photoId!, 'image')!.length).toBeGreaterThan(20);
});

test('a photo of a file is encoded again without what it carries besides; a cut one is refused', async () => {
  const kept = await keepPhoto(
    await sharp({ create: { width: 90, height: 60, channels: 3, background: '#887766' } })
      .jpeg()
      .toBuffer(),
  );
  if (!kept.ok) throw new Error('not kept');
  const file = { ...photosForFile([kept.value.id])[0]!, id: 'elsewhere' };
  expect(await readPhotoFiles([file])).toMatchObject({
    ok: true,
    value: [{ id: 'elsewhere', widthPx: 90, heightPx: 60 }],
  });
  const bytes = Buffer.from(file.webp, 'base64');
  for (const came of [
    bytes.subarray(0, bytes.length - 20),
    Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
    await sharp(bytes).png().toBuffer(),
    Buffer.alloc(40),
  ])
    expect(await readPhotoFiles([{ ...file, webp: came.toString('base64') }])).toMatchObject({
      ok: false,
      issues: [{ path: ['photos', 0], code: 'not-a-picture' }],
    });
  // a picture with something in it that is no picture: in a chunk of its own, and behind its end
  const chunk = Buffer.from('HIDE\x0c\0\0\0secret words');
  const stuffed = Buffer.concat([bytes, chunk]);
  stuffed.writeUInt32LE(stuffed.length - 8, 4);
  for (const came of [stuffed, Buffer.concat([bytes, chunk])]) {
    const read = await readPhotoFiles([{ ...file, webp: came.toString('base64') }]);
    expect(read.ok && read.value[0]!.image.includes('secret words')).toBe(false);
    expect(read.ok && read.value[0]!.widthPx).toBe(90);
  }
  const telling = await sharp(bytes)
    .withExif({ IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
    .webp()
    .toBuffer();
  expect((await sharp(telling).metadata()).exif).toBeDefined();
  const read = await readPhotoFiles([{ ...file, webp: telling.toString('base64') }]);
  expect(read.ok && (await sharp(read.value[0]!.image).metadata()).exif).toBeUndefined();
});
