import { attachment, notFoundResponse } from '@/server/download';
import { sheetPdf } from '@/server/sheets/pdf';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const sheet = await sheetPdf(
    (await params).id,
    query.get('look'),
    query.get('paper') === 'letter' ? 'letter' : 'a4',
  );
  return sheet
    ? new Response(Buffer.from(sheet.bytes), {
        headers: { 'content-type': 'application/pdf', ...attachment(sheet.name) },
      })
    : notFoundResponse();
}
