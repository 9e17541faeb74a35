import { notFoundResponse } from '@/server/download';
import { print } from '@/server/print/printer';
import type { RoomParams } from '@/server/print/respond';
import { exportRoom } from '@/server/rooms';

export async function GET(request: Request, { params }: RoomParams): Promise<Response> {
  const lookId = new URL(request.url).searchParams.get('look');
  const file = exportRoom((await params).id);
  if (!file) return notFoundResponse();
  if (lookId !== null && !file.looks.some((look) => look.id === lookId)) return noSuchLook(file.looks);
  const plan = await print({ kind: 'plan', file, lookId }, request.signal);
  return plan.ok
    ? new Response(plan.value.body as string, {
        headers: { 'content-type': plan.value.type, 'cache-control': 'no-store' },
      })
    : Response.json({ issues: plan.issues }, { status: 503 });
}

const noSuchLook = (looks: readonly { id: string }[]): Response =>
  Response.json(
    {
      issues: [
        {
          path: ['look'],
          code: 'no-such-look',
          message: `This room has the looks ${looks.map((look) => look.id).join(', ')}.`,
        },
      ],
    },
    { status: 404 },
  );
