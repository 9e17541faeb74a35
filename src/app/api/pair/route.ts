import { pair } from '@/server/pairing/pair';
import { refused } from '@/server/refused';

/** One of the two things a device may ask for before it is let in. */
export async function POST(request: Request): Promise<Response> {
  const result = await pair(request);
  return result.ok
    ? new Response(null, { status: 204, headers: { 'set-cookie': result.value } })
    : refused(result.issues);
}
