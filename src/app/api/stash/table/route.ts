import { attachment } from '@/server/download';
import { stashCsv } from '@/server/stash/table';

export const dynamic = 'force-dynamic';

export function GET(): Response {
  return new Response(stashCsv(), {
    headers: { 'content-type': 'text/csv; charset=utf-8', ...attachment('Stash.csv') },
  });
}
