import { gunzipSync } from 'node:zlib';
import { stashIndex } from '@/server/stash/stash';

export const dynamic = 'force-dynamic';

export function GET(request: Request): Response {
  const packed = stashIndex();
  const takesPacked = /\bgzip\b/.test(request.headers.get('accept-encoding') ?? '');
  const headers = { 'content-type': 'application/json; charset=utf-8', 'cache-control': 'no-store', vary: 'accept-encoding' };
  return new Response(new Uint8Array(takesPacked ? packed : gunzipSync(packed)), { headers: takesPacked ? { ...headers, 'content-encoding': 'gzip' } : headers });
}
