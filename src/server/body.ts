import 'server-only';
import { fail, ok, type Result } from '../core/base/result';
import type { DoorIssue } from './issues';

/** Reads a request's JSON up to a limit in bytes; never holds more than the limit. */
export async function readJson(request: Request, limit: number): Promise<Result<unknown, DoorIssue & { status: number }>> {
  const tooLarge = () => fail({ status: 413, path: [], code: 'too-large', message: `The body is larger than ${Math.round(limit / 1024)} kB.` });
  if (Number(request.headers.get('content-length') ?? 0) > limit) return tooLarge();
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (;;) {
    const part = await reader?.read();
    if (!part || part.done) break;
    size += part.value.byteLength;
    if (size > limit) {
      await reader?.cancel();
      return tooLarge();
    }
    chunks.push(part.value);
  }
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(chunks));
  } catch {
    return fail({ status: 400, path: [], code: 'not-utf8', message: 'The file is damaged: it is not UTF-8 text.' });
  }
  try {
    return ok(JSON.parse(text) as unknown);
  } catch (error) {
    const at = /position (\d+)/.exec((error as Error).message)?.[1];
    const where = at === undefined ? '' : ` at line ${text.slice(0, Number(at)).split('\n').length}, character ${Number(at) + 1}`;
    return fail({ status: 400, path: [], code: 'not-json', message: `The file is damaged or not JSON: reading stopped${where || ' before its end'}.` });
  }
}
