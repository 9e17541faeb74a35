import { stashIndex } from '@/server/stash/stash';

export const dynamic = 'force-dynamic';

export function GET(): Response {
  return new Response(stashIndex(), {
    headers: { 'content-type': 'application/json; charset=utf-8', 'cache-control': 'no-store' },
  });
}
