import { environment } from '@/server/environment';
import { importRoomBody } from '@/server/importRoom';
import { refusedAtDoor } from '@/server/ownPages';
import { refused } from '@/server/refused';

/** Not by way of the proxy, which would hold the whole body: the door is kept here. */
export async function POST(request: Request): Promise<Response> {
  const atDoor = refusedAtDoor(request);
  if (atDoor) return atDoor;
  const result = await importRoomBody(request, environment.roomFileLimit);
  return result.ok
    ? Response.json(result.value, { status: 201, headers: { location: `/rooms/${result.value.id}` } })
    : refused(result.issues);
}
