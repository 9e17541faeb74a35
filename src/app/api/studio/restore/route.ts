import { readJson } from '@/server/body';
import { environment } from '@/server/environment';
import { restoreStudio } from '@/server/studioFile';

export async function POST(request: Request): Promise<Response> {
  const body = await readJson(request, environment.studioFileLimit);
  if (!body.ok)
    return Response.json(
      { issues: body.issues.map(({ status: _s, ...i }) => i) },
      { status: body.issues[0].status },
    );
  const result = await restoreStudio(body.value);
  return result.ok ? Response.json(result.value) : Response.json({ issues: result.issues }, { status: 422 });
}
