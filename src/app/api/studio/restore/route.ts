import { environment } from '@/server/environment';
import { refusedAtDoor } from '@/server/ownPages';
import { refused } from '@/server/refused';
import { restoreStudio } from '@/server/studioFile';

/** Not by way of the proxy, which would hold the whole body: the door is kept here. */
export async function POST(request: Request): Promise<Response> {
  const atDoor = refusedAtDoor(request);
  if (atDoor) return atDoor;
  const result = await restoreStudio(request, environment.studioFileLimit);
  return result.ok ? Response.json(result.value) : refused(result.issues);
}
