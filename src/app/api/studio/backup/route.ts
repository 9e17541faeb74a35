import { attachment } from '@/server/download';
import { backupName, backupText } from '@/server/studioFile';
import { textStream } from '@/server/textStream';

export const dynamic = 'force-dynamic';

export function GET(request: Request): Response {
  const parts = backupText(new URL(request.url).searchParams.get('photos') === '1');
  return new Response(textStream(parts), {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      ...attachment(`${backupName()}.rideau-studio.json`),
    },
  });
}
