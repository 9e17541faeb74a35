export const ROOM_FILE_VERSION = 3;
export const STUDIO_FILE_VERSION = 3;
