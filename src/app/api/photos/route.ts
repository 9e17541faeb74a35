import { readBytes } from '@/server/body';
import { environment } from '@/server/environment';
import { keepPhoto } from '@/server/photos';
import { refused } from '@/server/refused';

export async function POST(request: Request): Promise<Response> {
  const body = await readBytes(request, environment.photoLimit);
  if (!body.ok) return refused(body.issues);
  const kept = await keepPhoto(body.value);
  return kept.ok ? Response.json(kept.value, { status: 201 }) : refused(kept.issues);
}
