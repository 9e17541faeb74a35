import { statement, type StudioDatabase } from './rows';

export type Photo = { id: string; widthPx: number; heightPx: number; image: Buffer; small: Buffer };

export const savePhoto = (db: StudioDatabase, photo: Photo, now: string): void =>
  void statement(
    db,
    'INSERT INTO photo (id, width_px, height_px, taken_in_at, image, small) VALUES (?, ?, ?, ?, ?, ?)',
  ).run(photo.id, photo.widthPx, photo.heightPx, now, photo.image, photo.small);

export const loadPhoto = (db: StudioDatabase, id: string, size: 'image' | 'small'): Buffer | undefined =>
  statement(
    db,
    size === 'small' ? 'SELECT small FROM photo WHERE id = ?' : 'SELECT image FROM photo WHERE id = ?',
  )
    .pluck()
    .get(id) as Buffer | undefined;

export const countPhotos = (db: StudioDatabase): number =>
  statement(db, 'SELECT count(*) FROM photo').pluck().get() as number;

export const loadPhotoIds = (db: StudioDatabase): string[] =>
  statement(db, 'SELECT id FROM photo ORDER BY id').pluck().all() as string[];

export const loadPhotos = (db: StudioDatabase, ids: readonly string[]): Photo[] =>
  statement(
    db,
    `SELECT id, width_px AS widthPx, height_px AS heightPx, image, small FROM photo
     WHERE id IN (SELECT value FROM json_each(?)) ORDER BY id`,
  ).all(JSON.stringify(ids)) as Photo[];

/**
 * Drops photos from before a moment that nothing refers to: no room, no item, and no act that could still be undone.
 * Younger ones may belong to a change that a browser has not sent yet.
 */
export function dropUnusedPhotos(db: StudioDatabase, before: string): number {
  return statement(
    db,
    `DELETE FROM photo WHERE taken_in_at < ? AND id NOT IN (
      SELECT photo_id FROM item WHERE photo_id IS NOT NULL
      UNION SELECT value ->> 'photoId' FROM room, json_each(room.wall_photos_json)
      UNION SELECT value ->> 'photoId' FROM room, json_each(room.before_photos_json))
    AND NOT EXISTS (SELECT 1 FROM journal_step
      WHERE instr(coalesce(before_json, ''), photo.id) > 0 OR instr(coalesce(after_json, ''), photo.id) > 0)`,
  ).run(before).changes;
}
