import { attachment, notFoundResponse } from '@/server/download';
import { sheetCsv } from '@/server/sheets/csv';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const sheet = await sheetCsv((await params).id, new URL(request.url).searchParams.get('look'));
  return sheet
    ? new Response(sheet.text, {
        headers: { 'content-type': 'text/csv; charset=utf-8', ...attachment(sheet.name) },
      })
    : notFoundResponse();
}
