import { paperOf, respondPrinted } from '@/server/print/respond';
import { placeLabels } from '@/server/stash/places';

export function GET(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams;
  return respondPrinted(request, {
    kind: 'labelsPdf',
    labels: placeLabels(query.get('place')),
    paper: paperOf(query),
  });
}
