import { notFoundResponse } from '@/server/download';
import { photoBytes } from '@/server/photos';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const bytes = photoBytes(
    (await params).id,
    new URL(request.url).searchParams.get('size') === 'small' ? 'small' : 'image',
  );
  // a photo is never changed under its name
  return bytes
    ? new Response(Buffer.from(bytes), {
        headers: { 'content-type': 'image/webp', 'cache-control': 'private, max-age=31536000, immutable' },
      })
    : notFoundResponse();
}
