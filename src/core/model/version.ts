export const ROOM_FILE_VERSION = 4;
export const STUDIO_FILE_VERSION = 4;
