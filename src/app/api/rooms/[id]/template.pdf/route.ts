import { paperOf, subjectOf, respondRoomPrinted, type RoomParams } from '@/server/print/respond';

export const GET = (request: Request, room: RoomParams): Promise<Response> =>
  respondRoomPrinted(request, room, (query) => ({
    kind: query.get('kind') === 'strips' ? 'stripsPdf' : 'templatePdf',
    subject: subjectOf(query),
    paper: paperOf(query),
  }));
