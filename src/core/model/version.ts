export const ROOM_FILE_VERSION = 5;
export const STUDIO_FILE_VERSION = 5;
