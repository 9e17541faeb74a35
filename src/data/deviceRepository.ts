import { countRows, statement, type StudioDatabase } from './rows';

/** A phone, tablet or computer that was let in; times as ISO 8601. */
export type Device = { id: string; name: string; pairedAt: string; seenAt: string };

/** The key that cookies are signed with; 32 random bytes made with the database. It is in no backup. */
export const deviceKey = (db: StudioDatabase): Buffer =>
  statement(db, 'SELECT secret FROM device_key').pluck().get() as Buffer;

export const loadDevices = (db: StudioDatabase): Device[] =>
  statement(
    db,
    'SELECT id, name, paired_at AS pairedAt, seen_at AS seenAt FROM device ORDER BY paired_at, id',
  ).all() as Device[];

export const countDevices = (db: StudioDatabase): number => countRows(db, { name: 'device', key: ['id'] });

export const saveDevice = (db: StudioDatabase, { id, name, pairedAt, seenAt }: Device): void =>
  void statement(db, 'INSERT INTO device (id, name, paired_at, seen_at) VALUES (?, ?, ?, ?)').run(
    id,
    name,
    pairedAt,
    seenAt,
  );

/** When a device was last seen; undefined for one that is not known, or was taken off the list. */
export const deviceSeenAt = (db: StudioDatabase, id: string): string | undefined =>
  statement(db, 'SELECT seen_at FROM device WHERE id = ?').pluck().get(id) as string | undefined;

export const noteDeviceSeen = (db: StudioDatabase, id: string, seenAt: string): void =>
  void statement(db, 'UPDATE device SET seen_at = ? WHERE id = ?').run(seenAt, id);

/** Whether there was one to take off. */
export const removeDevice = (db: StudioDatabase, id: string): boolean =>
  statement(db, 'DELETE FROM device WHERE id = ?').run(id).changes > 0;
