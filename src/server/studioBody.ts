import 'server-only';
import { JSONParser } from '@streamparser/json';
import { fail, ok, type Result } from '../core/base/result';
import { tooLarge, type BodyIssue } from './body';
import { environment } from './environment';
import { fewAtOnce } from './fewAtOnce';
import type { DoorIssue } from './issues';

/** Takes a photo of the file as soon as it is read; what is wrong with it ends the reading. */
export type TakePhoto = (photo: unknown, index: number) => Promise<DoorIssue | null>;

const damaged = (code: string, message: string): Refusal => fail({ status: 400, path: [], code, message });

/**
 * Reads a studio backup as it comes in, up to a limit in bytes: its photos a few at a time, so that no more of them
 * are held, and in the end the file without them.
 */
export async function readStudioBody(
  request: Request,
  limit: number,
  takePhoto: TakePhoto,
): Promise<Result<unknown, BodyIssue>> {
  if (Number(request.headers.get('content-length') ?? 0) > limit) return tooLarge(limit);
  const reader = request.body?.getReader();
  const file = studioReader();
  const photos = fewAtOnce();
  let heldBytes = 0;
  const wrong = await readParts(reader, limit, async (part, text) => {
    const read = readPart(file, text, part);
    heldBytes += part.byteLength;
    for (const [index, photo] of file.photosRead()) {
      heldBytes -= bytesOf(photo);
      await photos.begin(() => takePhoto(photo, index));
    }
    if (heldBytes > environment.withoutPhotosLimit + LARGEST_PHOTO)
      return tooLarge(environment.withoutPhotosLimit) as Refusal;
    return photos.issue() ? refusedPhoto(photos) : read;
  });
  await photos.done();
  const refused = wrong ?? refusedPhoto(photos);
  if (refused) {
    await reader?.cancel();
    return refused;
  }
  const whole = file.end();
  return whole === undefined
    ? damaged('not-json', 'The file is damaged or not JSON: reading stopped before its end.')
    : ok(whole);
}

/** A photo that is being read is held as well. */
const LARGEST_PHOTO = 32 * 1024 * 1024;
const bytesOf = (photo: unknown): number => {
  const webp = (photo as { webp?: unknown } | null)?.webp;
  return typeof webp === 'string' ? webp.length : 0;
};

type Refusal = Extract<Result<never, BodyIssue>, { ok: false }>;

const refusedPhoto = (photos: ReturnType<typeof fewAtOnce>): Refusal | null => {
  const issue = photos.issue();
  return issue && fail({ ...issue, status: 422 });
};

/** Reads a body part by part, up to a limit in bytes or until something is wrong. */
async function readParts(
  reader: ReadableStreamDefaultReader<Uint8Array> | undefined,
  limit: number,
  read: (part: Uint8Array, text: TextDecoder) => Promise<Refusal | null>,
): Promise<Refusal | null> {
  const text = new TextDecoder('utf-8', { fatal: true });
  let size = 0;
  for (;;) {
    const part = await reader?.read();
    if (!part || part.done) return null;
    size += part.value.byteLength;
    const wrong = size > limit ? tooLarge(limit) : await read(part.value, text);
    if (wrong) return wrong as Refusal;
  }
}

function readPart(
  file: ReturnType<typeof studioReader>,
  text: TextDecoder,
  part: Uint8Array,
): Refusal | null {
  try {
    text.decode(part, { stream: true });
  } catch {
    return damaged('not-utf8', 'The file is damaged: it is not UTF-8 text.');
  }
  const stoppedAt = file.write(part);
  return stoppedAt === null
    ? null
    : damaged(
        'not-json',
        `The file is damaged or not JSON: reading stopped at line ${file.line()}, character ${stoppedAt + 1}.`,
      );
}

/** Reads JSON part by part; a photo is handed out once and not kept. */
function studioReader() {
  const parser = new JSONParser({
    paths: ['$', '$.photos.*'],
    stringBufferSize: 64 * 1024,
    numberBufferSize: 64,
  });
  const photos: [number, unknown][] = [];
  let whole: unknown;
  let stoppedAt: number | null = null;
  let [read, lines] = [0, 0];
  parser.onValue = ({ value, key, parent, stack }) => {
    if (stack.length === 0) whole = value;
    else if (Array.isArray(parent) && typeof key === 'number') {
      photos.push([key, value]);
      (parent as unknown[])[key] = null;
    }
  };
  parser.onError = (error) => {
    stoppedAt ??= Number(/position "?(\d+)/.exec(error.message)?.[1] ?? 0);
  };
  return {
    /** Where reading stopped; null while all is well. */
    write: (part: Uint8Array): number | null => {
      const before = read;
      read += part.byteLength;
      if (!parser.isEnded || part.some((byte) => !BLANKS.has(byte))) parser.write(part);
      const upTo = stoppedAt === null ? part.byteLength : stoppedAt - before;
      for (const byte of part.subarray(0, Math.max(0, upTo))) if (byte === NEW_LINE) lines++;
      return stoppedAt;
    },
    /** The line that reading has come to. */
    line: (): number => lines + 1,
    photosRead: (): [number, unknown][] => photos.splice(0),
    /** The file without its photos; undefined where it is not whole. */
    end: (): unknown => {
      if (stoppedAt !== null || typeof whole !== 'object' || whole === null) return whole;
      const { photos: _taken, ...rest } = whole as Record<string, unknown>;
      return rest;
    },
  };
}

const NEW_LINE = 10;
const BLANKS: ReadonlySet<number> = new Set([...' \t\r\n'].map((c) => c.charCodeAt(0)));
