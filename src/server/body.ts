import 'server-only';
import { fail, ok, type Result } from '../core/base/result';
import type { DoorIssue } from './issues';

export type BodyIssue = DoorIssue & { status: number };

/** A limit in words. */
const sizeWords = (bytes: number): string =>
  bytes < 1024 * 1024 ? `${Math.round(bytes / 1024)} kB` : `${Math.round(bytes / 1024 / 1024)} MB`;

/** The refusal of a body that is larger than a limit in bytes. */
export const tooLarge = (limit: number): Result<never, BodyIssue> =>
  fail({
    status: 413,
    path: [],
    code: 'too-large',
    message: `The body is larger than ${sizeWords(limit)}.`,
  });

/** Reads a request's bytes up to a limit; never holds more than the limit. */
export async function readBytes(request: Request, limit: number): Promise<Result<Buffer, BodyIssue>> {
  if (Number(request.headers.get('content-length') ?? 0) > limit) return tooLarge(limit);
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (;;) {
    const part = await reader?.read();
    if (!part || part.done) break;
    size += part.value.byteLength;
    if (size > limit) {
      await reader?.cancel();
      return tooLarge(limit);
    }
    chunks.push(part.value);
  }
  return ok(Buffer.concat(chunks));
}

/** Reads a request's text up to a limit in bytes. */
export async function readText(request: Request, limit: number): Promise<Result<string, BodyIssue>> {
  const bytes = await readBytes(request, limit);
  if (!bytes.ok) return bytes;
  try {
    return ok(new TextDecoder('utf-8', { fatal: true }).decode(bytes.value));
  } catch {
    return fail({
      status: 400,
      path: [],
      code: 'not-utf8',
      message: 'The file is damaged: it is not UTF-8 text.',
    });
  }
}
