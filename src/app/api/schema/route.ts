import { z } from 'zod';
import { roomFileSchema } from '@/core/model/schema';

/** JSON Schema (draft 2020-12) of the room file. */
export function GET(): Response {
  return Response.json(z.toJSONSchema(roomFileSchema), {
    headers: { 'content-type': 'application/schema+json' },
  });
}
