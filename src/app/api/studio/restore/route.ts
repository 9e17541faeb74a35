import { environment } from '@/server/environment';
import { statusOf } from '@/server/issues';
import { refusalOf } from '@/server/ownPages';
import { restoreStudio } from '@/server/studioFile';

/** Not by way of the proxy, which would hold the whole body: the door is kept here. */
export async function POST(request: Request): Promise<Response> {
  const refusal = refusalOf(request);
  if (refusal) return Response.json({ issues: [refusal] }, { status: 403 });
  const result = await restoreStudio(request, environment.studioFileLimit);
  if (result.ok) return Response.json(result.value);
  const [{ status = statusOf(result.issues[0]) }] = result.issues;
  return Response.json({ issues: result.issues.map(({ status: _s, ...issue }) => issue) }, { status });
}
