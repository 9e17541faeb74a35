export const openRoom = 1;
