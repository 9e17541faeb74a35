import { readBytes } from '@/server/body';
import { environment } from '@/server/environment';
import { statusOf } from '@/server/issues';
import { keepPhoto } from '@/server/photos';

export async function POST(request: Request): Promise<Response> {
  const body = await readBytes(request, environment.photoLimit);
  if (!body.ok)
    return Response.json(
      { issues: body.issues.map(({ status: _s, ...i }) => i) },
      { status: body.issues[0].status },
    );
  const kept = await keepPhoto(body.value);
  return kept.ok
    ? Response.json(kept.value, { status: 201 })
    : Response.json({ issues: kept.issues }, { status: statusOf(kept.issues[0]) });
}
