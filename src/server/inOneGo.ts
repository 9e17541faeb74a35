import 'server-only';
import { fail, isNonEmpty, type Result } from '../core/base/result';
import type { DoorIssue } from './issues';
import { fullStudio } from './sound';
import { studioDatabase } from './studio';

/** Ends a transaction with what it was refused for. */
class Refused extends Error {
  constructor(readonly result: Result<never, unknown>) {
    super('refused');
  }
}

/**
 * Runs work as one transaction: all of it is written, or nothing. It is refused when its own result is, when the
 * studio would then hold more than a backup may, when a row cannot be, or when the disk is full.
 */
export function inOneGo<T, I = never>(work: () => Result<T, I>): Result<T, I | DoorIssue> {
  try {
    return studioDatabase()
      .transaction((): Result<T, I | DoorIssue> => {
        const result = work();
        if (!result.ok) throw new Refused(result);
        const issues = fullStudio();
        if (isNonEmpty(issues)) throw new Refused({ ok: false, issues });
        return result;
      })
      .immediate();
  } catch (error) {
    if (error instanceof Refused) return error.result as Result<never, I | DoorIssue>;
    const issue = databaseIssue(error);
    if (!issue) throw error;
    return fail(issue);
  }
}

const FULL: ReadonlySet<unknown> = new Set(['SQLITE_FULL', 'SQLITE_IOERR_WRITE', 'ENOSPC', 'EDQUOT']);

/** The words for a full disk; undefined for any other error. */
export const diskIssue = (error: unknown): DoorIssue | undefined =>
  FULL.has((error as { code?: unknown } | null)?.code)
    ? {
        path: [],
        code: 'disk-full',
        message: 'The disk is full, so nothing was saved. Make room on it and try again.',
      }
    : undefined;

function databaseIssue(error: unknown): DoorIssue | undefined {
  const { code, message } = error as { code?: unknown; message?: string };
  if (typeof code !== 'string' || !code.startsWith('SQLITE_CONSTRAINT')) return diskIssue(error);
  // "UNIQUE constraint failed: hanging.room_id, hanging.id"
  const place = /failed: (\w+)(?:\.(\w+))?/.exec(message ?? '');
  return {
    path: place ? place.slice(1).filter(Boolean) : [],
    code: 'cannot-be-kept',
    message: `The studio cannot keep this: ${message ?? code}.`,
  };
}
