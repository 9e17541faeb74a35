export const ROOM_FILE_VERSION = 9;
export const STUDIO_FILE_VERSION = 9;
