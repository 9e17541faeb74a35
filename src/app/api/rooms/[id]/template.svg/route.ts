import { attachment, notFoundResponse } from '@/server/download';
import { templateSvg } from '@/server/sheets/template';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const hangingId = query.get('hanging');
  const made = templateSvg(
    (await params).id,
    query.get('look'),
    hangingId ? { hangingId } : { groupId: query.get('group') ?? '' },
  );
  return made
    ? new Response(made.svg, {
        headers: { 'content-type': 'image/svg+xml; charset=utf-8', ...attachment(made.name) },
      })
    : notFoundResponse();
}
