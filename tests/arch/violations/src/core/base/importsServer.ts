import { openRoom } from '../../server/rooms';
export const a = openRoom;
