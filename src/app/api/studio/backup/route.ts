import { attachment } from '@/server/download';
import { backupName, backupText } from '@/server/studioFile';

export const dynamic = 'force-dynamic';

export function GET(request: Request): Response {
  const parts = backupText(new URL(request.url).searchParams.get('photos') === '1');
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    pull: (controller) => {
      const part = parts.next();
      if (part.done) controller.close();
      else controller.enqueue(encoder.encode(part.value));
    },
  });
  return new Response(body, {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      ...attachment(`${backupName()}.rideau-studio.json`),
    },
  });
}
