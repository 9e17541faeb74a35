import { environment } from '@/server/environment';
import { importRoomBody } from '@/server/importRoom';
import { statusOf } from '@/server/issues';
import { refusalOf } from '@/server/ownPages';

/** Not by way of the proxy, which would hold the whole body: the door is kept here. */
export async function POST(request: Request): Promise<Response> {
  const refusal = refusalOf(request);
  if (refusal) return Response.json({ issues: [refusal] }, { status: 403 });
  const result = await importRoomBody(request, environment.roomFileLimit);
  if (result.ok)
    return Response.json(result.value, {
      status: 201,
      headers: { location: `/rooms/${result.value.id}` },
    });
  const [{ status = statusOf(result.issues[0]) }] = result.issues;
  return Response.json({ issues: result.issues.map(({ status: _s, ...issue }) => issue) }, { status });
}
