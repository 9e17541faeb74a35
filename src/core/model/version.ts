export const ROOM_FILE_VERSION = 11;
export const STUDIO_FILE_VERSION = 11;
