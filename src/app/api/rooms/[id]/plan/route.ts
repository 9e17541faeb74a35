import { notFoundResponse } from '@/server/download';
import { planRoom } from '@/server/rooms';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const look = new URL(request.url).searchParams.get('look');
  const plan = planRoom((await params).id, look);
  if (plan.ok) return Response.json(plan.value, { headers: { 'cache-control': 'no-store' } });
  const issue = plan.issues[0];
  return issue.code === 'not-found'
    ? notFoundResponse()
    : Response.json(
        {
          issues: [
            {
              path: ['look'],
              code: issue.code,
              message: `This room has the looks ${issue.looks.join(', ')}.`,
            },
          ],
        },
        { status: 404 },
      );
}
