import 'server-only';
import type { Paper } from '../../core/plan/templatePages';
import { attachment, notFoundResponse } from '../download';
import { exportRoom } from '../rooms';
import { print } from './printer';
import type { PrintJob } from './printJobs';

const STATUS: Record<string, number> = { 'not-found': 404, 'took-too-long': 503, 'given-up': 499 };

/** The answer to a request for something that is printed: a file to be saved, or why there is none. */
export async function respondPrinted(request: Request, job: PrintJob): Promise<Response> {
  const result = await print(job, request.signal);
  if (!result.ok)
    return Response.json({ issues: result.issues }, { status: STATUS[result.issues[0].code] ?? 422 });
  const { name, type, body } = result.value;
  return new Response(typeof body === 'string' ? body : Buffer.from(body), {
    headers: { 'content-type': type, ...attachment(name) },
  });
}

export type RoomParams = { params: Promise<{ id: string }> };
type Query = URLSearchParams;
/** What a room's sheets are asked for by: its look, its paper, its piece or group. */
export const paperOf = (query: Query): Paper => (query.get('paper') === 'letter' ? 'letter' : 'a4');
export function subjectOf(query: Query): { hangingId: string } | { groupId: string } {
  const hangingId = query.get('hanging');
  return hangingId ? { hangingId } : { groupId: query.get('group') ?? '' };
}

type OfRoom = Extract<PrintJob, { file: unknown }>;
type Rest<Job> = Job extends OfRoom ? Omit<Job, 'file' | 'lookId'> : never;

/** The same for a sheet of a room that the address names. */
export async function respondRoomPrinted(
  request: Request,
  { params }: RoomParams,
  jobOf: (query: Query) => Rest<OfRoom>,
): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const file = exportRoom((await params).id);
  if (!file) return notFoundResponse();
  return respondPrinted(request, { ...jobOf(query), file, lookId: query.get('look') } as PrintJob);
}
