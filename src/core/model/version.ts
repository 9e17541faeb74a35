export const ROOM_FILE_VERSION = 6;
export const STUDIO_FILE_VERSION = 6;
