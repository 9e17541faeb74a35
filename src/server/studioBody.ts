import 'server-only';
import { JSONParser } from '@streamparser/json';
import { fail, ok, type Result } from '../core/base/result';
import { tooLarge, type BodyIssue } from './body';
import type { DoorIssue } from './issues';

/** Takes a photo of the file as soon as it is read; what is wrong with it ends the reading. */
export type TakePhoto = (photo: unknown, index: number) => Promise<DoorIssue | null>;

const damaged = (code: string, message: string): Result<never, BodyIssue> =>
  fail({ status: 400, path: [], code, message });

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
  const text = new TextDecoder('utf-8', { fatal: true });
  let size = 0;
  for (;;) {
    const part = await reader?.read();
    if (!part || part.done) break;
    size += part.value.byteLength;
    const wrong = size > limit ? tooLarge(limit) : readPart(file, text, part.value);
    if (!wrong.ok) {
      await reader?.cancel();
      return wrong;
    }
    for (const [index, photo] of file.photosRead()) await photos.begin(() => takePhoto(photo, index));
    if (photos.issue()) break;
  }
  await photos.done();
  const issue = photos.issue();
  if (issue) {
    await reader?.cancel();
    return fail({ ...issue, status: 422 });
  }
  const whole = file.end();
  return whole === undefined
    ? damaged('not-json', 'The file is damaged or not JSON: reading stopped before its end.')
    : ok(whole);
}

/** As many photos are taken at a time; more would be held in vain. */
const AT_ONCE = 2;

/** Takes photos a few at a time, and remembers what was wrong with the first that was refused. */
function fewAtOnce() {
  const running = new Set<Promise<void>>();
  let found: DoorIssue | null = null;
  let failure: unknown = null;
  const done = async (): Promise<void> => {
    await Promise.all(running);
    if (failure) throw failure as Error;
  };
  return {
    /** Begins with one as soon as there is room for it. */
    async begin(take: () => Promise<DoorIssue | null>): Promise<void> {
      if (found ?? failure) return;
      const task: Promise<void> = take().then(
        (issue) => {
          found ??= issue;
        },
        (error: unknown) => {
          failure ??= error;
        },
      );
      running.add(task);
      void task.then(() => running.delete(task));
      if (running.size >= AT_ONCE) await Promise.race(running);
    },
    done,
    issue: (): DoorIssue | null => found,
  };
}

function readPart(
  file: ReturnType<typeof studioReader>,
  text: TextDecoder,
  part: Uint8Array,
): Result<null, BodyIssue> {
  try {
    text.decode(part, { stream: true });
  } catch {
    return damaged('not-utf8', 'The file is damaged: it is not UTF-8 text.');
  }
  const stoppedAt = file.write(part);
  return stoppedAt === null
    ? ok(null)
    : damaged('not-json', `The file is damaged or not JSON: reading stopped at character ${stoppedAt + 1}.`);
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
      if (!parser.isEnded || part.some((byte) => !BLANKS.has(byte))) parser.write(part);
      return stoppedAt;
    },
    photosRead: (): [number, unknown][] => photos.splice(0),
    /** The file without its photos; undefined where it is not whole. */
    end: (): unknown => {
      if (stoppedAt !== null || typeof whole !== 'object' || whole === null) return whole;
      const { photos: _taken, ...rest } = whole as Record<string, unknown>;
      return rest;
    },
  };
}

const BLANKS: ReadonlySet<number> = new Set([...' \t\r\n'].map((c) => c.charCodeAt(0)));
