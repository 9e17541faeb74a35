import { attachment, notFoundResponse } from '@/server/download';
import { stripTemplatePdf } from '@/server/sheets/stripTemplate';
import { templatePdf } from '@/server/sheets/template';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const [hangingId, groupId] = [query.get('hanging'), query.get('group')];
  const subject = hangingId ? { hangingId } : { groupId: groupId ?? '' };
  const make = query.get('kind') === 'strips' ? stripTemplatePdf : templatePdf;
  const made = await make(
    (await params).id,
    query.get('look'),
    subject,
    query.get('paper') === 'letter' ? 'letter' : 'a4',
  );
  return made
    ? new Response(Buffer.from(made.bytes), {
        headers: { 'content-type': 'application/pdf', ...attachment(made.name) },
      })
    : notFoundResponse();
}
