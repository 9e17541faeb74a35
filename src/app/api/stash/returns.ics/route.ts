import { attachment } from '@/server/download';
import { calendar } from '@/server/stash/calendar';
import { warnDays } from '@/server/stash/stash';

export const dynamic = 'force-dynamic';

export function GET(): Response {
  return new Response(calendar(warnDays()), {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      ...attachment('Returns and waiting times.ics'),
    },
  });
}
