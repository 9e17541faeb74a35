import { attachment, notFoundResponse } from '@/server/download';
import { wallSvg } from '@/server/sheets/wall';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const made = wallSvg(
    (await params).id,
    query.get('look'),
    query.get('wall') ?? '',
    Number(query.get('scale') ?? 20),
  );
  return made
    ? new Response(made.svg, {
        headers: { 'content-type': 'image/svg+xml; charset=utf-8', ...attachment(made.name) },
      })
    : notFoundResponse();
}
