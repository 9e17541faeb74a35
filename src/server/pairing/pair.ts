import 'server-only';
import { z } from 'zod';
import { fail, failWith, ok, type Result } from '../../core/base/result';
import { name } from '../../core/model/schema/parts';
import { readText, type BodyIssue } from '../body';
import { schemaIssues } from '../issues';
import { takeCode } from './code';
import { letIn } from './devices';

const BODY_LIMIT = 1024;
const asked = z.strictObject({ code: z.string().max(40), name });

const refusal = (status: number, code: string, message: string): Result<never, BodyIssue> =>
  fail({ status, path: ['code'], code, message });

/** Lets the device in that sends the code of the studio's screen; gives the header that sets its cookie. */
export async function pair(request: Request): Promise<Result<string, BodyIssue>> {
  const body = await readText(request, BODY_LIMIT);
  if (!body.ok) return body;
  let value: unknown;
  try {
    value = JSON.parse(body.value);
  } catch {
    return refusal(400, 'not-json', 'The body is not JSON.');
  }
  const read = asked.safeParse(value);
  if (!read.success) {
    return failWith(schemaIssues(read.error).map((i) => ({ ...i, status: 422 })));
  }
  const answer = takeCode(read.data.code, Date.now());
  if (answer === 'wrong') return refusal(403, 'code-wrong', 'That is not the code on the studio’s screen.');
  if (answer === 'none')
    return refusal(403, 'code-gone', 'No code is shown now: ask for a new one on the studio’s screen.');
  const cookie = letIn(read.data.name);
  return cookie === null
    ? refusal(403, 'too-many-devices', 'The list of devices is full: take one off it on the studio’s screen.')
    : ok(cookie);
}
