import { notFoundResponse } from '@/server/download';
import { paperOf, respondPrinted } from '@/server/print/respond';
import { clothToCut } from '@/server/stash/clothToCut';

/** The cutting plan of a cloth of the stash, by its id. */
export function GET(request: Request): Promise<Response> | Response {
  const query = new URL(request.url).searchParams;
  const ask = clothToCut(query.get('item') ?? '', query.get('unit') === 'cm' ? 'cm' : 'in');
  return ask
    ? respondPrinted(request, { kind: 'clothPdf', ...ask, paper: paperOf(query) })
    : notFoundResponse();
}
