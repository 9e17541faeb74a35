export const ROOM_FILE_VERSION = 7;
export const STUDIO_FILE_VERSION = 7;
