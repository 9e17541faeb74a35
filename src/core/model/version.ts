export const ROOM_FILE_VERSION = 8;
export const STUDIO_FILE_VERSION = 8;
