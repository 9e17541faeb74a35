import { respondRoomPrinted, type RoomParams } from '@/server/print/respond';

export const GET = (request: Request, room: RoomParams): Promise<Response> =>
  respondRoomPrinted(request, room, (query) => ({
    kind: 'wallSvg',
    wallId: query.get('wall') ?? '',
    scale: Number(query.get('scale') ?? 20),
  }));
