export const ROOM_FILE_VERSION = 10;
export const STUDIO_FILE_VERSION = 10;
