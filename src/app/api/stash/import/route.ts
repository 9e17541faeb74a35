import { readText } from '@/server/body';
import { environment } from '@/server/environment';
import { refused } from '@/server/refused';
import { importTable } from '@/server/stash/table';

/** Answers line by line, so that whoever sends thousands of rows sees how far it is. */
export async function POST(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const body = await readText(request, environment.tableLimit);
  if (!body.ok) return refused(body.issues);
  const unit = query.get('unit') === 'cm' ? 'cm' : 'in';
  const steps = importTable(body.value, unit, query.get('write') === '1');
  const encoder = new TextEncoder();
  const stream = new ReadableStream<Uint8Array>({
    async pull(controller) {
      const next = await steps.next();
      if (next.done) controller.close();
      else controller.enqueue(encoder.encode(`${JSON.stringify(next.value)}\n`));
    },
  });
  return new Response(stream, {
    headers: { 'content-type': 'application/x-ndjson; charset=utf-8', 'cache-control': 'no-store' },
  });
}
