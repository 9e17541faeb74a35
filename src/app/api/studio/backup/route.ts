import { attachment } from '@/server/download';
import { backupStudio } from '@/server/studioFile';

export const dynamic = 'force-dynamic';

export function GET(request: Request): Response {
  const studio = backupStudio(new URL(request.url).searchParams.get('photos') === '1');
  return new Response(JSON.stringify(studio, null, 1), {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      ...attachment(`${studio.name}.rideau-studio.json`),
    },
  });
}
