import { paperOf, respondRoomPrinted, type RoomParams } from '@/server/print/respond';

export const GET = (request: Request, room: RoomParams): Promise<Response> =>
  respondRoomPrinted(request, room, (query) => ({
    kind: 'pullsPdf',
    workId: query.get('work') ?? '',
    paper: paperOf(query),
  }));
