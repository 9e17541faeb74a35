import { subjectOf, respondRoomPrinted, type RoomParams } from '@/server/print/respond';

export const GET = (request: Request, room: RoomParams): Promise<Response> =>
  respondRoomPrinted(request, room, (query) => ({ kind: 'templateSvg', subject: subjectOf(query) }));
