import 'server-only';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import path from 'node:path';
import { first } from '../core/base/list';
import { photoFileSchema } from '../core/model/schema';
import { savePhoto, type Photo } from '../data/photoRepository';
import { environment } from './environment';
import { schemaIssues, type DoorIssue } from './issues';
import { readPhotoFile } from './photos';
import { now, studioDatabase, WAITING } from './studio';

/** Photos that come in with a backup: they wait in files of their own until all of it has been read. */
export type WaitingPhotos = {
  /** Reads one and puts it by; what is wrong with it, else null. */
  take: (photo: unknown, index: number) => Promise<DoorIssue | null>;
  /** Keeps all that were put by. */
  keep: () => void;
  /** Clears away the files. */
  drop: () => void;
};

export function waitingPhotos(): WaitingPhotos {
  const folder = mkdtempSync(path.join(environment.dataFolder, WAITING));
  const ids = new Set<string>();
  const waiting: Omit<Photo, 'image'>[] = [];
  const fileOfPhoto = (n: number): string => path.join(folder, `${n}.webp`);
  return {
    take: async (came, i) => {
      const checked = photoFileSchema.safeParse(came);
      if (!checked.success) {
        const issue = first(schemaIssues(checked.error));
        return { ...issue, path: ['photos', i, ...issue.path] };
      }
      const { id } = checked.data;
      if (ids.has(id)) return { path: ['photos', i, 'id'], code: 'same-id', message: `two photos ${id}` };
      ids.add(id);
      const read = await readPhotoFile(checked.data, i);
      if (!read.ok) return read.issues[0];
      if (!read.value) return null;
      const { image, ...photo } = read.value;
      await writeFile(fileOfPhoto(waiting.push(photo) - 1), image);
      return null;
    },
    keep: () => {
      const db = studioDatabase();
      waiting.forEach((photo, n) => {
        savePhoto(db, { ...photo, image: readFileSync(fileOfPhoto(n)) }, now());
      });
    },
    drop: () => {
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
