import { attachment } from '@/server/download';
import { notFoundResponse } from '@/server/download';
import { exportRoom } from '@/server/rooms';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const file = exportRoom((await params).id, new URL(request.url).searchParams.get('photos') === '1');
  return file
    ? new Response(JSON.stringify(file, null, 1), {
        headers: {
          'content-type': 'application/json; charset=utf-8',
          ...attachment(`${file.room.name}.rideau.json`),
        },
      })
    : notFoundResponse();
}
