export const ROOM_FILE_VERSION = 2;
export const STUDIO_FILE_VERSION = 2;
