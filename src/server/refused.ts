import type { NonEmpty } from '../core/base/result';
import { statusOf, type DoorIssue } from './issues';

/** The answer to what is not taken: every issue, and the status of the first. */
export function refused(issues: NonEmpty<DoorIssue & { status?: number }>): Response {
  const [first] = issues;
  return Response.json(
    { issues: issues.map(({ status: _status, ...issue }) => issue) },
    { status: first.status ?? statusOf(first) },
  );
}
