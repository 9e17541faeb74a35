import { readJson } from '@/server/body';
import { environment } from '@/server/environment';
import { importRoom } from '@/server/importRoom';

export async function POST(request: Request): Promise<Response> {
  const body = await readJson(request, environment.roomFileLimit);
  if (!body.ok)
    return Response.json(
      { issues: body.issues.map(({ status: _s, ...i }) => i) },
      { status: body.issues[0].status },
    );
  const result = await importRoom(body.value);
  return result.ok
    ? Response.json(result.value, { status: 201, headers: { location: `/rooms/${result.value.id}` } })
    : Response.json({ issues: result.issues }, { status: 422 });
}
