import 'server-only';
import { nanoid } from 'nanoid';
import sharp, { type Metadata, type Sharp } from 'sharp';
import { fail, ok, type Result } from '../core/base/result';
import { loadPhoto, loadPhotoIds, loadPhotos, savePhoto, type Photo } from '../data/photoRepository';
import { environment } from './environment';
import { inOneGo } from './inOneGo';
import type { DoorIssue } from './issues';
import { now, studioDatabase } from './studio';

const READ: ReadonlySet<string> = new Set(['jpeg', 'png', 'webp', 'heif']);
/** The longer side of what is kept, and of the picture in lists. */
const KEPT_PX = 2400;
const SMALL_PX = 240;
const KEPT_QUALITY = 88;

const refuse = (code: string, message: string): Result<never, DoorIssue> =>
  fail<DoorIssue>({ path: [], code, message });

/** Reads an uploaded picture, upright; refuses what is not a picture or is too large. */
export async function readPicture(bytes: Buffer): Promise<Result<Sharp, DoorIssue>> {
  if (bytes.length > environment.photoLimit)
    return refuse('too-large', `The picture is larger than ${environment.photoLimit / 1024 / 1024} MB.`);
  let meta: Metadata;
  try {
    meta = await sharp(bytes, { limitInputPixels: false }).metadata();
  } catch {
    return refuse('not-a-picture', 'This is not a picture that can be read. JPEG, PNG, WebP and AVIF are.');
  }
  // AVIF is HEIF with AV1 inside; no other HEIF picture can be read here
  if (!READ.has(meta.format ?? '') || (meta.format === 'heif' && meta.compression !== 'av1'))
    return refuse(
      'not-a-picture',
      `A picture of the kind ${meta.format ?? 'unknown'} is not read. JPEG, PNG, WebP and AVIF are.`,
    );
  if ((meta.width ?? 0) * (meta.height ?? 0) > environment.photoPixels)
    return refuse(
      'too-many-pixels',
      `The picture has more than ${environment.photoPixels / 1e6} megapixels.`,
    );
  return ok(sharp(bytes, { limitInputPixels: environment.photoPixels, failOn: 'error' }).rotate());
}

/** Keeps a re-encoded copy: upright, in sRGB, without the camera's notes and the place where it was taken. */
export async function keepPhoto(
  bytes: Buffer,
): Promise<Result<{ id: string; widthPx: number; heightPx: number }, DoorIssue>> {
  const read = await readPicture(bytes);
  if (!read.ok) return read;
  try {
    const upright = read.value.toColourspace('srgb');
    const image = await upright
      .clone()
      .resize(KEPT_PX, KEPT_PX, { fit: 'inside', withoutEnlargement: true })
      .webp({ quality: KEPT_QUALITY })
      .toBuffer({ resolveWithObject: true });
    const small = await sharp(image.data)
      .resize(SMALL_PX, SMALL_PX, { fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 78 })
      .toBuffer();
    const photo = {
      id: nanoid(14),
      widthPx: image.info.width,
      heightPx: image.info.height,
      image: image.data,
      small,
    };
    return inOneGo(() => {
      savePhoto(studioDatabase(), photo, now());
      return ok({ id: photo.id, widthPx: photo.widthPx, heightPx: photo.heightPx });
    });
  } catch {
    return refuse('damaged', 'The picture is damaged: it could not be read to its end.');
  }
}

export type PhotoFile = { id: string; widthPx: number; heightPx: number; webp: string };

const fileOf = ({ id, widthPx, heightPx, image }: Photo): PhotoFile => ({
  id,
  widthPx,
  heightPx,
  webp: image.toString('base64'),
});

/** Photos with their pixels, for a file that is to carry them. */
export const photosForFile = (ids: readonly string[]): PhotoFile[] =>
  loadPhotos(studioDatabase(), ids).map(fileOf);

/** All photos of the studio, one after the other: together they may be more than can be held. */
export function* allPhotosForFile(): Generator<PhotoFile> {
  const db = studioDatabase();
  for (const id of loadPhotoIds(db)) yield* loadPhotos(db, [id]).map(fileOf);
}

const unreadable = (i: number): Result<never, DoorIssue> =>
  fail<DoorIssue>({ path: ['photos', i], code: 'not-a-picture', message: 'This photo cannot be read.' });

/**
 * Reads a photo of a file and encodes it again, so that nothing comes in but a picture. Null for one that the
 * studio has.
 */
export async function readPhotoFile(file: PhotoFile, i: number): Promise<Result<Photo | null, DoorIssue>> {
  if (loadPhoto(studioDatabase(), file.id, 'small')) return ok(null);
  try {
    const came = Buffer.from(file.webp, 'base64');
    const { format } = await sharp(came, { limitInputPixels: environment.photoPixels }).metadata();
    if (format !== 'webp') return unreadable(i);
    const image = await sharp(came, { limitInputPixels: environment.photoPixels, failOn: 'error' })
      .rotate()
      .toColourspace('srgb')
      .resize(KEPT_PX, KEPT_PX, { fit: 'inside', withoutEnlargement: true })
      // a backup may hold hundreds: little effort takes half the time and hardly more room
      .webp({ quality: KEPT_QUALITY, effort: 0 })
      .toBuffer({ resolveWithObject: true });
    const small = await sharp(image.data)
      .resize(SMALL_PX, SMALL_PX, { fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 78 })
      .toBuffer();
    const { width: widthPx, height: heightPx } = image.info;
    return ok({ id: file.id, widthPx, heightPx, image: image.data, small });
  } catch {
    return unreadable(i);
  }
}

/** Reads the photos of a file; those that the studio has are left out. */
export async function readPhotoFiles(files: readonly PhotoFile[]): Promise<Result<Photo[], DoorIssue>> {
  const photos: Photo[] = [];
  for (const [i, file] of files.entries()) {
    const read = await readPhotoFile(file, i);
    if (!read.ok) return read;
    if (read.value) photos.push(read.value);
  }
  return ok(photos);
}
export const keepPhotos = (photos: readonly Photo[]): void => {
  for (const p of photos) savePhoto(studioDatabase(), p, now());
};

export const photoBytes = (id: string, size: 'image' | 'small'): Buffer | undefined =>
  loadPhoto(studioDatabase(), id, size);
