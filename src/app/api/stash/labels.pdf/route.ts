import { attachment } from '@/server/download';
import { labelsPdf } from '@/server/stash/labels';

export async function GET(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const bytes = await labelsPdf(query.get('paper') === 'letter' ? 'letter' : 'a4', query.get('place'));
  return new Response(Buffer.from(bytes), {
    headers: { 'content-type': 'application/pdf', ...attachment('Labels.pdf') },
  });
}
