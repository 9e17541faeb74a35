/** The room file's schema: every noun as it is kept, a file for each part of it. */
export { ROOM_FILE_VERSION, STUDIO_FILE_VERSION } from './version';
export * from './schema/room';
export * from './schema/things';
export * from './schema/item';
export * from './schema/clear';
export * from './schema/look';
export * from './schema/file';
