import { paperOf, respondRoomPrinted, type RoomParams } from '@/server/print/respond';

export const GET = (request: Request, room: RoomParams): Promise<Response> =>
  respondRoomPrinted(request, room, (query) => ({ kind: 'sheetPdf', paper: paperOf(query) }));
