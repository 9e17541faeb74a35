import { attachment } from '@/server/download';
import { backupStudio } from '@/server/studioFile';

export const dynamic = 'force-dynamic';

export function GET(): Response {
  const studio = backupStudio();
  return new Response(JSON.stringify(studio, null, 1), { headers: { 'content-type': 'application/json; charset=utf-8', ...attachment(`${studio.name}.rideau-studio.json`) } });
}
