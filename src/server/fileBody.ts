import 'server-only';
import { fail, type Result } from '../core/base/result';
import { diskIssue } from './inOneGo';
import type { DoorIssue } from './issues';
import { readStudioBody } from './studioBody';
import { waitingPhotos } from './waitingPhotos';

/**
 * Takes in the file of a request's body, which is read up to a limit in bytes, its photos a few at a time. `take` gets
 * the file without its photos, and how to keep those once it has taken it.
 */
export async function takeFileBody<T>(
  request: Request,
  limit: number,
  take: (file: unknown, keepPhotos: () => void) => Promise<Result<T, DoorIssue>>,
): Promise<Result<T, DoorIssue & { status?: number }>> {
  const waiting = waitingPhotos();
  try {
    const body = await readStudioBody(request, limit, waiting.take);
    return body.ok ? await take(body.value, waiting.keep) : body;
  } catch (error) {
    const issue = diskIssue(error);
    if (!issue) throw error;
    return fail(issue);
  } finally {
    waiting.drop();
  }
}
